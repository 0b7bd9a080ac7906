import type { books as bookRoutes } from '@tin-porch/contract';
import {
  monthAfter,
  monthOf,
  daysOf,
  planIn,
  stateOf,
  totalsOf,
  useOf,
  lacksOf,
  ledgerCsv,
  MONTH,
} from '@tin-porch/core/care';
import { Problem } from '@tin-porch/core/ground';
import { some } from '@tin-porch/core/some';
import type { InvoiceRow } from '../../books/invoices.js';
import { nameOf, type SiteHead } from '../../sites/site-row.js';
import type { Parts } from '../parts.js';
import type { Handlers } from '../serve.js';

const today = (): string => new Date().toISOString().slice(0, 10);
const monthIn = (params: Record<string, string>): string => {
  const month = params['month'] ?? '';
  if (!MONTH.test(month)) throw new Problem(404, 'There is no such month');
  return month;
};
/** Sites whose months are told of and charged: those that are on a server and stay. */
const kept = (s: SiteHead): boolean => s.liveRelease !== null && s.leavesAt === null;

/** Care plans, time, reports and invoices. */
export function bookHandlers(parts: Parts): Handlers<typeof bookRoutes> {
  const { sites, plans, invoices, reports, post } = parts;

  const shown = async (organisation: string, row: InvoiceRow) => {
    const text = await invoices.current(organisation, row);
    const { net, tax, gross } = totalsOf(text);
    const { text: _, ...rest } = row;
    return {
      ...{ ...rest, state: stateOf(row, today()), currency: text.currency, net, tax, gross },
      lacks: row.number ? [] : lacksOf(text).map((l) => l.words),
    };
  };
  const last = () => monthAfter(monthOf(today()), -1);

  return {
    'GET /books': async ({ me }) => {
      const month = last();
      const [rows, list, lines, seller] = await Promise.all([
        sites.list(me.organisation),
        invoices.list(me.organisation),
        reports.lastMonth(me.organisation),
        invoices.seller(me.organisation),
      ]);
      const due = await invoices.due(me.organisation, month);
      const names = new Map(rows.filter(kept).map((r) => [r.id, nameOf(r)]));
      return {
        ...{ month, seller, known: seller.name !== '', mail: post !== null, reports: lines },
        due: due.flatMap((site) => (names.has(site) ? [{ site, name: names.get(site)! }] : [])),
        invoices: await Promise.all(list.map((row) => shown(me.organisation, row))),
      };
    },
    'GET /books/csv': async ({ me, res }) => {
      const rows = (await invoices.list(me.organisation)).filter((r) => r.number !== null).reverse();
      const numbers = new Map(rows.map((r) => [r.id, r.number!]));
      const csv = ledgerCsv(
        rows.map((r) => ({
          ...{ number: r.number!, issued: r.issued!, due: r.due!, paid: r.paid, state: stateOf(r, today()) },
          takesBack: r.takesBack && (numbers.get(r.takesBack) ?? ''),
          ...{ buyer: r.text.buyer.name, vatId: r.text.buyer.vatId, currency: r.text.currency, ...totalsOf(r.text) },
        })),
      );
      res.set('content-disposition', 'attachment; filename="invoices.csv"').type('text/csv').send(csv);
    },
    'PUT /books/seller': async ({ me, body, note }) => {
      await invoices.putSeller(me.organisation, body);
      await note('Changed who writes the invoices');
    },
    'POST /books/drafts': async ({ me, body, note }) => {
      let made = 0;
      for (const head of (await sites.list(me.organisation)).filter(kept))
        if (await invoices.draft(me.organisation, await sites.of(me.organisation, head.id), body.month)) made++;
      if (made) await note(`Drafted ${some(made, 'invoice')} of ${body.month}`);
      return { made };
    },
    'POST /books/reports': async ({ me, note }) => {
      let sent = 0;
      const refused: string[] = [];
      for (const line of await reports.lastMonth(me.organisation)) {
        if (line.sentAt) continue;
        try {
          await reports.send(await sites.of(me.organisation, line.site), line.month, me);
          sent++;
        } catch (error) {
          if (!(error instanceof Problem)) throw error;
          refused.push(`${line.name}: ${[error.message, error.detail].filter(Boolean).join('. ')}`);
        }
      }
      if (sent) await note(`Sent ${some(sent, 'report')} to clients`);
      return { sent, refused };
    },
    'GET /invoices/:invoice': async ({ me, params }) => {
      const row = await invoices.get(me.organisation, params['invoice']!);
      const { lines, buyer, reference, note } = row.text;
      const { name, street, postcode, city, country, vatId, mail } = buyer;
      return {
        ...(await shown(me.organisation, row)),
        ...{ lines, buyer: { name, street, postcode, city, country, vatId, mail }, reference, note },
      };
    },
    'PUT /invoices/:invoice': async ({ me, params, body }) => {
      await invoices.change(me.organisation, params['invoice']!, body);
    },
    'DELETE /invoices/:invoice': async ({ me, params, note }) => {
      await invoices.discard(me.organisation, params['invoice']!);
      await note('Threw a draft of an invoice away');
    },
    'POST /invoices/:invoice/issue': async ({ me, params, note }) => {
      const { number } = await invoices.issue(me.organisation, params['invoice']!);
      await note(`Issued invoice ${number}`);
      return { number: number! };
    },
    'POST /invoices/:invoice/send': async ({ me, params, note }) => {
      const row = await invoices.get(me.organisation, params['invoice']!);
      const to = await invoices.send(me.organisation, row.id, me);
      await note(`Sent invoice ${row.number} to ${to}`);
      return { to };
    },
    'POST /invoices/:invoice/back': async ({ me, params, note }) => {
      const before = await invoices.get(me.organisation, params['invoice']!);
      const { number } = await invoices.takeBack(me.organisation, before.id);
      await note(`Took invoice ${before.number} back by ${number}`);
      return { number: number! };
    },
    'PUT /invoices/:invoice/paid': async ({ me, params, body, note }) => {
      await invoices.pay(me.organisation, params['invoice']!, body.day);
      await note(body.day ? `Noted an invoice as paid on ${body.day}` : 'Noted an invoice as not paid');
    },
    'GET /invoices/:invoice/pdf': async ({ me, params, res }) => {
      const { name, bytes } = await invoices.pdf(me.organisation, params['invoice']!);
      res.set('content-disposition', `inline; filename="${name}"`).type('application/pdf').send(bytes);
    },
    'GET /invoices/:invoice/xml': async ({ me, params, res }) => {
      const { number, xml } = await invoices.ubl(me.organisation, params['invoice']!);
      res
        .set('content-disposition', `attachment; filename="${number.replace(/[^\w-]+/g, '-')}.xml"`)
        .type('application/xml')
        .send(xml);
    },
    'GET /sites/:id/plan': async ({ me, params }) => {
      const site = await sites.of(me.organisation, params['id']!);
      const month = monthOf(today());
      const [agreed, notes, told, list] = await Promise.all([
        plans.of(site.id),
        plans.notes(site.id, daysOf(monthAfter(month, -1)).first, daysOf(monthAfter(month, 1)).last),
        reports.told(site.id),
        invoices.monthsOf(site.id),
      ]);
      const { name, mail } = site.document.facts;
      return {
        ...{ ...agreed, notes, use: { month, ...useOf(agreed.plan, month, notes) }, invoiced: list },
        suggested: { name, street: '', postcode: '', city: '', country: '', vatId: '', mail },
        reports: (await reports.months(site)).map(
          (m) => told.find((t) => t.month === m) ?? { month: m, sentAt: null, sentTo: [] },
        ),
      };
    },
    'PUT /sites/:id/plan': async ({ me, params, body, note }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      if (body.plan?.until && body.plan.until < body.plan.since)
        throw new Problem(400, 'The plan ends before it begins');
      await plans.put(site.id, {
        ...body,
        report: body.report && { ...body.report, to: body.report.to.filter(Boolean) },
      });
      await note('Changed the care plan');
    },
    'POST /sites/:id/time': async ({ me, params, body }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      if (Number.isNaN(Date.parse(body.day)) || new Date(body.day).toISOString().slice(0, 10) !== body.day)
        throw new Problem(400, 'There is no such day');
      await plans.note(site.id, { ...body, words: body.words.trim(), by: me.name });
    },
    'DELETE /sites/:id/time/:note': async ({ me, params }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      if (!/^[0-9a-f-]{36}$/.test(params['note']!)) throw new Problem(404, 'There is no such note');
      await plans.forget(site.id, params['note']!);
    },
    'POST /sites/:id/invoices': async ({ me, params, body, note }) => {
      const site = await sites.of(me.organisation, params['id']!);
      const { plan } = await plans.of(site.id);
      const id = await invoices.draft(me.organisation, site, body.month);
      if (!id)
        throw new Problem(
          409,
          'There is nothing to charge of that month',
          planIn(plan, body.month) ? 'It is on an invoice already, or came to nothing.' : 'No plan is good in it.',
        );
      await note(`Drafted the invoice of ${body.month}`);
      return { id };
    },
    'GET /sites/:id/reports/:month': async ({ me, params }) => {
      const site = await sites.of(me.organisation, params['id']!);
      const month = monthIn(params);
      const row = await reports.row(site.id, month);
      const { said } = await reports.said(site, month, row);
      const { words, plans: planned, sentAt, sentTo, sentBy, letters, token } = row;
      const page = sentAt ? `/report/${token}` : null;
      return { words, plans: planned, said, sentAt, sentTo, sentBy, letters, page, over: month < monthOf(today()) };
    },
    'PUT /sites/:id/reports/:month': async ({ me, params, body }) => {
      const site = await sites.headOf(me.organisation, params['id']!);
      await reports.write(site.id, monthIn(params), body);
    },
    'POST /sites/:id/reports/:month/send': async ({ me, params, note }) => {
      const site = await sites.of(me.organisation, params['id']!);
      const to = await reports.send(site, monthIn(params), me);
      await note(`Sent the report of ${monthIn(params)} to ${to.join(', ')}`);
      return { to };
    },
    'GET /sites/:id/reports/:month/pdf': async ({ me, params, res }) => {
      const site = await sites.of(me.organisation, params['id']!);
      const month = monthIn(params);
      const bytes = await reports.pdf(site, month);
      res.set('content-disposition', `inline; filename="${site.id}-${month}.pdf"`).type('application/pdf').send(bytes);
    },
  };
}
