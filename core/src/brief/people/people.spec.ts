import { readText } from '../reading/read-text.js';

const people = (text: string) => readText(text).facts.people.map((p) => (p.role ? `${p.name}, ${p.role}` : p.name));

describe('people of a business', () => {
  it('are read where they say who they are, in a greeting too', () => {
    expect(
      people("hello this is about the site, my name's Lionel Padgett and the shop is called Marbury Woodwind"),
    ).toEqual(['Lionel Padgett']);
    expect(people('Tide Clocks mends clocks in Saltmarrow. His name is Harlan Voss and he has the shop.')).toEqual([
      'Harlan Voss',
    ]);
  });

  it('have what they do where it stands before them', () => {
    expect(people('Tidewater Band plays at fairs.\n\nTreasurer: Joan Pell\nConductor: Noel Parfitt')).toEqual([
      'Joan Pell, Treasurer',
      'Noel Parfitt, Conductor',
    ]);
  });

  it('are no months, no feasts and no trains', () => {
    for (const text of [
      'We are open from Easter to the end of June, and shut in Jan and from 24 to 31 Dec.',
      'Ouvert de Pâques à la Toussaint, fermé du 10 au 15 Avril.',
      'There is a stop at Gull Lane Halt, and the Toy Train runs to Mill Dock.',
    ])
      expect(people(text)).withContext(text).toEqual([]);
  });

  it('are not those who sent apologies, nor who is only written to', () => {
    expect(
      people('Present: the tower captain.\nApologies: Colin, again.\n\nThe ringers practise on Wednesdays.'),
    ).not.toContain('Colin');
    expect(people('Pieter, here is what Dad said.\n\nTide Boats mends wooden boats on the quay.')).not.toContain(
      'Pieter',
    );
  });
});
