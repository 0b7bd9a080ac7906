import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { NOTHING, readBrief, readText } from '@tin-porch/core/brief';
import { SiteStore } from '../site/site-store';
import { aDocument, aSite } from '../testing/a-site';
import { toldByHand } from '../testing/no-events';
import { WritingDesk } from '../writing/writing-desk';
import { ReadingPanel } from './reading-panel';

const TOLD =
  'Hi Ines, we are Gannet Knots. Ring 01632 960 220. We lay bell ropes, £140 each. I would like a page about the walk with a big map. Please leave my home number off.';

describe('what a text says', () => {
  let store: SiteStore;
  const made = async () => {
    localStorage.clear();
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: WritingDesk, useValue: { service: signal(null) } },
        toldByHand().provider,
        SiteStore,
      ],
    });
    store = TestBed.inject(SiteStore);
    const document = { ...aDocument(), facts: { ...aDocument().facts, ...readBrief(TOLD) } };
    store.open('gant');
    TestBed.inject(HttpTestingController).expectOne('/api/sites/gant').flush(aSite({ document }));
    await new Promise((done) => setTimeout(done));
    const panel = TestBed.createComponent(ReadingPanel);
    panel.componentRef.setInput('reading', readText(TOLD));
    await panel.whenStable();
    return panel;
  };
  afterEach(() => store.ngOnDestroy());

  it('lists what is asked for and what is not to be there, in the client’s words', async () => {
    const panel = await made();
    const told = (panel.nativeElement as HTMLElement).querySelector('.told')!;
    expect(told.querySelector('summary')!.textContent).toContain('1 wish and 1 don’t');
    const lines = Array.from(told.querySelectorAll('li')).map((l) => l.textContent);
    expect(lines).toEqual(['I would like a page about the walk with a big map.', 'Please leave my home number off.']);
  });

  it('takes words that were missed, as they stand in the text and no others', async () => {
    const panel = await made();
    const element = panel.nativeElement as HTMLElement;
    const field = element.querySelector<HTMLInputElement>('#missed-words')!;
    const type = async (words: string) => {
      field.value = words;
      field.dispatchEvent(new Event('input'));
      await panel.whenStable();
    };
    await type('cuckoo clocks');
    expect(element.querySelector('#missed-fault')!.textContent).toContain('does not say that');
    expect(element.querySelector('tp-say-what select')).toBeNull();
    await type('the walk');
    const choose = element.querySelector<HTMLSelectElement>('tp-say-what select')!;
    choose.value = 'place';
    choose.dispatchEvent(new Event('change'));
    await panel.whenStable();
    element.querySelector<HTMLButtonElement>('tp-say-what button')!.click();
    await panel.whenStable();
    const { corrections } = store.document()!;
    expect(corrections).toEqual([{ words: 'the walk', was: NOTHING, is: 'place' }]);
    expect(readText(TOLD, corrections).spans.some((s) => s.field === 'place' && s.value === 'the walk')).toBeTrue();
    expect(field.value).toBe('');
  });

  it('says what a text is in where that language is not read', async () => {
    const panel = await made();
    const note = () =>
      Array.from((panel.nativeElement as HTMLElement).querySelectorAll('.note')).find((n) =>
        n.textContent.includes('The text is in'),
      );
    expect(note()).toBeUndefined();
    panel.componentRef.setInput(
      'reading',
      readText('Lavoriamo la terracotta a Portorosso dal 1987, e ogni pezzo passa per le nostre mani.'),
    );
    await panel.whenStable();
    expect(note()!.textContent).toContain('The text is in Italian.');
  });

  it('takes a mark off by a key', async () => {
    const panel = await made();
    const marks = Array.from((panel.nativeElement as HTMLElement).querySelectorAll<HTMLElement>('.read'));
    const phone = marks.find((m) => m.textContent.includes('01632'))!;
    phone.dispatchEvent(new KeyboardEvent('keydown', { key: 'Delete', bubbles: true }));
    await panel.whenStable();
    expect(store.document()!.corrections).toEqual([{ words: '01632 960 220', was: 'phone', is: null }]);
    expect(store.document()!.facts.phone).toBe('');
  });

  it('confirms everything that was read at once', async () => {
    const panel = await made();
    const all = Array.from((panel.nativeElement as HTMLElement).querySelectorAll('button')).find((b) =>
      b.textContent.includes('All of these are right'),
    )!;
    all.click();
    await panel.whenStable();
    expect(
      store
        .document()!
        .corrections.map((c) => c.was)
        .sort(),
    ).toEqual(['name', 'price']);
    expect((panel.nativeElement as HTMLElement).querySelector('#unsure-title')).toBeNull();
  });
});
