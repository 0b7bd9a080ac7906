import { Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { ChooseThen } from './choose-then';
import { KeptText } from './kept-text';
import { some } from '@tin-porch/core/some';

@Component({
  selector: 'tp-list-field',
  imports: [KeptText, ChooseThen],
  template: `
    <input [tpKept]="list().join(', ')" (typed)="take($event)" />
    <tp-choose-then
      label="A place"
      placeholder="…"
      act="Put it there"
      [options]="options"
      (chosen)="done.set(done().concat($event))"
    />
  `,
})
class ListField {
  readonly list = signal(['German']);
  readonly done = signal<string[]>([]);
  readonly options = [
    ['a', 'A'],
    ['b', 'B'],
  ] as const;
  take(text: string): void {
    this.list.set(
      text
        .split(',')
        .map((t) => t.trim())
        .filter(Boolean),
    );
  }
}

describe('a field that is read as it is typed', () => {
  const settle = () => new Promise((done) => setTimeout(done, 20));

  it('takes every letter, leaves the hand alone, and tidies up afterwards', async () => {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    const made = TestBed.createComponent(ListField);
    document.body.append(made.nativeElement as Node);
    await settle();
    const field = made.nativeElement.querySelector('input') as HTMLInputElement;
    expect(field.value).toBe('German');
    field.focus();
    field.value = 'German, , French ,';
    field.dispatchEvent(new Event('input'));
    await settle();
    expect(made.componentInstance.list()).toEqual(['German', 'French']);
    expect(field.value).toBe('German, , French ,');
    field.blur();
    expect(field.value).toBe('German, French');
  });
});

describe('a choice that is done by its button', () => {
  it('does nothing while one goes through the list, and once when it is pressed', async () => {
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    const made = TestBed.createComponent(ListField);
    const settle = () => made.whenStable();
    await settle();
    const select = made.nativeElement.querySelector('select') as HTMLSelectElement;
    const button = made.nativeElement.querySelector('button') as HTMLButtonElement;
    expect(button.disabled).toBeTrue();
    for (const value of ['a', 'b']) {
      select.value = value;
      select.dispatchEvent(new Event('change'));
      await settle();
    }
    expect(made.componentInstance.done()).toEqual([]);
    button.click();
    await settle();
    expect(made.componentInstance.done()).toEqual(['b']);
    expect(button.disabled).toBeTrue();
  });
});

describe('a number with its noun', () => {
  it('is one or many', () => {
    expect([some(1, 'page'), some(0, 'page'), some(2, 'entry', 'entries')]).toEqual(['1 page', '0 pages', '2 entries']);
  });
});
