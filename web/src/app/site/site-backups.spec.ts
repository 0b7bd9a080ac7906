import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter, Router } from '@angular/router';
import type { Answered } from '../api/model';
import { PorchApi } from '../api/porch-api';
import { Dialogs } from '../parts/dialogs';
import { aSite } from '../testing/a-site';
import { Asking } from '../asking/asking';
import { Drafts } from '../session/drafts';
import { WritingDesk } from '../writing/writing-desk';
import { toldByHand } from '../testing/no-events';
import { SiteBackups } from './site-backups';
import { SiteStore } from './site-store';

type Found = Answered<'GET /sites/:id/backups'>;
const AT = '2026-11-28T02:00:00.000Z';
const backup = (place: string, snapshot: string, more: Partial<Found['backups'][0]> = {}): Found['backups'][0] => ({
  place,
  snapshot,
  madeAt: AT,
  files: 52,
  rows: 1,
  added: 9000,
  ms: 900,
  provenAt: AT,
  provenMs: 2100,
  fault: null,
  ...more,
});

describe('the backups of a site', () => {
  let store: SiteStore;
  let http: HttpTestingController;
  let fixture: ComponentFixture<SiteBackups>;
  const events = toldByHand();
  const element = () => fixture.nativeElement as HTMLElement;
  const settle = async () => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  async function shown(found: Partial<Found>): Promise<void> {
    fixture = TestBed.createComponent(SiteBackups);
    await settle();
    http.expectOne('/api/sites/gant/backups').flush({ places: ['slip', 'store'], backups: [], troubles: [], ...found });
    await settle();
  }
  const places = () =>
    [...element().querySelectorAll('.keeper')].map((p) => {
      const chip = p.querySelector('.chip')!;
      const words = chip.nextElementSibling!.textContent!.replace(/\s+/g, ' ').trim();
      return [chip.textContent, ['moss', 'brick', 'grey'].find((tone) => chip.classList.contains(tone)), words];
    });

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        events.provider,
        SiteStore,
        Asking,
        WritingDesk,
        Drafts,
      ],
    });
    http = TestBed.inject(HttpTestingController);
    spyOn(TestBed.inject(PorchApi), 'may').and.returnValue(true);
    store = TestBed.inject(SiteStore);
    store.id.set('gant');
    store.detail.set(aSite({ liveRelease: 'r-1' }));
    store.now.set(Date.parse('2026-11-28T09:00:00.000Z'));
  });

  it('are told at each place as they were measured there, and never better', async () => {
    await shown({
      places: ['slip', 'store', 'shed', 'loft'],
      backups: [
        backup('slip', 'a1'),
        backup('store', 'b2', { provenAt: null, provenMs: null, fault: '/index.html does not come as it was.' }),
        backup('store', 'b1'),
        backup('shed', 'c1', { provenAt: null, provenMs: null }),
      ],
    });
    expect(places()).toEqual([
      ['slip', 'moss', 'Proven 7 hours ago, in 2.1 s: 52 files and 1 row came back as they were.'],
      ['store', 'brick', jasmine.stringMatching(/^\/index.html does not come .* Before that: Proven/) as never],
      ['shed', 'grey', 'Made 7 hours ago, and not tried out so far.'],
      ['loft', 'grey', 'None was made here so far.'],
    ]);
  });

  it('say what is in their way, though one was proven before', async () => {
    await shown({ backups: [backup('slip', 'a1')], troubles: [{ place: 'slip', words: 'No answer.', since: AT }] });
    const [slip] = places();
    expect(slip![1]).toBe('brick');
    expect(slip![2]).toContain('None since');
    expect(slip![2]).toContain('No answer.');
  });

  it('are none where there is no place, and nothing is claimed where they could not be asked for', async () => {
    await shown({ places: [] });
    expect(element().textContent).toContain('No place for backups is set up');
    expect(element().querySelector('button')).toBeNull();
    fixture = TestBed.createComponent(SiteBackups);
    await settle();
    http.expectOne('/api/sites/gant/backups').flush({ title: 'No' }, { status: 500, statusText: 'no' });
    await settle();
    expect(element().querySelector('[role=alert]')!.textContent).toContain('was not asked for');
    expect(places()).toEqual([]);
  });

  it('are made when that is asked for, once, and looked at again when something became of one', async () => {
    const begin = spyOn(store, 'begin').and.resolveTo();
    await shown({});
    const press = () => element().querySelector<HTMLButtonElement>('.bar button')!;
    press().click();
    expect(begin.calls.allArgs()).toEqual([['backup']]);
    store.detail.set(aSite({ liveRelease: 'r-1', jobs: [{ kind: 'backup', state: 'running', steps: [] } as never] }));
    await settle();
    expect(press().disabled).toBeTrue();
    events.all.next({ kind: 'care', site: 'another' });
    events.all.next({ kind: 'care', site: 'gant' });
    await new Promise((done) => setTimeout(done, 80));
    http
      .expectOne('/api/sites/gant/backups')
      .flush({ places: ['slip'], backups: [backup('slip', 'a1')], troubles: [] });
    await settle();
    expect(places().map((p) => p[1])).toEqual(['moss']);
  });

  it('have the site brought up on another server, where its own is gone and somebody says so', async () => {
    const post = spyOn(store, 'post').and.resolveTo(null as never);
    const sure = spyOn(TestBed.inject(Dialogs), 'confirm').and.resolveTo(false);
    const server = { name: 'quay', address: '', httpPort: 80, httpsPort: 443 };
    store.detail.set(aSite({ liveRelease: 'r-1', server }));
    await shown({ backups: [backup('slip', 'a1', { provenAt: null, provenMs: null })] });
    expect(element().querySelector('details')).toBeNull();
    await shown({ backups: [backup('slip', 'a1')] });
    element().querySelector('details')!.open = true;
    await new Promise((done) => setTimeout(done, 20));
    http.expectOne('/api/servers').flush({ servers: [{ name: 'quay' }, { name: 'slip' }] });
    await settle();
    const press = () => element().querySelector<HTMLButtonElement>('details button')!;
    expect(press().disabled).toBeTrue();
    const choice = element().querySelector('select')!;
    expect([...choice.options].map((o) => o.value)).toEqual(['', 'slip']);
    choice.value = 'slip';
    choice.dispatchEvent(new Event('change'));
    await settle();
    press().click();
    await settle();
    expect(post).not.toHaveBeenCalled();
    expect(sure.calls.mostRecent().args[0].words).toContain('If quay ever comes back');
    sure.and.resolveTo(true);
    press().click();
    await settle();
    expect(post.calls.mostRecent().args as unknown).toEqual(['/revival', { server: 'slip' }]);
    store.detail.set(
      aSite({ liveRelease: 'r-1', server, jobs: [{ kind: 'revive', state: 'retrying', steps: [] } as never] }),
    );
    await settle();
    expect(press().disabled).toBeTrue();
  });

  it('are brought back beside the site, of many the older ones too', async () => {
    const opened = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    const post = spyOn(store, 'post').and.resolveTo({ id: 'gant-as-of' } as never);
    await shown({ backups: Array.from({ length: 7 }, (_, n) => backup('slip', `a${n}`)) });
    const rows = () => element().querySelectorAll('li').length;
    expect(rows()).toBe(5);
    [...element().querySelectorAll('button')].find((b) => b.textContent!.includes('Show the other 2'))!.click();
    await settle();
    expect(rows()).toBe(7);
    element().querySelectorAll<HTMLButtonElement>('li button:first-of-type')[6]!.click();
    await settle();
    expect(post.calls.mostRecent().args).toEqual(['/restores', { place: 'slip', snapshot: 'a6' }]);
    expect(opened.calls.mostRecent().args[0]).toEqual(['/sites', 'gant-as-of', 'pages']);
    // Said no, nothing is opened.
    post.and.resolveTo(undefined);
    element().querySelector<HTMLButtonElement>('li button')!.click();
    await settle();
    expect(opened.calls.count()).toBe(1);
  });

  describe('in parts', () => {
    const message = (id: string, more: object = {}) => ({
      id,
      form: 'contact',
      fields: { name: `Visitor ${id}`, message: 'Is the walk open?' },
      receivedAt: AT,
      aside: false,
      answers: 0,
      erased: false,
      ...more,
    });
    const button = (words: string) =>
      [...element().querySelectorAll<HTMLButtonElement>('button')].find((b) => b.textContent!.trim() === words);
    const parts = () => element().querySelector('tp-backup-parts')!.textContent!.replace(/\s+/g, ' ').trim();
    const at = '/api/sites/gant/backups/slip/a1';
    async function looked(strapline: string, messages: object[]): Promise<void> {
      await shown({ backups: [backup('slip', 'a1')] });
      button('Parts of it')!.click();
      await settle();
      expect(parts()).toBe('It is fetched from slip …');
      const document = structuredClone(store.document()!);
      document.facts.strapline = strapline;
      // The document of another site that is the same one: it was copied or called otherwise since.
      http.expectOne(`${at}/document`).flush({ document: { ...document, id: 'was' } });
      await settle();
      http.expectOne(`${at}/messages`).flush({ all: 9, missing: messages.length, messages });
      await settle();
    }

    it('say what differs, and put it on the slip, of which nothing is taken yet', async () => {
      const opened = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
      await looked('As it was', []);
      expect(parts()).toContain('1 thing differs from the site in hand: Strapline.');
      expect(parts()).toContain('Every message in it is there.');
      button('Look at it')!.click();
      const { said, reply } = TestBed.inject(Asking).open()!;
      expect(said).toMatch(/^As visitors saw it 28 Nov/);
      expect(reply.kind === 'slip' && [reply.exact, reply.changes.map((c) => c.after)]).toEqual([true, ['As it was']]);
      expect(store.document()!.facts.strapline).not.toBe('As it was');
      expect(opened.calls.mostRecent().args[0]).toEqual(['/sites', 'gant', 'pages']);
    });

    it('say that nothing differs', async () => {
      await looked(store.document()!.facts.strapline, []);
      expect(parts()).toContain('The site in hand is as visitors saw it then.');
      expect(button('Choose among them') ?? button('Look at it')).toBeUndefined();
    });

    it('put messages back one by one, and say where that was refused', async () => {
      await looked('', [message('1', { erased: true, answers: 2 }), message('2')]);
      // Something else became of the site meanwhile: what was fetched is not fetched again.
      events.all.next({ kind: 'care', site: 'gant' });
      await new Promise((done) => setTimeout(done, 80));
      http
        .expectOne('/api/sites/gant/backups')
        .flush({ places: ['slip', 'store'], backups: [backup('slip', 'a1')], troubles: [] });
      await settle();
      http.expectNone(`${at}/document`);
      expect(parts()).toContain('2 of 9 messages are not there any more:');
      expect(parts()).toMatch(/Visitor 1 28 Nov.*, erased since, answered Is the walk open\?/);
      button('Put it back')!.click();
      await settle();
      expect(button('Put it back')!.disabled).toBeTrue();
      const asked = http.expectOne(`${at}/messages`);
      expect(asked.request.body).toEqual({ ids: ['1'] });
      asked.flush({ back: 1 });
      await settle();
      expect(parts()).toContain('1 of 9 messages is not there any more');
      expect(element().querySelector('[role=status]')!.textContent).toContain('The message of Visitor 1 is back');
      button('Put it back')!.click();
      await settle();
      http.expectOne(`${at}/messages`).flush({ title: 'quay does not answer' }, { status: 503, statusText: 'no' });
      await settle();
      expect(element().querySelector('[role=alert]')!.textContent).toContain('It was not put back.');
      expect(button('Put it back')!.disabled).toBeFalse();
    });

    it('are shut again, and say what could not be fetched', async () => {
      await shown({ backups: [backup('slip', 'a1')] });
      button('Parts of it')!.click();
      await settle();
      http.expectOne(`${at}/document`).flush({ title: 'The place is away' }, { status: 502, statusText: 'no' });
      await settle();
      expect(element().querySelector('[role=alert]')!.textContent).toContain('What is in it was not all asked for.');
      button('Parts of it')!.click();
      await settle();
      expect(element().querySelector('tp-backup-parts')).toBeNull();
    });
  });
});
