import {
  countsUp,
  daysOf,
  drawInvoice,
  INVOICE_WORDS,
  invoiceSaid,
  lacksOf,
  linesOf,
  numberOf,
  planIn,
  takingBack,
  type CarePlan,
  type InvoiceText,
  type IssuedInvoice,
  type Month,
  type Seller,
  type TimeNote,
} from '@tin-porch/core/care';
import { Problem } from '@tin-porch/core/ground';
import { putLetter, type OutgoingLine } from '@tin-porch/mail';
import { transaction, type Database, type Queryable } from '../db/database.js';
import { nameOf, type SiteRow } from '../sites/site-row.js';
import type { CarePlans } from './care-plans.js';
import type { EInvoices } from './e-invoice.js';
import type { Printer } from './printing.js';

/** What became of a letter. */
export type LetterState = Pick<OutgoingLine, 'state' | 'error'>;

/** An invoice as it is kept. */
export interface InvoiceRow {
  id: string;
  site: string | null;
  siteName: string;
  month: Month | null;
  text: InvoiceText;
  number: string | null;
  /** ISO 8601 dates. */
  issued: string | null;
  due: string | null;
  sentAt: Date | null;
  sentTo: string | null;
  /** What became of the letter it went out by last; null where none did, or that is long ago. */
  letter: LetterState | null;
  paid: string | null;
  /** The one it takes back. */
  takesBack: string | null;
  takenBack: boolean;
  madeAt: Date;
}
const ROW = `id, site, site_name as "siteName", month, text, number, to_char(issued, 'YYYY-MM-DD') as issued, to_char(due, 'YYYY-MM-DD') as due,
  sent_at as "sentAt", sent_to as "sentTo", to_char(paid, 'YYYY-MM-DD') as paid, takes_back as "takesBack", taken_back as "takenBack", made_at as "madeAt",
  (select json_build_object('state', o.state, 'error', o.error) from outgoing o where o.id = invoice.letter) as letter`;

/** Nobody yet: what an organisation has to say of itself before its first invoice. */
export const NO_SELLER: Seller = {
  ...{ name: '', street: '', postcode: '', city: '', country: '', vatId: '', mail: '', contact: '', phone: '' },
  ...{ taxNumber: '', iban: '', bic: '', dueDays: 14, tax: { category: 'S', rate: 2000 }, taxReason: '' },
  ...{ numbering: '{year}-{count}', note: '' },
};
const isoDay = (at: Date): string => at.toISOString().slice(0, 10);
const dayAfter = (day: string, days: number): string => isoDay(new Date(Date.parse(day) + days * 86_400_000));
const gone = () => new Problem(404, 'There is no such invoice');
const KEY_TAKEN = '23505';

/** Invoices of an organisation: drafts, and those with a number, of which nothing changes any more. */
export class Invoices {
  constructor(
    private readonly db: Database,
    private readonly plans: CarePlans,
    private readonly printer: Printer,
    private readonly forms: Pick<EInvoices, 'of'>,
    private readonly post: { wake(): void } | null,
  ) {}

  async seller(organisation: string, db: Queryable = this.db): Promise<Seller> {
    const { rows } = await db.query<{ seller: Seller | null }>('select seller from organisation where id = $1', [
      organisation,
    ]);
    return rows[0]?.seller ?? NO_SELLER;
  }

  /** Takes the place of what was said of whoever writes the invoices; those with a number stay as they are. */
  async putSeller(organisation: string, seller: Seller): Promise<void> {
    if (!countsUp(seller.numbering))
      throw new Problem(400, 'The number of an invoice has to count', 'Write {count} in it, and {year} if you like.');
    await this.db.query('update organisation set seller = $2 where id = $1', [organisation, JSON.stringify(seller)]);
  }

  /** All of them, the newest first. */
  async list(organisation: string): Promise<InvoiceRow[]> {
    const { rows } = await this.db.query<InvoiceRow>(
      `select ${ROW} from invoice where organisation = $1 order by number is not null, issued desc, made_at desc limit 2000`,
      [organisation],
    );
    return rows;
  }

  /** @throws Problem 404 */
  async get(organisation: string, id: string, db: Queryable = this.db, lock = ''): Promise<InvoiceRow> {
    const { rows } = /^[0-9a-f-]{36}$/.test(id)
      ? await db.query<InvoiceRow>(`select ${ROW} from invoice where organisation = $1 and id = $2 ${lock}`, [
          organisation,
          id,
        ])
      : { rows: [] };
    if (!rows[0]) throw gone();
    return rows[0];
  }

  /**
   * A draft of what a month of a site comes to; null where that is nothing, or the month has one.
   */
  async draft(organisation: string, site: SiteRow, month: Month): Promise<string | null> {
    const { plan, buyer } = await this.plans.of(site.id);
    const { first, last } = daysOf(month);
    const language = site.document.language;
    const notes = await this.plans.notes(site.id, first, last);
    const lines = linesOf(plan, month, [...notes].reverse(), INVOICE_WORDS[language], language);
    if (!lines.length) return null;
    const seller = await this.seller(organisation);
    const { name } = site.document.facts;
    const text: InvoiceText = {
      ...{ lines, currency: plan?.currency ?? 'GBP', tax: seller.tax, taxReason: seller.taxReason, seller },
      buyer: buyer ?? { name, street: '', postcode: '', city: '', country: '', vatId: '', mail: '' },
      ...{ reference: buyer?.reference ?? '', note: '', month, language },
    };
    const { rows } = await this.db.query<{ id: string }>(
      `insert into invoice (organisation, site, site_name, month, text) values ($1, $2, $3, $4, $5)
       on conflict (site, month) where takes_back is null and not taken_back do nothing returning id`,
      [organisation, site.id, nameOf(site), month, JSON.stringify(text)],
    );
    return rows[0]?.id ?? null;
  }

  /** Sites of which a month would come to something that is on no invoice yet. */
  async due(organisation: string, month: Month): Promise<string[]> {
    const { first, last } = daysOf(month);
    const { rows } = await this.db.query<{ site: string; plan: CarePlan; notes: TimeNote[] }>(
      `select p.site, p.plan,
         coalesce((select jsonb_agg(jsonb_build_object('day', t.day, 'minutes', t.minutes, 'words', t.words, 'charge', t.charge))
           from time_note t where t.site = p.site and t.day between $3 and $4), '[]') as notes
       from care_plan p join site s on s.id = p.site
       where s.organisation = $1 and p.plan is not null and not exists (
         select 1 from invoice i where i.site = p.site and i.month = $2 and i.takes_back is null and not i.taken_back)`,
      [organisation, month, first, last],
    );
    return rows
      .filter(
        (r) => planIn(r.plan, month) && linesOf(r.plan, month, r.notes, INVOICE_WORDS['en-GB'], 'en-GB').length > 0,
      )
      .map((r) => r.site);
  }

  /** The months of a site that are on an invoice. */
  async monthsOf(site: string): Promise<Month[]> {
    const { rows } = await this.db.query<{ month: Month }>(
      'select month from invoice where site = $1 and month is not null and takes_back is null and not taken_back order by month desc',
      [site],
    );
    return rows.map((r) => r.month);
  }

  /** Changes a draft. Who writes it is as it is said of the organisation now. @throws Problem 404, and 409 where it has a number */
  async change(
    organisation: string,
    id: string,
    change: Pick<InvoiceText, 'lines' | 'buyer' | 'reference' | 'note'>,
  ): Promise<void> {
    await transaction(this.db, async (client) => {
      const row = await this.get(organisation, id, client, 'for update');
      if (row.number)
        throw new Problem(409, 'An invoice with a number does not change', 'Take it back, and write another one.');
      await client.query('update invoice set text = $2 where id = $1', [
        id,
        JSON.stringify({ ...row.text, ...change }),
      ]);
    });
  }

  /** Throws a draft away. @throws Problem 404, and 409 where it has a number */
  async discard(organisation: string, id: string): Promise<void> {
    const row = await this.get(organisation, id);
    const { rowCount } = await this.db.query('delete from invoice where id = $1 and number is null', [id]);
    if (!rowCount) throw new Problem(409, `Invoice ${row.number} has its number for good`, 'It can be taken back.');
  }

  /** A draft as it would go out now: by whoever the organisation says it is. */
  async current(organisation: string, row: InvoiceRow, db: Queryable = this.db): Promise<InvoiceText | IssuedInvoice> {
    if (row.number) return this.issued(row, db);
    const seller = await this.seller(organisation, db);
    return { ...row.text, seller, tax: seller.tax, taxReason: seller.taxReason };
  }

  private async issued(row: InvoiceRow, db: Queryable = this.db): Promise<IssuedInvoice> {
    const { rows } = row.takesBack
      ? await db.query<{ number: string; issued: string }>(
          `select number, to_char(issued, 'YYYY-MM-DD') as issued from invoice where id = $1`,
          [row.takesBack],
        )
      : { rows: [] };
    return { ...row.text, number: row.number!, issued: row.issued!, due: row.due!, takesBack: rows[0] ?? null };
  }

  /**
   * Gives a draft the next number, for good: numbers have no gaps, whoever asks at once. The electronic form is made with
   * it; where that cannot be, there is no number.
   * @throws Problem 404, 409 where it has one, 422 with what it lacks
   */
  issue(organisation: string, id: string, now = new Date()): Promise<InvoiceRow> {
    return transaction(this.db, async (client) => {
      const row = await this.get(organisation, id, client, 'for update');
      if (row.number) throw new Problem(409, `It has its number already: ${row.number}`);
      const text = await this.current(organisation, row, client);
      const lacks = lacksOf(text);
      if (lacks.length) throw new Problem(422, 'The invoice is not whole yet', lacks.map((l) => l.words).join(' '));
      return this.number(client, organisation, row, text, null, now);
    });
  }

  /** Takes an issued invoice back by another one of the same amounts below zero. @throws Problem 404, 409 */
  takeBack(organisation: string, id: string, now = new Date()): Promise<InvoiceRow> {
    return transaction(this.db, async (client) => {
      const row = await this.get(organisation, id, client, 'for update');
      if (!row.number) throw new Problem(409, 'It has no number yet: throw it away instead');
      if (row.takenBack || row.takesBack) throw new Problem(409, 'It is taken back already, or takes another one back');
      const back = takingBack(await this.issued(row, client));
      await client.query('update invoice set taken_back = true where id = $1', [id]);
      const { rows } = await client.query<InvoiceRow>(
        `insert into invoice (organisation, site, site_name, month, text, takes_back) values ($1, $2, $3, $4, $5, $6) returning ${ROW}`,
        [organisation, row.site, row.siteName, row.month, JSON.stringify(back), id],
      );
      return this.number(client, organisation, rows[0]!, back, { number: row.number, issued: row.issued! }, now);
    });
  }

  private async number(
    client: Queryable,
    organisation: string,
    row: InvoiceRow,
    text: InvoiceText,
    takesBack: IssuedInvoice['takesBack'],
    now: Date,
  ): Promise<InvoiceRow> {
    const issued = isoDay(now);
    const year = now.getUTCFullYear();
    const { numbering, dueDays } = text.seller;
    // The row of the count is held until this is committed: the next one waits, and no number is left out.
    const { rows: counted } = await client.query<{ last: number }>(
      `insert into invoice_count (organisation, year, last) values ($1, $2, 1)
       on conflict (organisation, year) do update set last = invoice_count.last + 1 returning last`,
      [organisation, numbering.includes('{year}') ? year : 0],
    );
    const number = numberOf(numbering, year, counted[0]!.last);
    const due = dayAfter(issued, dueDays);
    const ubl = await this.forms.of({ ...text, number, issued, due, takesBack });
    try {
      const { rows } = await client.query<InvoiceRow>(
        `update invoice set text = $2, number = $3, issued = $4, due = $5, ubl = $6 where id = $1 returning ${ROW}`,
        [row.id, JSON.stringify(text), number, issued, due, ubl],
      );
      return rows[0]!;
    } catch (error) {
      if ((error as { code?: string }).code !== KEY_TAKEN) throw error;
      throw new Problem(
        409,
        `There is an invoice ${number} already`,
        'Give the numbers another form, such as another word before them.',
      );
    }
  }

  /** Notes on which day it was paid; with null that it was not. @throws Problem 404, 409 */
  async pay(organisation: string, id: string, day: string | null): Promise<void> {
    const row = await this.get(organisation, id);
    if (!row.number || row.takenBack || row.takesBack) throw new Problem(409, 'Nothing is to be paid for it');
    await this.db.query('update invoice set paid = $2 where id = $1', [id, day]);
  }

  /** The electronic form of one that has a number. @throws Problem 404 */
  async ubl(organisation: string, id: string): Promise<{ number: string; xml: string }> {
    const { number } = await this.get(organisation, id);
    if (!number) throw new Problem(404, 'A draft has no electronic form yet');
    const { rows } = await this.db.query<{ ubl: string }>('select ubl from invoice where id = $1', [id]);
    return { number, xml: rows[0]!.ubl };
  }

  /** It printed: once for all where it has a number, as it is now where it is a draft. @throws Problem 404, 503 */
  async pdf(organisation: string, id: string): Promise<{ name: string; bytes: Buffer }> {
    const row = await this.get(organisation, id);
    const { rows } = await this.db.query<{ pdf: Buffer | null }>('select pdf from invoice where id = $1', [id]);
    const name = `${(row.number ?? 'draft').replace(/[^\w-]+/g, '-')}.pdf`;
    if (rows[0]?.pdf) return { name, bytes: rows[0].pdf };
    const bytes = await this.printer.pdf(drawInvoice(await this.current(organisation, row)));
    if (!row.number) return { name, bytes };
    const kept = await this.db.query<{ pdf: Buffer }>(
      'update invoice set pdf = coalesce(pdf, $2) where id = $1 returning pdf',
      [id, bytes],
    );
    return { name, bytes: kept.rows[0]!.pdf };
  }

  /**
   * Sends an issued invoice to whoever pays: as PDF and as electronic invoice. A second time only where it is asked for again.
   * @throws Problem 404, 409, 503
   */
  async send(organisation: string, id: string, by: { name: string; mail: string }): Promise<string> {
    const row = await this.get(organisation, id);
    if (!row.number) throw new Problem(409, 'A draft is not sent', 'Give it its number first.');
    if (!this.post) throw new Problem(409, 'No mail server is set', 'Save the PDF, and send it by hand.');
    const { buyer, seller } = row.text;
    const issued = await this.issued(row);
    const { title, letter: words, hello } = invoiceSaid(issued);
    const [pdf, { xml }] = [await this.pdf(organisation, id), await this.ubl(organisation, id)];
    const file = pdf.name.replace(/\.pdf$/, '');
    await transaction(this.db, async (client) => {
      const { rowCount } = await client.query(
        `update invoice set sent_at = date_trunc('milliseconds', clock_timestamp()), sent_to = $2
         where id = $1 and sent_at is not distinct from $3`,
        [id, buyer.mail, row.sentAt],
      );
      if (!rowCount) throw new Problem(409, 'It is being sent already');
      const letter = await putLetter(client, {
        cause: `invoice ${id} ${row.sentAt?.toISOString() ?? 'first'}`,
        ...{
          to: buyer.mail,
          subject: `${title}, ${seller.name}`,
          sender: seller.name,
          replyTo: seller.mail || by.mail,
        },
        text: `${hello}\n\n${words}\n\n${seller.contact || seller.name}\n`,
        files: [
          { name: `${file}.pdf`, type: 'application/pdf', content: pdf.bytes.toString('base64') },
          { name: `${file}.xml`, type: 'application/xml', content: Buffer.from(xml).toString('base64') },
        ],
      });
      await client.query('update invoice set letter = $2 where id = $1', [id, letter]);
    });
    this.post.wake();
    return buyer.mail;
  }
}
