import { renderToString } from 'preact-render-to-string';
import type { LanguageTag } from '../../model/languages.gen.js';
import { totalsOf, type InvoiceText, type IssuedInvoice, type Party } from '../books/invoice.js';
import { moneyWords } from '../books/money.js';
import { dayWords } from '../books/months.js';
import { minuteWords } from '../books/plan.js';
import { inked, sheetOf, type Inks } from './draw.js';
import { INVOICE_WORDS } from './said.js';

/** Plain ink on white: an invoice is of whoever writes it, and in the look of nobody’s site. */
const PLAIN: Inks = {
  ...{ heading: 'source-sans-3', reading: 'source-sans-3', headingWeight: 640 },
  day: {
    ...{ ground: '#ffffff', wash: '#f2f4f3', text: '#1b211f', quiet: '#56615d', line: '#cbd3d0' },
    ...{ lead: '#1b211f', accent: '#56615d' },
  },
};

/** An address line by line, with its country where that is another one than it is sent from. */
function addressOf(p: Party, from: string, language: string): string[] {
  const abroad = p.country !== from && /^[A-Z]{2}$/.test(p.country);
  const country = abroad ? new Intl.DisplayNames(language, { type: 'region' }).of(p.country) : '';
  return [p.name, p.street, `${p.postcode} ${p.city}`.trim(), country ?? ''].filter(Boolean);
}

/** A rate in hundredths of a percent as people say it: “20”, “8,1”. */
const rateWords = (rate: number, language: string) => (rate / 100).toLocaleString(language);

/** What an invoice is called and says, for its page and its letter. */
export function invoiceSaid(i: InvoiceText | IssuedInvoice) {
  const language = i.language as LanguageTag;
  const w = INVOICE_WORDS[language];
  const issued = 'number' in i ? i : null;
  const money = (amount: number) => moneyWords(amount, i.currency, language);
  const { gross } = totalsOf(i);
  const name = issued?.takesBack ? w.takingBack : w.invoice;
  const due = issued && dayWords(issued.due, language);
  return {
    language,
    title: issued ? `${name} ${issued.number}` : name,
    letter: issued
      ? issued.takesBack
        ? w.letterBack(issued.number, issued.takesBack.number)
        : w.letter(issued.number, money(gross), due!)
      : '',
    hello: w.hello,
  };
}

/** An invoice as a page of HTML, to be printed. One without a number yet says nothing in the place of it. */
export function drawInvoice(i: InvoiceText | IssuedInvoice): string {
  const { language, title } = invoiceSaid(i);
  const w = INVOICE_WORDS[language];
  const ink = inked(PLAIN);
  const issued = 'number' in i ? i : null;
  const money = (amount: number) => moneyWords(amount, i.currency, language);
  const totals = totalsOf(i);
  const { seller, buyer } = i;
  const quantity = ({ unit, quantity: n }: InvoiceText['lines'][number]) =>
    unit === 'minute'
      ? `${n < 0 ? '−' : ''}${minuteWords(Math.abs(n))}`
      : unit === 'month'
        ? w.months(n)
        : unit === 'year'
          ? w.years(n)
          : n.toLocaleString(language);
  const cell = `padding: 8px 0 8px 12px; border-bottom: 1px solid ${ink.line}; text-align: right; vertical-align: top; white-space: nowrap`;
  const first = `padding: 8px 0; border-bottom: 1px solid ${ink.line}; text-align: left; vertical-align: top`;
  const sum = 'padding: 6px 0 0 12px; text-align: right; white-space: nowrap';
  const row = (label: string, value: string | null) =>
    value && (
      <tr>
        <th style="padding: 0 12px 0 0; text-align: left; font-weight: 400">{label}</th>
        <td style="padding: 0">{value}</td>
      </tr>
    );
  const taxLine =
    i.tax.category === 'S' ? w.tax(rateWords(i.tax.rate, language)) : i.tax.category === 'Z' ? w.tax('0') : null;
  const why = i.tax.category === 'AE' ? w.reverse : i.tax.category === 'S' || i.tax.category === 'Z' ? '' : i.taxReason;
  const body = renderToString(
    <body style={ink.body}>
      <main class="sheet" style={ink.sheet}>
        <p style={ink.quiet}>{addressOf(seller, buyer.country, language).join(' · ')}</p>
        <p style="margin: 28px 0 0; white-space: pre-line">{addressOf(buyer, seller.country, language).join('\n')}</p>
        <h1 style={`${ink.h1}; margin-top: 32px`}>{title}</h1>
        <table style="margin-top: 12px; border-collapse: collapse">
          <tbody>
            {row(w.date, issued && dayWords(issued.issued, language))}
            {row(w.due, issued && !issued.takesBack ? dayWords(issued.due, language) : null)}
            {row(w.reference, i.reference)}
            {row(w.vatId, buyer.vatId)}
          </tbody>
        </table>
        {issued?.takesBack && (
          <p style={ink.p}>{w.takesBack(issued.takesBack.number, dayWords(issued.takesBack.issued, language))}</p>
        )}
        <table style="width: 100%; margin-top: 22px; border-collapse: collapse">
          <thead>
            <tr>
              <th style={first}>{w.what}</th>
              <th style={cell}>{w.quantity}</th>
              <th style={cell}>{w.price}</th>
              <th style={cell}>{w.amount}</th>
            </tr>
          </thead>
          <tbody>
            {i.lines.map((line, at) => (
              <tr>
                <td style={first}>{line.words}</td>
                <td style={cell}>{quantity(line)}</td>
                <td style={cell}>
                  {money(line.price)}
                  {line.unit === 'minute' && ` ${w.perHour}`}
                </td>
                <td style={cell}>{money(totals.lines[at]!)}</td>
              </tr>
            ))}
          </tbody>
          <tfoot>
            {taxLine && (
              <tr>
                <td colSpan={3} style={sum}>
                  {w.net}
                </td>
                <td style={sum}>{money(totals.net)}</td>
              </tr>
            )}
            {taxLine && (
              <tr>
                <td colSpan={3} style={sum}>
                  {taxLine}
                </td>
                <td style={sum}>{money(totals.tax)}</td>
              </tr>
            )}
            <tr>
              <th colSpan={3} style={sum}>
                {w.gross}
              </th>
              <th style={`${sum}; color: ${ink.lead}`}>{money(totals.gross)}</th>
            </tr>
          </tfoot>
        </table>
        {why && <p style={ink.p}>{why}</p>}
        {issued && !issued.takesBack && (
          <p style={`${ink.p}; margin-top: 22px`}>{w.pay(money(totals.gross), dayWords(issued.due, language))}</p>
        )}
        {seller.iban && !issued?.takesBack && (
          <p style={ink.p}>
            {w.payTo}: {seller.iban.replace(/\s/g, '').replace(/(.{4})(?=.)/g, '$1 ')}
            {seller.bic && `, BIC ${seller.bic}`}
          </p>
        )}
        {i.note && <p style={`${ink.p}; white-space: pre-line`}>{i.note}</p>}
        <p style={ink.foot}>
          {[
            seller.name,
            seller.contact,
            seller.mail,
            seller.phone,
            seller.vatId && `${w.vatId} ${seller.vatId}`,
            seller.taxNumber && `${w.taxNumber} ${seller.taxNumber}`,
            seller.note,
          ]
            .filter(Boolean)
            .join(' · ')}
        </p>
      </main>
    </body>,
  );
  return sheetOf(language, title, PLAIN, body);
}
