import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideIcons } from '@ng-icons/core';
import { lucideArrowDown, lucideArrowUp, lucideGripVertical, lucideTrash2 } from '@ng-icons/lucide';
import type { SiteDocument } from '@tin-porch/core/model';
import { apply, type Operation } from '@tin-porch/core/operations';
import { SiteStore } from '../site/site-store';
import { aDocument } from '../testing/a-site';
import { PlanPage } from './plan-page';

describe('a page in the plan', () => {
  const document_ = signal<SiteDocument>(aDocument());
  const changed: Operation[] = [];
  const live = signal<{ liveRelease: string | null }>({ liveRelease: null });
  const said = signal<{ words: string; undo?: boolean } | null>(null);
  const shownPage = signal('home');
  const pageAt = (n: number) => document_().pages[n]!;

  async function shown(n: number) {
    const fixture = TestBed.createComponent(PlanPage);
    const settle = async () => {
      fixture.componentRef.setInput('page', document_().pages[n] ?? pageAt(0));
      fixture.componentRef.setInput('at', n);
      fixture.componentRef.setInput('last', n === document_().pages.length - 1);
      await new Promise((done) => setTimeout(done));
      await fixture.whenStable();
      fixture.detectChanges();
    };
    await settle();
    const element = fixture.nativeElement as HTMLElement;
    const press = (label: string) =>
      [...element.querySelectorAll('button')]
        .find((b) => `${b.getAttribute('aria-label') ?? ''} ${b.textContent}`.includes(label))!
        .click();
    return { element, settle, press, component: fixture.componentInstance };
  }

  beforeEach(() => {
    changed.length = 0;
    document_.set(aDocument());
    live.set({ liveRelease: null });
    said.set(null);
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideRouter([]),
        provideIcons({ lucideArrowDown, lucideArrowUp, lucideGripVertical, lucideTrash2 }),
        {
          provide: SiteStore,
          useValue: {
            document: document_,
            detail: live,
            page: shownPage,
            said,
            flush: () => Promise.resolve(),
            change(operation: Operation) {
              changed.push(operation);
              document_.set(apply(document_(), operation).document);
            },
          },
        },
      ],
    });
  });

  it('says of each section why it is there, and moves it by its buttons', async () => {
    const { element, settle, press, component } = await shown(0);
    const [first, second] = pageAt(0).sections;
    const rows = [...element.querySelectorAll('li')].map((li) => li.textContent);
    expect(rows.length).toBe(pageAt(0).sections.length);
    pageAt(0).sections.forEach((s, n) => expect(rows[n]).toContain(s.reason));
    let chosen = '';
    component.sectionChosen.subscribe((id) => (chosen = id));
    element.querySelector<HTMLElement>('li .link')!.click();
    expect(chosen).toBe(first!.id);
    [...element.querySelectorAll<HTMLElement>('li')][0]!.querySelector<HTMLElement>('[aria-label*="down"]')!.click();
    await settle();
    expect(
      pageAt(0)
        .sections.slice(0, 2)
        .map((s) => s.id),
    ).toEqual([second!.id, first!.id]);
    expect(element.textContent).not.toContain('In the menu');
    press('Top of the page');
    expect(shownPage()).toBe(pageAt(0).id);
  });

  it('takes a section out and says that it can be taken back; the last one stays', async () => {
    const { element, settle } = await shown(0);
    const out = () => element.querySelectorAll<HTMLButtonElement>('li button[aria-label*="out"]');
    for (let left = pageAt(0).sections.length; left > 1; left--) {
      out()[0]!.click();
      await settle();
      expect(pageAt(0).sections.length).toBe(left - 1);
      expect(said()).toEqual(jasmine.objectContaining({ undo: true }));
    }
    expect([...out()].every((b) => b.disabled)).toBeTrue();
  });

  it('renames a page with its address while nobody knows it, and without once visitors do', async () => {
    const { element, settle } = await shown(1);
    const label = element.querySelector<HTMLInputElement>('.plan-label')!;
    const type = async (words: string) => {
      label.value = words;
      label.dispatchEvent(new Event('input'));
      await settle();
    };
    await type('Our ropes');
    expect([pageAt(1).label, pageAt(1).slug]).toEqual(['Our ropes', 'our-ropes']);
    live.set({ liveRelease: 'r-1' });
    await type('Ropes and fenders');
    expect([pageAt(1).label, pageAt(1).slug]).toEqual(['Ropes and fenders', 'our-ropes']);
    const count = changed.length;
    await type('   ');
    expect(changed.length).toBe(count);
  });

  it('takes a page out of the menu, under another one, and away', async () => {
    const { element, settle, press } = await shown(1);
    element.querySelector<HTMLInputElement>('input[type=checkbox]')!.click();
    await settle();
    expect(pageAt(1).menu).toBeFalse();
    const { id, label } = pageAt(1);
    press(`Take out ${label}`);
    await settle();
    expect(document_().pages.some((p) => p.id === id)).toBeFalse();
    expect(said()!.words).toContain(label);
  });

  it('adds a section that the page can have, at its end', async () => {
    const { element, settle } = await shown(0);
    const before = pageAt(0).sections.length;
    const select = element.querySelector<HTMLSelectElement>('tp-choose-then select')!;
    const shape = [...select.options].find((o) => o.value)!.value;
    select.value = shape;
    select.dispatchEvent(new Event('change'));
    await settle();
    element.querySelector<HTMLElement>('tp-choose-then button')!.click();
    await settle();
    expect(pageAt(0).sections.length).toBe(before + 1);
    expect(pageAt(0).sections.at(-1)!.shape).toBe(shape);
  });
});
