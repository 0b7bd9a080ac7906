import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { SiteDocument } from '@tin-porch/core/model';
import { apply, type Operation } from '@tin-porch/core/operations';
import { Asking } from '../asking/asking';
import { WritingDesk } from '../writing/writing-desk';
import { SiteStore } from '../site/site-store';
import { aDocument, aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { Points, type Line } from './points';
import { PointsLine } from './points-line';
import { PointsSteps } from './points-steps';

const first = aDocument();
const section = first.pages[0]!.sections[1]!;
const heading = (value: string): Operation => ({
  op: 'setText',
  at: { section: section.id, path: 'heading' },
  text: { value, from: { kind: 'designer' } },
});
const second = apply(first, heading('Second')).document;
const third = apply(second, { op: 'setFact', field: 'phone', value: '01632 960 999' }).document;
const line = (seq: number, by: string, more: Partial<Line> = {}): Line => ({
  seq,
  kind: 'do',
  words: `Step ${seq}`,
  by,
  part: 'designer',
  at: `2026-11-2${seq}T08:00:00.000Z`,
  name: null,
  ...more,
});

describe('the points a site has been at', () => {
  let store: SiteStore;
  let points: Points;
  let asking: Asking;
  let http: HttpTestingController;
  let steps: ComponentFixture<PointsSteps>;
  let over: ComponentFixture<PointsLine>;
  const element = () => steps.nativeElement as HTMLElement;
  const settle = async () => {
    await steps.whenStable();
    await over.whenStable();
    await new Promise((done) => setTimeout(done));
  };
  const press = async (words: string) => {
    const button = Array.from(element().querySelectorAll('button')).find((b) => b.textContent!.includes(words));
    if (!button) throw new Error(`no “${words}”`);
    button.click();
    await settle();
  };
  const give = async (step: number, document: SiteDocument) => {
    http.expectOne(`/api/sites/gant/points/${step}`).flush({ document });
    await settle();
  };

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideRouter([]),
        toldByHand().provider,
        SiteStore,
        // It would ask who writes.
        { provide: WritingDesk, useValue: { busy: signal(false) } },
        Asking,
        Points,
      ],
    });
    http = TestBed.inject(HttpTestingController);
    store = TestBed.inject(SiteStore);
    store.detail.set(aSite({ document: third, head: 3 }));
    store.id.set('gant');
    spyOn(store, 'flush').and.resolveTo();
    asking = TestBed.inject(Asking);
    points = TestBed.inject(Points);
    steps = TestBed.createComponent(PointsSteps);
    over = TestBed.createComponent(PointsLine);
    document.body.append(element());
    await settle();
    http.expectNone('/api/sites/gant/history?most=400');
    points.looking.set(true);
    await settle();
    http.expectOne('/api/sites/gant/history?most=400').flush({
      lines: [line(3, 'Tom', { kind: 'undo' }), line(2, 'Ines', { name: 'Shown to them' }), line(1, 'Ines')],
    });
    await settle();
  });
  afterEach(() => {
    steps.destroy();
    http.verify();
  });

  it('are told newest first, with who and what, and drawn a row for each person', () => {
    const told = Array.from(element().querySelectorAll('.trail button'), (b) =>
      b.textContent!.replace(/\s+/g, ' ').trim(),
    );
    expect(told[0]).toContain('Undid: Step 3');
    expect(told[1]).toContain('Shown to them');
    const drawn = over.nativeElement as HTMLElement;
    expect(drawn.querySelectorAll('circle').length).toBe(3);
    expect(Array.from(drawn.querySelectorAll('.who'), (t) => t.textContent)).toEqual(['Ines', 'Tom']);
    expect(drawn.querySelectorAll('circle.named').length).toBe(1);
  });

  it('show the site as it was, and say what differs from now', async () => {
    await press('Step 1');
    expect(points.document()).toBeNull();
    await give(1, first);
    expect(points.document()).toEqual(first);
    expect(element().innerText).toContain('Different from now: 2 changes');
    // What is known is not asked for again; the newest is what is here.
    await press('Step 3');
    expect(points.document()).toBe(store.document());
    await press('Step 1');
    expect(element().querySelector('[aria-current]')!.textContent).toContain('Step 1');
  });

  it('are brought back in part, exactly, as one step that can be taken back', async () => {
    await press('Step 1');
    await give(1, first);
    await press('Bring back');
    const at = asking.changes().findIndex((c) => c.at.section !== section.id);
    asking.toggle(at);
    await settle();
    asking.take();
    expect(store.document()!.pages).toEqual(first.pages);
    expect(store.document()!.facts.phone).toBe('01632 960 999');
  });

  it('are compared with each other, the later as what became of the earlier', async () => {
    await press('Step 1');
    await give(1, first);
    await press('Compare');
    points.with.set(2);
    await settle();
    await give(2, second);
    expect(element().innerText).toContain('Between the two: 1 change');
    expect(points.changes()[0]!.after).toContain('Second');
    await press('Back to now');
    expect([points.at(), points.with()]).toEqual([null, null]);
  });

  it('have names', async () => {
    await press('Step 1');
    await give(1, first);
    const field = element().querySelector<HTMLInputElement>('#point-name')!;
    field.value = 'Agreed';
    field.dispatchEvent(new Event('input'));
    // Left, it is kept; sent once more at once, it goes once.
    field.dispatchEvent(new Event('blur'));
    await press('Keep');
    const put = http.expectOne('/api/sites/gant/points/1');
    expect([put.request.method, put.request.body]).toEqual(['PUT', { name: 'Agreed' }]);
    put.flush({ name: 'Agreed' });
    await settle();
    expect(element().querySelector('[aria-current]')!.textContent).toContain('Agreed');
  });

  it('that cannot be looked up say why', async () => {
    await press('Step 1');
    http.expectOne('/api/sites/gant/points/1').flush({ title: 'Broken' }, { status: 500, statusText: 'x' });
    await settle();
    expect(element().querySelector('[role=alert]')!.textContent).toContain('Broken');
  });
});
