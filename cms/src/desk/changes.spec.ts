import fc from 'fast-check';
import { checkOf } from '@tin-porch/core/check';
import { demoFacts, siteFrom } from '@tin-porch/core/fixtures';
import { Problem } from '@tin-porch/core/ground';
import { allTexts } from '@tin-porch/core/making';
import type { SiteDocument, TextMark } from '@tin-porch/core/model';
import { apply, textAt } from '@tin-porch/core/operations';
import { validateDocument } from '@tin-porch/core/validate';
import { CHANGES, operationOf, type Change } from './changes.js';
import { factsOf, pagesOf, standsOn } from './places.js';

const site = siteFrom(demoFacts, 2);
const after = (changes: Change[], of = site): SiteDocument => apply(of, operationOf(of, changes)).document;
const refusal = (changes: Change[]): Problem => {
  try {
    operationOf(site, changes);
  } catch (error) {
    if (error instanceof Problem) return error;
    throw error;
  }
  throw new Error('It was not refused.');
};
const phone = (was: string, value: string): Change => ({ kind: 'fact', field: 'phone', was, value });
const [first, second] = site.facts.services;
const priced = ({ name, detail, price }: { name: string; detail: string; price: string }) => ({ name, detail, price });

describe('what is changed at the desk', () => {
  it('is changed wherever the site says it, in one step that is taken back whole', () => {
    const changed = after([phone(site.facts.phone, '01632 960 777')]);
    const saying = (d: SiteDocument, words: string) => allTexts(d).filter((t) => t.text.value.includes(words)).length;
    expect(saying(changed, '01632 960 777')).toBe(saying(site, site.facts.phone));
    expect(saying(changed, site.facts.phone)).toBe(0);
    const { inverse } = apply(site, operationOf(site, [phone(site.facts.phone, '01632 960 777')]));
    expect(apply(changed, inverse).document).toEqual(site);
  });

  it('is refused with what reads there now where it was meant for something else', () => {
    expect(refusal([phone('7', '8')])).toEqual(jasmine.objectContaining({ status: 409 }));
    expect(refusal([phone('7', '8')]).more['theirs']).toBe(site.facts.phone);
    expect(
      refusal([{ kind: 'hours', was: 'never', value: { days: Array(7).fill(null) as null[], others: [] } }]).status,
    ).toBe(409);
    expect(
      refusal([{ kind: 'service', service: first!.id, was: { ...priced(first!), price: '£1' }, value: null }]).status,
    ).toBe(409);
    expect(refusal([{ kind: 'text', at: { section: 'nowhere', path: 'heading' }, was: '', value: 'x' }]).status).toBe(
      409,
    );
  });

  it('sets words off as they are written, keeps where links lead, and makes none', () => {
    const long = allTexts(site).find((t) => t.long && t.text.value.length > 30)!;
    const at = { section: long.section.id, path: long.path };
    const value = 'One two three';
    const link: TextMark = { kind: 'link', from: 0, to: 3, target: 'https://gant.example/' };
    const { marks: _, ...bare } = long.text;
    const text = { ...bare, value, marks: [link] };
    const linked = apply(site, { op: 'setText', at, text }).document;
    const make = (marks: TextMark[], wasMarks: TextMark[], to = value) =>
      operationOf(linked, [{ kind: 'text', at, was: value, value: to, wasMarks, marks }]);
    const marksAfter = (marks: TextMark[], to = value) =>
      textAt(apply(linked, make(marks, [link], to)).document, at)!.marks;
    const strong: TextMark = { kind: 'strong', from: 4, to: 7 };
    expect(marksAfter([strong, link])).toEqual([link, strong]);
    expect(marksAfter([], 'Other words')).toBeUndefined();
    // What is beyond the words stands out in nothing.
    expect(marksAfter([{ ...strong, to: 90 }], 'One twos')).toEqual([{ kind: 'strong', from: 4, to: 8 }]);
    const status = (work: () => unknown) => {
      try {
        work();
        return 200;
      } catch (error) {
        return (error as Problem).status;
      }
    };
    expect(status(() => make([{ ...link, target: 'https://elsewhere.example/' }], [link]))).toBe(422);
    // Set off otherwise meanwhile, it is not overwritten.
    expect(status(() => make([strong], []))).toBe(409);
    expect(status(() => make([strong], [link, strong]))).toBe(409);
    // Whoever writes in a field of plain words keeps what still has its words.
    const plain = operationOf(linked, [{ kind: 'text', at, was: value, value: 'One two four' }]);
    expect(textAt(apply(linked, plain).document, at)!.marks).toEqual([link]);
    const check = checkOf(CHANGES);
    expect(check([{ kind: 'text', at, was: '', value: '', marks: [strong] }])).toBeTrue();
    expect(check([{ kind: 'text', at, was: '', value: '', marks: [{ ...strong, kind: 'huge' }] }])).toBeFalse();
  });

  it('is refused where it cannot be', () => {
    const is = site.facts;
    for (const change of [
      phone(is.phone, 'ring us'),
      { kind: 'fact', field: 'mail', was: is.mail, value: 'yard at home' },
      { kind: 'service', service: 'new', was: null, value: { name: '  ', detail: '', price: '' } },
      {
        kind: 'hours',
        was: is.hours,
        value: { days: [[{ opens: '09:00', closes: '09:00' }], null, null, null, null, null, null], others: [] },
      },
    ] as Change[])
      expect(refusal([change]).status)
        .withContext(JSON.stringify(change))
        .toBe(422);
    // Nothing is a phone too: it is taken away.
    expect(after([phone(is.phone, '')]).facts.phone).toBe('');
  });

  it('holds what is offered by its id: changed, added, taken out, and the others left alone', () => {
    const changed = after([
      { kind: 'service', service: first!.id, was: priced(first!), value: { ...priced(first!), price: '£7' } },
      { kind: 'service', service: 'new1', was: null, value: { name: 'Masts', detail: '', price: '' } },
      { kind: 'service', service: second!.id, was: priced(second!), value: null },
    ]);
    const ids = changed.facts.services.map((s) => s.id);
    expect(ids).toEqual([...site.facts.services.map((s) => s.id).filter((id) => id !== second!.id), 'new1']);
    expect(changed.facts.services[0]!.price).toBe('£7');
    // Added twice, as after an answer that was lost, it is there once.
    const add: Change = {
      kind: 'service',
      service: 'new1',
      was: null,
      value: { name: 'Masts', detail: '', price: '' },
    };
    expect(after([add], changed).facts.services.filter((s) => s.id === 'new1').length).toBe(1);
  });

  it('holds who works there by their ids, wherever they stand, and refuses what is about somebody else by now', () => {
    const people = [
      { id: 'p1', name: 'Ada Hollis', role: 'Shipwright', about: 'Bends the planks.' },
      { id: 'p2', name: 'Tom Wren', role: 'Rigger' },
    ];
    const staffed = siteFrom({ ...demoFacts, people }, 2);
    const said = ({ name, role, about = '' }: { name: string; role: string; about?: string }) => ({
      name,
      role,
      about,
    });
    const [ada, tom] = people.map(said);
    const change = (person: string, was: typeof ada | null, value: typeof ada | null): Change =>
      ({ kind: 'person', person, was, value }) as Change;
    const changed = after(
      [
        change('p1', ada, { name: 'Ada Wren', role: 'Master', about: '' }),
        change('p2', tom, null),
        change('new1', null, { name: 'Wilma', role: '', about: '' }),
      ],
      staffed,
    );
    expect(changed.facts.people).toEqual([
      { id: 'p1', name: 'Ada Wren', role: 'Master' },
      { id: 'new1', name: 'Wilma', role: '' },
    ]);
    expect(validateDocument(changed)).toEqual([]);
    const saying = (d: SiteDocument, words: string) => allTexts(d).filter((t) => t.text.value.includes(words)).length;
    expect([saying(staffed, 'Ada Hollis') > 0, saying(changed, 'Ada Hollis')]).toEqual([true, 0]);
    for (const bad of [
      change('p1', { ...ada!, role: 'Cook' }, null),
      change('gone', ada, null),
      change('p1', ada, { name: ' ', role: '', about: '' }),
    ])
      expect(() => operationOf(staffed, [bad])).toThrowError(Problem);
    const order = operationOf(staffed, [{ kind: 'order', of: 'people', was: ['p1', 'p2'], value: ['p2', 'p1'] }]);
    expect(apply(staffed, order).document.facts.people.map((p) => p.id)).toEqual(['p2', 'p1']);
  });

  it('keeps what stands out in a text as far as its words are the same, and says whose they are', () => {
    const placed = allTexts(site).find((t) => t.form === 'prose' && t.text.value.length > 20 && t.page)!;
    const at = { section: placed.section.id, path: placed.path };
    const marked = apply(site, {
      op: 'setText',
      at,
      text: { ...placed.text, marks: [{ kind: 'strong', from: 0, to: 5 }] },
    }).document;
    const changed = after(
      [{ kind: 'text', at, was: placed.text.value, value: `${placed.text.value} And more.` }],
      marked,
    );
    expect(textAt(changed, at)!.marks).toEqual([{ kind: 'strong', from: 0, to: 5 }]);
    expect(textAt(changed, at)!.from).toEqual({ kind: 'client' });
  });

  it('leaves the site valid, whatever fits the schema', () => {
    const fits = checkOf(CHANGES);
    const texts = pagesOf(site).flatMap((p) => p.sections.flatMap((s) => s.texts));
    const change: fc.Arbitrary<Change> = fc.oneof(
      fc.string({ maxLength: 60 }).map((value) => phone(site.facts.phone, value)),
      fc.string({ unit: 'grapheme', maxLength: 80 }).map((value): Change => ({
        kind: 'fact',
        field: 'address',
        was: site.facts.address,
        value,
      })),
      fc
        .tuple(fc.constantFrom(...texts), fc.string({ unit: 'grapheme', maxLength: 400 }))
        .map(([t, value]): Change => ({ kind: 'text', at: t.at, was: t.value, value: value.slice(0, t.most) })),
      fc.string({ unit: 'grapheme', maxLength: 60 }).map((price): Change => ({
        kind: 'service',
        service: first!.id,
        was: priced(first!),
        value: { ...priced(first!), price: price.slice(0, 60) },
      })),
    );
    let taken = 0;
    fc.assert(
      fc.property(change, (one) => {
        expect(fits([one]))
          .withContext(JSON.stringify(one))
          .toBe(true);
        try {
          const changed = after([one]);
          expect(validateDocument(changed, site)).toEqual([]);
          taken++;
        } catch (error) {
          expect(error).toBeInstanceOf(Problem);
        }
      }),
      { numRuns: 150, seed: 9 },
    );
    expect(taken).toBeGreaterThan(60);
  });
});

describe('what the desk shows', () => {
  it('is the words of pages that somebody wrote, each where it can be changed, and no fact', () => {
    const pages = pagesOf(site);
    expect(pages.map((p) => p.id)).toEqual(site.pages.map((p) => p.id));
    const shown = pages.flatMap((p) => p.sections.flatMap((s) => s.texts));
    expect(shown.length).toBeGreaterThan(5);
    for (const text of shown) {
      const is = textAt(site, text.at)!;
      expect(is.value).toBe(text.value);
      expect(is.from.kind === 'brief' && is.from.fact).toBeFalsy();
    }
    const [section] = site.pages[0]!.sections;
    const hidden = apply(site, { op: 'setSection', section: section!.id, hidden: true });
    expect(JSON.stringify(pagesOf(hidden.document)[0]!.sections)).not.toContain(`"${section!.id}"`);
  });

  it('says on which pages a fact is read, as they are drawn', () => {
    const stands = standsOn(site, 'https://yard.example');
    expect(stands.phone.length).toBeGreaterThan(0);
    for (const label of stands.phone) expect(site.pages.map((p) => p.label)).toContain(label);
    const silent = { ...site, facts: { ...site.facts, phone: '', hours: '' } };
    expect(standsOn(silent, 'https://yard.example').phone).toEqual([]);
    const facts = factsOf(site, stands);
    expect(facts.facts.map((f) => f.field)).toEqual(['phone', 'mail', 'address']);
    expect(facts.services.length).toBe(site.facts.services.length);
    expect(facts.hours.text).toBe(site.facts.hours);
  });
});
