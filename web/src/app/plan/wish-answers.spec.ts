import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { SiteDocument } from '@tin-porch/core/model';
import { readBrief } from '@tin-porch/core/brief';
import { newDocument, writeVersion } from '@tin-porch/core/making';
import { apply } from '@tin-porch/core/operations';
import { SiteStore } from '../site/site-store';
import { WishAnswers } from './wish-answers';

const made = (text: string): SiteDocument => {
  const facts = readBrief(text);
  const bare = newDocument('gannet', facts);
  return apply(bare, writeVersion(facts, 1, bare)).document;
};
const BRIEF =
  'Hello Ines,\n\nWe are Gannet Knots, rope makers in Saltmarrow. Bell ropes £140, fenders £65.\n\nI would like a page about the long walk. We would love an online shop.\nPlease do not mention Wexcombe.\n\nThanks, Tom';

describe('what the client asked for, in the plan', () => {
  const document_ = signal<SiteDocument | null>(null);

  async function shown(text: string) {
    document_.set(made(text));
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), { provide: SiteStore, useValue: { document: document_ } }],
    });
    const fixture = TestBed.createComponent(WishAnswers);
    await fixture.whenStable();
    return { fixture, element: fixture.nativeElement as HTMLElement };
  }

  it('stands in the client’s words, each line with its state and what would change it', async () => {
    const { element } = await shown(BRIEF);
    const lines = [...element.querySelectorAll('li')];
    const line = (words: string) => lines.find((l) => l.textContent.includes(words))!;
    expect(element.querySelector('details')!.open).toBeTrue();
    expect(line('online shop').querySelector('.chip')!.textContent).toBe('Not done');
    expect(line('online shop').textContent).toContain('add-on');
    expect(line('long walk').querySelector('.chip')!.textContent).toBe('Begun');
    expect(line('Wexcombe').querySelector('.chip')!.textContent).toBe('Done');
    expect(element.querySelector('summary')!.textContent).toContain('not done yet');
  });

  it('follows what is done to the site', async () => {
    const { fixture, element } = await shown(BRIEF);
    const heading = document_()!.pages[0]!.sections[0]!;
    document_.update(
      (d) =>
        apply(d!, {
          op: 'setText',
          at: { section: heading.id, path: 'heading' },
          text: { value: 'Better than Wexcombe', from: { kind: 'designer' } },
        }).document,
    );
    await fixture.whenStable();
    const line = [...element.querySelectorAll('li')].find((l) => l.textContent.includes('mention Wexcombe'))!;
    expect(line.querySelector('.chip')!.textContent).toBe('For you');
    expect(line.textContent).toContain('stands on Home');
  });

  it('is copied as a note, and says so; where the browser will not, it says that', async () => {
    const { fixture, element } = await shown(BRIEF);
    const write = spyOn(navigator.clipboard, 'writeText').and.resolveTo();
    element.querySelector('button')!.click();
    await fixture.whenStable();
    await new Promise((done) => setTimeout(done));
    fixture.detectChanges();
    expect(write.calls.mostRecent().args[0]).toContain('online shop');
    expect(element.querySelector('[role=status]')!.textContent).toBe('Copied.');
    write.and.rejectWith(new Error('no'));
    element.querySelector('button')!.click();
    await new Promise((done) => setTimeout(done));
    fixture.detectChanges();
    expect(element.querySelector('[role=status]')!.textContent).not.toBe('Copied.');
  });

  it('is not there where nothing was asked for', async () => {
    const { element } = await shown('Gannet Knots, rope makers, Saltmarrow.');
    expect(element.querySelector('details')).toBeNull();
  });
});
