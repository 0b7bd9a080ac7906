import { aFinding } from '../../testing/a-finding';
import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting, type TestRequest } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideIcons } from '@ng-icons/core';
import { lucideArrowUpRight, lucideCheck, lucideCopy } from '@ng-icons/lucide';
import type { Operation } from '@tin-porch/core/operations';
import type { SiteDetail } from '../../api/model';
import { PorchApi } from '../../api/porch-api';
import { Dialogs } from '../../parts/dialogs';
import { aServer } from '../../testing/a-server';
import { aDocument, aSite } from '../../testing/a-site';
import { toldByHand } from '../../testing/no-events';
import { SiteStore } from '../site-store';
import { CareStep } from './care';
import { DomainStep } from './domain';
import { PublishStep } from './publish';
import { SeoStep } from './seo';

const SERVER = { name: 'quay', address: '127.0.0.11' };
const DOMAIN = 'gant.example';

describe('the steps that bring a site to visitors', () => {
  let http: HttpTestingController;
  let store: SiteStore;
  let told: ReturnType<typeof toldByHand>;
  /** What a question in a dialog is answered with. */
  let sure: boolean;
  const changed: Operation[] = [];
  const settle = async (fixture: ComponentFixture<unknown>) => {
    for (let n = 0; n < 3; n++) {
      await new Promise((done) => setTimeout(done));
      await fixture.whenStable();
      fixture.detectChanges();
    }
  };
  const seen = (over: object = {}) =>
    ({
      at: new Date().toISOString(),
      leadsHere: false,
      registration: { state: 'ours', expires: '2027-03-01T00:00:00Z', registrar: 'Brinegate Names', page: null },
      records: [{ name: DOMAIN, type: 'A', ttl: 60, data: '203.0.113.5' }],
      error: null,
      resolvers: [{ name: 'Resolver, north', answer: ['203.0.113.5'], ttl: 300, state: 'old' }],
      ...over,
    }) as unknown as NonNullable<SiteDetail['domainSeen']>;
  async function shown<C>(component: Type<C>, over: Partial<SiteDetail> = {}) {
    store.detail.set(aSite({ document: aDocument(), ...over }));
    const fixture = TestBed.createComponent(component);
    await settle(fixture);
    return { fixture, element: fixture.nativeElement as HTMLElement };
  }
  const button = (element: HTMLElement, words: string) =>
    [...element.querySelectorAll('button')].find((b) =>
      `${b.getAttribute('aria-label') ?? ''} ${b.textContent}`.includes(words),
    );
  const words = (element: HTMLElement) => element.textContent.replace(/\s+/g, ' ');
  const type = (field: HTMLInputElement | HTMLTextAreaElement, value: string) => {
    field.value = value;
    field.dispatchEvent(new Event('input'));
  };
  const main = () => store.main();
  /** Answers what is asked of one address, and leaves the rest. */
  const answer = (path: string, body: object) => {
    const asked: TestRequest[] = http.match((r) => r.url === `/api${path}`);
    for (const one of asked) if (!one.cancelled) one.flush(body);
    return asked;
  };

  beforeEach(() => {
    changed.length = 0;
    sure = true;
    told = toldByHand();
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        provideIcons({ lucideArrowUpRight, lucideCheck, lucideCopy }),
        told.provider,
        SiteStore,
        { provide: Dialogs, useValue: { confirm: () => Promise.resolve(sure), open: () => null } },
      ],
    });
    http = TestBed.inject(HttpTestingController);
    store = TestBed.inject(SiteStore);
    TestBed.inject(PorchApi).signedIn({
      csrf: 'x',
      designer: { id: 'd', mail: 'ines@tinporch.example', name: 'Ines', role: 'designer', organisation: 'Ines' },
    } as never);
    store.id.set('gant');
    spyOn(store, 'flush').and.resolveTo();
    spyOn(store, 'change').and.callFake((o: Operation) => void changed.push(o));
  });

  describe('SEO', () => {
    it('sets a title and takes it back when its field is emptied', async () => {
      const { element } = await shown(SeoStep);
      const page = store.document()!.pages[0]!;
      const field = element.querySelector<HTMLInputElement>(`#title-${page.id}`)!;
      expect(field.placeholder).not.toBe('');
      type(field, 'Rope, laid by hand');
      expect(changed.pop()).toEqual({
        op: 'setSeo',
        page: page.id,
        field: 'title',
        text: { value: 'Rope, laid by hand', from: { kind: 'designer' } },
      });
      type(field, '   ');
      expect(changed.pop()).toEqual(jasmine.objectContaining({ op: 'setSeo', field: 'title', text: null }) as never);
    });

    it('says where a title is too wide for a search, and shows it cut there', async () => {
      const document = aDocument();
      const long = 'Mooring ropes, fenders and bell ropes, all of them laid and tarred in the long walk at Saltmarrow';
      document.pages[0]!.seo.title = { id: 'seo', value: long, from: { kind: 'designer' } } as never;
      const { element } = await shown(SeoStep, { document });
      expect(element.querySelector('.seo-page .fault')?.textContent).toContain('Too wide');
      const result = element.querySelector('.result .title')!.textContent;
      expect(result).toMatch(/…$/);
      expect(result.length).toBeLessThan(long.length);
    });

    it('gives a page another address, and leads the old one there where visitors know it', async () => {
      const page = aDocument().pages.find((p) => p.id === 'services')!;
      const put = async (value: string, liveRelease: string | null) => {
        const { element, fixture } = await shown(SeoStep, { liveRelease });
        const field = element.querySelector<HTMLInputElement>('#address-services')!;
        field.value = value;
        field.dispatchEvent(new Event('change'));
        await fixture.whenStable();
        return element;
      };
      await put('Our work', null);
      expect(changed.pop()).toEqual(jasmine.objectContaining({ op: 'setPage', page: 'services', slug: 'our-work' }));
      await put('Our work', 'r-1');
      expect((changed.pop() as { operations: Operation[] }).operations[1]).toEqual({
        op: 'setRedirect',
        from: `/${page.slug}`,
        to: 'page:services',
      });
      const taken = await put('contact', null);
      expect(taken.querySelector('tp-page-address .fault')?.textContent).toContain(
        '/contact is the address of Contact',
      );
      expect(changed).toEqual([]);
    });

    it('leads old addresses to pages, and says why one cannot be', async () => {
      const document = { ...aDocument(), redirects: [{ from: '/old', to: 'page:gone' }] };
      const { element, fixture } = await shown(SeoStep, { document });
      expect(element.querySelector('tp-old-addresses li')?.textContent).toContain('leads nowhere: its page is gone');
      const field = element.querySelector<HTMLInputElement>('#old-address')!;
      const add = async (value: string) => {
        field.value = value;
        field.form!.requestSubmit();
        await fixture.whenStable();
        return element.querySelector('#old-fault')?.textContent ?? '';
      };
      expect(await add('a b')).toContain('no address of a page');
      expect(await add('/contact/')).toContain('is the address of Contact');
      expect(changed).toEqual([]);
      expect(await add('https://gant.example/ropes.html?x=1')).toBe('');
      expect(changed.pop()).toEqual({ op: 'setRedirect', from: '/ropes.html', to: 'page:home' });
      expect(field.value).toBe('');
      element.querySelector<HTMLButtonElement>('tp-old-addresses li button')!.click();
      expect(changed.pop()).toEqual({ op: 'setRedirect', from: '/old', to: null });
    });

    it('shows nothing to fill in before there are pages', async () => {
      const document = { ...aDocument(), pages: [] };
      const { element } = await shown(SeoStep, { document });
      expect(element.querySelector('input')).toBeNull();
      expect(element.querySelector('a')?.textContent).toContain('To the brief');
      expect(main()).toBeNull();
    });
  });

  describe('Domain', () => {
    it('asks for a server first, and takes the one that is chosen', async () => {
      const { fixture, element } = await shown(DomainStep);
      http.expectOne('/api/servers').flush({
        servers: [aServer(SERVER.name), aServer('slip', { now: undefined, error: 'No answer.' })],
      });
      await settle(fixture);
      expect(button(element, 'Use slip')!.disabled).toBeTrue();
      button(element, 'Use quay')!.click();
      expect(http.expectOne('/api/sites/gant/server').request.body).toEqual({ server: 'quay' });
    });

    it('says why there is no list of servers', async () => {
      const { fixture, element } = await shown(DomainStep);
      http.expectOne('/api/servers').flush(null, { status: 500, statusText: 'Server error' });
      await settle(fixture);
      expect(element.querySelector('[role=alert]')?.textContent.trim()).not.toBe('');
      expect(words(element)).not.toContain('Asking the servers');
    });

    it('reads a pasted address, and says beside the field what is none', async () => {
      const { fixture, element } = await shown(DomainStep, { server: SERVER as never });
      const field = element.querySelector<HTMLInputElement>('#domain')!;
      type(field, 'not a domain');
      element.querySelector('form')!.dispatchEvent(new Event('submit'));
      await settle(fixture);
      expect(element.querySelector('.fault')?.textContent.trim()).not.toBe('');
      expect(field.getAttribute('aria-invalid')).toBe('true');
      http.expectNone('/api/sites/gant/domain');
      type(field, 'https://www.gant.example/rope?x=1');
      element.querySelector('form')!.dispatchEvent(new Event('submit'));
      await settle(fixture);
      expect(http.expectOne('/api/sites/gant/domain').request.body).toEqual({ domain: DOMAIN });
    });

    it('keeps what was typed where the server refuses the name', async () => {
      const { fixture, element } = await shown(DomainStep, { server: SERVER as never, domain: DOMAIN });
      answer('/sites/gant/way-in', { at: '', links: [] });
      button(element, 'Another domain')!.click();
      await settle(fixture);
      type(element.querySelector<HTMLInputElement>('#domain')!, 'taken.example');
      element.querySelector('form')!.dispatchEvent(new Event('submit'));
      await settle(fixture);
      http
        .expectOne('/api/sites/gant/domain')
        .flush({ title: 'The domain is in use', status: 409 }, { status: 409, statusText: 'Conflict' });
      await settle(fixture);
      expect(element.querySelector<HTMLInputElement>('#domain')?.value).toBe('taken.example');
      expect(store.said()).toEqual(jasmine.objectContaining({ bad: true }));
    });

    it('shows each record with what it should be, and who still gives the old answer', async () => {
      const { element } = await shown(DomainStep, {
        server: SERVER as never,
        domain: DOMAIN,
        domainSeen: seen(),
        records: [
          { label: '@', type: 'A', now: ['203.0.113.5'], should: '127.0.0.11', verdict: 'change', note: '' },
          { label: '@', type: 'MX', now: ['10 mail.gant.example.'], should: null, verdict: 'leave', note: '' },
        ] as never,
      });
      const rows = [...element.querySelectorAll('tbody tr')].map((r) => words(r as HTMLElement));
      expect(rows[0]).toContain('203.0.113.5');
      expect(rows[0]).toContain('127.0.0.11');
      expect(rows[1]).toContain('leave as it is');
      expect(words(element)).toContain('may stay so for 5 min');
      button(element, 'Set them now')!.click();
      http.expectOne('/api/sites/gant/domain/records');
    });

    it('says where letters come from, what is missing for the domain, and that nothing is taken away', async () => {
      const line = (label: string, verdict: string, should: string | null, now: string[] = []) =>
        ({ label, type: 'TXT', now, should, verdict, note: '' }) as never;
      const records = [
        line('@', 'change', '"v=spf1 mx ip4:127.0.0.34 ?all"'),
        line('quay._domainkey', 'change', `"v=DKIM1; k=rsa; p=${'k'.repeat(300)}"`),
        line('_dmarc', 'leave', null, ['"v=DMARC1; p=reject"']),
      ];
      const base = { server: SERVER as never, domain: DOMAIN, domainSeen: seen(), records: [] };
      const { fixture, element } = await shown(DomainStep, {
        ...{ ...base, mail: { records, from: 'post@quay.example', own: false } },
      });
      expect(words(element)).toContain('post@quay.example until these records are there');
      const copied = spyOn(navigator.clipboard, 'writeText').and.resolveTo();
      button(element, 'Copy TXT @')!.click();
      button(element, 'Copy the mail records')!.click();
      await settle(fixture);
      // As pages of registrars take it, and as a zone file does.
      expect(copied.calls.argsFor(0)).toEqual(['v=spf1 mx ip4:127.0.0.34 ?all']);
      expect(copied.calls.argsFor(1)[0]).toMatch(
        /^@\t300\tIN\tTXT\t"v=spf1[^\n]*\nquay\._domainkey\t[^\n]*k" "k[^\n]*$/,
      );
      button(element, 'Set the mail records now')!.click();
      http.expectOne('/api/sites/gant/domain/mail-records');
      store.detail.set(aSite({ ...base, mail: { records: [records[2]!], from: 'yard@gant.example', own: true } }));
      await settle(fixture);
      expect(words(element)).toContain('yard@gant.example, signed');
      expect(button(element, 'Set the mail records now')).toBeUndefined();
    });

    it('registers a name only where that was confirmed', async () => {
      sure = false;
      const free = seen({ registration: { state: 'free', expires: null, registrar: null, page: null } });
      const { fixture, element } = await shown(DomainStep, {
        ...{ server: SERVER as never, domain: DOMAIN, domainSeen: free, records: [] },
      });
      button(element, 'Register it')!.click();
      await settle(fixture);
      http.expectNone('/api/sites/gant/domain/register');
      sure = true;
      button(element, 'Register it')!.click();
      await settle(fixture);
      http.expectOne('/api/sites/gant/domain/register');
      expect(button(element, 'Registering')!.disabled).toBeTrue();
    });

    it('offers a certificate once the name leads here, and says what is to be done before', async () => {
      await shown(DomainStep, { server: SERVER as never, domain: DOMAIN, domainSeen: seen({ leadsHere: true }) });
      expect(main()).toEqual(jasmine.objectContaining({ label: 'Get a certificate', for: 'designer' }));
      expect(main()!.why).toContain('deploy it first');
      await shown(DomainStep, {
        ...{ server: SERVER as never, domain: DOMAIN, domainSeen: seen({ leadsHere: true }), liveRelease: 'r-1' },
      });
      expect(main()!.why).toBeFalse();
      main()!.run();
      await new Promise((done) => setTimeout(done));
      http.expectOne('/api/sites/gant/certificate');
    });

    it('walks the way in once by itself, and shows where it breaks', async () => {
      const { fixture, element } = await shown(DomainStep, {
        ...{ server: SERVER as never, domain: DOMAIN, domainSeen: seen(), liveRelease: 'r-1' },
      });
      expect(main()).toEqual(jasmine.objectContaining({ label: 'Asking …' }));
      const asked = answer('/sites/gant/way-in', {
        at: new Date().toISOString(),
        links: [
          { title: 'The name resolves', state: 'bad', detail: '203.0.113.5; the server is 127.0.0.11 alone', ms: 3 },
          { title: 'The page opens over https', state: 'open', detail: '', ms: null },
        ],
      });
      expect(asked.length).toBe(1);
      await settle(fixture);
      answer('/sites/gant', store.detail()!);
      await settle(fixture);
      const dots = [...element.querySelectorAll('ol.steps .dot')];
      expect(dots.map((d) => d.classList.contains('bad'))).toEqual([true, false]);
      expect(dots[1]!.classList).toContain('open');
      expect(words(element)).toContain('the server is 127.0.0.11 alone');
      http.expectNone('/api/sites/gant/way-in');
    });
  });

  describe('Publish', () => {
    const live = { server: SERVER as never, liveRelease: 'r-1', temporary: 'http://gant.quay.localhost:8711' };

    it('says of every line what stands in the way, and leads to where it is mended', async () => {
      const { element } = await shown(PublishStep, {
        document: { ...aDocument(), pages: [] },
        server: SERVER as never,
      });
      const first = element.querySelector<HTMLElement>('ul.steps li')!;
      expect(first.querySelector('.dot')!.className).toContain('stop');
      expect(first.querySelector('.sr')!.textContent).toContain('stands in the way');
      expect(first.querySelector('a')!.getAttribute('href')).toContain('brief');
      expect(main()!.why).toBe('Something stands in the way: pages.');
    });

    it('names the main action by what it would do', async () => {
      await shown(PublishStep);
      expect(main()).toEqual(jasmine.objectContaining({ label: 'Publish', why: 'Choose a server first.' }));
      await shown(PublishStep, { ...live, open: true, path: [{ step: 'publish', state: 'needs' }] as never });
      expect(main()!.label).toBe('Deploy changes');
      await shown(PublishStep, { ...live, open: true });
      expect(main()!.label).toBe('Deploy again');
      const job = (state: string) =>
        ({ id: 'j', kind: 'deploy', state, steps: [], error: null, nextTry: null }) as never;
      for (const [state, turnedOff] of [
        ['running', true],
        ['done', false],
      ] as const) {
        const { element } = await shown(PublishStep, { ...live, jobs: [job(state)] });
        expect(button(element, 'Deploy behind the holding page')!.disabled).withContext(state).toBe(turnedOff);
      }
    });

    it('takes a site down only where that was confirmed', async () => {
      const { fixture, element } = await shown(PublishStep, { ...live, open: true });
      sure = false;
      button(element, 'Close it with')!.click();
      await settle(fixture);
      http.expectNone('/api/sites/gant/open');
      sure = true;
      button(element, 'Close it with')!.click();
      await settle(fixture);
      expect(http.expectOne('/api/sites/gant/open').request.body).toEqual({ open: false });
    });

    it('serves another release only where that was confirmed, and never the live one', async () => {
      const release = (id: string, madeAt: string, what: string[]) => ({
        ...{ id, madeAt, what, files: 9, bytes: 20_000, sent: 9 },
      });
      const releases = [
        release('r-1', '2026-11-20T09:00:00Z', ['Changed “Phone”', 'Changed “Mail”']),
        release('r-0', '2026-11-19T09:00:00Z', ['The first release']),
      ] as never;
      const { fixture, element } = await shown(PublishStep, { ...live, releases });
      const rows = [...element.querySelectorAll<HTMLElement>('ol.releases li')];
      expect(words(rows[0]!)).toContain('Changed “Phone” and 1 more');
      expect(rows[0]!.querySelector('button')).toBeNull();
      const open = spyOn(TestBed.inject(Dialogs), 'open');
      const answers = (result: Promise<boolean>) => {
        // As a dialog that was left is: nobody need have asked.
        result.catch(() => undefined);
        open.and.returnValue({ result } as never);
      };
      answers(Promise.reject(new Error('left')));
      button(element, 'Go back to it')!.click();
      await settle(fixture);
      http.expectNone('/api/sites/gant/rollback');
      for (const keeps of [true, false]) {
        answers(Promise.resolve(keeps));
        button(element, 'Go back to it')!.click();
        await settle(fixture);
        const asked = http.expectOne('/api/sites/gant/rollback');
        expect(asked.request.body).toEqual({ release: 'r-0', keeps });
        asked.flush({ title: 'Not now' }, { status: 409, statusText: 'no' });
        await settle(fixture);
      }
      // What is asked is about this release of this site.
      const dialog = { of: jasmine.createSpyObj<{ set(of: object): void }>('of', ['set']) };
      (open.calls.mostRecent().args[2] as unknown as (d: object) => void)(dialog);
      expect(dialog.of.set).toHaveBeenCalledOnceWith(
        jasmine.objectContaining({ site: 'gant', release: 'r-0', title: 'Go back to this release?' }),
      );
    });

    it('names for whom the contact form is', async () => {
      const { element } = await shown(PublishStep, live);
      type(element.querySelector<HTMLInputElement>('#deliver')!, 'gant@ropes.example');
      expect(changed.pop()).toEqual(
        jasmine.objectContaining({ op: 'setForm', deliverTo: 'gant@ropes.example' }) as never,
      );
    });
  });

  describe('Care', () => {
    const line = (id: string, lastRound: string | null) => ({ id, lastRound, weeks: [1, 2] });
    const finding = (title: string) => aFinding({ key: title, title });
    const seen = (findings: object[] = []) => {
      answer('/sites', { sites: [line('gant', '2026-11-20T09:00:00Z'), line('other', '2026-11-20T09:00:00Z')] });
      answer('/sites/gant/care', { findings, looks: 0, share: null, places: [], lookedAt: null, outages: [] });
    };

    it('says that nobody has looked yet, or that all is well', async () => {
      const { fixture, element } = await shown(CareStep, { liveRelease: 'r-1' });
      expect(element.querySelector('h2')!.textContent).toBe('Not looked at yet');
      seen();
      await settle(fixture);
      expect(element.querySelector('h2')!.textContent).toContain('All well');
    });

    it('does not call all well what was put off', async () => {
      const { fixture, element } = await shown(CareStep, { liveRelease: 'r-1' });
      const snoozed = { until: '2030-01-01T09:00:00Z', reason: 'They know', by: 'Ines' };
      seen([aFinding({ snoozed })]);
      await settle(fixture);
      expect(element.querySelector('h2')!.textContent).toBe('Well but for what is put off');
      expect(words(element)).toContain('Put off: 1 thing');
    });

    it('shows what was found at this site alone, also when another one is told of', async () => {
      const { fixture, element } = await shown(CareStep, { liveRelease: 'r-1' });
      seen([finding('The name leads astray')]);
      await settle(fixture);
      expect(element.querySelector('h2')!.textContent).toBe('1 thing to mend');
      expect(words(element)).toContain('The name leads astray');
      told.all.next({ kind: 'care', site: 'other' });
      await settle(fixture);
      http.expectNone('/api/sites');
      told.all.next({ kind: 'care', site: 'gant' });
      await settle(fixture);
      seen();
      await settle(fixture);
      expect(element.querySelector('h2')!.textContent).toContain('All well');
    });

    it('lets the newest answer stand where two cross', async () => {
      const { fixture, element } = await shown(CareStep, { liveRelease: 'r-1' });
      const [first] = http.match('/api/sites');
      http.match('/api/sites/gant/care');
      told.all.next({ kind: 'care', site: 'gant' });
      await settle(fixture);
      expect(first!.cancelled).toBeTrue();
      seen([finding('Newer')]);
      await settle(fixture);
      expect(words(element)).toContain('Newer');
    });

    it('says so where it could not ask, keeps what it knew, and forgets the fault with the next answer', async () => {
      const { fixture, element } = await shown(CareStep, { liveRelease: 'r-1' });
      seen([finding('Known')]);
      told.all.next({ kind: 'care', site: 'gant' });
      await settle(fixture);
      http.expectOne('/api/sites').flush(null, { status: 500, statusText: 'Server error' });
      http.match('/api/sites/gant/care');
      await settle(fixture);
      expect(element.querySelector('[role=alert]')?.textContent).toContain('not asked for again');
      expect(words(element)).toContain('Known');
      told.all.next({ kind: 'care', site: 'gant' });
      await settle(fixture);
      seen();
      await settle(fixture);
      expect(element.querySelector('[role=alert]')).toBeNull();
    });

    it('walks a round only where something is served', async () => {
      await shown(CareStep);
      expect(main()).toBeNull();
      await shown(CareStep, { liveRelease: 'r-1' });
      expect(main()!.label).toBe('Walk a round');
      main()!.run();
      await new Promise((done) => setTimeout(done));
      http.expectOne('/api/sites/gant/round');
    });
  });
});
