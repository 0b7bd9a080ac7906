import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { apply, type Operation } from '@tin-porch/core/operations';
import { rework } from '@tin-porch/core/making';
import { SiteStore } from '../site/site-store';
import { aDocument, aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { ReworkPanel } from './rework-panel';
import { WritingDesk } from './writing-desk';

describe('working words over', () => {
  const document_ = aDocument();
  const { changes } = rework(document_, { kind: 'livelier', scope: 'site' });
  let http: HttpTestingController;
  const changed: Operation[] = [];

  beforeEach(() => {
    changed.length = 0;
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
    const store = TestBed.inject(SiteStore);
    store.detail.set(aSite({ document: document_ }));
    spyOn(store, 'change').and.callFake((o: Operation) => void changed.push(o));
  });

  it('asks for the page that is open, shows each difference, and takes a text with what was left out of it', async () => {
    const fixture = TestBed.createComponent(ReworkPanel);
    http.expectOne('/api/writing').flush({ service: null });
    await fixture.whenStable();
    const element = fixture.nativeElement as HTMLElement;
    const button = (words: string, within: ParentNode = element) =>
      [...within.querySelectorAll('button')].find((b) => b.textContent!.trim() === words)!;
    button('Livelier').click();
    await Promise.resolve();
    await new Promise((done) => setTimeout(done));
    const request = http.expectOne('/api/sites/gant/rework');
    expect(request.request.body).toEqual(
      jasmine.objectContaining({ kind: 'livelier', scope: { page: 'home' }, by: 'house' }),
    );
    request.flush({ changes, note: '', by: 'house', cost: null });
    await fixture.whenStable();
    await new Promise((done) => setTimeout(done));
    fixture.detectChanges();
    const items = [...element.querySelectorAll('.proposals li')];
    expect(items.length).toBe(changes.length);
    const marks = [...items[0]!.querySelectorAll<HTMLButtonElement>('.changed button')];
    for (const mark of marks) mark.click();
    await fixture.whenStable();
    button('Take', items[0]!).click();
    expect(changed).toEqual([{ op: 'setText', at: changes[0]!.at, text: changes[0]!.before }]);

    // What was written since a proposal was made is not written over.
    const { at } = changes[1]!;
    const typed = apply(document_, { op: 'setText', at, text: { value: 'Typed since', from: { kind: 'designer' } } });
    TestBed.inject(SiteStore).detail.set(aSite({ document: typed.document }));
    await fixture.whenStable();
    button('Take', [...element.querySelectorAll('.proposals li')][0]!).click();
    await fixture.whenStable();
    expect(changed.length).toBe(1);
    expect(element.textContent).toContain('changed since this was proposed');
  });
});
