import { provideHttpClient } from '@angular/common/http';
import { provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideIcons } from '@ng-icons/core';
import { lucideArrowDown, lucideArrowUp, lucidePlus, lucideTrash2 } from '@ng-icons/lucide';
import { listsOf } from '@tin-porch/core/making';
import type { Section } from '@tin-porch/core/model';
import { apply, type Operation, type OperationNamed } from '@tin-porch/core/operations';
import { aDocument, aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { RefusedChanges } from './refused-changes';
import { SectionPanel } from './section-panel';
import { Collections } from '../collections/collections';
import { SiteStore } from './site-store';

describe('the panels of a site', () => {
  const document_ = aDocument();
  const sections = document_.pages.flatMap((p) => p.sections);
  const listed = sections.find((s) => (listsOf(s)[0]?.items.length ?? 0) > 1)!;
  let store: SiteStore;
  const changed: Operation[] = [];
  const settle = async (fixture: ComponentFixture<unknown>) => {
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
    fixture.detectChanges();
  };
  async function shown<C>(component: Type<C>, inputs: Record<string, unknown> = {}) {
    const fixture = TestBed.createComponent(component);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    await settle(fixture);
    return { fixture, element: fixture.nativeElement as HTMLElement };
  }
  const labelled = (element: HTMLElement, words: string) =>
    [...element.querySelectorAll('button')].find((b) =>
      `${b.getAttribute('aria-label') ?? ''} ${b.textContent}`.includes(words),
    )!;

  beforeEach(() => {
    changed.length = 0;
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        provideIcons({ lucideArrowDown, lucideArrowUp, lucidePlus, lucideTrash2 }),
        toldByHand().provider,
        SiteStore,
        Collections,
      ],
    });
    store = TestBed.inject(SiteStore);
    store.detail.set(aSite({ document: document_ }));
    store.id.set('gant');
    spyOn(store, 'flush').and.resolveTo();
    spyOn(store, 'change').and.callFake((o: Operation) => void changed.push(o));
  });

  it('move, take out and add items by their ids, one operation each', async () => {
    const list = listsOf(listed)[0]!;
    const { element } = await shown(SectionPanel, { section: listed });
    const place = { section: listed.id, path: list.field };
    const rows = [...element.querySelectorAll<HTMLElement>('.items li')];
    expect(rows.map((r) => r.querySelector('span')!.textContent.trim())).toEqual(list.items.map((i) => i.name));
    labelled(rows[0]!, 'down').click();
    expect(changed.pop()).toEqual({ op: 'moveItem', list: place, item: list.items[0]!.id, to: 1 });
    [...rows[1]!.querySelectorAll('button')].at(-1)!.click();
    expect(changed.pop()).toEqual({ op: 'removeItem', list: place, item: list.items[1]!.id });
    expect(store.said()).toEqual(jasmine.objectContaining({ undo: true }));
    labelled(element, list.one).click();
    const added = changed.pop() as OperationNamed<'insertItem'>;
    expect([added.op, added.at]).toEqual(['insertItem', list.items.length]);
    // It fits the site, and stands at the end.
    const after = apply(document_, added)
      .document.pages.flatMap((p) => p.sections)
      .find((s) => s.id === listed.id)!;
    expect(listsOf(after)[0]!.items.at(-1)!.id).toBe(added.item.id);
  });

  it('lay a section out in another shape of its kind, and on another ground', async () => {
    const { element } = await shown(SectionPanel, { section: listed });
    const [shape, ground] = [...element.querySelectorAll('select')];
    const other = [...shape!.options].find((o) => o.value !== listed.shape)!;
    shape!.value = other.value;
    shape!.dispatchEvent(new Event('change'));
    expect(changed.pop()).toEqual(
      jasmine.objectContaining({ op: 'setShape', section: listed.id, shape: other.value }) as never,
    );
    ground!.value = 'deep';
    ground!.dispatchEvent(new Event('change'));
    expect(changed.pop()).toEqual({ op: 'setShape', section: listed.id, shape: listed.shape, ground: 'deep' });
  });

  it('offer no other shape for what every page shares', async () => {
    const { element } = await shown(SectionPanel, { section: document_.header as Section, shared: true });
    expect(element.querySelector('select')).toBeNull();
  });

  it('keep what the server refused, with its words, until it is put there or let go', async () => {
    const operation: Operation = { op: 'setFact', field: 'place', value: 'Brinegate' };
    store.refused.set([
      { id: 'r1', base: 1, tab: 't', operation, why: 'Tom wrote “Ottersay”.' },
      { id: 'r2', base: 1, tab: 't', operation: { op: 'setFact', field: 'phone', value: '1' }, why: 'Gone.' },
    ]);
    const { fixture, element } = await shown(RefusedChanges);
    const items = [...element.querySelectorAll<HTMLElement>('li')];
    expect(items[0]!.textContent).toContain('Tom wrote “Ottersay”');
    expect(items[0]!.querySelector('.typed')!.textContent).toBe('Brinegate');
    labelled(items[1]!, 'Let it go').click();
    await settle(fixture);
    expect(element.querySelectorAll('li').length).toBe(1);
    labelled(element, 'Put mine there').click();
    await settle(fixture);
    expect(changed).toEqual([operation]);
    expect(store.refused()).toEqual([]);
  });
});
