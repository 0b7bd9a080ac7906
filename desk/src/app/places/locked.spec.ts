import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Session } from '../here';
import type { DeskPage, Facts, ItemsOf } from '../model';
import { AROUND, atTheDesk, button, HERE, shown, textOf } from '../testing/at-the-desk';
import { en } from '../words/en';
import { HoursPlace } from './hours';
import { ItemPlace } from './item';
import { ListPlace } from './list';
import { MePlace } from './me';
import { PagePlace } from './page';
import { EntriesPlace } from './entries';
import { TodayPlace } from './today';
import { UsPlace } from './us';

const FACTS: Facts = {
  locked: { contact: true, hours: true, prices: true, people: true },
  facts: [{ field: 'phone', value: '01632 960 114', pages: ['Home'] }],
  hours: { text: 'Monday 8.00–17.00', week: { days: Array(7).fill(null) as null[], others: [] }, pages: ['Home'] },
  services: [{ id: 'v1', name: 'Rope', detail: '', price: '£4' }],
  people: [{ id: 'p1', name: 'Ada', role: 'Ropemaker', about: '' }],
};
const ITEMS: ItemsOf = {
  list: { id: 'l1', kind: 'news', name: 'News', locked: true, ordered: false, count: 1, fields: [] },
  zone: 'Europe/London',
  items: [
    {
      id: 'a',
      title: 'The slip is clear',
      state: 'up',
      when: '1 June',
      said: { title: 'The slip is clear', up: true, from: '', until: '', values: {} },
    },
  ],
  found: 1,
};
const within = (place: ComponentFixture<unknown>, what: string) => [
  ...(place.nativeElement as HTMLElement).querySelectorAll<HTMLInputElement>(what),
];

describe('what the designer keeps', () => {
  let http: HttpTestingController;
  beforeEach(() => (http = atTheDesk()));

  it('is read and not written, among what is said of the business', async () => {
    const us = await shown(UsPlace);
    http.expectOne('api/facts').flush(FACTS);
    await us.whenStable();
    expect(textOf(us)).toContain(en.locked);
    expect(within(us, 'textarea').map((t) => [t.value, t.readOnly])).toEqual([['01632 960 114', true]]);

    const hours = await shown(HoursPlace);
    http.expectOne('api/facts').flush(FACTS);
    await hours.whenStable();
    expect(textOf(hours)).toContain('Monday 8.00–17.00');
    expect(textOf(hours)).toContain(en.locked);
    expect(within(hours, 'input, button').length).toBe(0);

    const prices = await shown(EntriesPlace);
    http.expectOne('api/facts').flush(FACTS);
    await prices.whenStable();
    expect(within(prices, 'textarea').every((t) => t.readOnly)).toBeTrue();
    expect(within(prices, 'textarea')[0]!.value).toBe('Rope');
    expect(within(prices, 'button').length).toBe(0);
  });

  it('is named on its page, and the rest of the page stays theirs', async () => {
    const text = { label: 'Heading', value: 'Ours', form: 'words' as const, long: false, most: 300 };
    const pages: DeskPage[] = [
      {
        id: 'home',
        label: 'Home',
        hold: false,
        ...AROUND,
        sections: [
          { id: 's1', title: 'Top', locked: true, texts: [], pictures: [] },
          {
            id: 's2',
            title: 'Words',
            locked: false,
            texts: [{ at: { section: 's2', path: 'heading' }, ...text }],
            pictures: [],
          },
        ],
      },
    ];
    const place = await shown(PagePlace, { page: 'home' });
    http.expectOne('api/pages').flush({ pages });
    await place.whenStable();
    expect(textOf(place)).toContain(`Top${en.locked}`);
    expect(within(place, 'textarea').map((t) => t.value)).toEqual(['Ours']);
  });

  it('is all of a page where neither words nor pictures are theirs, and nothing where they come from elsewhere', async () => {
    for (const [locked, said] of [
      [['words', 'pictures'], en.locked],
      [['words'], en.noWords],
    ] as const) {
      TestBed.inject(Session).here.set({ ...HERE, locked: [...locked] });
      const place = await shown(PagePlace, { page: 'home' });
      http
        .expectOne('api/pages')
        .flush({ pages: [{ id: 'home', label: 'Home', hold: false, ...AROUND, sections: [] }] });
      await place.whenStable();
      expect(textOf(place)).toContain(said);
      place.destroy();
    }
  });

  it('is a list that is looked at, without a way to something new or into an item', async () => {
    const list = await shown(ListPlace, { list: 'l1' });
    await new Promise((done) => setTimeout(done, 200));
    http.expectOne((r) => r.url.startsWith('api/lists/l1')).flush(ITEMS);
    await list.whenStable();
    expect(textOf(list)).toContain(en.locked);
    expect(textOf(list)).toContain('The slip is clear');
    expect(within(list, 'main a, li a').length).toBe(0);
    expect(textOf(list)).not.toContain(en.newOf(en.kinds['news']!));

    // By its address, as from a bookmark.
    const item = await shown(ItemPlace, { list: 'l1', item: 'a' });
    http.expectOne((r) => r.url.startsWith('api/lists/l1')).flush(ITEMS);
    await item.whenStable();
    expect(textOf(item)).toContain(en.locked);
    expect(within(item, 'textarea, input').length).toBe(0);
  });

  it('is not offered on the first page', async () => {
    const today = { messages: [], lines: [], proposals: [], planned: [], visits: null, pressing: 0 };
    const lists = ['news', 'events'].map((kind) => ({ id: kind, kind, name: kind, locked: kind === 'news' }));
    TestBed.inject(Session).here.set({ ...HERE, lists, locked: ['hours'] });
    const place = await shown(TodayPlace);
    http.expectOne('api/today').flush(today);
    await place.whenStable();
    expect(within(place, '.acts a').map((a) => a.textContent!.trim())).toEqual([
      en.newOf(en.kinds['events']!),
      en.changeWords,
    ]);
  });

  it('is seen by a designer as somebody else sees it, and said', async () => {
    TestBed.inject(Session).here.set({ ...HERE, me: { ...HERE.me, role: 'write', designer: true } });
    const place = await shown(MePlace);
    http.expectOne('api/sessions').flush({ sessions: [] });
    await place.whenStable();
    expect(textOf(place)).toContain(`${en.role.write} ${en.asClient}`);
    // A designer comes by a link: there is no password to set.
    expect(within(place, '[type=password]').length).toBe(0);
  });
});

describe('signing out', () => {
  it('says so where it did not work, and asks to sign in once it did', async () => {
    const http = atTheDesk();
    const place = await shown(MePlace);
    http.expectOne('api/sessions').flush({
      sessions: [
        {
          name: 's1',
          agent: 'Thing (Phone; A)',
          madeAt: '2026-11-01T08:00:00Z',
          seenAt: '2026-11-01T08:00:00Z',
          here: true,
        },
        {
          name: 's2',
          agent: 'Thing (Desk; B)',
          madeAt: '2026-11-01T08:00:00Z',
          seenAt: '2026-11-01T08:00:00Z',
          here: false,
        },
      ],
    });
    await place.whenStable();
    button(place, en.end).click();
    http.expectOne('api/sessions/s2').error(new ProgressEvent('error'));
    await place.whenStable();
    http.expectOne('api/sessions').flush({ sessions: [] });
    await place.whenStable();
    expect(within(place, '[role=alert]').length).toBe(1);

    button(place, en.signOut).click();
    http.expectOne('api/sign-out').error(new ProgressEvent('error'));
    await place.whenStable();
    expect(textOf(place)).toContain(en.away);
    expect(TestBed.inject(Session).here()).not.toBeNull();

    button(place, en.signOut).click();
    http.expectOne('api/sign-out').flush(null, { status: 204, statusText: 'done' });
    await place.whenStable();
    expect(TestBed.inject(Session).here()).toBeNull();
  });
});
