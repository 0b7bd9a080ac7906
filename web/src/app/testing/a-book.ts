import type { Answered } from '../api/model';

/** What is agreed with a client, as the server would answer it. */
export const aPlan = (over: Partial<Answered<'GET /sites/:id/plan'>> = {}): Answered<'GET /sites/:id/plan'> => ({
  plan: {
    ...{ name: 'Fair wind', price: 4550, currency: 'GBP', every: 'month', minutes: 80, rate: 6000 },
    ...{ includes: ['Rounds', 'Backups'], since: '2026-09', until: null },
  },
  report: { day: 2, to: ['ada@gant.example'], itself: false },
  buyer: null,
  suggested: {
    name: 'Gant & Sons',
    street: '',
    postcode: '',
    city: '',
    country: '',
    vatId: '',
    mail: 'ada@gant.example',
  },
  notes: [
    {
      id: '00000000-0000-4000-8000-000000000001',
      day: '2026-10-31',
      minutes: 90,
      words: 'New prices',
      charge: 'plan',
      by: 'Ines',
    },
  ],
  use: { month: '2026-11', included: 80, used: 90, beyond: 10, extra: 0, free: 0 },
  reports: [
    { month: '2026-11', sentAt: null, sentTo: [] },
    { month: '2026-10', sentAt: '2026-11-02T08:00:00.000Z', sentTo: ['ada@gant.example'] },
    { month: '2026-09', sentAt: null, sentTo: [] },
  ],
  invoiced: ['2026-10'],
  ...over,
});

type Row = Answered<'GET /books'>['invoices'][number];
/** An invoice as it stands in the list. */
export const anInvoice = (over: Partial<Row> = {}): Row => ({
  ...{ id: '10000000-0000-4000-8000-000000000001', site: 'gant', siteName: 'Gant & Sons', month: '2026-10' },
  ...{
    number: null,
    issued: null,
    due: null,
    sentAt: null,
    sentTo: null,
    letter: null,
    paid: null,
    takesBack: null,
    takenBack: false,
  },
  ...{
    madeAt: '2026-11-01T08:00:00.000Z',
    state: 'draft',
    currency: 'GBP',
    net: 5550,
    tax: 1110,
    gross: 6660,
    lacks: [],
  },
  ...over,
});
/** One of them whole. */
export const aWholeInvoice = (
  over: Partial<Answered<'GET /invoices/:invoice'>> = {},
): Answered<'GET /invoices/:invoice'> => ({
  ...anInvoice(),
  lines: [
    { words: 'Fair wind, October 2026', quantity: 1, unit: 'month', price: 4550 },
    { words: 'Beyond', quantity: 10, unit: 'minute', price: 6000 },
  ],
  buyer: {
    name: 'Gant & Sons',
    street: '3 Ropewalk',
    postcode: '',
    city: 'Saltmarrow',
    country: 'GB',
    vatId: '',
    mail: 'ada@gant.example',
  },
  ...{ reference: '', note: '' },
  ...over,
});
