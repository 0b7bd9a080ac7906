import { emptyFacts, type SiteDocument } from '@tin-porch/core/model';
import { apply } from '@tin-porch/core/operations';
import { newDocument, writeVersion } from '@tin-porch/core/making';
import type { SiteDetail } from '../api/model';

/** A small written site. */
export function aDocument(seed = 1): SiteDocument {
  const facts = {
    ...emptyFacts(),
    name: 'Gant & Sons',
    trade: 'ropemaker',
    place: 'Saltmarrow',
    founded: '1921',
    description:
      'We lay rope in the long walk behind the chapel. Every rope is tarred by hand. The walk was built for the navy and has been in our family ever since. It is ninety paces long and slopes a little to the sea, so that a dropped bobbin always ends at the same wall. We splice to any length and every rope is pulled to twice its load before it leaves. You are welcome to come and watch on a weekday.',
    services: [
      { id: 'v1', name: 'Mooring ropes', detail: '', price: '£12' },
      { id: 'v2', name: 'Fenders', detail: '', price: '£9' },
      { id: 'v3', name: 'Bell ropes', detail: '', price: '' },
    ],
  };
  return apply(newDocument('gant', facts), writeVersion(facts, seed)).document;
}

/** The site as the server would answer it. */
export function aSite(over: Partial<SiteDetail> = {}): SiteDetail {
  const document = over.document ?? aDocument();
  return {
    id: 'gant',
    document,
    head: 1,
    changedAt: '2026-11-02T09:00:00.000Z',
    history: { canUndo: true, canRedo: false },
    path: [],
    chip: { tone: 'grey', words: 'Being made' },
    server: null,
    temporary: null,
    origin: null,
    called: null,
    stagingOf: null,
    staging: [],
    leavesAt: null,
    planned: null,
    domain: null,
    domainSeen: null,
    records: null,
    mail: null,
    certificate: null,
    open: false,
    publishedAt: null,
    liveRelease: null,
    releases: [],
    jobs: [],
    ...over,
  };
}
