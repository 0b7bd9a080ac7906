import { Type } from '@sinclair/typebox';
import {
  CHARGES,
  CURRENCIES,
  MOST_MINUTES,
  MOST_MONEY,
  TAX_CATEGORIES,
  UNITS,
  type Currency,
  type ReportSaid,
} from '@tin-porch/core/care';
import { route } from '../route.js';
import { Count, given, Instant, object, oneOf, orNull, SiteId, Uuid, words } from '../schemas.js';

const closed = { additionalProperties: false } as const;
/** A day, ISO 8601. */
const Day = Type.String({ pattern: '^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$' });
const Month = Type.String({ pattern: '^20\\d\\d-(0[1-9]|1[0-2])$' });
const Money = Type.Integer({ minimum: 0, maximum: MOST_MONEY });
const Mail = words(200, '^$|^[^\\s@<>"]+@[^\\s@<>"]+\\.[^\\s@<>"]+$');
const Line = words(200);
const Country = words(2, '^([A-Z]{2})?$');
const CurrencyCode = Type.Unsafe<Currency>({ type: 'string', enum: [...CURRENCIES] });

const PARTY = {
  name: Line,
  street: Line,
  postcode: words(40),
  city: Line,
  country: Country,
  vatId: words(40),
  mail: Mail,
};
const Party = object(PARTY);
const Buyer = object({ ...PARTY, reference: Line });
const Tax = object({ category: oneOf(TAX_CATEGORIES), rate: Type.Integer({ minimum: 0, maximum: 10_000 }) });
export const Seller = object({
  ...PARTY,
  contact: Line,
  phone: words(60),
  taxNumber: words(60),
  iban: words(60),
  bic: words(20),
  dueDays: Type.Integer({ minimum: 0, maximum: 120 }),
  tax: Tax,
  taxReason: words(300),
  numbering: Type.String({ minLength: 1, maxLength: 60 }),
  note: words(500),
});
export const CarePlan = object({
  name: Type.String({ minLength: 1, maxLength: 120, pattern: '\\S' }),
  price: Money,
  currency: CurrencyCode,
  every: oneOf(['month', 'year']),
  minutes: Type.Integer({ minimum: 0, maximum: 60 * 200 }),
  rate: orNull(Money),
  includes: Type.Array(Line, { maxItems: 30 }),
  since: Month,
  until: orNull(Month),
});
const ReportWish = object({
  day: Type.Integer({ minimum: 1, maximum: 28 }),
  to: Type.Array(Mail, { maxItems: 10 }),
  itself: Type.Boolean(),
});
const Agreed = { plan: orNull(CarePlan), report: orNull(ReportWish), buyer: orNull(Buyer) };
const InvoiceLine = object({
  words: words(1000),
  quantity: Type.Integer({ minimum: -100_000, maximum: 100_000 }),
  unit: oneOf(UNITS),
  price: Money,
});
const TimeLine = object({
  id: Uuid,
  day: Day,
  minutes: Type.Integer({ minimum: 1, maximum: MOST_MINUTES }),
  words: Type.String({ minLength: 1, maxLength: 300, pattern: '\\S' }),
  charge: oneOf(CHARGES),
  by: Type.String(),
});
const Sum = Type.Integer();
const Letter = {
  state: oneOf(['waiting', 'sending', 'sent', 'failed', 'unsure']),
  error: orNull(Type.String()),
};
const InvoiceRow = {
  id: Uuid,
  site: orNull(SiteId),
  siteName: Type.String(),
  month: orNull(Type.String()),
  number: orNull(Type.String()),
  issued: orNull(Type.String()),
  due: orNull(Type.String()),
  sentAt: orNull(Instant),
  sentTo: orNull(Type.String()),
  letter: orNull(object(Letter)),
  paid: orNull(Type.String()),
  takesBack: orNull(Uuid),
  takenBack: Type.Boolean(),
  madeAt: Instant,
  state: oneOf(['draft', 'open', 'late', 'paid', 'taken back']),
  currency: CurrencyCode,
  net: Sum,
  tax: Sum,
  gross: Sum,
  /** What it wants before it may have a number. */
  lacks: Type.Array(Type.String()),
};
export const InvoiceShown = object(InvoiceRow);
const InvoiceWhole = object({
  ...InvoiceRow,
  lines: Type.Array(InvoiceLine),
  buyer: Party,
  reference: Type.String(),
  note: Type.String(),
});
const ReportLine = object({
  site: SiteId,
  name: Type.String(),
  month: Type.String(),
  to: Type.Array(Type.String()),
  itself: Type.Boolean(),
  late: Type.Boolean(),
  sentAt: orNull(Instant),
  lost: Type.Boolean(),
});

/** Care plans, the time set against them, what clients are told of each month, and what they pay. */
export const books = {
  'GET /books': route({
    says: 'What of the last month is to be sent and to be charged, and all invoices, the newest first.',
    role: 'accountant',
    answer: object({
      month: Type.String(),
      seller: Seller,
      /** Whether anything was said of whoever writes the invoices. */
      known: Type.Boolean(),
      mail: Type.Boolean(),
      reports: Type.Array(ReportLine),
      due: Type.Array(object({ site: SiteId, name: Type.String() })),
      invoices: Type.Array(InvoiceShown),
    }),
  }),
  'GET /books/csv': route({
    says: 'All invoices with a number as a table (CSV, RFC 4180), the oldest first.',
    role: 'accountant',
    gives: 'text/csv',
  }),
  'PUT /books/seller': route({ says: 'Says who writes the invoices.', role: 'owner', body: Seller }),
  'POST /books/drafts': route({
    says: 'Drafts the invoices of a month, of all sites that have something to charge.',
    role: 'designer',
    body: object({ month: Month }),
    answer: object({ made: Count }),
  }),
  'POST /books/reports': route({
    says: 'Sends the reports of the last month that were not sent. Which could not be, and why, is in the answer.',
    role: 'designer',
    answer: object({ sent: Count, refused: Type.Array(Type.String()) }),
  }),
  'GET /invoices/:invoice': route({ says: 'An invoice, whole.', role: 'accountant', answer: InvoiceWhole }),
  'PUT /invoices/:invoice': route({
    says: 'Changes a draft.',
    role: 'designer',
    body: object({
      lines: Type.Array(InvoiceLine, { maxItems: 100 }),
      buyer: Party,
      reference: Line,
      note: words(1000),
    }),
  }),
  'DELETE /invoices/:invoice': route({ says: 'Throws a draft away.', role: 'designer' }),
  'POST /invoices/:invoice/issue': route({
    says: 'Gives a draft the next number, for good.',
    role: 'designer',
    answer: object({ number: Type.String() }),
  }),
  'POST /invoices/:invoice/send': route({
    says: 'Sends an invoice to whoever pays, as PDF and as electronic invoice.',
    role: 'designer',
    answer: object({ to: Type.String() }),
  }),
  'POST /invoices/:invoice/back': route({
    says: 'Takes an invoice back by another one of the same amounts below zero.',
    role: 'designer',
    answer: object({ number: Type.String() }),
  }),
  'PUT /invoices/:invoice/paid': route({
    says: 'Notes on which day an invoice was paid; with null that it was not.',
    role: 'accountant',
    body: object({ day: orNull(Day) }),
  }),
  'GET /invoices/:invoice/pdf': route({ says: 'An invoice, printed.', role: 'accountant', gives: 'application/pdf' }),
  'GET /invoices/:invoice/xml': route({
    says: 'An invoice as an electronic one: UBL 2.1 by EN 16931.',
    role: 'accountant',
    gives: 'application/xml',
  }),
  'GET /sites/:id/plan': route({
    says: 'What is agreed with the client of a site, the work of the last two months, and which reports there are.',
    role: 'accountant',
    answer: object({
      ...Agreed,
      /** What invoices would be said to, where nobody is named yet. */
      suggested: Party,
      notes: Type.Array(TimeLine),
      use: object({ month: Type.String(), included: Count, used: Count, beyond: Count, extra: Count, free: Count }),
      reports: Type.Array(object({ month: Type.String(), sentAt: orNull(Instant), sentTo: Type.Array(Type.String()) })),
      invoiced: Type.Array(Type.String()),
    }),
  }),
  'PUT /sites/:id/plan': route({
    says: 'Says what is agreed with the client of a site.',
    role: 'designer',
    body: object(Agreed),
  }),
  'POST /sites/:id/time': route({
    says: 'Writes work down.',
    role: 'helper',
    body: Type.Omit(TimeLine, ['by'], closed),
  }),
  'DELETE /sites/:id/time/:note': route({ says: 'Takes a note of work away.', role: 'helper' }),
  'POST /sites/:id/invoices': route({
    says: 'Drafts the invoice of a month of a site.',
    role: 'designer',
    body: object({ month: Month }),
    answer: object({ id: Uuid }),
  }),
  'GET /sites/:id/reports/:month': route({
    says: 'What a client is told of a month.',
    role: 'accountant',
    answer: object({
      words: Type.String(),
      plans: Type.String(),
      said: given<ReportSaid>(),
      sentAt: orNull(Instant),
      sentTo: Type.Array(Type.String()),
      sentBy: orNull(Type.String()),
      letters: Type.Array(object({ to: Type.String(), ...Letter })),
      /** Where whoever has the link reads it, once it was sent. */
      page: orNull(Type.String()),
      /** Whether the month is over. */
      over: Type.Boolean(),
    }),
  }),
  'PUT /sites/:id/reports/:month': route({
    says: 'Puts words of the designer into a report that was not sent yet.',
    role: 'helper',
    body: object({ words: words(4000), plans: words(4000) }),
  }),
  'POST /sites/:id/reports/:month/send': route({
    says: 'Sends a report to the client, and keeps it as it was sent.',
    role: 'designer',
    answer: object({ to: Type.Array(Type.String()) }),
  }),
  'GET /sites/:id/reports/:month/pdf': route({
    says: 'A report, printed.',
    role: 'accountant',
    gives: 'application/pdf',
  }),
};
