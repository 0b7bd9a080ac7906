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
