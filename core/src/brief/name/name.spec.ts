import { hasWorkingTitle } from '../read.js';
import { factsOf } from '../../fixtures/index.js';

describe('the name of a business', () => {
  it('is not one of the things on a list', () => {
    expect(hasWorkingTitle(factsOf('Services:\n- Sails\n- Covers', ''))).toBeTrue();
  });

  it('is read in whatever way the client gives it', () => {
    for (const [text, name] of [
      ['Hi, it’s Morwenna from Tidewrack Upholstery here. I mend chairs.', 'Tidewrack Upholstery'],
      ['Morning! Salt & Signal here (we fix old radios).', 'Salt & Signal'],
      ['The Saltmarrow Shanty Choir. We meet on Tuesdays.', 'The Saltmarrow Shanty Choir'],
      ['Rory @ Skerry Boats. Kayak hire.', 'Skerry Boats'],
      ['The Net Loft is a shop for yarn, run by Ottilie Brandt.', 'The Net Loft'],
      ['We’re Emberline – a mother and two sons – and we fit stoves.', 'Emberline'],
      ['Hallo, hier ist Jonte Petersen von der Tischlerei Petersen. Wir bauen Treppen.', 'Tischlerei Petersen'],
      ['Chers amis, l’Atelier Kerven restaure des meubles anciens depuis 1988.', 'Atelier Kerven'],
      ['Buenos días, somos la Ferretería Marea. Vendemos pinturas.', 'Ferretería Marea'],
      ['I sell honey. 01632 960 515. post@gallows-honey.example', 'Gallows Honey'],
      // Said outright, whatever it is made of.
      ['He is Amos Tull, cooper, and trades as A. Tull, Cooper, as his father did.', 'A. Tull, Cooper'],
      ['I mend nets. The name over the door is Bess Wick, Nets and has been since 2011.', 'Bess Wick, Nets'],
      ['The firm\n\n- **J. K. Ferrow & Partners**\n- Partners: J. K. Ferrow, Ann Lisle', 'J. K. Ferrow & Partners'],
      ['so harrow clogs is the name and i make clogs in the yard behind the mill', 'Harrow Clogs'],
      [
        'Le Club de modélisme du Val-Marin existe depuis 1979 et se réunit le vendredi.',
        'Club de modélisme du Val-Marin',
      ],
      // What is no name stands first, or oftener.
      [
        '1. **Website.** Agreed.\n   - Name to be St Brannoc’s Ringers.\n   - Eight bells and six of us.',
        'St Brannoc’s Ringers',
      ],
      [
        'THE OLD SLIP, SALTMARROW, 9th May\n\nThe Marrow Launch Trust keeps a steam launch and takes visitors up the river.',
        'The Marrow Launch Trust',
      ],
      ['# Pell & Daughter\n\nClocks mended since 1961. Write to bench@pellclocks.example.', 'Pell & Daughter'],
    ] as const)
      expect(factsOf(text, '?').name).withContext(text).toBe(name);
  });
});
