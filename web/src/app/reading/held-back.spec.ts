import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { readBrief } from '@tin-porch/core/brief';
import { CLEARED } from '@tin-porch/core/making';
import { SiteStore } from '../site/site-store';
import { aDocument, aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { HeldBackPanel } from './held-back';

/** The page; the document of a site has the same name here. */
const page = () => globalThis.document;

describe('what is held back', () => {
  it('is listed with why, cleared and held again, and facts read from running text are confirmed there', async () => {
    localStorage.clear();
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        toldByHand().provider,
        SiteStore,
      ],
    });
    const store = TestBed.inject(SiteStore);
    const description =
      'Hi Ines, thanks for calling. We are open Monday to Friday 8 to 5. We lay rope in the long walk behind the chapel. Please leave the prices off.';
    const document = { ...aDocument(), facts: { ...aDocument().facts, ...readBrief(`Name: Gant\n\n${description}`) } };
    store.open('gant');
    TestBed.inject(HttpTestingController).expectOne('/api/sites/gant').flush(aSite({ document }));
    await new Promise((done) => setTimeout(done));
    const made = TestBed.createComponent(HeldBackPanel);
    await made.whenStable();
    const element = made.nativeElement as HTMLElement;
    const lines = () =>
      Array.from(element.querySelectorAll('.held li')).map((l) => l.textContent!.replace(/\s+/g, ' '));
    expect(lines().length).toBe(2);
    expect(lines()[1]).toContain('Please leave the prices off. a don’t');
    element.querySelectorAll<HTMLElement>('.held button')[1]!.click();
    await made.whenStable();
    expect(store.document()!.corrections).toEqual([{ words: 'Please leave the prices off.', was: CLEARED, is: null }]);
    expect(lines()[1]).toContain('cleared');
    element.querySelectorAll<HTMLElement>('.held button')[1]!.click();
    await made.whenStable();
    expect(store.document()!.corrections).toEqual([]);

    const right = () => element.querySelector<HTMLElement>('[aria-label="It is right: Opening hours"]');
    expect(right()).not.toBeNull();
    right()!.click();
    await made.whenStable();
    expect(right()).toBeNull();
    store.change({ op: 'setCorrections', corrections: [] });
    await made.whenStable();
    const keys = (on: Element, key: string) =>
      on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
    const wrong = element.querySelector<HTMLElement>('[aria-label="It is wrong: Opening hours"]')!;
    wrong.focus();
    keys(wrong, 'x');
    expect(store.document()!.facts.hours).not.toBe('');
    keys(wrong, 'n');
    await made.whenStable();
    expect(store.document()!.facts.hours).toBe('');
    expect(store.document()!.corrections.map((c) => [c.was, c.is])).toEqual([['hours', null]]);
    expect(element.querySelector('[aria-label="It is right: Opening hours"]')).toBeNull();

    element.querySelector('details')!.open = true;
    const first = element.querySelector<HTMLElement>('.held li button')!;
    first.focus();
    keys(first, 'ArrowDown');
    const second = element.querySelectorAll<HTMLElement>('.held li')[1]!.querySelector('button')!;
    expect(page().activeElement).toBe(second);
    keys(second, 'y');
    await made.whenStable();
    expect(store.document()!.corrections.map((c) => c.was)).toEqual(['hours', CLEARED]);
    store.ngOnDestroy();
  });
});
