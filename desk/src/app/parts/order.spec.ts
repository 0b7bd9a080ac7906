import { Component, signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Drafts } from '../drafts';
import { atTheDesk, button, shown, textOf } from '../testing/at-the-desk';
import { en } from '../words/en';
import { inOrder, OrderPart, type Ordered } from './order';

const ROWS: Ordered[] = ['a', 'b', 'c'].map((id) => ({ id, name: `Part ${id}` }));
@Component({ imports: [OrderPart], template: `<dk-order of="page/home" [rows]="rows()" />` })
class Around {
  readonly rows = signal(ROWS);
}

describe('an order that is changed by hand', () => {
  let fixture: ComponentFixture<Around>;
  const element = () => fixture.nativeElement as HTMLElement;
  const names = () => [...element().querySelectorAll('li span')].map((s) => s.textContent);
  const press = async (label: string) => {
    element().querySelector<HTMLElement>(`[aria-label="${label}"]`)!.click();
    await new Promise((done) => setTimeout(done));
    await fixture.whenStable();
  };
  beforeEach(async () => {
    atTheDesk();
    fixture = await shown(Around);
    document.body.append(element());
  });
  afterEach(() => element().remove());

  it('goes one step at a time, stays under the hand, and is nothing where all is as it was', async () => {
    const drafts = TestBed.inject(Drafts);
    await press(`${en.order.down}: Part a`);
    expect(names()).toEqual(['Part b', 'Part a', 'Part c']);
    expect(document.activeElement!.id).toBe('down-a');
    await press(`${en.order.down}: Part a`);
    expect(drafts.all()).toEqual([{ kind: 'order', of: 'page/home', was: ['a', 'b', 'c'], value: ['b', 'c', 'a'] }]);
    // The last goes no further.
    await press(`${en.order.down}: Part a`);
    await press(`${en.order.up}: Part b`);
    expect(names()).toEqual(['Part b', 'Part c', 'Part a']);
    await press(`${en.order.up}: Part a`);
    await press(`${en.order.up}: Part a`);
    expect([names(), drafts.all()]).toEqual([['Part a', 'Part b', 'Part c'], []]);
  });

  it('keeps its place for what came since, and says where somebody else changed it', async () => {
    await press(`${en.order.up}: Part c`);
    fixture.componentInstance.rows.set([ROWS[0]!, { id: 'n', name: 'New' }, ROWS[1]!, ROWS[2]!]);
    await fixture.whenStable();
    expect(names()).toEqual(['Part a', 'New', 'Part c', 'Part b']);
    expect(textOf(fixture)).not.toContain(en.order.differs);
    fixture.componentInstance.rows.set([ROWS[2]!, ROWS[1]!, ROWS[0]!]);
    await fixture.whenStable();
    expect(textOf(fixture)).toContain(en.order.differs);
    button(fixture, en.takeTheirs).click();
    await fixture.whenStable();
    expect([names(), TestBed.inject(Drafts).all()]).toEqual([['Part c', 'Part b', 'Part a'], []]);
  });

  it('is nothing to be shown where there is one thing or none', async () => {
    for (const rows of [[], [ROWS[0]!]]) {
      fixture.componentInstance.rows.set(rows);
      await fixture.whenStable();
      expect(textOf(fixture)).toBe('');
    }
  });

  it('loses nothing of what is there, whatever was kept on the device', () => {
    const change = { kind: 'order' as const, of: 'page/home', was: ['a', 'gone', 'b'], value: ['b', 'gone', 'a'] };
    expect(inOrder(ROWS, change).map((r) => r.id)).toEqual(['b', 'a', 'c']);
    expect(inOrder(ROWS, undefined)).toEqual(ROWS);
  });
});
