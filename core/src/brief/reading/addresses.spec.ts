import { addresses } from './addresses.js';

const of = (text: string) => [...addresses(text)].map((s) => s.value);

describe('addresses', () => {
  it('are read whole, as people of four languages write them', () => {
    for (const [text, address] of [
      ['Write to 4 Dial Passage, Saltmarrow SM1 1PB', '4 Dial Passage, Saltmarrow SM1 1PB'],
      [
        'Unit 3, The Maltings, Brook Street, Frimley Cross FX4 1AA',
        'Unit 3, The Maltings, Brook Street, Frimley Cross FX4 1AA',
      ],
      ['Old Sidings, Station Road, Ruddlesham', 'Old Sidings, Station Road, Ruddlesham'],
      ['Gerbergasse 12, 09987 Talbrück', 'Gerbergasse 12, 09987 Talbrück'],
      ['Am Wehr 3, 09912 Lauterach', 'Am Wehr 3, 09912 Lauterach'],
      ['4 place du Marché-au-Fil, 70999 Corvenay', '4 place du Marché-au-Fil, 70999 Corvenay'],
      ['avenue des Tilleuls 47 bte 2, 5999 Hautremont', 'avenue des Tilleuls 47 bte 2, 5999 Hautremont'],
      ['calle del Yunque, 4, 50999 Valdecierzo', 'calle del Yunque, 4, 50999 Valdecierzo'],
      ['4 Dial Passage\nSaltmarrow SM1 1PB', '4 Dial Passage, Saltmarrow SM1 1PB'],
    ] as const)
      expect(of(text)).withContext(text).toEqual([address]);
  });
  it('are read where they are shouted, with their letters as they were', () => {
    expect(of('TUNNEL END, STATION LANE, CARDLE CD3 9LL')).toEqual(['TUNNEL END, STATION LANE, CARDLE CD3 9LL']);
  });
  it('begin with the place by name that a sentence ends on, and end with the town that one begins with', () => {
    for (const [text, address] of [
      ['Based at Nab End, Upper Thwaite, Cardale CX8 4PT.', 'Nab End, Upper Thwaite, Cardale CX8 4PT'],
      [
        'Open 10 till 4 at The Old Tram Shed, Depot Street, Hexley HX2 5RB',
        'The Old Tram Shed, Depot Street, Hexley HX2 5RB',
      ],
      ['We are in studio 2, Pill Street, Cardle CD1 4RR', 'Studio 2, Pill Street, Cardle CD1 4RR'],
      [
        'Il se réunit à l’ancienne école, 1 route du Col, 05999 Haut-Val',
        'L’ancienne école, 1 route du Col, 05999 Haut-Val',
      ],
      [
        'Juega en el Centro Cívico, Plaza del Reloj 1, 50999 Alborge',
        'Centro Cívico, Plaza del Reloj 1, 50999 Alborge',
      ],
      [
        'Das Spritzenhaus in der Dorfstraße 11, 25999 Lüttenbrook ist sonntags von 14 bis 17 Uhr offen.',
        'Dorfstraße 11, 25999 Lüttenbrook',
      ],
      ['Quartier Roumanin, 26999 Montbrison, 04 75 99 02 66', 'Quartier Roumanin, 26999 Montbrison'],
      ['Letters to 2 Chantry Cottages, Ebbing, EB2 9NN', '2 Chantry Cottages, Ebbing, EB2 9NN'],
    ] as const)
      expect(of(text)).withContext(text).toEqual([address]);
    // A saint is no street.
    expect(of('1. Website.\n   - Name to be St Wystan’s Ringers')).toEqual([]);
  });
  it('are none where there is only a word of them', () => {
    for (const text of [
      'We are on the way to the end of the green.',
      'Every first Sunday of the month, St Wendra’s',
      'à payer sur place, 5 euros',
      'Since the year 1921 in the valley',
      '| Couteau | 7,00 | sur place | 6,00 |',
    ])
      expect(of(text)).withContext(text).toEqual([]);
  });
});
