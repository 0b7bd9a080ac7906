import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { FromFrame, ToFrame } from '@tin-porch/surface';
import { Drafts } from '../drafts';
import { Session } from '../here';
import type { DeskPage } from '../model';
import { atTheDesk, button, HERE, shown, textOf } from '../testing/at-the-desk';
import { en } from '../words/en';
import { TouchPlace } from './touch';

const text = (path: string, value: string, more = {}) => ({
  ...{ at: { section: 's1', path }, label: path, value, form: 'words' as const, long: false, most: 300 },
  ...more,
});
const HOME: DeskPage = {
  id: 'home',
  label: 'Home',
  hold: false,
  path: '/',
  lists: [{ section: 's3', list: 'news' }],
  order: ['s1', 's2', 's3'].map((id) => ({ id, name: id })),
  frames: ['head', 'foot'],
  sections: [
    {
      id: 's1',
      title: 'Opening',
      locked: false,
      texts: [
        text('heading', 'Wooden boats'),
        text('lead', 'Since 1911', { form: 'line', marks: [{ kind: 'strong', from: 6, to: 10 }] }),
      ],
      pictures: [{ at: { section: 's1', path: 'picture' }, of: '', shown: { media: 'boat', alt: '' } }],
    },
    { id: 's2', title: 'Prices', locked: true, texts: [], pictures: [] },
  ],
};
const CHOSEN = { kind: 'chosen' as const, part: null, picture: null, section: null, link: null };

describe('a page that is touched', () => {
  let http: HttpTestingController;
  let place: ComponentFixture<TouchPlace>;
  let told: ToFrame[];
  const frame = () => (place.nativeElement as HTMLElement).querySelector('iframe')!;
  const say = async (message: FromFrame) => {
    window.dispatchEvent(new MessageEvent('message', { source: frame().contentWindow, data: message }));
    await place.whenStable();
  };
  const drawing = async () => {
    await new Promise((r) => setTimeout(r, 160));
    return http.expectOne('api/preview');
  };

  beforeEach(async () => {
    http = atTheDesk();
    const lists = [{ id: 'news', kind: 'news', name: 'News', locked: false }];
    TestBed.inject(Session).here.set({ ...HERE, lists });
    place = await shown(TouchPlace, { page: 'home' });
    told = [];
    spyOn(frame().contentWindow!, 'postMessage').and.callFake(((m: ToFrame) => told.push(m)) as never);
    http
      .expectOne('api/pages')
      .flush({ pages: [HOME, { ...HOME, id: 'contact', label: 'Contact', path: '/contact/' }] });
    await say({ kind: 'ready' });
    (await drawing()).flush({ html: '<body><h1>Wooden boats</h1></body>', page: 'home', stylesheet: '/site-1.css' });
    await place.whenStable();
    http.expectOne('/site-1.css').flush('@font-face{font-display: optional}');
    await place.whenStable();
  });
  afterEach(() => http.verify());

  it('is drawn with its own style, and a line around what can be touched and nothing else', () => {
    const put = told.find((m) => m.kind === 'put');
    if (put?.kind !== 'put') throw new Error('Nothing was drawn.');
    expect(put.css).toContain('font-display:swap');
    expect(put.css).toContain('[data-part="s1\\/heading"],[data-part="s1\\/lead"]{outline:1px dashed');
    expect(put.css).toContain('[data-picture="s1\\/picture"]{outline:1px dashed');
    expect(put.css).not.toContain('s2');
  });

  it('is written in where it was pressed, goes on to the next by key, and keeps what stands out', async () => {
    await say({ ...CHOSEN, part: 's1/heading', section: 's1' });
    expect(told.filter((m) => m.kind === 'write')).toEqual([
      jasmine.objectContaining({ part: 's1/heading', caret: 'pressed' }),
    ]);
    await say({ kind: 'written', part: 's1/heading', text: { value: 'Boats of oak' } });
    expect(TestBed.inject(Drafts).all()).toEqual([
      { kind: 'text', at: { section: 's1', path: 'heading' }, was: 'Wooden boats', value: 'Boats of oak' },
    ]);
    const { changes, touch } = (await drawing()).request.body as { changes: unknown[]; touch: boolean };
    expect([changes.length, touch]).toEqual([1, true]);
    await say({ kind: 'left', part: 's1/heading', how: 'next' });
    const write = told.filter((m) => m.kind === 'write').at(-1);
    expect(write).toEqual(
      jasmine.objectContaining({
        part: 's1/lead',
        noLinks: true,
        text: { value: 'Since 1911', marks: [{ kind: 'strong', from: 6, to: 10 }] },
      }),
    );
    await say({ kind: 'left', part: 's1/lead', how: 'next' });
    expect(told.filter((m) => m.kind === 'write').length).toBe(2);
    // What is taken up again is what was left.
    await say({ ...CHOSEN, part: 's1/heading', section: 's1' });
    const again = told.filter((m) => m.kind === 'write').at(-1);
    expect(again?.kind === 'write' && again.text.value).toBe('Boats of oak');
    // Nobody but the frame says anything here, and no part of it that is not open.
    window.dispatchEvent(
      new MessageEvent('message', { source: window, data: { kind: 'written', part: 's1/lead', text: { value: 'x' } } }),
    );
    await say({ kind: 'written', part: 's2/heading', text: { value: 'x' } });
    expect(TestBed.inject(Drafts).count()).toBe(1);
  });

  it('sets words off without taking them out of hand, where they take that, and a change of nothing else is one', async () => {
    await say({ ...CHOSEN, part: 's1/heading', section: 's1' });
    expect(textOf(place)).not.toContain(en.strong);
    await say({ ...CHOSEN, part: 's1/lead', section: 's1' });
    const strong = button(place, en.strong);
    const pressed = new PointerEvent('pointerdown', { cancelable: true, bubbles: true });
    strong.dispatchEvent(pressed);
    expect(pressed.defaultPrevented).toBeTrue();
    strong.click();
    expect(told.at(-1)).toEqual({ kind: 'do', command: { name: 'strong' } });
    const state = { part: 's1/lead', strong: true, stress: false, link: null, some: true };
    await say({ kind: 'words', state });
    expect(button(place, en.strong).getAttribute('aria-pressed')).toBe('true');
    const was = [{ kind: 'strong' as const, from: 6, to: 10 }];
    const marks = [{ kind: 'stress' as const, from: 0, to: 5 }];
    await say({ kind: 'written', part: 's1/lead', text: { value: 'Since 1911', marks } });
    const drafts = TestBed.inject(Drafts);
    const at = { section: 's1', path: 'lead' };
    expect(drafts.all()).toEqual([{ kind: 'text', at, was: 'Since 1911', value: 'Since 1911', wasMarks: was, marks }]);
    (await drawing()).flush({ html: '<body></body>', page: 'home', stylesheet: '/site-1.css' });
    await say({ kind: 'written', part: 's1/lead', text: { value: 'Since 1911', marks: was } });
    expect(drafts.all()).toEqual([]);
    await drawing();
  });

  it('is put in another order by what was touched, as far as it goes', async () => {
    await say({ ...CHOSEN, section: 'foot' });
    expect(() => button(place, en.order.down)).toThrowError();
    await say({ ...CHOSEN, section: 's1' });
    button(place, en.order.up).click();
    await place.whenStable();
    expect(TestBed.inject(Drafts).count()).toBe(0);
    button(place, en.order.down).click();
    await place.whenStable();
    expect(TestBed.inject(Drafts).all()).toEqual([
      { kind: 'order', of: 'page/home', was: ['s1', 's2', 's3'], value: ['s2', 's1', 's3'] },
    ]);
    const { changes } = (await drawing()).request.body as { changes: unknown[] };
    expect(changes.length).toBe(1);
    button(place, en.order.down).click();
    button(place, en.order.up).click();
    button(place, en.order.up).click();
    await place.whenStable();
    expect(TestBed.inject(Drafts).count()).toBe(0);
    await drawing();
  });

  it('says of what is not changed there where it is', async () => {
    for (const [section, part, said] of [
      ['s2', null, en.locked],
      ['foot', null, en.locked],
      ['s3', null, `${en.standsIn} News`],
      ['s1', 's1/phone', `${en.saysUs} ${en.places.us}`],
    ] as const) {
      await say({ ...CHOSEN, section, part });
      expect(textOf(place)).toContain(said);
    }
    await say({ ...CHOSEN, section: 's1' });
    expect(textOf(place)).not.toContain(en.saysUs);
    await say({ ...CHOSEN, section: 's1', picture: 's1/picture' });
    expect(textOf(place)).toContain(en.otherPicture);
  });

  it('is drawn as it is where what was changed does not fit it any more, and says so', async () => {
    TestBed.inject(Drafts).put({ kind: 'fact', field: 'phone', was: '1', value: '2' });
    await place.whenStable();
    (await drawing()).flush(
      { title: 'It says something else by now', detail: 'It now says “3”.' },
      { status: 409, statusText: '-' },
    );
    const plain = http.expectOne('api/preview');
    expect((plain.request.body as { changes: unknown[] }).changes).toEqual([]);
    plain.flush({ html: '<body><h1>As it is</h1></body>', page: 'home', stylesheet: '/site-1.css' });
    await place.whenStable();
    expect(textOf(place)).toContain('It now says “3”.');
    const put = told.filter((m) => m.kind === 'put').at(-1);
    expect(put?.kind === 'put' && put.html).toContain('As it is');
    TestBed.inject(Drafts).clear();
    await place.whenStable();
    (await drawing()).error(new ProgressEvent('error'));
    await place.whenStable();
    expect(textOf(place)).toContain(en.away);
  });
});
