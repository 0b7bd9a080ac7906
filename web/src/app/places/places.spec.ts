import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Dialogs } from '../parts/dialogs';
import { PorchApi } from '../api/porch-api';
import { aFinding, aFleet } from '../testing/a-finding';
import { aServer, MEASURED } from '../testing/a-server';
import { toldByHand } from '../testing/no-events';
import { DomainsPlace } from './domains';
import { InboxPlace } from './inbox';
import { NewBrief } from './new-brief';
import { RoundsPlace } from './rounds';
import { ServersPlace } from './servers';
import { SitesPlace } from './sites';

describe('the places beside a site', () => {
  let http: HttpTestingController;
  let told: ReturnType<typeof toldByHand>;
  let sure: boolean;
  const settle = async (fixture: ComponentFixture<unknown>, ms = 0) => {
    await new Promise((done) => setTimeout(done, ms));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  async function shown<C>(component: Type<C>, ms = 0) {
    const fixture = TestBed.createComponent(component);
    await settle(fixture, ms);
    return { fixture, element: fixture.nativeElement as HTMLElement };
  }
  const words = (element: HTMLElement) => element.textContent.replace(/\s+/g, ' ');
  const button = (element: HTMLElement, label: string) =>
    [...element.querySelectorAll('button')].find((b) =>
      `${b.getAttribute('aria-label') ?? ''} ${b.textContent}`.includes(label),
    )!;
  const broken = { status: 500, statusText: 'Server error' };
  const alertOf = (element: HTMLElement) => element.querySelector('[role=alert]')?.textContent.trim() ?? '';

  beforeEach(() => {
    sure = true;
    told = toldByHand();
    sessionStorage.removeItem('new-brief');
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        told.provider,
        { provide: Dialogs, useValue: { confirm: () => Promise.resolve(sure) } },
      ],
    });
    http = TestBed.inject(HttpTestingController);
  });

  it('Domains says that there is none only once it knows', async () => {
    const { fixture, element } = await shown(DomainsPlace);
    expect(words(element)).not.toContain('No site has a domain');
    const asked = http.expectOne('/api/domains');
    asked.flush(null, broken);
    await settle(fixture);
    expect(alertOf(element)).not.toBe('');
    expect(words(element)).not.toContain('No site has a domain');
    const other = await shown(DomainsPlace);
    http.expectOne('/api/domains').flush({ domains: [] });
    await settle(other.fixture);
    expect(words(other.element)).toContain('No site has a domain');
  });

  it('Domains tells a name nobody has asked about from one that leads elsewhere', async () => {
    const { fixture, element } = await shown(DomainsPlace);
    const seen = { at: new Date().toISOString(), leadsHere: false, registration: { state: 'free', expires: null } };
    http.expectOne('/api/domains').flush({
      domains: [
        { site: 'a', name: 'A', domain: 'a.example', seen: null, certificate: null },
        { site: 'b', name: 'B', domain: 'b.example', seen, certificate: null },
      ],
    });
    await settle(fixture);
    const rows = [...element.querySelectorAll<HTMLElement>('tbody tr')].map(words);
    expect(rows[0]).toContain('Not asked yet');
    expect(rows[0]).toContain('not known');
    expect(rows[1]).toContain('No');
    expect(rows[1]).toContain('not registered');
    expect(element.querySelector('a')!.getAttribute('href')).toBe('/sites/a/domain');
  });

  it('Servers says which answers, which does not, and whose database is away', async () => {
    const { fixture, element } = await shown(ServersPlace);
    http.expectOne('/api/moves').flush({ moves: [] });
    http.expectOne('/api/servers').flush({
      servers: [
        aServer('quay', {
          sites: [{ id: 'x', name: 'Yard', live: true, room: null }],
          now: { ...MEASURED, upSeconds: 7300 },
        }),
        aServer('slip', {
          state: { tone: 'brick', words: 'Its database does not answer', advice: 'Look at PostgreSQL there.' },
        }),
        aServer('pier', {
          now: undefined,
          error: 'The server pier does not answer.',
          state: { tone: 'brick', words: 'Does not answer', advice: 'The server pier does not answer.' },
        }),
      ],
    });
    http.expectOne('/api/own-backups').flush({ own: null, job: null });
    http.expectOne('/api/credentials').flush({ credentials: [], job: null });
    await settle(fixture);
    const shelves = [...element.querySelectorAll<HTMLElement>('.shelf')].map(words);
    expect(words(element.querySelector('h1')!).trim()).toBe('Servers 3 servers, 1 site, 2 of them to look at.');
    expect(shelves[0]).toContain('Well');
    expect(shelves[0]).toContain('Up 2 hours');
    expect(shelves[0]).toContain('Yard');
    expect(shelves[1]).toContain('Its database does not answerLook at PostgreSQL there.');
    expect(shelves[2]).toContain('Does not answer');
    expect(shelves[2]).not.toContain('free');
    expect(words(element)).toContain('It is not backed up.');
  });

  it('Servers moves the sites that are picked, says how far each is and of which it could not be begun, and stops', async () => {
    const dialogs = spyOn(TestBed.inject(Dialogs), 'confirm').and.resolveTo(true);
    const { fixture, element } = await shown(ServersPlace);
    const move = (site: string, state: string, more: object = {}) => ({
      ...{ site, name: site.toUpperCase(), server: 'slip' },
      job: { id: site, site, kind: 'move', state, steps: [], error: null, ...more },
    });
    http.expectOne('/api/moves').flush({ moves: [] });
    const servers = [
      aServer('quay', {
        sites: ['a', 'b', 'c'].map((id) => ({ id, name: id.toUpperCase(), live: id !== 'c', room: null })),
      }),
      aServer('pier', { now: { ...MEASURED, database: false } }),
      aServer('slip'),
    ];
    http.expectOne('/api/servers').flush({ servers });
    http.expectOne('/api/own-backups').flush({ own: null, job: null });
    http.expectOne('/api/credentials').flush({ credentials: [], job: null });
    await settle(fixture);
    button(element, 'Move its sites').click();
    await settle(fixture);
    // What answers is proposed; what is not deployed cannot be picked.
    expect(element.querySelector('select')!.value).toBe('slip');
    const boxes = [...element.querySelectorAll<HTMLInputElement>('input[type=checkbox]')];
    expect(boxes.map((b) => [b.checked, b.disabled])).toEqual([
      [true, false],
      [true, false],
      [false, true],
    ]);
    button(element, 'Move 2 sites').click();
    await settle(fixture);
    expect(dialogs.calls.mostRecent().args[0].title).toBe('Move 2 sites to slip?');
    const asked = http.expectOne({ method: 'POST', url: '/api/moves' });
    expect(asked.request.body).toEqual({ server: 'slip', sites: ['a', 'b'] });
    asked.flush({ begun: ['a'], refused: [{ site: 'b', words: 'Another release is being put in place' }] });
    await settle(fixture);
    expect(alertOf(element)).toBe('B: Another release is being put in place.');
    told.all.next({ kind: 'job', site: 'a', job: 'a' });
    await settle(fixture, 200);
    http.expectOne('/api/moves').flush({
      moves: [
        move('a', 'running', { steps: [{ name: 'Copy its files', state: 'running', detail: '', ms: 0 }] }),
        move('d', 'failed', { error: 'No room.' }),
        move('e', 'done'),
      ],
    });
    await settle(fixture);
    expect(element.querySelector('[role=status]')!.textContent).toBe('1 of 3 sites moved, 1 could not be');
    const lines = [...element.querySelectorAll('.moving li')].map((li) => li.textContent!.replace(/\s+/g, ' ').trim());
    expect(lines).toEqual(['A to slip. Copy its files …', 'D to slip. No room.', 'E to slip. Moved']);
    button(element, 'Stop all of it').click();
    await settle(fixture);
    http.expectOne({ method: 'DELETE', url: '/api/moves' }).flush(null, { status: 500, statusText: 'no' });
    await settle(fixture);
    expect(alertOf(element)).not.toBe('');
  });

  it('Sites has the worst of what was found under Today, and leads to the rest', async () => {
    const { fixture, element } = await shown(SitesPlace, 250);
    const findings = ['a', 'b', 'c', 'd', 'e', 'f'].map((key) => aFinding({ key, title: `Finding ${key}` }));
    for (const asked of http.match('/api/sites')) if (!asked.cancelled) asked.flush({ sites: [], findings, unread: 0 });
    await settle(fixture);
    expect(element.querySelectorAll('.today tp-finding').length).toBe(4);
    const rest = element.querySelector<HTMLAnchorElement>('.today a[href="/rounds"]')!;
    expect(rest.textContent).toContain('2 findings more, in Rounds');
    expect(words(element)).toContain('6 things need you.');
  });

  it('Sites has staging copies on the bench, among neither what is made nor what is needed', async () => {
    const { fixture, element } = await shown(SitesPlace, 250);
    const line = (id: string, stagingOf: string | null) => ({
      ...{ id, name: id, stagingOf, head: 1, drawn: false, trade: '', domain: null, server: null, address: null },
      ...{
        open: false,
        leavesAt: null,
        changedAt: '2026-11-02T09:00:00.000Z',
        certificateUntil: null,
        lastRound: null,
      },
      ...{
        chip: { tone: 'grey', words: '' },
        weeks: null,
        path: [{ step: 'brief', state: 'needs', words: '1 to confirm' }],
      },
    });
    const sites = [line('yard', null), line('yard-staging', 'yard')];
    for (const asked of http.match('/api/sites')) if (!asked.cancelled) asked.flush({ sites, findings: [], unread: 0 });
    await settle(fixture);
    const [site, copy] = [...element.querySelectorAll<HTMLAnchorElement>('.bench a')];
    expect([words(site!), site!.getAttribute('href')]).toEqual([
      jasmine.stringContaining('Brief: 1 to confirm'),
      '/sites/yard/brief',
    ]);
    expect([words(copy!), copy!.getAttribute('href')]).toEqual([
      jasmine.stringMatching(/yard-staging *Staging copy/),
      '/sites/yard-staging/care',
    ]);
    expect(words(element)).toContain('1 being made');
    expect(words(element)).toContain('1 thing needs you.');
  });

  it('Rounds says in words what was begun, and does not call all well what it could not ask', async () => {
    const { fixture, element } = await shown(RoundsPlace, 250);
    http.expectOne('/api/rounds').flush(null, broken);
    await settle(fixture);
    expect(alertOf(element)).not.toBe('');
    expect(words(element)).not.toContain('well');
    told.all.next({ kind: 'care', site: 'a' });
    await settle(fixture, 250);
    http.expectOne('/api/rounds').flush(aFleet());
    await settle(fixture);
    expect(alertOf(element)).toBe('');
    expect(words(element)).toContain('All well at 2 sites.');
    expect(words(element)).toContain('All 2 sites let visitors in');
    button(element, 'Walk them all now').click();
    http.expectOne({ method: 'POST', url: '/api/rounds' }).flush({ jobs: 2 });
    await settle(fixture);
    expect(element.querySelector('[role=status]')!.textContent).toContain('2 rounds have begun');
  });

  it('Rounds says what is down before anything else, and counts it out of what is well', async () => {
    const { fixture, element } = await shown(RoundsPlace, 250);
    const outage = {
      ...{
        site: 'a',
        name: 'Yard',
        server: 'quay',
        cause: 'server' as const,
        detail: 'refused',
        places: ['Tin Porch'],
      },
      ...{ beganAt: '2026-11-20T09:00:00Z', endedAt: null },
    };
    http
      .expectOne('/api/rounds')
      .flush(
        aFleet({ outages: [outage, { ...outage, endedAt: '2026-11-20T09:07:00Z', beganAt: '2026-11-20T09:00:01Z' }] }),
      );
    await settle(fixture);
    expect(alertOf(element)).toContain('Nobody gets in to 1 site.');
    expect(alertOf(element)).toContain('the server does not answer');
    expect(words(element)).toContain('1 site of 2 let visitors in');
    expect(words(element)).toContain('7 minutes: the server did not answer');
    told.all.next({ kind: 'care', site: 'a' });
    await settle(fixture, 250);
    const watched = { open: 5, sites: 3, lookedAt: '2026-11-20T09:00:00Z', places: ['Tin Porch'] };
    http.expectOne('/api/rounds').flush(aFleet({ watched }));
    await settle(fixture);
    expect(words(element)).toContain('3 sites of 5 let visitors in');
    expect(words(element)).toContain('2 sites have not been looked at yet.');
  });

  it('Rounds has findings of one kind mended together, and says what could not be begun', async () => {
    TestBed.inject(PorchApi).session.set({ designer: { role: 'owner' } } as never);
    const { fixture, element } = await shown(RoundsPlace, 250);
    const findings = ['a', 'b'].map((site) =>
      aFinding({
        site,
        name: site.toUpperCase(),
        key: 'backups-unproven',
        title: 'No backup was proven',
        mend: 'backup',
      }),
    );
    const group = {
      kind: 'backups-unproven',
      title: 'No backup was proven for two days',
      severity: 'look' as const,
      findings,
    };
    http.expectOne('/api/rounds').flush(aFleet({ groups: [group] }));
    await settle(fixture);
    expect(words(element)).toContain('2 sites');
    button(element, 'Back it up now: all').click();
    await settle(fixture);
    const asked = http.expectOne('/api/findings/mend');
    expect(asked.request.body).toEqual({ which: ['a', 'b'].map((site) => ({ site, key: 'backups-unproven' })) });
    asked.flush({ begun: 1, refused: ['b: The place is away.'] });
    await settle(fixture);
    expect(words(element)).toContain('It is being mended, and looked at again then. b: The place is away.');
  });

  it('Rounds lets the newest answer stand', async () => {
    const { fixture } = await shown(RoundsPlace, 250);
    const first = http.expectOne('/api/rounds');
    told.all.next({ kind: 'care', site: 'a' });
    await settle(fixture, 250);
    expect(first.cancelled).toBeTrue();
    http.expectOne('/api/rounds');
  });

  describe('Inbox', () => {
    const message = (id: string, readAt: string | null = null) => ({
      ...{ id, site: 'a', siteName: 'Yard', readAt, receivedAt: '2026-11-20T09:00:00.000Z' },
      fields: { name: `Visitor ${id}`, message: 'Is there room on the slip?', mail: 'v@post.example' },
    });
    const answer = (messages: object[], more = false) => ({
      ...{ messages, more, counts: { all: messages.length, unread: 1, aside: 3 } },
      sites: [{ id: 'a', name: 'Yard' }],
    });
    const asked = () => http.match((r) => r.method === 'GET' && r.url.startsWith('/api/inbox'));
    const open = async (messages: object[], more = false) => {
      const made = await shown(InboxPlace, 70);
      asked()[0]!.flush(answer(messages, more));
      await settle(made.fixture);
      return made;
    };

    it('asks for what is wanted: which, of whom, with which words', async () => {
      const { fixture, element } = await open([message('1')]);
      button(element, 'Unread').click();
      await settle(fixture);
      expect(asked()[0]!.request.url).toBe('/api/inbox?show=unread');
      const site = element.querySelector<HTMLSelectElement>('#inbox-site')!;
      site.value = 'a';
      site.dispatchEvent(new Event('change'));
      const search = element.querySelector<HTMLInputElement>('#inbox-words')!;
      for (const typed of ['sl', 'slip']) {
        search.value = typed;
        search.dispatchEvent(new Event('input'));
      }
      await settle(fixture, 280);
      // Of what was typed only the last was asked for.
      expect(asked().map((r) => r.request.url)).toEqual([
        '/api/inbox?show=unread&site=a',
        '/api/inbox?show=unread&words=slip&site=a',
      ]);
    });

    it('keeps what it shows where an older question is answered late, or fails', async () => {
      const { fixture, element } = await open([message('1')]);
      button(element, 'Unread').click();
      await settle(fixture);
      const [late] = asked();
      button(element, 'All').click();
      await settle(fixture);
      asked()[0]!.flush(answer([message('1'), message('2')]));
      late!.flush(null, broken);
      await settle(fixture);
      expect(element.querySelectorAll('.letters > li').length).toBe(2);
      expect(alertOf(element)).toBe('');
    });

    it('goes on behind the last one shown', async () => {
      const { fixture, element } = await open([message('1'), message('2')], true);
      button(element, 'Show older ones').click();
      const [older] = asked();
      expect(older!.request.url).toContain('before=2026-11-20T09%3A00%3A00.000Z&id=2');
      older!.flush(answer([message('3')]));
      await settle(fixture);
      expect([...element.querySelectorAll('.letters b')].map((b) => b.textContent.trim().slice(0, 9))).toEqual([
        'Visitor 1',
        'Visitor 2',
        'Visitor 3',
      ]);
    });

    it('marks one as read, and erases only what was confirmed', async () => {
      const { fixture, element } = await open([message('1')]);
      [...element.querySelectorAll<HTMLElement>('li button')].find((b) => b.textContent.trim() === 'Read')!.click();
      expect(http.expectOne('/api/inbox/1').request.body).toEqual({ read: true });
      sure = false;
      button(element, 'Erase the message').click();
      await settle(fixture);
      http.expectNone({ method: 'DELETE', url: '/api/inbox/1' });
      sure = true;
      button(element, 'Erase the message').click();
      await settle(fixture);
      const erased = http.expectOne({ method: 'DELETE', url: '/api/inbox/1' });
      erased.flush({ title: 'The server quay does not answer', status: 502 }, { status: 502, statusText: 'Bad' });
      await settle(fixture);
      expect(alertOf(element)).toContain('quay does not answer');
      expect(element.querySelectorAll('.letters > li').length).toBe(1);
    });
  });

  describe('New brief', () => {
    const type = (element: HTMLElement, id: string, value: string) => {
      const field = element.querySelector<HTMLInputElement>(`#${id}`)!;
      field.value = value;
      field.dispatchEvent(new Event('input'));
    };
    const begin = async (fixture: ComponentFixture<unknown>, element: HTMLElement) => {
      element.querySelector('form')!.dispatchEvent(new Event('submit'));
      await settle(fixture);
    };

    it('asks for something first, and keeps what was typed where it is refused', async () => {
      const { fixture, element } = await shown(NewBrief);
      await begin(fixture, element);
      expect(alertOf(element)).toContain('Give a name');
      type(element, 'name', 'Gant & Sons');
      type(element, 'text', 'We lay rope.');
      await settle(fixture);
      await begin(fixture, element);
      const asked = http.expectOne('/api/briefs');
      expect((asked.request.body as { text: string }).text).toBe('Name: Gant & Sons\n\nWe lay rope.');
      asked.flush({ title: 'The brief says too little', status: 422 }, { status: 422, statusText: 'No' });
      await settle(fixture);
      expect(alertOf(element)).toContain('What you typed is still here');
      expect(element.querySelector<HTMLTextAreaElement>('#text')!.value).toBe('We lay rope.');
      expect(element.querySelector<HTMLButtonElement>('button.act')!.disabled).toBeFalse();
    });

    it('is there again after the page was loaded anew', async () => {
      const first = await shown(NewBrief);
      type(first.element, 'text', 'Half a mail');
      await settle(first.fixture);
      first.fixture.destroy();
      const again = await shown(NewBrief);
      expect(again.element.querySelector<HTMLTextAreaElement>('#text')!.value).toBe('Half a mail');
    });

    it('puts a name into a brief that is JSON as its field', async () => {
      const { fixture, element } = await shown(NewBrief);
      type(element, 'name', 'Gant');
      type(element, 'text', '{"trade":"ropemaker"}');
      await settle(fixture);
      await begin(fixture, element);
      const { text } = http.expectOne('/api/briefs').request.body as { text: string };
      expect(JSON.parse(text)).toEqual({ trade: 'ropemaker', name: 'Gant' });
    });

    it('takes files in, one after the other, and names those it cannot read', async () => {
      const { fixture, element } = await shown(NewBrief);
      const drop = new DragEvent('drop', { dataTransfer: new DataTransfer() });
      drop.dataTransfer!.items.add(new File(['We lay rope.'], 'mail.txt'));
      drop.dataTransfer!.items.add(new File(['Fenders,£9'], 'prices.csv'));
      drop.dataTransfer!.items.add(new File([new Uint8Array(8_000_001)], 'film.bin'));
      element.querySelector('form')!.dispatchEvent(drop);
      // What reads files is loaded when the first of them comes.
      for (let turn = 0; turn < 60 && !alertOf(element); turn++) await settle(fixture, 60);
      const text = element.querySelector<HTMLTextAreaElement>('#text')!.value;
      expect(text).toContain('We lay rope.');
      expect(text).toContain('Fenders');
      expect(alertOf(element)).toContain('film.bin is over 8 MB');
    });
  });
});
