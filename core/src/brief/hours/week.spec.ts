import fc from 'fast-check';
import { HOURS_SAID } from '../../fixtures/hours-said.js';
import { readHours } from './read.js';
import { dayFault, hoursOfWeek, weekOf, type DayTime } from './week.js';

describe('opening hours as a week', () => {
  it('are read from lines that say days and times, whatever else is said beside them', () => {
    const { days, others } = weekOf(
      'Monday to Friday 8.00–17.00\nSaturday 9.00–12.00 and 14.00–16.00\nSunday closed\n24 December to 2 January closed\nRing first',
    );
    expect(days[0]).toEqual([{ opens: '08:00', closes: '17:00' }]);
    expect(days[5]).toEqual([
      { opens: '09:00', closes: '12:00' },
      { opens: '14:00', closes: '16:00' },
    ]);
    expect(days[6]).toEqual([]);
    expect(others).toEqual(['24 December to 2 January closed', 'Ring first']);
  });

  it('leave alone what is not only of the week', () => {
    for (const line of ['Winter: Monday to Friday 9.00–15.00', 'Shop: Monday 9.00–15.00', 'Mondays 9–5, ring first'])
      expect(weekOf(line))
        .withContext(line)
        .toEqual({ days: Array(7).fill(null) as null[], others: [line] });
  });

  it('lose no line and no time of what the sheet writes', () => {
    const time = fc.constantFrom<string[]>('07:30', '08:00', '12:00', '12:45', '17:00', '21:30');
    const day: fc.Arbitrary<DayTime[] | null> = fc.oneof(
      fc.constant<DayTime[] | null>(null),
      fc.constant<DayTime[]>([]),
      fc.uniqueArray(time, { minLength: 2, maxLength: 2 }).map((t): DayTime[] => {
        const [opens, closes] = [...t].sort();
        return [{ opens: opens!, closes: closes! }];
      }),
      fc.constant<DayTime[]>([
        { opens: '08:00', closes: '12:00' },
        { opens: '13:00', closes: '17:30' },
      ]),
    );
    const others = fc.subarray(['24 December to 2 January closed', 'Ring first', 'Winter: Monday 9.00–15.00']);
    fc.assert(
      fc.property(fc.array(day, { minLength: 7, maxLength: 7 }), others, (days, others) => {
        const text = hoursOfWeek({ days, others });
        expect(weekOf(text)).toEqual({ days, others });
        expect(hoursOfWeek(weekOf(text))).toBe(text);
      }),
      { numRuns: 400, seed: 5 },
    );
  });

  it('lose nothing of what the sheet says of hours as people say them', () => {
    let weeks = 0;
    for (const { means } of HOURS_SAID) {
      const week = weekOf(means.join('\n'));
      const again = readHours(hoursOfWeek(week)).hours;
      const said = (h: typeof again) =>
        h.openings.flatMap((o) => o.days.map((d) => `${d} ${o.opens} ${o.closes} ${o.of}`));
      expect(said(again).sort())
        .withContext(means.join(' | '))
        .toEqual(said(readHours(means.join('\n')).hours).sort());
      if (week.days.some((d) => d !== null)) weeks++;
    }
    expect(weeks).toBeGreaterThan(10);
  });

  it('say what is wrong with times that cannot be', () => {
    expect(dayFault([{ opens: '08:00', closes: '17:00' }])).toBeNull();
    expect(dayFault([{ opens: '18:00', closes: '01:00' }])).toBeNull();
    expect(dayFault([{ opens: '', closes: '17:00' }])).toMatch(/missing/);
    expect(dayFault([{ opens: '08:00', closes: '08:00' }])).toMatch(/same time/);
    expect(
      dayFault([
        { opens: '12:00', closes: '17:00' },
        { opens: '08:00', closes: '13:00' },
      ]),
    ).toMatch(/over each other/);
  });
});
