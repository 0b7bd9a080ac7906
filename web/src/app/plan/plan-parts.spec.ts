import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { aDocument } from '../testing/a-site';
import { SiteMap } from './site-map';
import { Wireframe } from './wireframe';

describe('the plan, drawn', () => {
  const { pages } = aDocument();
  beforeEach(() => TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] }));

  it('as a tree: every page once, in the order of the menu, those outside it said to be so, chosen by key', async () => {
    const fixture = TestBed.createComponent(SiteMap);
    fixture.componentRef.setInput('pages', [...pages.slice(0, 3), { ...pages[3]!, menu: false }]);
    await fixture.whenStable();
    const boxes = [...(fixture.nativeElement as HTMLElement).querySelectorAll<SVGGElement>('g[role=button]')];
    expect(boxes.map((b) => b.querySelector('.label')!.textContent)).toEqual(pages.map((p) => p.label));
    expect(boxes.at(-1)!.getAttribute('aria-label')).toContain('footer only');
    const tops = boxes.slice(1).map((b) => Number(/,([\d.]+)\)/.exec(b.getAttribute('transform')!)![1]));
    expect(tops).toEqual([...tops].sort((a, b) => a - b));
    expect(new Set(tops).size).toBe(3);
    let chosen = '';
    fixture.componentInstance.choose.subscribe((id) => (chosen = id));
    boxes[2]!.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    expect(chosen).toBe(pages[2]!.id);
  });

  it('as a wireframe: the real headings and what each section holds, in order', async () => {
    const fixture = TestBed.createComponent(Wireframe);
    fixture.componentRef.setInput('page', pages[0]);
    await fixture.whenStable();
    const element = fixture.nativeElement as HTMLElement;
    const sections = [...element.querySelectorAll('.wire')];
    expect(sections.length).toBe(pages[0]!.sections.length);
    expect(sections[0]!.querySelector('b')!.textContent).toBe(
      (pages[0]!.sections[0]!.content['heading'] as { value: string }).value,
    );
    expect(element.querySelector('.wire.services ul')!.textContent).toContain('Mooring ropes');
  });
});
