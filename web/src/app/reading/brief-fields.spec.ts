import { provideZonelessChangeDetection, signal, type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideIcons } from '@ng-icons/core';
import { lucidePlus, lucideTrash2 } from '@ng-icons/lucide';
import type { SiteDocument } from '@tin-porch/core/model';
import { apply, type Operation } from '@tin-porch/core/operations';
import { SiteStore } from '../site/site-store';
import { aDocument } from '../testing/a-site';
import { TOLD, WHO } from './brief-rows';
import { FactFields } from './fact-fields';
import { FactLists } from './fact-lists';
import { EntryLines } from './entry-lines';
import { BRANCHES, CONTACTS, EVENTS, PEOPLE, SERVICES } from './entry-rows';

describe('the fields of the brief', () => {
  const document_ = signal<SiteDocument>(aDocument());
  const changed: Operation[] = [];
  async function shown<C>(component: Type<C>, inputs: Record<string, unknown> = {}) {
    const fixture = TestBed.createComponent(component);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    const settle = async () => {
      await new Promise((done) => setTimeout(done));
      await fixture.whenStable();
      fixture.detectChanges();
    };
    await settle();
    return { settle, element: fixture.nativeElement as HTMLElement };
  }
  const type = (field: Element | null, value: string) => {
    (field as HTMLInputElement).value = value;
    field!.dispatchEvent(new Event('input'));
  };
  const facts = () => document_().facts;

  beforeEach(() => {
    changed.length = 0;
    document_.set(aDocument());
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideIcons({ lucidePlus, lucideTrash2 }),
        {
          provide: SiteStore,
          useValue: {
            document: document_,
            change(operation: Operation) {
              changed.push(operation);
              document_.set(apply(document_(), operation).document);
            },
          },
        },
      ],
    });
  });

  it('are kept as they are typed, none longer than it may be', async () => {
    const { element } = await shown(FactFields, { rows: [...TOLD, ...WHO] });
    expect(element.querySelector<HTMLInputElement>('#f-name')!.value).toBe('Gant & Sons');
    type(element.querySelector('#f-name'), 'Gant, Ropes');
    expect(changed).toEqual([{ op: 'setFact', field: 'name', value: 'Gant, Ropes' }]);
    for (const field of element.querySelectorAll('input, textarea'))
      expect(Number(field.getAttribute('maxlength')))
        .withContext(field.id)
        .toBeGreaterThan(3);
  });

  it('offer trades by any of their names, and take any other as it is', async () => {
    const { element, settle } = await shown(FactFields, { rows: WHO });
    const trade = element.querySelector('#f-trade')!;
    type(trade, 'clock');
    await new Promise((done) => setTimeout(done, 120));
    await settle();
    const offers = [...document.querySelectorAll<HTMLElement>('ngb-typeahead-window button')];
    expect(offers.some((o) => o.textContent.includes('clock'))).toBeTrue();
    offers[0]!.click();
    await settle();
    expect(facts().trade).toMatch(/^[a-z]/);
    type(trade, 'bellfounder');
    expect(facts().trade).toBe('bellfounder');
  });

  it('offer the trades the text may be of, where it makes none sure', async () => {
    const { element, settle } = await shown(FactFields, { rows: WHO, likely: ['ropemaker', 'chandler'] });
    const offers = () => [...element.querySelectorAll<HTMLElement>('[aria-label="Likely trades"] button')];
    offers().at(-1)!.click();
    await settle();
    expect(facts().trade).toBe('chandler');
    expect(offers().map((o) => o.textContent)).not.toContain('chandler');
  });

  it('change one service and leave the others and their ids as they are', async () => {
    const { element, settle } = await shown(EntryLines, { rows: SERVICES });
    const before = facts().services;
    type(element.querySelector('[aria-label="Price of service 2"]'), '£11');
    expect(facts().services).toEqual(before.map((s, n) => (n === 1 ? { ...s, price: '£11' } : s)));
    await settle();
    element.querySelector<HTMLElement>('[aria-label="Take out Mooring ropes"]')!.click();
    await settle();
    expect(facts().services.map((s) => s.id)).toEqual(['v2', 'v3']);
  });

  it('give a new service an id that no other has, and no more than forty of them', async () => {
    const { element, settle } = await shown(EntryLines, { rows: SERVICES });
    const add = () => [...element.querySelectorAll('button')].at(-1)!;
    element.querySelector<HTMLElement>('[aria-label="Take out Fenders"]')!.click();
    await settle();
    while (!add().disabled) {
      add().click();
      await settle();
    }
    const ids = facts().services.map((s) => s.id);
    expect(ids.length).toBe(40);
    expect(new Set(ids).size).toBe(40);
  });

  it('keep what is there of an entry while one of its fields is written over', async () => {
    const { element, settle } = await shown(EntryLines, { rows: PEOPLE });
    const add = () => [...element.querySelectorAll('button')].at(-1)!.click();
    const before = facts().people.length;
    add();
    await settle();
    const n = before + 1;
    type(element.querySelector(`[aria-label="Name of person ${n}"]`), 'Ada Gant');
    await settle();
    type(element.querySelector(`[aria-label="About person ${n}"]`), 'Lays the rope, and has the key.');
    await settle();
    type(element.querySelector(`[aria-label="What they do, person ${n}"]`), 'Ropemaker');
    expect(facts().people.at(-1)).toEqual(
      jasmine.objectContaining({ name: 'Ada Gant', role: 'Ropemaker', about: 'Lays the rope, and has the key.' }),
    );
    expect(new Set(facts().people.map((p) => p.id)).size).toBe(n);
  });

  it('have room for further numbers, places and events, each field with its name and its limit', async () => {
    for (const rows of [CONTACTS, BRANCHES, EVENTS]) {
      const { element, settle } = await shown(EntryLines, { rows });
      [...element.querySelectorAll('button')].at(-1)!.click();
      await settle();
      const fields = [...element.querySelectorAll('input, textarea')];
      expect(fields.length).toBe(rows.fields.length);
      for (const [k, field] of fields.entries()) {
        type(field, `value ${k}`);
        await settle();
        expect(field.getAttribute('aria-label')).toContain('1');
        expect(Number(field.getAttribute('maxlength'))).toBeGreaterThan(30);
      }
      expect(Object.values(facts()[rows.list][0]!).filter((v) => /^value \d$/.test(v)).length).toBe(rows.fields.length);
      element.querySelector<HTMLElement>('[aria-label="Take out value 0"]')!.click();
      await settle();
      expect(facts()[rows.list]).toEqual([]);
    }
  });

  it('read lists at their commas, and leave out what is empty or twice', async () => {
    const { element } = await shown(FactLists);
    type(element.querySelector('#f-languages'), 'German, , French ,');
    expect(facts().languages).toEqual(['German', 'French']);
  });
});
