import { portion, type Currency } from './money.js';
import { daysOf, monthAfter, monthsBetween, monthWords, type Month } from './months.js';
import { planIn, useOf, type CarePlan, type TimeNote } from './plan.js';

/** Somebody an invoice is from or to. Empty where it is not known. */
export interface Party {
  name: string;
  street: string;
  postcode: string;
  city: string;
  /** ISO 3166-1, two letters. */
  country: string;
  /** With the letters of its country before it. */
  vatId: string;
  mail: string;
}
/** Whoever writes the invoices. */
export interface Seller extends Party {
  contact: string;
  phone: string;
  /** The number the tax office knows it by, where it has none for value added tax. */
  taxNumber: string;
  iban: string;
  bic: string;
  /** Days until an invoice is due. */
  dueDays: number;
  tax: Tax;
  /** Why no tax is due, where none is. */
  taxReason: string;
  /** How a number is made: `{year}` and `{count}` stand in it. */
  numbering: string;
  /** A line under every invoice. */
  note: string;
}

/** Categories of tax (UNTDID 5305) an invoice may have: standard rate, zero rate, exempt, reverse charge, not subject to it. */
export const TAX_CATEGORIES = ['S', 'Z', 'E', 'AE', 'O'] as const;
export type TaxCategory = (typeof TAX_CATEGORIES)[number];
export interface Tax {
  category: TaxCategory;
  /** Hundredths of a percent; 0 but for the standard rate. */
  rate: number;
}

/** What is counted in a line. A price is for one of it; for work in minutes it is for an hour. */
export const UNITS = ['month', 'year', 'minute', 'piece'] as const;
export type Unit = (typeof UNITS)[number];
export interface InvoiceLine {
  words: string;
  /** A whole number; less than 0 only where an invoice is taken back. */
  quantity: number;
  unit: Unit;
  /** Hundredths, without tax. */
  price: number;
}

/** What an invoice says, without its number and days. */
export interface InvoiceText {
  lines: InvoiceLine[];
  currency: Currency;
  tax: Tax;
  taxReason: string;
  seller: Seller;
  buyer: Party;
  /** What the buyer wants to find on it: an order, a cost centre. */
  reference: string;
  note: string;
  /** The month it is of, where it is of one. */
  month: Month | null;
  /** BCP 47: what it is written in. */
  language: string;
}
/** An invoice with its number: nothing of it changes any more. */
export interface IssuedInvoice extends InvoiceText {
  number: string;
  /** ISO 8601 dates. */
  issued: string;
  due: string;
  /** The number and day of the one it takes back. */
  takesBack: { number: string; issued: string } | null;
}

/** The amounts of an invoice, hundredths. Tax is worked out on the sum (EN 16931, BR-CO-17), so that it is recalculable. */
export interface Totals {
  lines: number[];
  net: number;
  tax: number;
  gross: number;
}
export function totalsOf({ lines, tax }: Pick<InvoiceText, 'lines' | 'tax'>): Totals {
  const each = lines.map((l) => portion(l.price, l.quantity, l.unit === 'minute' ? 60 : 1));
  const net = each.reduce((all, n) => all + n, 0);
  const taxed = tax.category === 'S' ? portion(net, tax.rate, 10_000) : 0;
  return { lines: each, net, tax: taxed, gross: net + taxed };
}

/** What lines are called, in the language of the buyer. */
export interface LineWords {
  plan(name: string, span: string): string;
  beyond(what: string): string;
}

/**
 * The lines a month comes to: the plan where it is charged in this month (one of a year in its first month, for the twelve
 * that begin with it), work beyond it in one line, work outside of it in a line each.
 */
export function linesOf(
  plan: CarePlan | null,
  month: Month,
  notes: readonly TimeNote[],
  say: LineWords,
  language: string,
): InvoiceLine[] {
  const lines: InvoiceLine[] = [];
  const due = planIn(plan, month) && (plan.every === 'month' || monthsBetween(plan.since, month) % 12 === 0);
  if (plan && due && plan.price > 0) {
    const span =
      plan.every === 'month'
        ? monthWords(month, language)
        : `${monthWords(month, language)} – ${monthWords(monthAfter(month, 11), language)}`;
    lines.push({ words: say.plan(plan.name, span), quantity: 1, unit: plan.every, price: plan.price });
  }
  const rate = plan?.rate ?? null;
  if (rate === null) return lines;
  const use = useOf(plan, month, notes);
  const { first, last } = daysOf(month);
  const within = notes.filter((n) => first <= n.day && n.day <= last);
  if (use.beyond) {
    const what = [...new Set(within.filter((n) => n.charge === 'plan').map((n) => n.words))].join('; ');
    lines.push({ words: say.beyond(what).slice(0, 500), quantity: use.beyond, unit: 'minute', price: rate });
  }
  for (const n of within)
    if (n.charge === 'extra') lines.push({ words: n.words, quantity: n.minutes, unit: 'minute', price: rate });
  return lines;
}

/** An invoice that takes another back: the same lines, counted the other way (UNTDID 1001, 384). */
export const takingBack = (of: IssuedInvoice): InvoiceText => {
  const { number: _number, issued: _issued, due: _due, takesBack: _takesBack, ...text } = of;
  return { ...text, lines: text.lines.map((l) => ({ ...l, quantity: -l.quantity })) };
};

/** A number by its pattern: `{year}` and `{count}`, which has four digits at least. */
export const numberOf = (pattern: string, year: number, count: number): string =>
  pattern.replaceAll('{year}', String(year)).replaceAll('{count}', String(count).padStart(4, '0'));
/** A pattern of which every number is another: it counts, and has nothing in braces that nothing is known of. */
export const countsUp = (pattern: string): boolean =>
  pattern.includes('{count}') && !/[{}]/.test(pattern.replaceAll('{year}', '').replaceAll('{count}', ''));

/** An account number by the check digits of ISO 13616 (MOD 97-10, ISO 7064). */
export function isIban(text: string): boolean {
  const bare = text.replace(/\s/g, '').toUpperCase();
  if (!/^[A-Z]{2}\d{2}[A-Z0-9]{10,30}$/.test(bare)) return false;
  const digits = [...(bare.slice(4) + bare.slice(0, 4))].map((c) => parseInt(c, 36)).join('');
  return [...digits].reduce((rest, d) => (rest * 10 + Number(d)) % 97, 0) === 1;
}

/** What of an invoice still has to be said before it may have a number, and whose part of it that is. */
export interface Lack {
  of: 'seller' | 'buyer' | 'lines';
  words: string;
}
const VAT_ID = /^[A-Z]{2}[A-Z0-9+*]{2,13}$/;

/** What EN 16931 wants and is not there, by its rules (BR-…); empty where it may be issued. */
export function lacksOf(text: InvoiceText): Lack[] {
  const { seller, buyer, tax, lines } = text;
  const lacks: Lack[] = [];
  const want = (there: boolean, of: Lack['of'], words: string) => there || lacks.push({ of, words });
  // BR-6, BR-8, BR-9
  want(!!seller.name.trim(), 'seller', 'Your name, as invoices have it.');
  want(!!seller.street.trim() && !!seller.city.trim(), 'seller', 'Your address.');
  want(/^[A-Z]{2}$/.test(seller.country), 'seller', 'Your country.');
  // BR-7, BR-10, BR-11
  want(!!buyer.name.trim(), 'buyer', 'The name of whoever pays.');
  want(!!buyer.street.trim() && !!buyer.city.trim(), 'buyer', 'The address of whoever pays.');
  want(/^[A-Z]{2}$/.test(buyer.country), 'buyer', 'The country of whoever pays.');
  // BT-34, BT-49: where it is sent to by machines, which the library wants of both.
  want(!!seller.mail, 'seller', 'Your mail address.');
  want(!!buyer.mail, 'buyer', 'The mail address of whoever pays.');
  // BR-S-2, BR-Z-2, BR-E-2, BR-AE-2: who asks for tax, or says why not, is known to the tax office.
  const known = VAT_ID.test(seller.vatId) || !!seller.taxNumber.trim();
  if (tax.category !== 'O') want(known, 'seller', 'Your VAT number, or the number the tax office knows you by.');
  if (seller.vatId)
    want(VAT_ID.test(seller.vatId), 'seller', `“${seller.vatId}” is not a VAT number: it begins with two letters.`);
  if (buyer.vatId)
    want(VAT_ID.test(buyer.vatId), 'buyer', `“${buyer.vatId}” is not a VAT number: it begins with two letters.`);
  if (tax.category === 'AE') {
    want(VAT_ID.test(seller.vatId), 'seller', 'Your VAT number: whoever pays owes the tax.');
    want(VAT_ID.test(buyer.vatId), 'buyer', 'The VAT number of whoever pays: they owe the tax.');
  }
  // BR-O-2: who is not subject to it names no number for it.
  if (tax.category === 'O')
    want(!seller.vatId && !buyer.vatId, 'seller', 'No VAT numbers, where the invoice is not subject to the tax.');
  // BR-E-10, BR-AE-10, BR-O-10
  if (tax.category === 'E' || tax.category === 'O') want(!!text.taxReason.trim(), 'seller', 'Why no tax is due.');
  if (tax.category === 'S') want(tax.rate > 0, 'seller', 'The rate of the tax.');
  if (seller.iban)
    want(isIban(seller.iban), 'seller', `“${seller.iban}” is not an account number: its check digits do not fit.`);
  // BR-16, BR-25
  want(lines.length > 0, 'lines', 'A line.');
  want(
    lines.every((l) => l.words.trim() && Number.isInteger(l.quantity) && l.quantity !== 0),
    'lines',
    'What each line is for, and how much of it.',
  );
  want(totalsOf(text).gross !== 0, 'lines', 'An amount.');
  return lacks;
}

/** How an issued invoice stands on a day. */
export type InvoiceState = 'draft' | 'open' | 'late' | 'paid' | 'taken back';
export const stateOf = (
  i: { number: string | null; due: string | null; paid: string | null; takenBack: boolean },
  today: string,
): InvoiceState =>
  i.number === null ? 'draft' : i.takenBack ? 'taken back' : i.paid ? 'paid' : i.due! < today ? 'late' : 'open';
