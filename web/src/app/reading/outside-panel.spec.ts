import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { apply, type Operation } from '@tin-porch/core/operations';
import { SiteStore } from '../site/site-store';
import { aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { WritingDesk } from '../writing/writing-desk';
import { OutsidePanel } from './outside-panel';

describe('reading by an outside service', () => {
  let http: HttpTestingController;
  let store: SiteStore;
  const rest = () => new Promise((done) => setTimeout(done));

  beforeEach(() => {
    localStorage.clear();
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        toldByHand().provider,
        SiteStore,
        WritingDesk,
      ],
    });
    http = TestBed.inject(HttpTestingController);
    store = TestBed.inject(SiteStore);
    store.detail.set(aSite());
    spyOn(store, 'change').and.callFake((o: Operation) =>
      store.detail.set({ ...store.detail()!, document: apply(store.document()!, o).document }),
    );
  });
  async function shown(service: { name: string } | null) {
    const fixture = TestBed.createComponent(OutsidePanel);
    http.expectOne('/api/writing').flush({ service });
    await rest();
    http
      .match((r) => r.url === '/api/sites/gant/writing')
      .forEach((r) => r.flush({ spent: [{ answers: 2, amount: 0.0042, currency: 'GBP', estimated: false }] }));
    await rest();
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const settle = async () => {
      await rest();
      fixture.detectChanges();
    };
    return { element, settle };
  }

  it('is not offered where there is none', async () => {
    expect((await shown(null)).element.textContent).toBe('');
  });

  it('sends the text only when asked to, and puts in only what is taken', async () => {
    const { element, settle } = await shown({ name: 'Quillfoot' });
    http.expectNone('/api/sites/gant/read');
    element.querySelector('button')!.click();
    await settle();
    const cost = { input: 900, output: 100, amount: 0.002, currency: 'GBP', estimated: true };
    http.expectOne('/api/sites/gant/read').flush({
      facts: [
        { kind: 'service', value: 'Splicing', detail: '£14', quote: 'We splice for £14.' },
        { kind: 'founded', value: '1871', detail: '', quote: 'since 1871' },
      ],
      dropped: 1,
      held: 2,
      note: '',
      cost,
    });
    await settle();
    const said = element.textContent;
    for (const words of ['1 fact left out', '2 facts not offered', 'about £0.002', '“We splice for £14.”'])
      expect(said).toContain(words);
    const before = store.document()!.facts.services.length;
    element.querySelector<HTMLElement>('[aria-label="Take service Splicing"]')!.click();
    await settle();
    const { services, founded } = store.document()!.facts;
    expect(services.length).toBe(before + 1);
    expect(services.at(-1)).toEqual(jasmine.objectContaining({ name: 'Splicing', price: '£14' }));
    expect(founded).not.toBe('1871');
    expect(element.querySelectorAll('li').length).toBe(1);
  });

  it('says what went wrong, and what a site has cost so far', async () => {
    const { element, settle } = await shown({ name: 'Quillfoot' });
    element.querySelector('button')!.click();
    await settle();
    http.expectOne('/api/sites/gant/read').flush({
      facts: [],
      dropped: 0,
      held: 0,
      note: 'The service did not read it: It cannot be reached.',
      cost: null,
    });
    await settle();
    expect(element.textContent).toContain('It cannot be reached');
    expect(TestBed.inject(WritingDesk).spent()).toBe('This site so far: £0.0042 for 2 answers.');
  });

  it('is chosen for each site by itself', async () => {
    await shown({ name: 'Quillfoot' });
    const desk = TestBed.inject(WritingDesk);
    desk.choose('service');
    expect(desk.by()).toBe('service');
    store.detail.set({ ...store.detail()!, document: { ...store.document()!, id: 'other' } });
    expect(desk.by()).toBe('house');
    store.detail.set({ ...store.detail()!, document: { ...store.document()!, id: 'gant' } });
    expect(desk.by()).toBe('service');
  });
});
