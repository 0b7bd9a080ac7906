import type { LineWords } from '../books/invoice.js';

/** What a report is made of, in one language. Numbers and days come as they are said in it. */
export interface ReportWords {
  title(site: string, month: string): string;
  by(who: string): string;
  visits: string;
  nobody: string;
  visited(n: string, count: number): string;
  /** Beside the month before. */
  more(n: string, month: string): string;
  fewer(n: string, month: string): string;
  same(month: string): string;
  mostRead(page: string, n: string, count: number): string;
  cameFrom(host: string, n: string, count: number): string;
  onPhone(percent: number): string;
  wrote(n: string, count: number): string;
  nobodyWrote: string;
  next: string;
  missing(address: string, n: string): string;
  silent(n: string): string;
  phone(percent: number): string;
  done: string;
  published(n: string, count: number): string;
  edited(n: string, count: number): string;
  mended(n: string, count: number): string;
  certificate: string;
  nothingDone: string;
  planned: string;
  publishes(day: string): string;
  domainEnds(day: string): string;
  safe: string;
  proven(n: string, of: string, count: number): string;
  notProven: string;
  upAlways(n: string): string;
  up(percent: string, n: string, minutes: string): string;
  answer(seconds: string): string;
  mainPart(seconds: string): string;
  care: string;
  used(plan: string, used: string, included: string): string;
  usedOnly(plan: string, used: string): string;
  none(plan: string, included: string): string;
  hello: string;
  letter(site: string, month: string): string;
  attached: string;
  online: string;
}

/** What an invoice is made of, in one language. */
export interface InvoiceWords extends LineWords {
  invoice: string;
  takingBack: string;
  takesBack(number: string, day: string): string;
  number: string;
  date: string;
  due: string;
  to: string;
  reference: string;
  what: string;
  quantity: string;
  price: string;
  amount: string;
  net: string;
  tax(rate: string): string;
  gross: string;
  vatId: string;
  taxNumber: string;
  pay(gross: string, day: string): string;
  payTo: string;
  reverse: string;
  months(n: number): string;
  years(n: number): string;
  perHour: string;
  letter(number: string, gross: string, day: string): string;
  letterBack(number: string, back: string): string;
  hello: string;
}
