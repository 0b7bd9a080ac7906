import { factsOf } from '../../fixtures/index.js';

describe('the name of a business', () => {
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
    ] as const)
      expect(factsOf(text, '?').name).withContext(text).toBe(name);
  });
});
