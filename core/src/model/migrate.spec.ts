import { demoFacts } from '../fixtures/facts.js';
import { siteFrom } from '../fixtures/measure-copy.js';
import { allTexts, newDocument } from '../generate/site.js';
import { apply } from '../operations/apply.js';
import type { Operation } from '../operations/operation.js';
import { render } from '../render/render.js';
import { migrate, operationForward } from './migrate.js';
import type { SiteDocument } from './site.js';
import { validateDocument, validateOperation } from './validate.js';

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

  it('keeps its history: what was done under it can be taken back today', () => {
    const today: SiteDocument = migrate(stored());
    const old = [
      { op: 'setLook', look: oldLook },
      { op: 'putVersion', seed: 3, header: null, pages: [page], footer: null, forms: [], look: oldLook },
      { op: 'insertSection', page: 'home', at: 1, section: { ...page.sections[1], id: 'x1' } },
    ] as unknown as Operation[];
    for (const operation of old) {
      const forward = operationForward(operation);
      expect(validateOperation(forward)).withContext(operation.op).toEqual([]);
      expect(validateDocument(apply(today, forward).document))
        .withContext(operation.op)
        .toEqual([]);
    }
  });
});
