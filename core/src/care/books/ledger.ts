import Papa from 'papaparse';
import type { InvoiceState } from './invoice.js';
import { decimal, type Currency } from './money.js';

/** An invoice with a number, as a line of a list for whoever does the books. */
export interface LedgerLine {
  number: string;
  /** ISO 8601 dates. */
  issued: string;
  due: string;
  paid: string | null;
  state: InvoiceState;
  /** The number of the one it takes back. */
  takesBack: string | null;
  buyer: string;
  vatId: string;
  currency: Currency;
  /** Hundredths. */
  net: number;
  tax: number;
  gross: number;
}

const COLUMNS = [
  'Number',
  'Issued',
  'Due',
  'Paid',
  'State',
  'Takes back',
  'Buyer',
  'VAT number',
  'Currency',
  'Net',
  'VAT',
  'Gross',
];

/**
 * A list of invoices as CSV (RFC 4180), in the order they come: amounts with a point and two decimals, days as ISO 8601
 * has them. Words that a program for tables would take for a formula are set off by an apostrophe.
 */
export const ledgerCsv = (lines: readonly LedgerLine[]): string =>
  `${Papa.unparse(
    {
      fields: COLUMNS,
      data: lines.map((l) => [
        ...[l.number, l.issued, l.due, l.paid ?? '', l.state, l.takesBack ?? '', l.buyer, l.vatId, l.currency],
        ...[l.net, l.tax, l.gross].map(decimal),
      ]),
    },
    // An amount below zero is no formula.
    { newline: '\r\n', escapeFormulae: /^[=@\t\r+]|^-(?!\d+\.\d\d$)/ },
  )}\r\n`;
