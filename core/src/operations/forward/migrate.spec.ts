import { demoFacts } from '../../fixtures/facts.js';
import { siteFrom } from '../../fixtures/measure-copy.js';
import { allTexts, newDocument } from '../../making/generate/site.js';
import { apply } from '../apply.js';
import type { Operation } from '../operation.js';
import { render } from '../../page/render/render.js';
import { migrate } from './migrate.js';
import { operationForward } from '../apply.js';
import type { SiteDocument } from '../../model/site.js';
import { validateDocument, validateOperation } from '../validate.js';

const text = (value: string) => ({ value, from: { kind: 'designer' } });
const oldPalette = {
  ground: '#fcfdfd',
  wash: '#f1efe6',
  text: '#17202a',
  quiet: '#55606b',
  line: '#cfd5da',
  lead: '#1f4f6f',
  onLead: '#ffffff',
  accent: '#d9a441',
  onAccent: '#1c1a14',
};
const oldLook = {
  name: 'Slipway',
  day: oldPalette,
  night: { ...oldPalette, ground: '#101820', text: '#eeeeee' },
  heading: 'fraunces',
  reading: 'source-sans-3',
  corner: 4,
  density: 1,
  scene: 'boat',
  seed: 3,
};
const page = {
  id: 'home',
  slug: '',
  label: 'Home',
  reason: '',
  seo: { title: null, description: null },
  sections: [
    {
      id: 's1',
      shape: 'opening/split',
      reason: '',
      content: {
        heading: text('Boats'),
        lead: text(''),
        action: text('Ring'),
        second: text(''),
        scene: 'boat',
        alt: text('A boat'),
      },
    },
    {
      id: 's2',
      shape: 'services/ledger',
      reason: '',
      content: {
        heading: text('Work'),
        items: [{ name: text('Rigging'), text: text('All of it'), price: text('£9') }],
      },
    },
  ],
};
/** A site as schema 3 stored it. */
const stored = () => {
  const { direction: _, board: __, mark: ___, media: ____, ...rest } = newDocument('old', demoFacts);
  return {
    ...rest,
    schema: 3,
    look: oldLook,
    header: { id: 'header', shape: 'header/bar', reason: '', content: { action: text('Ring') } },
    pages: [page],
    footer: { id: 'footer', shape: 'footer/plain', reason: '', content: { note: text('') } },
  };
};

describe('a document', () => {
  const whole = siteFrom(demoFacts, 1);
  const at = (change: (d: SiteDocument) => SiteDocument) => validateDocument(change(whole)).map((m) => m.pointer);
  it('is refused where its look names a typeface that is not there', () => {
    expect(at((d) => ({ ...d, look: { ...d.look, heading: 'nowhere' } }))).toEqual(['/look/heading']);
    expect(at((d) => ({ ...d, look: { ...d.look, reading: 'constructor' } }))).toEqual(['/look/reading']);
  });
  it('is refused where two things have one id', () => {
    const twice = <T>(all: T[]) => [...all, all[0]!];
    expect(at((d) => ({ ...d, facts: { ...d.facts, services: twice(d.facts.services) } }))).toEqual([
      '/facts/services',
    ]);
    expect(at((d) => ({ ...d, forms: twice(d.forms) }))).toEqual(['/forms']);
    expect(
      at((d) => ({ ...d, pages: d.pages.map((p, n) => (n ? p : { ...p, sections: twice(p.sections) })) })),
    ).toEqual(['/pages/sections']);
  });
});

describe('a site stored under schema 3', () => {
  it('is a site of today: its words, its colours and its picture stay', () => {
    const today = migrate(JSON.parse(JSON.stringify(stored())));
    expect(validateDocument(today)).toEqual([]);
    expect(allTexts(today).map((t) => t.text.value)).toEqual(
      jasmine.arrayContaining(['Boats', 'A boat', 'Rigging', 'All of it', '£9', 'Ring']),
    );
    expect(today.look.day.lead).toBe('#1f4f6f');
    expect(today.look.name).toBe('Slipway');
    const files = render(today, { origin: 'https://old.example' });
    expect(files.some((f) => f.path.startsWith('/pictures/made-boat'))).toBeTrue();
    expect(migrate(today)).toBe(today);
  });

  it('gets ids for what stands in its lists, the same each time', () => {
    const [one, two] = [migrate(stored()), migrate(stored())];
    const items = (d: SiteDocument) => d.pages[0]!.sections[1]!.content['items'] as { id: string }[];
    expect(items(one)[0]!.id).toMatch(/^i[0-9a-f]{10}$/);
    expect(JSON.stringify(one)).toBe(JSON.stringify(two));
  });

  it('keeps its history: what was done under it can be taken back today', () => {
    const today: SiteDocument = migrate(stored());
    const old = [
      { op: 'setLook', look: oldLook },
      { op: 'putVersion', seed: 3, header: null, pages: [page], footer: null, forms: [], look: oldLook },
      { op: 'insertSection', page: 'home', at: 1, section: { ...page.sections[1], id: 'x1' } },
    ] as unknown as Operation[];
    for (const operation of old) {
      const forward = operationForward(operation, today);
      expect(validateOperation(forward)).withContext(operation.op).toEqual([]);
      expect(validateDocument(apply(today, forward).document))
        .withContext(operation.op)
        .toEqual([]);
    }
  });
});

describe('a site stored under schema 4', () => {
  /** As schema 4 stored it: lists without ids. */
  const withoutIds = (value: unknown): unknown =>
    Array.isArray(value)
      ? value.map(withoutIds)
      : typeof value === 'object' && value !== null
        ? Object.fromEntries(
            Object.entries(value).flatMap(([k, v]) =>
              k === 'id' && /^i[0-9a-f]{10}$/.test(String(v)) ? [] : [[k, withoutIds(v)]],
            ),
          )
        : value;
  const whole = siteFrom(demoFacts, 2);
  const old = { ...(withoutIds(whole) as SiteDocument), schema: 4 };

  it('is a site of today that is read the same, to the byte', () => {
    expect(validateDocument(old)).not.toEqual([]);
    const today = migrate(structuredClone(old));
    expect(validateDocument(today)).toEqual([]);
    const bytes = (d: SiteDocument) => JSON.stringify(render(d, { origin: 'https://old.example' }));
    expect(bytes(today)).toBe(bytes(whole));
  });

  it('takes back what was done by place to the thing that stood there', () => {
    const today = migrate(structuredClone(old));
    const section = today.pages.flatMap((p) => p.sections).find((s) => Array.isArray(s.content['items']))!;
    const items = section.content['items'] as { id: string; name: { value: string } }[];
    const change = {
      op: 'setText',
      at: { section: section.id, path: 'items.1.name' },
      text: { value: 'As it was', from: { kind: 'designer' } },
    } as Operation;
    const moved = { ...section.content, items: withoutIds([items[1], items[0], ...items.slice(2)]) };
    const before = { op: 'batch', operations: [{ op: 'setContent', section: section.id, content: moved }, change] };
    const forward = operationForward(before as Operation, today);
    expect(validateOperation(forward)).toEqual([]);
    const after = apply(today, forward).document;
    expect(validateDocument(after)).toEqual([]);
    const now = after.pages.flatMap((p) => p.sections).find((s) => s.id === section.id)!;
    expect((now.content['items'] as typeof items).slice(0, 2).map((i) => i.name.value)).toEqual([
      items[1]!.name.value,
      'As it was',
    ]);
    expect(
      (
        apply(today, operationForward(change, today))
          .document.pages.flatMap((p) => p.sections)
          .find((s) => s.id === section.id)!.content['items'] as typeof items
      )[1],
    ).toEqual({
      ...items[1]!,
      name: { value: 'As it was', from: { kind: 'designer' } },
    } as never);
  });
});

describe('a site stored under schema 6', () => {
  it('gets room for what a business has more than one of, and is drawn the same', () => {
    const whole = siteFrom(demoFacts, 2);
    const { contacts, branches, events, registrations, ...facts } = whole.facts;
    expect([contacts, branches, events, registrations]).toEqual([[], [], [], []]);
    const old = { ...whole, schema: 6, facts };
    expect(validateDocument(old)).not.toEqual([]);
    const today = migrate(structuredClone(old));
    expect(validateDocument(today)).toEqual([]);
    const bytes = (d: SiteDocument) => JSON.stringify(render(d, { origin: 'https://old.example' }));
    expect(bytes(today)).toBe(bytes(whole));
  });
});
