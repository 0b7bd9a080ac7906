import fc from 'fast-check';
import {
  countsUp,
  isIban,
  lacksOf,
  linesOf,
  numberOf,
  stateOf,
  takingBack,
  totalsOf,
  type InvoiceText,
  type IssuedInvoice,
} from './invoice.js';
import { ledgerCsv } from './ledger.js';
import { decimal, moneyWords, MOST_MONEY, portion, readMoney } from './money.js';
import { daysOf, monthAfter, monthsBetween, monthWords } from './months.js';
import { minuteWords, planIn, readMinutes, useOf, type CarePlan, type TimeNote } from './plan.js';

const plan = (over: Partial<CarePlan> = {}): CarePlan => ({
  ...{ name: 'Quiet water', price: 4500, currency: 'GBP', every: 'month', minutes: 60, rate: 5000 },
  ...{ includes: ['Backups'], since: '2026-01', until: null },
  ...over,
});
const note = (day: string, minutes: number, over: Partial<TimeNote> = {}): TimeNote => ({
  ...{ day, minutes, words: 'Prices of the season', charge: 'plan' },
  ...over,
});
const party = { street: '3 Ropewalk', postcode: 'SM1 2AB', city: 'Saltmarrow', country: 'GB' };
const text = (over: Partial<InvoiceText> = {}): InvoiceText => ({
  lines: [{ words: 'Quiet water, October 2026', quantity: 1, unit: 'month', price: 4500 }],
  currency: 'GBP',
  tax: { category: 'S', rate: 2000 },
  taxReason: '',
  seller: {
    ...{ ...party, name: 'Ines Tarrant', vatId: 'GB123456789', mail: 'ines@tinporch.example', contact: '', phone: '' },
    ...{ taxNumber: '', iban: '', bic: '', dueDays: 14, tax: { category: 'S', rate: 2000 }, taxReason: '' },
    ...{ numbering: '{year}-{count}', note: '' },
  },
  buyer: { ...party, name: 'Larkfield Allotments', vatId: '', mail: 'mo@larkfield.example' },
  ...{ reference: '', note: '', month: '2026-10', language: 'en-GB' },
  ...over,
});

describe('money', () => {
  it('is read as people of several countries type it', () => {
    for (const [typed, amount] of [
      ['45', 4500],
      ['£45.5', 4550],
      ['1.200,50 €', 120_050],
      ['1,200.50', 120_050],
      ['1 200,50', 120_050],
      ['12’000.05 CHF', 1_200_005],
      ['1.200', 120_000],
      ['0,05', 5],
      ['1.234.567', 123_456_700],
    ] as const)
      expect(readMoney(typed))
        .withContext(typed)
        .toBe(amount > MOST_MONEY ? null : amount);
  });

  it('is not read where it could be meant otherwise, or is none', () => {
    for (const typed of ['', 'a', '-5', '4.5.6', '1,2,3', '1.234.56', '4,5555', '1,200,50', '12e3', '99999999'])
      expect(readMoney(typed)).withContext(typed).toBeNull();
  });

  it('comes back as it was from how each language writes it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: MOST_MONEY }),
        fc.constantFrom('en-GB', 'en-US', 'de', 'fr', 'es', 'de-CH'),
        fc.constantFrom('GBP' as const, 'EUR' as const, 'CHF' as const),
        (amount, language, currency) => readMoney(moneyWords(amount, currency, language)) === amount,
      ),
    );
  });

  it('is shared out to the nearest hundredth, halves away from zero, and the other way round alike', () => {
    expect([portion(1005, 50, 100), portion(-1005, 50, 100), portion(4500, 80, 60), portion(0, 5, 7)]).toEqual([
      503, -503, 6000, 0,
    ]);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: MOST_MONEY }), fc.integer({ min: 0, max: 10_000 }), (amount, rate) => {
        const exact = (BigInt(amount) * BigInt(rate) * 2n + 10_000n) / 20_000n;
        return (
          portion(amount, rate, 10_000) === Number(exact) && portion(-amount, rate, 10_000) === (-Number(exact) || 0)
        );
      }),
    );
    expect(decimal(-5)).toBe('-0.05');
  });
});

describe('months', () => {
  it('are counted over the end of a year, and have the days they have', () => {
    expect([monthAfter('2026-01', -1), monthAfter('2026-11', 3), monthsBetween('2025-11', '2026-02')]).toEqual([
      '2025-12',
      '2027-02',
      3,
    ]);
    expect([daysOf('2024-02'), daysOf('2026-02').last, daysOf('2026-12').last]).toEqual([
      { first: '2024-02-01', last: '2024-02-29', days: 29 },
      '2026-02-28',
      '2026-12-31',
    ]);
    expect(monthWords('2026-10', 'de')).toBe('Oktober 2026');
  });
});

describe('time that is written down', () => {
  it('is read as people type it', () => {
    for (const [typed, minutes] of [
      ['90', 90],
      ['45 min', 45],
      ['1:30', 90],
      ['1h30', 90],
      ['1.5', 90],
      ['1,25 h', 75],
      ['2h', 120],
      ['2 hours', 120],
      ['0:05', 5],
    ] as const)
      expect(readMinutes(typed)).withContext(typed).toBe(minutes);
    for (const typed of ['', '0', 'an hour', '-5', '1:75', '25h', '1441', '1.555', '1:2:3'])
      expect(readMinutes(typed)).withContext(typed).toBeNull();
  });

  it('is said in hours and minutes, and read back', () => {
    expect([0, 45, 60, 80].map(minuteWords)).toEqual(['0 min', '45 min', '1 h', '1 h 20 min']);
    for (const m of [1, 59, 61, 119, 600, 1439])
      expect(
        readMinutes(
          minuteWords(m)
            .replace(' min', '')
            .replace(' h ', ':')
            .replace(/:(\d)$/, ':0$1'),
        ),
      ).toBe(m);
  });

  it('stands against the plan of its month, which carries nothing over', () => {
    const notes = [
      note('2026-09-30', 10),
      note('2026-10-01', 50),
      note('2026-10-31', 40),
      note('2026-10-08', 30, { charge: 'extra' }),
      note('2026-10-09', 5, { charge: 'free' }),
      note('2026-11-01', 60),
    ];
    expect(useOf(plan(), '2026-10', notes)).toEqual({ included: 60, used: 90, beyond: 30, extra: 30, free: 5 });
    expect(useOf(plan({ since: '2026-11' }), '2026-10', notes).included).toBe(0);
    expect(planIn(plan({ until: '2026-09' }), '2026-10')).toBe(false);
  });
});

describe('an invoice', () => {
  const say = { plan: (name: string, span: string) => `${name}, ${span}`, beyond: (what: string) => `Beyond: ${what}` };

  it('has the plan of a month, work beyond it, and work outside of it, each once', () => {
    const lines = linesOf(
      plan(),
      '2026-10',
      [note('2026-10-01', 50), note('2026-10-02', 90), note('2026-10-03', 20, { charge: 'extra', words: 'A poster' })],
      say,
      'en-GB',
    );
    expect(lines).toEqual([
      { words: 'Quiet water, October 2026', quantity: 1, unit: 'month', price: 4500 },
      { words: 'Beyond: Prices of the season', quantity: 80, unit: 'minute', price: 5000 },
      { words: 'A poster', quantity: 20, unit: 'minute', price: 5000 },
    ]);
    expect(totalsOf({ lines, tax: { category: 'S', rate: 2000 } })).toEqual({
      lines: [4500, 6667, 1667],
      net: 12_834,
      tax: 2567,
      gross: 15_401,
    });
  });

  it('asks for a plan of a year in its first month, each year', () => {
    const yearly = plan({ every: 'year', since: '2025-11' });
    const words = (month: string) => linesOf(yearly, month, [], say, 'en-GB').map((l) => l.words);
    expect(words('2026-10')).toEqual([]);
    expect(words('2026-11')).toEqual(['Quiet water, November 2026 – October 2027']);
    expect(linesOf(plan({ rate: null, price: 0 }), '2026-10', [note('2026-10-01', 500)], say, 'en-GB')).toEqual([]);
  });

  it('is whole where it may be issued, and says what is not there', () => {
    expect(lacksOf(text())).toEqual([]);
    const of = (over: Partial<InvoiceText>) => lacksOf(text(over)).map((l) => `${l.of}: ${l.words}`);
    const { seller, buyer } = text();
    expect(of({ seller: { ...seller, vatId: '' } })).toEqual([jasmine.stringContaining('seller: Your VAT number')]);
    expect(of({ seller: { ...seller, vatId: '', taxNumber: '12/345' } })).toEqual([]);
    expect(of({ buyer: { ...buyer, name: ' ', city: '', country: 'England' } }).length).toBe(3);
    expect(of({ buyer: { ...buyer, mail: '' }, seller: { ...seller, mail: '' } })).toEqual([
      ...['seller: Your mail address.', 'buyer: The mail address of whoever pays.'],
    ]);
    expect(of({ tax: { category: 'AE', rate: 0 } })).toEqual([jasmine.stringContaining('buyer: The VAT number')]);
    expect(of({ tax: { category: 'E', rate: 0 } })).toEqual(['seller: Why no tax is due.']);
    expect(of({ tax: { category: 'O', rate: 0 }, taxReason: 'x' })).toEqual([
      jasmine.stringContaining('No VAT numbers'),
    ]);
    expect(of({ lines: [] })).toEqual(['lines: A line.', 'lines: An amount.']);
    expect(of({ seller: { ...seller, iban: 'GB29NWBK60161331926818' } })[0]).toContain('check digits');
  });

  it('knows an account number by its check digits, any one of which mistyped is found', () => {
    const iban = 'GB29 NWBK 6016 1331 9268 19';
    expect(isIban(iban)).toBe(true);
    for (const at of [2, 3, 10, 14, 21, 26]) {
      const other = String((Number(iban[at]) + 1) % 10);
      expect(isIban(iban.slice(0, at) + other + iban.slice(at + 1)))
        .withContext(String(at))
        .toBe(false);
    }
    expect(isIban('')).toBe(false);
  });

  it('is taken back by one that comes to the same below zero', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            words: fc.constant('x'),
            quantity: fc.integer({ min: 1, max: 1440 }),
            unit: fc.constantFrom('minute' as const, 'piece' as const, 'month' as const),
            price: fc.integer({ min: 1, max: 100_000 }),
          }),
          { minLength: 1, maxLength: 8 },
        ),
        fc.constantFrom(0, 700, 810, 1900, 2000),
        (lines, rate) => {
          const issued: IssuedInvoice = {
            ...text({ lines, tax: { category: 'S', rate } }),
            ...{ number: '2026-0001', issued: '2026-11-01', due: '2026-11-15', takesBack: null },
          };
          const [there, back] = [totalsOf(issued), totalsOf(takingBack(issued))];
          return there.gross === -back.gross && there.net === -back.net && there.tax === -back.tax;
        },
      ),
    );
  });

  it('has a number by its pattern, which counts', () => {
    expect(numberOf('TP {year}/{count}', 2026, 7)).toBe('TP 2026/0007');
    expect(['{count}', '{year}-{count}', '{year}', '{count}{month}', '{count', ''].map(countsUp)).toEqual([
      ...[true, true, false, false, false, false],
    ]);
  });

  it('stands in a list that programs for tables read, and run nothing of', () => {
    const line = {
      ...{ number: '2026-0001', issued: '2026-11-01', due: '2026-11-15', paid: null, state: 'open' as const },
      ...{ takesBack: null, buyer: 'Gant, "Ropes" & Co', vatId: '', currency: 'GBP' as const },
      ...{ net: 4500, tax: 900, gross: 5400 },
    };
    const csv = ledgerCsv([
      line,
      { ...line, buyer: '=1+1', net: -4500, tax: -900, gross: -5400, takesBack: '2026-0001' },
    ]);
    expect(csv.split('\r\n')).toEqual([
      'Number,Issued,Due,Paid,State,Takes back,Buyer,VAT number,Currency,Net,VAT,Gross',
      '2026-0001,2026-11-01,2026-11-15,,open,,"Gant, ""Ropes"" & Co",,GBP,45.00,9.00,54.00',
      `2026-0001,2026-11-01,2026-11-15,,open,2026-0001,"'=1+1",,GBP,-45.00,-9.00,-54.00`,
      '',
    ]);
  });

  it('is late the day after it was due', () => {
    const i = { number: '1', due: '2026-11-15', paid: null, takenBack: false };
    expect([
      stateOf(i, '2026-11-15'),
      stateOf(i, '2026-11-16'),
      stateOf({ ...i, paid: '2026-11-20' }, '2026-12-01'),
    ]).toEqual([...(['open', 'late', 'paid'] as const)]);
    expect(stateOf({ ...i, takenBack: true }, '2027-01-01')).toBe('taken back');
    expect(stateOf({ ...i, number: null, due: null }, '2027-01-01')).toBe('draft');
  });
});
