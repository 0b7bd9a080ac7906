import { readText } from '../reading/read-text.js';
import { moneyIn, unsignedIn } from './money.js';
import { unspoken, valueOf } from '../layout/spoken.js';

describe('amounts of money', () => {
  const said = (text: string) => moneyIn(text).map((m) => m.text);
  it('are what a thing costs now, not what it cost before', () => {
    expect(said('Adults £3.50 NOW £6, children £1.50 NOW FREE, groups £5 a head')).toEqual(['£6', '£5 a head']);
    expect(said('Saisonkarte 20 € jetzt 25 €')).toEqual(['25 €']);
    expect(said('It is £40 now and then.')).toEqual(['£40']);
  });

  it('are read with what stands before and behind them, each by itself', () => {
    expect(said('The four foot is £68 the five foot £79 and the six foot £92.')).toEqual(['£68', '£79', '£92']);
    expect(said('poles £14 the bundle of 20, from £1,900, 24 €/kg, 12 € le rang')).toEqual([
      '£14 the bundle of 20',
      'from £1,900',
      '24 €/kg',
      '12 € le rang',
    ]);
    expect(said('2.800 bis 4.200 €, Fr. 25.–, £120 plus VAT, $38 a day')).toEqual([
      '2.800 bis 4.200 €',
      'Fr. 25.–',
      '£120 plus VAT',
      '$38 a day',
    ]);
    expect(said('£2 million of cover, room 12, since 1988')).toEqual([]);
  });
  it('stand where they stand', () => {
    const text = 'A rope costs from £140 a piece.';
    const [m] = moneyIn(text);
    expect(text.slice(m!.from, m!.to)).toBe('from £140 a piece');
    expect(text.slice(m!.at, m!.at + 4)).toBe('£140');
  });
  it('are read without a sign where they are prices and nothing else', () => {
    const of = (text: string) => unsignedIn(text, '€', moneyIn(text)).map((m) => m.text);
    expect(of('kleine Inspektion 69, große 119, Platten flicken 15')).toEqual(['69 €', '119 €', '15 €']);
    expect(of('open 9, since 1988, unit 12, 30 miles, 40 %, room 7')).toEqual([]);
  });
});

describe('what was spoken out', () => {
  it('becomes figures of the same length', () => {
    for (const [text, figures] of [
      ['a side is twenty four pounds', 'a side is 24          pounds'],
      ['open nine till one', 'open 9    till 1  '],
      ['half past eight to five', '8.30            to 5   '],
      ['oh one six three two nine six oh two two nine', '01632960229'],
      ['since nineteen eighty seven', 'since 1987'],
      ['vierhundertfünfzig Euro', '450                Euro'],
      ['cuatrocientos cincuenta pesos', '450                     pesos'],
    ] as const) {
      expect(unspoken(text).trim()).withContext(text).toBe(figures.trim());
      expect(unspoken(text).length).withContext(text).toBe(text.length);
    }
  });
  it('leaves words alone that are no number', () => {
    for (const text of ['the two of us', 'one of the boats', 'ein Haus mit drei Türen', 'nous sommes deux'])
      expect(unspoken(text)).toBe(text);
  });
  it('has a value in four languages, and none where it is no number', () => {
    expect(
      [
        ['three', 'hundred', 'and', 'twenty'],
        ['quatre', 'vingt', 'dix'],
        ['hundertvierzig'],
        ['mil', 'doscientos'],
      ].map(valueOf),
    ).toEqual([320, 90, 140, 1200]);
    expect(valueOf(['rope'])).toBeNull();
    expect(valueOf(['constructor'])).toBeNull();
  });
});

describe('times that are spoken out in French', () => {
  it('are read with their minutes, and a delay is none', () => {
    const hours = (text: string) => readText(text).facts.hours;
    expect(hours('je travaille du mardi au samedi de neuf heures à dix-huit heures')).toBe(
      'Tuesday to Saturday 9.00–18.00',
    );
    expect(
      hours('ouvert du mardi au samedi de neuf heures à midi et demi et de quatorze heures trente à dix-neuf heures'),
    ).toBe('Tuesday to Saturday 9.00–12.30 and 14.30–19.00');
    expect(hours('on livre en vingt-quatre heures')).toBe('');
  });
});

describe('services and products', () => {
  const read = (text: string) => readText(text).facts.services.map((s) => [s.name, s.price]);
  it('are read from a table with notes over its head; what a thing costs the client is no price', () => {
    expect(
      read(
        'We sell flues.\n\n| trade list | from March | | |\n| Item | Size | Price | Cost |\n| Stove pipe | 125 mm | £22.50 | £9.80 |\n| Rain cowl | 150 mm | £48.00 | £19.75 |',
      ),
    ).toEqual([
      ['Stove pipe', '£22.50'],
      ['Rain cowl', '£48.00'],
    ]);
  });
  it('have the price of this year where a table has several', () => {
    expect(read('| Plant | 2024 | 2025 |\n| Astrantia | £6.50 | £7.20 |\n| Aconitum | £7.00 | £7.50 |')).toEqual([
      ['Astrantia', '£7.20'],
      ['Aconitum', '£7.50'],
    ]);
  });
  it('are read from a table whose years are when, under a line that has no amounts', () => {
    expect(
      read(
        'The Cellar Stairs, autumn list\n\n| Wine | Year | Bottle | Comment |\n| Muscadet | 2024 | £12.50 | salt |\n| Gamay | 2023 | £14.00 | cool |\n| Riesling | 2022 | £16.50 | slate |',
      ),
    ).toEqual([
      ['Muscadet', '£12.50'],
      ['Gamay', '£14.00'],
      ['Riesling', '£16.50'],
    ]);
  });
  it('are read from a table whose sizes are none of their prices', () => {
    expect(
      read(
        'Haven Store\n\n| Unit | Square feet | A week | Notes |\n| Locker | 10 | £4.50 | waist high |\n| Small room | 35 | £11.00 | a bedroom |\n| Large room | 150 | £34.00 | a house |',
      ),
    ).toEqual([
      ['Locker', '£4.50 a week'],
      ['Small room', '£11.00 a week'],
      ['Large room', '£34.00 a week'],
    ]);
    expect(read('We service boilers. We fit heat pumps as well now.').map(([name]) => name)).not.toContain(
      'Heat pumps as well fitting',
    );
  });
  it('stand beside those with prices, by name and without when', () => {
    const names = (text: string) => read(text).map(([name]) => name);
    expect(names('What we do:\n- laundry by the kilo £3, duvets £15, rugs on request')).toEqual(
      jasmine.arrayContaining(['Duvets', 'Rugs']),
    );
    expect(read('Club de remo.\n\n- Curso de verano 60 €, menores 30 €, alquiler de material 8 €')).toEqual([
      ['Curso de verano', '60 €, menores 30 €'],
      ['Alquiler de material', '8 €'],
    ]);
    // An amount that is told of, and when it is open, name nothing.
    for (const text of [
      'Wilf has £900 for it from the council.',
      'Es fehlen 84 Euro vom Grillfest.',
      '- Showroom open Tuesday to Saturday, 10 till 4, coffee £2',
    ])
      expect(names(text).filter((n) => /Wilf|fehlen|[Oo]pen/.test(n ?? '')))
        .withContext(text)
        .toEqual([]);
  });
  it('are none where they are refused', () => {
    const { facts } = readText('Services:\n- Sails\n- Covers\n\nWe no longer repair tents.');
    expect(facts.services.map((s) => s.name)).toEqual(['Sails', 'Covers']);
    expect(facts.unwanted.join()).toContain('tents');
  });
});
