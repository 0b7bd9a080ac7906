import { demoFacts } from '../fixtures/facts.js';
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
