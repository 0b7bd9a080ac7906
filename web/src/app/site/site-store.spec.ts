import { provideHttpClient, type HttpRequest } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting, type TestRequest } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { textAt, type Operation } from '@tin-porch/core/operations';
import { firstValueFrom, Subject } from 'rxjs';
import { aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { PorchApi } from '../api/porch-api';
import { Unsent, type Kept } from '../session/unsent';
import { SiteStore } from './site-store';

const heading = { section: 's1', path: 'heading' };
/** A question about the site, whether for all of it or for what is new. */
const asked = (r: HttpRequest<unknown>) => /^\/api\/sites\/gant(\?|$)/.test(r.urlWithParams);
const write = (value: string): Operation => ({
  op: 'setText',
  at: heading,
  text: { value, from: { kind: 'designer' } },
});

/** Comes when the tab has its lock, and what was kept before is there. */
const keeping = async (unsent: Unsent) => {
  await firstValueFrom(unsent.taken('none'));
  await new Promise((done) => setTimeout(done));
};

describe('the store of a site', () => {
  const kept = new Subject<Kept>();
  let store: SiteStore;
  let http: HttpTestingController;
  let events: ReturnType<typeof toldByHand>;
  let api: PorchApi;
  let unsent: Unsent;
  const settle = () => new Promise((done) => setTimeout(done));
  const words = () => textAt(store.document()!, heading)!.value;
  const sent = (r: TestRequest) => (r.request.body as { operation: { text: { value: string } } }).operation.text.value;

  beforeEach(async () => {
    localStorage.clear();
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
    api = TestBed.inject(PorchApi);
    unsent = TestBed.inject(Unsent);
    store.open('gant');
    http.expectOne(asked).flush(aSite());
    await keeping(unsent);
  });
  afterEach(() => store.ngOnDestroy());

  it('takes back what was there when undo was pressed, and nothing that was typed while that was still on its way', async () => {
    store.change(write('Rope'));
    void store.flush();
    await settle();
    const before = http.expectOne('/api/sites/gant/operations');
    store.change({ op: 'setFact', field: 'phone', value: '0' });
    const undone = store.step('undo');
    // Into the same field, which has not been sent yet, and into another one.
    store.change({ op: 'setFact', field: 'phone', value: '01' });
    store.change({ op: 'setFact', field: 'strapline', value: 'Laid by hand' });
    void store.flush();
    before.flush({ head: 2 });
    await settle();
    const phone = http.expectOne('/api/sites/gant/operations');
    expect((phone.request.body as { operation: Operation }).operation).toEqual(
      jasmine.objectContaining({ op: 'setFact', value: '0' }),
    );
    phone.flush({ head: 3 });
    await settle();
    const undo = http.expectOne('/api/sites/gant/undo');
    expect(undo.request.body).toEqual({ base: 3 });
    http.expectNone('/api/sites/gant/operations');
    undo.flush({ head: 4 });
    await settle();
    http.expectOne(asked).flush(aSite({ head: 4 }));
    await undone;
    const values: unknown[] = [];
    for (const head of [5, 6]) {
      await settle();
      const next = http.expectOne('/api/sites/gant/operations');
      values.push((next.request.body as { base: number; operation: { value: string } }).operation.value);
      expect((next.request.body as { base: number }).base).toBe(4);
      next.flush({ head });
    }
    expect(values).toEqual(['01', 'Laid by hand']);
  });

  it('takes nothing back where what was changed before could not be sent, and says so', async () => {
    store.change(write('Rope'));
    const undone = store.step('undo');
    await settle();
    http.expectOne('/api/sites/gant/operations').error(new ProgressEvent('error'));
    await undone;
    http.expectNone('/api/sites/gant/undo');
    expect(store.said()).toEqual({
      words: 'What was changed before it is not sent yet: nothing was taken back.',
      bad: true,
    });
    expect(words()).toBe('Rope');
  });

  it('sends what was kept before a reload as well as what is typed while it is looked for, each once', async () => {
    const other = TestBed.runInInjectionContext(() => new SiteStore());
    spyOn(TestBed.inject(Unsent), 'taken').and.returnValue(kept);
    other.open('gant');
    for (const r of http.match(asked)) r.flush(aSite());
    await settle();
    other.change(write('Typed at once'));
    void other.flush();
    await settle();
    const first = http.expectOne('/api/sites/gant/operations');
    kept.next({
      waiting: [{ id: 'k', base: 1, tab: 'gone', operation: { op: 'setFact', field: 'phone', value: '1' } }],
      refused: [],
    });
    first.flush({ head: 2 });
    await settle();
    const second = http.expectOne('/api/sites/gant/operations');
    expect(second.request.body as object).toEqual(jasmine.objectContaining({ id: 'k', base: 1, tab: 'gone' }));
    second.flush({ head: 3 });
    await settle();
    http.expectNone('/api/sites/gant/operations');
    other.ngOnDestroy();
  });

  it('makes what is typed during an undo a change of what the undo leaves', async () => {
    const undone = store.step('undo');
    await settle();
    const undo = http.expectOne('/api/sites/gant/undo');
    // What is typed on may be there before it, where the page goes away meanwhile: that is not to be taken back.
    expect(undo.request.body).toEqual({ base: aSite().head });
    store.change(write('Rope'));
    void store.flush();
    await settle();
    http.expectNone('/api/sites/gant/operations');
    undo.flush({ head: 7 });
    await settle();
    http.expectOne(asked).flush(aSite({ head: 7 }));
    await undone;
    await settle();
    const { request } = http.expectOne('/api/sites/gant/operations');
    expect((request.body as { base: number }).base).toBe(7);
    expect(words()).toBe('Rope');
  });

  it('lets no answer that was overtaken stand over a newer one', async () => {
    void store.refresh();
    void store.refresh();
    const [earlier, later] = http.match(asked);
    later!.flush(aSite({ domain: 'now.example' }));
    await settle();
    earlier!.flush(aSite({ domain: 'before.example' }));
    await settle();
    expect(store.detail()!.domain).toBe('now.example');
  });

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
    http.expectOne(asked).flush(aSite({ head: 2, document: store.document()! }));
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
    expect(words()).toBe('Rope, laid');
    expect(store.state()).toBe('saving');
    void store.flush();
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
    const [change] = store.refused();
    expect(change!.why).toContain('The site has changed meanwhile');
    expect(JSON.stringify(change!.operation)).toContain('Rope that was refused');
    expect(words()).not.toContain('refused');

    for (const r of http.match(asked)) r.flush(aSite());
    await settle();
    store.insist(change!);
    expect(words()).toBe('Rope that was refused');
    expect(store.refused()).toEqual([]);
    void store.flush();
    await settle();
    expect(sent(http.expectOne('/api/sites/gant/operations'))).toBe('Rope that was refused');
  });

  it('keeps what is typed after the session ended, and sends it once somebody has signed in again', async () => {
    store.change(write('Rope'));
    void store.flush();
    await settle();
    http
      .expectOne('/api/sites/gant/operations')
      .flush({ title: 'Sign in first' }, { status: 401, statusText: 'Unauthorized' });
    await settle();
    expect(store.state()).toBe('ended');
    expect(api.ended()).toBeTrue();
    store.change(write('Rope, laid by hand'));
    expect(words()).toBe('Rope, laid by hand');
    api.signedIn({
      designer: { id: 'a', mail: 'ines@tinporch.example', name: 'Ines', role: 'designer' },
      organisation: 'Tarrant',
      csrf: 'new',
    });
    await settle();
    const values: string[] = [];
    for (const head of [2, 3]) {
      const request = http.expectOne('/api/sites/gant/operations');
      expect(request.request.headers.get('x-porch-token')).toBe('new');
      values.push(sent(request));
      request.flush({ head });
      await settle();
      if (!http.match(asked).length) continue;
      break;
    }
    expect(values.at(-1)).toBe('Rope, laid by hand');
    expect(store.refused()).toEqual([]);
  });

  it('brings back after a reload what was not sent, and what was refused', async () => {
    store.change(write('Rope before the reload'));
    store.ngOnDestroy();
    const again = TestBed.runInInjectionContext(() => new SiteStore());
    again.open('gant');
    for (const r of http.match(asked)) r.flush(aSite());
    await new Promise((done) => setTimeout(done, 50));
    expect(textAt(again.document()!, heading)!.value).toBe('Rope before the reload');
    again.ngOnDestroy();
  });

  it('sends a change with its own id and the step it was made on, so that none is taken twice or overwrites unseen', async () => {
    store.change(write('Rope'));
    void store.flush();
    await settle();
    const first = http.expectOne('/api/sites/gant/operations');
    const { id, base } = first.request.body as { id: string; base: number };
    expect(base).toBe(1);
    first.error(new ProgressEvent('error'));
    await settle();
    void store.flush();
    await settle();
    expect((http.expectOne('/api/sites/gant/operations').request.body as { id: string }).id).toBe(id);
  });

  it('does not send what no longer fits: the second of two clicks on “Take out”', async () => {
    store.change({ op: 'removeSection', section: 's2' });
    store.change({ op: 'removeSection', section: 's2' });
    await settle();
    http.expectOne('/api/sites/gant/operations').flush({ head: 2 });
    await settle();
    http.expectNone('/api/sites/gant/operations');
    expect(store.refused()).toEqual([]);
  });

  it('makes a call once, however often it is asked for while it is under way', async () => {
    const both = [store.post('/domain/register'), store.post('/domain/register')];
    expect(store.busy('POST /domain/register')).toBeTrue();
    http.expectOne('/api/sites/gant/domain/register').flush({ domain: 'gant.example' });
    await settle();
    for (const r of http.match(asked)) r.flush(aSite());
    expect(await Promise.all(both)).toEqual([{ domain: 'gant.example' }, { domain: 'gant.example' }]);
    expect(store.busy('POST /domain/register')).toBeFalse();
  });

  it('takes back the change that was spoken of and no other, and stops offering it once there is a newer one', async () => {
    store.change({ op: 'removeSection', section: 's2' });
    store.said.set({ words: 'Taken out.', bad: false, undo: true });
    await settle();
    http.expectOne('/api/sites/gant/operations').flush({ head: 2 });
    await settle();
    for (const r of http.match(asked)) r.flush(aSite({ head: 2, document: store.document()! }));
    await settle();
    expect(store.said()?.undo).toBeTrue();
    void store.undoSaid();
    await settle();
    expect(http.expectOne('/api/sites/gant/undo').request.body).toEqual({ of: 2 });
    store.change(write('Something newer'));
    expect(store.said()).toBeNull();
  });

  it('asks for what others changed, and not for its own echo', async () => {
    events.all.next({ kind: 'site', site: 'gant', head: 1 });
    events.all.next({ kind: 'site', site: 'other', head: 9 });
    await new Promise((done) => setTimeout(done, 100));
    http.expectNone(asked);
    events.all.next({ kind: 'site', site: 'gant', head: 2 });
    await new Promise((done) => setTimeout(done, 100));
    http.expectOne(asked).flush(aSite({ head: 2 }));
  });

  it('asks for what is new of a site it knows, and comes to the document the others have', async () => {
    void store.refresh();
    const request = http.expectOne(asked);
    expect(request.request.urlWithParams).toBe('/api/sites/gant?since=1');
    const { document: _, ...news } = aSite({ head: 3 });
    request.flush({ ...news, operations: [write('By others'), { op: 'setFact', field: 'place', value: 'Ottersay' }] });
    await settle();
    expect(words()).toBe('By others');
    expect(store.document()!.facts.place).toBe('Ottersay');
    expect(store.detail()!.head).toBe(3);
  });

  it('asks for all of it where what is new does not fit what is here, or others changed it in between', async () => {
    void store.refresh();
    const { document: _, ...news } = aSite({ head: 2 });
    http.expectOne(asked).flush({ ...news, operations: [{ op: 'removePage', page: 'nowhere' }] });
    await settle();
    const whole = http.expectOne(asked);
    expect(whole.request.urlWithParams).toBe('/api/sites/gant');
    whole.flush(aSite({ head: 2 }));
    await settle();
    store.change(write('Mine'));
    void store.flush();
    await settle();
    // Two steps later: one of them is not known here.
    http.expectOne('/api/sites/gant/operations').flush({ head: 4 });
    await settle();
    expect(http.expectOne(asked).request.urlWithParams).toBe('/api/sites/gant');
  });

  it('puts on the change as it reads over what others did, and says what it was made with', async () => {
    const place = store.document()!.facts.place;
    const { head } = store.detail()!;
    store.change({ op: 'setFact', field: 'place', value: 'Ottersay' }, 'ask');
    void store.flush();
    await settle();
    const request = http.expectOne('/api/sites/gant/operations');
    expect(request.request.body).toEqual(jasmine.objectContaining({ part: 'ask', base: head }));
    request.flush({ head: head + 1, operation: { op: 'setFact', field: 'place', value: `${place} and Ottersay` } });
    await settle();
    expect(store.document()!.facts.place).toBe(`${place} and Ottersay`);
    expect(http.expectOne(asked).request.urlWithParams).toBe(`/api/sites/gant?since=${head + 1}`);
  });

  it('keeps nothing of who only looks, and says so; a main action says why it is not theirs', () => {
    const as = (role: 'accountant' | 'helper' | 'designer') =>
      api.session.set({
        designer: { id: 'a', mail: 'p@tinporch.example', name: 'Piran', role },
        organisation: 'Tarrant',
        csrf: 'x',
      });
    as('accountant');
    store.change(write('Not theirs'));
    expect(words()).not.toBe('Not theirs');
    expect(store.said()).toEqual(jasmine.objectContaining({ bad: true, words: jasmine.stringContaining('not kept') }));
    const publish = { label: 'Publish', run: () => undefined, for: 'designer' as const };
    store.main.set(publish);
    expect(store.mainFor()?.why).toContain('designers and owners');
    as('helper');
    expect(store.mainFor()?.why).toContain('designers and owners');
    store.change(write('Theirs'));
    expect(words()).toBe('Theirs');
    as('designer');
    expect(store.mainFor()).toBe(publish);
  });

  it('does not fall back to an older answer that comes late', async () => {
    void store.refresh();
    http.expectOne(asked).flush(aSite({ head: 5 }));
    await settle();
    void store.refresh();
    http.expectOne(asked).flush(aSite({ head: 4, domain: 'late.example' }));
    await settle();
    expect(store.detail()?.domain).toBeNull();
  });

  it('says where there is no such site', async () => {
    void store.refresh();
    http.expectOne(asked).flush({ title: 'There is no such site' }, { status: 404, statusText: 'Not Found' });
    await settle();
    expect(store.missing()).toBeTrue();
  });
});
