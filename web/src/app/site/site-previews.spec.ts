import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { SitePreviews } from './site-previews';
import { SiteStore } from './site-store';

type Found = Answered<'GET /sites/:id/previews'>;
const NOW = Date.parse('2026-11-28T09:00:00.000Z');
const preview = (id: string, more: Partial<Found['previews'][0]> = {}): Found['previews'][0] => ({
  ...{ id, name: `Name of ${id}`, url: `http://gant.quay.localhost/?preview=${id}`, until: '2026-12-12T12:00:00.000Z' },
  ...{ over: false, locked: false, madeAt: '2026-11-27T09:00:00.000Z', by: 'Ines' },
  looked: { lookers: 0, pages: 0, first: '', last: '' },
  ...more,
});

describe('who may look at a site before it opens', () => {
  let store: SiteStore;
  let http: HttpTestingController;
  let fixture: ComponentFixture<SitePreviews>;
  let events: ReturnType<typeof toldByHand>;
  let sure = true;
  const element = () => fixture.nativeElement as HTMLElement;
  const words = (e: Element | null | undefined) => e?.textContent?.replace(/\s+/g, ' ').trim();
  const button = (name: string) =>
    [...element().querySelectorAll('button')].find((b) => (b.getAttribute('aria-label') ?? words(b))!.includes(name))!;
  const fill = async (id: string, value: string) => {
    const field = element().querySelector<HTMLInputElement>(`#${id}`)!;
    field.value = value;
    field.dispatchEvent(new Event('input'));
    await settle();
  };
  const press = async (name: string) => {
    button(name).click();
    await settle();
  };
  const settle = async () => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  /** Answers a call, and what is asked for because of it. */
  const answer = async (method: string, path: string, body: object | null) => {
    const call = http.expectOne((r) => r.method === method && r.url === `/api/sites/gant${path}`);
    call.flush(body);
    await settle();
    for (const r of http.match((q) => /^\/api\/sites\/gant(\?|$)/.test(q.urlWithParams))) r.flush(store.detail()!);
    await settle();
    return call.request.body as unknown;
  };
  async function shown(found: Partial<Found> = {}): Promise<void> {
    fixture = TestBed.createComponent(SitePreviews);
    await settle();
    http.expectOne('/api/sites/gant/previews').flush({
      ...{ previews: [], counted: true, before: 'http://gant.quay.localhost/-/holding' },
      holding: { opens: null, words: '' },
      ...found,
    });
    await settle();
  }

  beforeEach(() => {
    events = toldByHand();
    sure = true;
    TestBed.configureTestingModule({
      providers: [
        ...[provideZonelessChangeDetection(), provideHttpClient(), provideHttpClientTesting(), events.provider],
        SiteStore,
        { provide: Dialogs, useValue: { confirm: () => Promise.resolve(sure) } },
      ],
    });
    http = TestBed.inject(HttpTestingController);
    spyOn(TestBed.inject(PorchApi), 'may').and.returnValue(true);
    spyOn(navigator.clipboard, 'writeText').and.resolveTo();
    store = TestBed.inject(SiteStore);
    store.id.set('gant');
    store.detail.set(aSite({ liveRelease: 'r-1', open: false }));
    store.now.set(NOW);
  });

  it('is told by what was counted, and nothing where nobody counted', async () => {
    await shown({
      previews: [
        preview('a', { looked: { lookers: 2, pages: 9, first: '', last: '2026-11-28T08:00:00.000Z' } }),
        preview('b', { locked: true }),
        preview('c', { over: true, looked: { lookers: 0, pages: 0, first: '', last: '' } }),
        preview('d', { looked: null }),
      ],
      counted: false,
    });
    expect([...element().querySelectorAll('.looked')].map(words)).toEqual([
      'Looked at in 2 browsers, 9 pages in all, last 1 hour ago.',
      'Nobody has looked so far.',
      'Nobody looked.',
      'Who looked is not known at the moment.',
    ]);
    expect([...element().querySelectorAll('.line')].map((l) => [...l.children].map(words).join(' '))).toEqual([
      'Name of a until 12 Dec 2026',
      'Name of b until 12 Dec 2026, with a password',
      'Name of c over since 12 Dec 2026',
      'Name of d until 12 Dec 2026',
    ]);
    expect(words(element().querySelector('.note.lamp'))).toContain('does not say at the moment who looked');
    // What is over is copied for nobody.
    expect(button('Copy the link for Name of c')).toBeUndefined();
  });

  it('gives a link with a name, a last day and a password, after it has said what is missing', async () => {
    await shown();
    await press('Give somebody a link');
    await press('Make the link');
    expect(words(element().querySelector('.fault'))).toContain('Say whom it is for');
    await fill('preview-new-name', ' Anna ');
    for (const [day, said] of [
      ['2026-11-27', 'not past'],
      ['2028-11-27', 'more than a year'],
      ['', 'not past'],
    ] as const) {
      await fill('preview-new-until', day);
      await press('Make the link');
      expect(words(element().querySelector('.fault')))
        .withContext(day)
        .toContain(said);
    }
    await fill('preview-new-until', '2026-11-28');
    await fill('preview-new-password', 'short');
    await press('Make the link');
    expect(words(element().querySelector('.fault'))).toContain('6 characters');
    await fill('preview-new-password', 'ropewalk');
    await press('Make the link');
    const sent = await answer('POST', '/previews', preview('n', { name: 'Anna', locked: true }));
    expect(sent).toEqual({
      name: 'Anna',
      until: new Date('2026-11-28T23:59:59.000').toISOString(),
      password: 'ropewalk',
    });
    expect(element().querySelector('#preview-new-name')).toBeNull();
    expect(store.said()!.words).toBe(
      'Copied. Whoever has this link and the password sees the site until 12 Dec 2026: http://gant.quay.localhost/?preview=n',
    );
  });

  it('changes a link, keeps a password that is not spoken of, and takes it away where that is wished', async () => {
    await shown({ previews: [preview('a', { locked: true })] });
    await press('Change it: the link');
    expect(element().querySelector<HTMLInputElement>('#preview-a-until')!.value).toBe('2026-12-12');
    await fill('preview-a-name', 'Peter');
    await press('Keep it so');
    expect(Object.keys((await answer('PUT', '/previews/a', null)) as object)).toEqual(['name', 'until']);
    await press('Change it: the link');
    element().querySelector<HTMLInputElement>('.check input')!.click();
    await settle();
    expect(element().querySelector<HTMLInputElement>('#preview-a-password')!.disabled).toBeTrue();
    await press('Keep it so');
    expect(await answer('PUT', '/previews/a', null)).toEqual(jasmine.objectContaining({ password: null }));
  });

  it('ends a link, or all of them, only where that was confirmed; one that is over without a question', async () => {
    await shown({ previews: [preview('a'), preview('b', { over: true })] });
    sure = false;
    await press('End it: the link for Name of a');
    await press('End every link');
    http.expectNone((r) => r.method === 'DELETE');
    await press('Take it away: the link for Name of b');
    await answer('DELETE', '/previews/b', null);
    sure = true;
    await press('End it: the link for Name of a');
    await answer('DELETE', '/previews/a', null);
    expect(store.said()!.words).toBe('The link for Name of a has ended.');
    await press('End every link');
    await answer('DELETE', '/previews', null);
  });

  it('puts up what everybody else reads, and keeps what is being typed while others change links', async () => {
    await shown();
    expect(button('Put it up').getAttribute('aria-disabled')).toBe('true');
    await fill('holding-opens', '2026-11-01');
    await press('Put it up');
    expect(words(element().querySelector('.fault'))).toContain('That day is past');
    await fill('holding-opens', '2027-03-01');
    await fill('holding-words', 'The slip is being dug. ');
    events.all.next({ kind: 'care', site: 'gant' } as never);
    await new Promise((done) => setTimeout(done, 80));
    http.expectOne('/api/sites/gant/previews').flush({
      ...{ previews: [preview('z')], counted: true, before: null, holding: { opens: null, words: '' } },
    });
    await settle();
    expect(element().querySelector<HTMLTextAreaElement>('#holding-words')!.value).toBe('The slip is being dug. ');
    await press('Put it up');
    const wanted = { opens: '2027-03-01', words: 'The slip is being dug.' };
    expect(await answer('PUT', '/holding', wanted)).toEqual(wanted);
    expect(store.said()!.words).toContain('says that now');
  });

  it('offers the day the site is published by itself', async () => {
    store.detail.set(aSite({ liveRelease: 'r-1', planned: { at: '2027-02-03T12:00:00.000Z', by: 'Ines' } }));
    await shown();
    await press('3 Feb 2027, when it is published by itself');
    expect(element().querySelector<HTMLInputElement>('#holding-opens')!.value).toBe('2027-02-03');
  });
});
