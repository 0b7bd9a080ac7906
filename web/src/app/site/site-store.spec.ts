import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting, type TestRequest } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { textAt, type Operation } from '@tin-porch/core';
import { aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { SiteStore } from './site-store';

const heading = { section: 's1', path: 'heading' };
const write = (value: string): Operation => ({
  op: 'setText',
  at: heading,
  text: { value, from: { kind: 'designer' } },
});

describe('the store of a site', () => {
  let store: SiteStore;
  let http: HttpTestingController;
  let events: ReturnType<typeof toldByHand>;
  const settle = () => new Promise((done) => setTimeout(done));
  const words = () => textAt(store.document()!, heading)!.value;
  const sent = (r: TestRequest) => (r.request.body as { operation: { text: { value: string } } }).operation.text.value;

  beforeEach(async () => {
    events = toldByHand();
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        events.provider,
        SiteStore,
      ],
    });
    store = TestBed.inject(SiteStore);
    http = TestBed.inject(HttpTestingController);
    store.open('gant');
    http.expectOne('/api/sites/gant').flush(aSite());
    await settle();
  });
  afterEach(() => store.ngOnDestroy());

  it('shows a change before the server has it', () => {
    store.change(write('Rope'));
    expect(words()).toBe('Rope');
    expect(store.state()).toBe('saving');
    http.expectNone('/api/sites/gant/operations');
  });

  it('sends one operation for what was typed into one field without a rest', async () => {
    for (const value of ['R', 'Ro', 'Rop', 'Rope']) store.change(write(value));
    void store.flush();
    await settle();
    const request = http.expectOne('/api/sites/gant/operations');
    expect(sent(request)).toBe('Rope');
    request.flush({ head: 2 });
    await settle();
    http.expectOne('/api/sites/gant').flush(aSite({ head: 2, document: store.document()! }));
    await settle();
    expect(store.state()).toBe('saved');
    expect(words()).toBe('Rope');
  });

  it('does not swallow what is typed while an operation is on its way', async () => {
    store.change(write('Rope'));
    void store.flush();
    await settle();
    store.change(write('Rope, laid'));
    http.expectOne('/api/sites/gant/operations').flush({ head: 2 });
    await settle();
    const second = http.expectOne('/api/sites/gant/operations');
    expect(sent(second)).toBe('Rope, laid');
    second.flush({ head: 3 });
    await settle();
    expect(words()).toBe('Rope, laid');
  });

  it('keeps the order of changes to different things', async () => {
    store.change(write('A'));
    store.change({ op: 'setFact', field: 'phone', value: '1' });
    store.change(write('B'));
    void store.flush();
    await settle();
    const kinds: string[] = [];
    for (let n = 0; n < 3; n++) {
      const request = http.expectOne('/api/sites/gant/operations');
      kinds.push((request.request.body as { operation: Operation }).operation.op);
      request.flush({ head: n + 2 });
      await settle();
    }
    expect(kinds).toEqual(['setText', 'setFact', 'setText']);
  });

  it('keeps everything while the server does not answer, and sends it when it does', async () => {
    store.change(write('Rope'));
    void store.flush();
    await settle();
    http.expectOne('/api/sites/gant/operations').error(new ProgressEvent('error'));
    await settle();
    expect(store.state()).toBe('offline');
    expect(words()).toBe('Rope');
    void store.flush();
    await settle();
    expect(sent(http.expectOne('/api/sites/gant/operations'))).toBe('Rope');
  });

  it('says what was refused and gives the words back', async () => {
    store.change(write('Rope that was refused'));
    void store.flush();
    await settle();
    http
      .expectOne('/api/sites/gant/operations')
      .flush(
        { title: 'The site has changed meanwhile', detail: 'There is no text there.' },
        { status: 409, statusText: 'Conflict' },
      );
    await settle();
    expect(store.said()?.bad).toBeTrue();
    expect(store.said()?.words).toContain('Rope that was refused');
    expect(words()).not.toContain('refused');
  });

  it('asks for what others changed, and not for its own echo', async () => {
    events.all.next({ kind: 'site', site: 'gant', head: 1 });
    events.all.next({ kind: 'site', site: 'other', head: 9 });
    await new Promise((done) => setTimeout(done, 100));
    http.expectNone('/api/sites/gant');
    events.all.next({ kind: 'site', site: 'gant', head: 2 });
    await new Promise((done) => setTimeout(done, 100));
    http.expectOne('/api/sites/gant').flush(aSite({ head: 2 }));
  });

  it('does not fall back to an older answer that comes late', async () => {
    void store.refresh();
    http.expectOne('/api/sites/gant').flush(aSite({ head: 5 }));
    await settle();
    void store.refresh();
    http.expectOne('/api/sites/gant').flush(aSite({ head: 4, domain: 'late.example' }));
    await settle();
    expect(store.detail()?.domain).toBeNull();
  });

  it('says where there is no such site', async () => {
    void store.refresh();
    http
      .expectOne('/api/sites/gant')
      .flush({ title: 'There is no such site' }, { status: 404, statusText: 'Not Found' });
    await settle();
    expect(store.missing()).toBeTrue();
  });
});
