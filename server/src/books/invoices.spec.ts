import { execFileSync } from 'node:child_process';
import { linesOf, INVOICE_WORDS, type CarePlan, type Seller, type TimeNote } from '@tin-porch/core/care';
import { load } from 'cheerio';
import { smallWorld, type SmallWorld } from '../testing/small-world.js';
import { CarePlans } from './care-plans.js';
import { EInvoices, enInvoice } from './e-invoice.js';
import { Invoices, NO_SELLER } from './invoices.js';
import { Printer } from './printing.js';

const PLAN: CarePlan = {
  ...{ name: 'Quiet water', price: 4500, currency: 'GBP', every: 'month', minutes: 60, rate: 4500 },
  ...{ includes: [], since: '2026-01', until: null },
};
const SELLER: Seller = {
  ...NO_SELLER,
  ...{ name: 'Tarrant & Co', street: '1 Quay', postcode: 'SM1 1AA', city: 'Saltmarrow', country: 'GB' },
  ...{ vatId: 'GB123456789', mail: 'ines@tinporch.example', iban: 'GB29 NWBK 6016 1331 9268 19' },
};
const BUYER = {
  ...{ name: 'Gant & Daughters <Boats>', street: '3 Ropewalk', postcode: '', city: 'Saltmarrow', country: 'GB' },
  ...{ vatId: '', mail: 'ada@gant.example', reference: 'PO 7' },
};

describe('invoices that are kept', () => {
  let world: SmallWorld;
  let plans: CarePlans;
  let invoices: Invoices;
  let site: string;
  let woken = 0;
  const forms = new EInvoices();
  const printer = new Printer('/usr/lib/chromium/chromium-headless-shell');
  const by = { name: 'Ines', mail: 'ines@tinporch.example' };
  const org = () => world.ines.organisation;
  const whole = async () => (await world.sites.get(site))!;
  const draft = async (month: string) => (await invoices.draft(org(), await whole(), month))!;
  const numbers = async () =>
    (
      await world.db.query<{ number: string }>('select number from invoice where number is not null order by number')
    ).rows.map((r) => r.number);
  const NOW = new Date('2026-11-01T08:00:00Z');

  beforeAll(async () => {
    world = await smallWorld();
    plans = new CarePlans(world.db);
    invoices = new Invoices(world.db, plans, printer, forms, { wake: () => void woken++ });
    site = await world.site('Gant & Daughters');
  });
  beforeEach(async () => {
    await world.db.query('delete from invoice where takes_back is not null');
    await world.db.query('delete from invoice');
    await world.db.query('delete from invoice_count');
    await world.db.query('delete from time_note');
    await invoices.putSeller(org(), SELLER);
    await plans.put(site, { plan: PLAN, report: null, buyer: BUYER });
  });
  afterAll(async () => {
    await Promise.all([forms.close(), printer.close()]);
    await world.end();
  });

  it('draft a month once, with the work of it', async () => {
    const note = { minutes: 80, words: 'New prices', charge: 'extra' as const, by: 'Ines' };
    await plans.note(site, { ...note, id: '00000000-0000-4000-8000-000000000001', day: '2026-10-31' });
    await plans.note(site, { ...note, id: '00000000-0000-4000-8000-000000000001', day: '2026-10-31' });
    await plans.note(site, { ...note, id: '00000000-0000-4000-8000-000000000002', day: '2026-11-01' });
    expect(await invoices.due(org(), '2026-10')).toEqual([site]);
    const made = await Promise.all([1, 2, 3].map(async () => invoices.draft(org(), await whole(), '2026-10')));
    expect(made.filter(Boolean).length).toBe(1);
    expect(await invoices.due(org(), '2026-10')).toEqual([]);
    const [row] = await invoices.list(org());
    expect(row!.text.lines.map((l) => [l.words, l.quantity, l.price])).toEqual([
      ['Quiet water, October 2026', 1, 4500],
      ['New prices', 80, 4500],
    ]);
    expect(row!.text.reference).toBe('PO 7');
    expect(await invoices.draft(org(), await whole(), '2025-10')).toBeNull();
  });

  it('have numbers without a gap, however many are asked for at once and whatever fails between them', async () => {
    const ids: string[] = [];
    for (let n = 1; n <= 9; n++) ids.push(await draft(`2026-0${n}`));
    const lame = ids[4]!;
    const { text } = await invoices.get(org(), lame);
    await invoices.change(org(), lame, { ...text, buyer: { ...text.buyer, city: '' } });
    const ends = await Promise.allSettled(ids.map((id) => invoices.issue(org(), id, NOW)));
    expect(ends.map((e) => e.status).filter((s) => s === 'rejected').length).toBe(1);
    expect((ends[4] as PromiseRejectedResult).reason.detail).toContain('address of whoever pays');
    expect(await numbers()).toEqual([1, 2, 3, 4, 5, 6, 7, 8].map((n) => `2026-000${n}`));
    const again = await Promise.allSettled([1, 2, 3].map(() => invoices.issue(org(), ids[0]!, NOW)));
    expect(again.every((e) => e.status === 'rejected')).toBe(true);
    expect((await numbers()).length).toBe(8);
    // A year begins with one again.
    await invoices.change(org(), lame, text);
    expect((await invoices.issue(org(), lame, new Date('2027-01-02T00:00:00Z'))).number).toBe('2027-0001');
  });

  it('get no number where no electronic form can be made of them', async () => {
    const failing = new Invoices(
      world.db,
      plans,
      printer,
      { of: () => Promise.reject(new Error('not by the schema')) },
      null,
    );
    const id = await draft('2026-10');
    await expectAsync(failing.issue(org(), id, NOW)).toBeRejectedWithError('not by the schema');
    expect((await invoices.get(org(), id)).number).toBeNull();
    expect((await invoices.issue(org(), id, NOW)).number).toBe('2026-0001');
  });

  it('are for good once they have a number, whatever is said of anybody later', async () => {
    const id = await draft('2026-10');
    await invoices.putSeller(org(), { ...SELLER, name: 'Tarrant, Ines' });
    expect((await invoices.current(org(), await invoices.get(org(), id))).seller.name).toBe('Tarrant, Ines');
    const { due } = await invoices.issue(org(), id, NOW);
    expect(due).toBe('2026-11-15');
    await invoices.putSeller(org(), { ...SELLER, name: 'Somebody else' });
    const row = await invoices.get(org(), id);
    expect((await invoices.current(org(), row)).seller.name).toBe('Tarrant, Ines');
    await expectAsync(invoices.change(org(), id, row.text)).toBeRejectedWithError(/does not change/);
    await expectAsync(invoices.discard(org(), id)).toBeRejectedWithError(/for good/);
    await expectAsync(invoices.get('00000000-0000-4000-8000-000000000000', id)).toBeRejectedWithError(
      /no such invoice/,
    );
    await expectAsync(invoices.putSeller(org(), { ...SELLER, numbering: 'always the same' })).toBeRejectedWithError(
      /count/,
    );
    await invoices.putSeller(org(), { ...SELLER, numbering: '2026-000{count}' });
    // Numbers that go on over the years begin with one: that one is taken.
    const next = await draft('2026-09');
    await world.db.query(`update invoice set number = '2026-0000001' where id = $1`, [id]);
    await expectAsync(invoices.issue(org(), next, NOW)).toBeRejectedWithError(/already/);
  });

  it('are taken back by one of their own, and the month may be charged anew', async () => {
    const id = await draft('2026-10');
    await expectAsync(invoices.takeBack(org(), id, NOW)).toBeRejectedWithError(/no number yet/);
    await invoices.issue(org(), id, NOW);
    await invoices.pay(org(), id, '2026-11-03');
    const ends = await Promise.allSettled([1, 2].map(() => invoices.takeBack(org(), id, NOW)));
    expect(ends.filter((e) => e.status === 'fulfilled').length).toBe(1);
    const back = (await invoices.list(org())).find((i) => i.takesBack)!;
    expect([back.number, back.takesBack]).toEqual(['2026-0002', id]);
    const { xml } = await invoices.ubl(org(), back.id);
    expect(xml).toContain('<cbc:InvoiceTypeCode>384</cbc:InvoiceTypeCode>');
    expect(xml).toMatch(/<cac:InvoiceDocumentReference>\s*<cbc:ID>2026-0001<\/cbc:ID>/);
    expect(xml).toContain('<cbc:PayableAmount currencyID="GBP">-54.00</cbc:PayableAmount>');
    await expectAsync(invoices.pay(org(), id, null)).toBeRejectedWithError(/Nothing is to be paid/);
    expect(await draft('2026-10')).toBeTruthy();
  });

  it('can be worked out again from their electronic form, which programs read', async () => {
    const cases: [TimeNote['minutes'], Seller['tax'], string][] = [
      [80, { category: 'S', rate: 2000 }, ''],
      [7, { category: 'S', rate: 810 }, ''],
      [1, { category: 'E', rate: 0 }, 'Small business'],
      [59, { category: 'AE', rate: 0 }, ''],
      [61, { category: 'O', rate: 0 }, 'Not in scope'],
      [600, { category: 'Z', rate: 0 }, ''],
    ];
    for (const [minutes, tax, taxReason] of cases) {
      const notes: TimeNote[] = [{ day: '2026-10-02', minutes, words: 'Work & <more>', charge: 'extra' }];
      const xml = await forms.of({
        lines: linesOf(PLAN, '2026-10', notes, INVOICE_WORDS['en-GB'], 'en-GB'),
        ...{ currency: 'GBP', tax, taxReason, month: '2026-10', language: 'en-GB', reference: '', note: '' },
        seller: { ...SELLER, ...(tax.category === 'O' && { vatId: '' }) },
        buyer: { ...BUYER, vatId: tax.category === 'AE' ? 'DE123456789' : '' },
        ...{ number: '2026-0001', issued: '2026-11-01', due: '2026-11-15', takesBack: null },
      });
      const $ = load(xml, { xml: true });
      const said = (path: string, within = $('Invoice')) =>
        within.find(path.replace(/c[ab]c:/g, (prefix) => prefix.replace(':', '\\:'))).text();
      const n = (path: string, within = $('Invoice')) => Math.round(Number(said(path, within)) * 100);
      let net = 0;
      for (const line of $('cac\\:InvoiceLine')
        .map((_, e) => $(e))
        .get()) {
        const base = Number(said('cbc:BaseQuantity', line) || 1);
        const exact = (Number(said('cbc:InvoicedQuantity', line)) * n('cbc:PriceAmount', line)) / base;
        expect(Math.abs(n('cbc:LineExtensionAmount', line) - exact)).toBeLessThanOrEqual(0.5);
        net += n('cbc:LineExtensionAmount', line);
      }
      const total = (name: string) => n(`cac:LegalMonetaryTotal > cbc:${name}`);
      const taxed = n('cac:TaxTotal > cbc:TaxAmount');
      // BR-CO-10, BR-CO-13, BR-CO-14, BR-CO-15, BR-CO-17
      expect(net).toBeGreaterThan(0);
      expect(total('LineExtensionAmount')).toBe(net);
      expect(total('TaxExclusiveAmount')).toBe(net);
      expect(n('cac:TaxSubtotal > cbc:TaxableAmount')).toBe(net);
      expect(n('cac:TaxSubtotal > cbc:TaxAmount')).toBe(taxed);
      expect(taxed).toBe(Math.round((net * (tax.category === 'S' ? tax.rate : 0)) / 10_000));
      expect(total('TaxInclusiveAmount')).toBe(net + taxed);
      expect(total('PayableAmount')).toBe(net + taxed);
      expect(said('cac:TaxSubtotal cbc:TaxExemptionReason') !== '')
        .withContext(tax.category)
        .toBe(['E', 'AE', 'O'].includes(tax.category));
      expect(() => execFileSync('/usr/bin/xmllint', ['--noout', '-'], { input: xml })).not.toThrow();
    }
  });

  it('name what the schema of electronic invoices would not take', async () => {
    const id = await draft('2026-10');
    const row = await invoices.get(org(), id);
    const issued = { ...row.text, number: '1', issued: '1 November', due: '2026-11-15', takesBack: null };
    await expectAsync(forms.of(issued)).toBeRejectedWithError(/IssueDate/);
    expect(JSON.stringify(enInvoice(issued))).toContain('"cbc:ID":"1"');
  });

  it('are printed once, and sent once with both forms', async () => {
    const id = await draft('2026-10');
    expect((await invoices.pdf(org(), id)).name).toBe('draft.pdf');
    await expectAsync(invoices.send(org(), id, by)).toBeRejectedWithError(/draft is not sent/);
    await invoices.issue(org(), id, NOW);
    const first = await invoices.pdf(org(), id);
    expect(first.bytes.subarray(0, 5).toString()).toBe('%PDF-');
    expect((await invoices.pdf(org(), id)).bytes.equals(first.bytes)).toBe(true);
    woken = 0;
    const ends = await Promise.allSettled([1, 2].map(() => invoices.send(org(), id, by)));
    expect(ends.filter((e) => e.status === 'fulfilled').length).toBe(1);
    const { rows } = await world.db.query<{
      recipient: string;
      sender: string;
      files: { name: string; content: string }[];
    }>('select recipient, sender, files from outgoing');
    expect(rows.map((r) => [r.recipient, r.sender, r.files.map((f) => f.name)])).toEqual([
      ['ada@gant.example', 'Tarrant & Co', ['2026-0001.pdf', '2026-0001.xml']],
    ]);
    expect(Buffer.from(rows[0]!.files[0]!.content, 'base64').equals(first.bytes)).toBe(true);
    expect(woken).toBe(1);
    expect((await invoices.get(org(), id)).letter).toEqual({ state: 'waiting', error: null });
    await world.db.query(`update outgoing set state = 'failed', error = '550 no such mailbox'`);
    expect((await invoices.get(org(), id)).letter).toEqual({ state: 'failed', error: '550 no such mailbox' });
    // Asked for once more, on purpose.
    await invoices.send(org(), id, by);
    expect((await world.db.query('select 1 from outgoing')).rowCount).toBe(2);
    expect((await invoices.get(org(), id)).letter!.state).toBe('waiting');
  });

  it('stay when their site goes', async () => {
    const other = await world.site('Gone soon');
    await plans.put(other, { plan: PLAN, report: null, buyer: BUYER });
    const id = (await invoices.draft(org(), (await world.sites.get(other))!, '2026-10'))!;
    await invoices.issue(org(), id, NOW);
    await world.db.query('delete from site where id = $1', [other]);
    const row = await invoices.get(org(), id);
    expect([row.site, row.siteName, row.number]).toEqual([null, 'Gone soon', '2026-0001']);
  });
});

describe('printing', () => {
  it('says what is missing where there is no browser, and reaches nothing from a page', async () => {
    await expectAsync(new Printer(null).pdf('<p>x</p>')).toBeRejectedWithError(/no browser/);
    await expectAsync(new Printer('/nowhere/browser').pdf('<p>x</p>')).toBeRejectedWithError(/does not start/);
    const printer = new Printer('/usr/lib/chromium/chromium-headless-shell');
    const { createServer } = await import('node:http');
    let asked = 0;
    const server = createServer((_, res) => {
      asked++;
      res.end('x');
    });
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    const { port } = server.address() as { port: number };
    const pdf = await printer.pdf(
      `<img src="http://127.0.0.1:${port}/a.png"><iframe src="file:///etc/passwd"></iframe><script>fetch('http://127.0.0.1:${port}/')</script><p>There`,
    );
    expect(pdf.length).toBeGreaterThan(800);
    expect(asked).toBe(0);
    await printer.close();
    server.close();
  });
});
