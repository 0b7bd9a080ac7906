import { demoFacts } from '../../fixtures/facts.js';
import { newDocument } from '../../making/index.js';
import { LANGUAGE_TAGS } from '../../model/languages.gen.js';
import type { IssuedInvoice } from '../books/invoice.js';
import { together } from '../visits/tally.js';
import { drawInvoice, invoiceSaid } from './draw-invoice.js';
import { drawReport } from './draw.js';
import { nextThing, upPercent, type ReportFacts } from './report.js';
import { INVOICE_WORDS, REPORT_WORDS, reportSaid, reportText } from './said.js';

const facts = (over: Partial<ReportFacts> = {}): ReportFacts => ({
  ...{ name: 'Gant & Daughters', by: 'Ines Tarrant', month: '2026-10', address: 'gant.example', words: [], plans: [] },
  visits: {
    ...together([]),
    ...{ visits: 1240, pages: 3000, from: { '': 1000, 'search.example': 40, 'harbour.example': 200 }, forms: 3 },
    devices: { phone: 30, tablet: 5, desktop: 65 },
  },
  before: { visits: 1200 },
  mostRead: { label: 'Awnings', times: 120 },
  hasForm: true,
  done: {
    published: 1,
    edited: 2,
    mended: 0,
    certificate: true,
    work: [{ day: '2026-10-08', words: 'The new prices' }],
  },
  planned: { publishes: null, domainEnds: '2026-12-01' },
  backups: { proven: 30, nights: 31 },
  up: { looks: 44_000, down: 0, minutes: 0 },
  answerMs: 123,
  phoneMs: 1240,
  care: { plan: 'Quiet water', used: 80, included: 120 },
  ...over,
});
const linesOf = (over: Partial<ReportFacts> = {}) => reportSaid(facts(over), 'en-GB').parts.flatMap((p) => p.lines);

describe('a report for a client', () => {
  it('says in plain words what was', () => {
    expect(reportText(reportSaid(facts({ words: ['A good month.'] }), 'en-GB'))).toBe(`Gant & Daughters in October 2026

A good month.

1,240 visits, 40 more than in September 2026.

Who came by:
- Beside the first page most read “Awnings”, 120 times.
- 200 came from harbour.example.
- 30 of 100 read it on a phone.
- 3 messages reached you through the site.

What was done:
- The site was published anew.
- 2 changes of your own went up.
- The certificate was renewed: the line to the site is closed to others.
- 8 October 2026: The new prices

What is planned:
- The domain is yours until 1 December 2026; see that it is renewed in time.

Safe and there:
- The backups of 30 nights out of 31 were restored on trial, and all of it came back.
- We looked 44,000 times from outside whether visitors get in: they always did.
- The first page answered in 0.12 s.
- On a phone with a middling line its main part was there after 1.2 s.

Your care plan:
- Quiet water: 1 h 20 min of 2 h used.

From Ines Tarrant, who looks after the site.
`);
  });

  it('claims nothing nobody measured', () => {
    const quiet = facts({
      ...{ visits: together([]), before: null, mostRead: null, answerMs: null, phoneMs: null, care: null },
      done: { published: 0, edited: 0, mended: 0, certificate: false, work: [] },
      ...{ planned: { publishes: null, domainEnds: null }, backups: { proven: 0, nights: 31 } },
      up: { looks: 0, down: 0, minutes: 0 },
    });
    expect(reportSaid(quiet, 'en-GB').came).toBeNull();
    expect(reportSaid(quiet, 'en-GB').parts).toEqual([
      { heading: 'Who came by', lines: ['Nobody came by in this month.'] },
      { heading: 'What was done', lines: [jasmine.stringMatching(/^Nothing had to be done/)] },
      { heading: 'Safe and there', lines: [jasmine.stringMatching(/^No backup was proven/)] },
    ] as never);
    expect(linesOf({ backups: { proven: 0, nights: 0 } }).join()).not.toContain('backup');
    expect(reportSaid(facts({ before: null }), 'en-GB').came!.before).toBeNull();
  });

  it('never rounds up to always', () => {
    expect(upPercent({ looks: 44_000, down: 1, minutes: 1 }, 'de')).toBe('99,99');
    expect(linesOf({ up: { looks: 44_000, down: 1, minutes: 1 } })).toContain(
      jasmine.stringMatching(/99\.99 % of the time they did\. In all they did not for 1 min\./) as never,
    );
  });

  it('names one thing to do next: what people miss, then who nobody hears from, then the phone', () => {
    const visits = { ...together([]), visits: 60, missing: { '…': 50, '/old': 4, '/older': 9 } };
    expect(nextThing({ visits, hasForm: true })).toEqual({ kind: 'missing', address: '/older', times: 9 });
    expect(nextThing({ visits: { ...visits, missing: {} }, hasForm: true })).toEqual({ kind: 'silent', visits: 60 });
    const phones = { ...visits, missing: { '/x': 2 }, forms: 1, devices: { phone: 8, tablet: 1, desktop: 1 } };
    expect(nextThing({ visits: phones, hasForm: true })).toEqual({ kind: 'phone', share: 80 });
    expect(nextThing({ visits: { ...phones, visits: 10 }, hasForm: false })).toBeNull();
  });

  it('has in each language every word of its own, with numbers and days as it says them', () => {
    const seen = new Map<string, string>();
    for (const language of LANGUAGE_TAGS) {
      if (language === 'en-US') continue;
      const out = reportText(
        reportSaid(
          facts({
            visits: { ...facts().visits, missing: { '/old': 1200 } },
            planned: { publishes: '2026-11-03T08:00:00Z', domainEnds: '2026-12-01' },
            done: { published: 3, edited: 1, mended: 2, certificate: true, work: [] },
            up: { looks: 44_000, down: 4, minutes: 4 },
          }),
          language,
        ),
      );
      expect(out)
        .withContext(language)
        .not.toMatch(/undefined|NaN|null|\{|\bd’[^aeiouyéèêh]/i);
      for (const line of out.split('\n').filter((l) => l.length > 12)) {
        expect(seen.get(line)).withContext(`${language}: ${line}`).toBeUndefined();
        seen.set(line, language);
      }
    }
    expect([...seen.keys()].join('\n')).toContain('44.000-mal');
    expect([...seen.keys()].join('\n')).toContain('1 décembre 2026');
    for (const words of [REPORT_WORDS, INVOICE_WORDS]) {
      const keys = LANGUAGE_TAGS.map((l) => Object.keys(words[l]).sort().join());
      expect(new Set(keys).size).toBe(1);
    }
  });

  it('says one of a thing as one in every language', () => {
    const one = facts({
      visits: {
        ...together([]),
        visits: 1,
        forms: 1,
        from: { 'a.example': 1 },
        devices: { phone: 1, tablet: 0, desktop: 0 },
      },
      done: { published: 1, edited: 1, mended: 1, certificate: false, work: [] },
      backups: { proven: 1, nights: 31 },
    });
    expect(LANGUAGE_TAGS.map((l) => reportSaid(one, l).came!.noun)).toEqual([
      'Besuch',
      'visit',
      'visit',
      'visita',
      'visite',
    ]);
    expect(reportText(reportSaid(one, 'en-GB'))).not.toMatch(/\b1 \w+s\b(?! than)/);
  });
});

describe('what is printed and mailed', () => {
  const { look } = newDocument('site-1', demoFacts, 7);
  const invoice = (over: Partial<IssuedInvoice> = {}): IssuedInvoice => {
    const party = { name: 'Gant <& Daughters>', street: '1 Quay', postcode: 'SM1', city: 'Saltmarrow', country: 'GB' };
    return {
      lines: [
        { words: 'Quiet water', quantity: 1, unit: 'month', price: 4500 },
        { words: 'A poster', quantity: 80, unit: 'minute', price: 4500 },
      ],
      ...{ currency: 'EUR', tax: { category: 'S', rate: 1900 }, taxReason: '', reference: 'PO 7', note: '' },
      seller: {
        ...{ ...party, vatId: 'GB123', mail: 'a@b.example', contact: '', phone: '', taxNumber: '', bic: '' },
        ...{ iban: 'GB29NWBK60161331926819', dueDays: 14, tax: { category: 'S', rate: 1900 }, taxReason: '' },
        ...{ numbering: '{count}', note: '' },
      },
      buyer: { ...party, vatId: '', mail: '' },
      ...{ month: '2026-10', language: 'de', number: '0007', issued: '2026-11-01', due: '2026-11-15', takesBack: null },
      ...over,
    };
  };

  it('is in the look of the site, whatever a mail program leaves of it', () => {
    const html = drawReport(reportSaid(facts(), 'fr'), look, [1, 0, 5]);
    expect(html).toContain('<html lang="fr">');
    expect(html).toContain(look.day.lead);
    expect(html).toContain(`/fonts/${look.reading}.woff2`);
    expect(html).not.toMatch(/var\(--|<script|https?:\/\/(?!www\.w3\.org)/);
    expect(html.match(/<rect /g)!.length).toBe(4);
    expect(drawReport(reportSaid(facts(), 'fr'), look)).not.toContain('<svg');
  });

  it('lets nobody’s words be markup', () => {
    const html = drawReport(reportSaid(facts({ name: '<img src=x>', words: ['<b>x</b>'] }), 'en-GB'), look);
    expect(html).not.toMatch(/<img|<b>x/);
    expect(drawInvoice(invoice())).not.toContain('<& Daughters>');
  });

  it('shows what an invoice comes to, so that it can be worked out again', () => {
    const html = drawInvoice(invoice()).replace(/\u00a0/g, ' ');
    for (const words of [
      'Rechnung 0007',
      '1 h 20 min',
      '45,00 € je Stunde',
      '60,00 €',
      '105,00 €',
      'USt. 19 %',
      '19,95 €',
      '124,95 €',
      'GB29 NWBK',
      '15. November 2026',
      'PO 7',
    ])
      expect(html).withContext(words).toContain(words);
    const { language: _, ...en } = invoice();
    expect(invoiceSaid({ ...en, language: 'en-GB' }).letter).toContain(
      'invoice 0007 of €124.95, due on 15 November 2026',
    );
  });

  it('asks for nothing where an invoice is taken back, and says why where no tax is due', () => {
    const back = drawInvoice(invoice({ takesBack: { number: '0006', issued: '2026-10-01' } }));
    expect(back).toContain('Stornorechnung 0007');
    expect(back).not.toContain('Bitte zahlen');
    const free = drawInvoice(invoice({ tax: { category: 'E', rate: 0 }, taxReason: 'Kein Ausweis (§ 19 UStG)' }));
    expect(free).toContain('§ 19 UStG');
    expect(free).not.toContain('USt. ');
    const { buyer } = invoice();
    expect(drawInvoice(invoice({ buyer: { ...buyer, country: 'FR' } }))).toContain('Frankreich');
    expect(drawInvoice(invoice())).not.toContain('Königreich');
    expect(drawInvoice(invoice({ tax: { category: 'AE', rate: 0 } }))).toContain('Steuerschuldnerschaft');
  });
});
