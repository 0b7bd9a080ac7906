import { TestBed } from '@angular/core/testing';
import { ChangedText, composed, stretches } from './changed-text';

describe('a changed text', () => {
  const before = 'We mend old boats, and we like it.';
  const after = 'We repair boats. We like it very much.';
  it('is the new text when every change is taken, and the old one when every change is left', () => {
    const parts = stretches(before, after);
    expect(composed(parts, new Set())).toBe(after);
    expect(composed(parts, new Set(parts.keys()))).toBe(before);
    expect(parts.filter((p) => p.kept !== undefined).map((p) => p.kept)).toContain('We ');
  });

  it('leaves a change at a click and takes it again at another', () => {
    const fixture = TestBed.createComponent(ChangedText);
    fixture.componentRef.setInput('before', 'We mend boats.');
    fixture.componentRef.setInput('after', 'We repair boats.');
    const said: string[] = [];
    fixture.componentInstance.text.subscribe((t) => said.push(t));
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const button = element.querySelector('button')!;
    expect(element.textContent).toContain('We mend becomes repair boats.');
    button.click();
    fixture.detectChanges();
    expect(button.getAttribute('aria-pressed')).toBe('false');
    button.click();
    expect(said).toEqual(['We mend boats.', 'We repair boats.']);
  });

  it('tell long texts that share next to nothing whole, in time', () => {
    const words = (from: number) =>
      Array.from({ length: 30_000 }, (_, n) => `w${(n * 7919 + from) % 99_991}`).join(' ');
    const [before, after] = [words(1), words(50_000)];
    const parts = stretches(before, after);
    expect(parts.map((p) => p.kept ?? p.out ?? '').join('')).toBe(before);
    expect(composed(parts, new Set())).toBe(after);
  });
});
