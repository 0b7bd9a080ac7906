import { hoursConflicts, hoursLines, plainOpenings, readHours } from './index.js';
import { HOURS_SAID } from '../../fixtures/hours-said.js';
import { unspoken } from '../layout/spoken.js';
import { tellsOfEvents } from '../reading/proof.js';
import type { Language } from '../reading/span.js';

const lines = (text: string, language: Language = 'en') =>
  hoursLines(readHours(text, language).hours).split('\n').join(' | ');

describe('opening hours', () => {
  it('are read in the ways people write them', () => {
    const ways: [string, string][] = [
      ['Mon–Fri 9.30–17.00', 'Monday to Friday 9.30–17.00'],
      ['Monday to Friday, 9am - 5:30pm', 'Monday to Friday 9.00–17.30'],
      ['weekdays 8 till 6', 'Monday to Friday 8.00–18.00'],
      ['we are open Tues & Thurs 9-12, Sat 10-1', 'Tuesday and Thursday 9.00–12.00 | Saturday 10.00–13.00'],
      ['every day except Monday, 10 to 4', 'Tuesday to Sunday 10.00–16.00'],
      ['Open 7 days a week 8am-8pm', 'Every day 8.00–20.00'],
      ['Sat 2-5', 'Saturday 14.00–17.00'],
      ['9 to 5 Monday to Friday', 'Monday to Friday 9.00–17.00'],
      ['Wed: 10.00 to noon', 'Wednesday 10.00–12.00'],
      ['Mon-Fri 8.00-12.00 and 13.00-17.00', 'Monday to Friday 8.00–12.00 and 13.00–17.00'],
      ['Closed on Sundays', 'Sunday closed'],
      ['We meet Tuesdays 7.30 to 9 in the hall', 'Tuesday 19.30–21.00'],
      ['closed Sun + Mon, otherwise 10 till half 5', 'Tuesday to Saturday 10.00–17.30 | Monday and Sunday closed'],
      ['Knit night is every other Thursday, 6.30 to 9', ''],
      ['Sundays closed. Saturdays from 9am until 1pm', 'Saturday 9.00–13.00 | Sunday closed'],
      ['Fri–Mon 10-4', 'Monday and Friday to Sunday 10.00–16.00'],
      ['Thursday 1-5pm', 'Thursday 13.00–17.00'],
      ['Mon - Thu: 09:00 - 17:30, Fri: 09:00 - 16:00', 'Monday to Thursday 9.00–17.30 | Friday 9.00–16.00'],
    ];
    for (const [text, expected] of ways) expect(lines(text)).withContext(text).toBe(expected);
  });

  it('are read in Spanish, French and German', () => {
    expect(lines('de lunes a viernes de 9:00 a 14:00 y de 17:00 a 20:00, sábados de 10 a 13', 'es')).toBe(
      'Monday to Friday 9.00–14.00 and 17.00–20.00 | Saturday 10.00–13.00',
    );
    expect(lines('du lundi au vendredi de 9h à 12h et de 14h à 18h30. Fermé le dimanche.', 'fr')).toBe(
      'Monday to Friday 9.00–12.00 and 14.00–18.30 | Sunday closed',
    );
    expect(lines('Mo–Fr 9–17 Uhr, Sa 9 bis 13 Uhr, Sonntag geschlossen', 'de')).toBe(
      'Monday to Friday 9.00–17.00 | Saturday 9.00–13.00 | Sunday closed',
    );
    expect(lines('täglich außer Montag 10–18 Uhr', 'de')).toBe('Tuesday to Sunday 10.00–18.00');
  });

  it('keep exceptions in their own words', () => {
    expect(lines('Tue to Sat 10-4. Other times by appointment. Closed bank holidays')).toBe(
      'Tuesday to Saturday 10.00–16.00 | Other times by appointment | Closed bank holidays',
    );
  });

  it('are read as a careful person reads them, in four languages', () => {
    for (const { language, said, means } of HOURS_SAID) {
      const { hours } = readHours(unspoken(said), language);
      const got = tellsOfEvents({ text: said, label: '', under: '' }) ? '' : hoursLines({ ...hours, rules: [] });
      expect(got.split('\n').filter(Boolean).sort())
        .withContext(said)
        .toEqual([...means].sort());
    }
  });

  it('come back from the sheet as they were put there', () => {
    for (const { means } of HOURS_SAID.filter((h) => h.means.length))
      expect(
        hoursLines(readHours(means.join('\n')).hours)
          .split('\n')
          .sort(),
      )
        .withContext(means.join(' | '))
        .toEqual([...means].sort());
  });

  it('keep the times of the year and the parts of the house apart', () => {
    const { hours } = readHours('Shop Mon-Sat 9-5. Phones Mon-Fri 8-6. In winter the shop is open Saturday 10-2.');
    expect(hours.openings.map((o) => [o.of, o.season?.name ?? '', o.days.length])).toEqual([
      ['', '', 6],
      ['', 'winter', 1],
      ['Phones', '', 5],
    ]);
    expect(hoursConflicts(hours.openings)).toEqual([]);
    expect(plainOpenings(hours).map((o) => o.closes)).toEqual(['17:00']);
  });

  it('that nobody can keep are not made up', () => {
    for (const text of [
      'July and September until 9pm',
      'half day on Wednesday',
      'Saturday 12 April 10 to 4',
      'no Saturdays',
    ])
      expect(lines(text)).withContext(text).toBe('');
  });

  it('are not seen where there are none', () => {
    for (const text of [
      'We sat down with 3 to 5 people',
      'Sun loungers £9-12 each',
      'Call me on Monday',
      'from 3 to 5 working days',
      'May 2-5',
      'in 2019 to 2021',
      'It is 10 to 12 m long',
      'Monday 34-56',
    ])
      expect(lines(text)).withContext(text).toBe('');
  });

  it('that speak against each other are named', () => {
    const { hours } = readHours('Open Mon-Fri 9-5. On our door it says Mon-Fri 8.30-5.');
    expect(hoursConflicts(hours.openings).map((c) => c.day)).toEqual([0, 1, 2, 3, 4]);
    expect(hoursConflicts(readHours('Mon 9-12 and 13-17').hours.openings)).toEqual([]);
  });

  it('carry the stretch they were read from', () => {
    const text = 'Hi, we are usually here Mon-Fri 9-5 if that helps.';
    const [span] = readHours(text).spans;
    expect(text.slice(span!.from, span!.to)).toBe('Mon-Fri 9-5');
  });
});
