import { allTexts, heldBack } from '../index.js';
import { heldOnPages } from '../writer/sentences.js';
import { siteFrom } from '../../fixtures/index.js';
import { readBrief } from '../../brief/read.js';
import { readText } from '../../brief/reading/read-text.js';
import { descriptionOf, titleOf } from '../../page/seo/seo.js';

/** What clients write that is for nobody but the designer, in four languages. */
const PRIVATE = [
  'Please leave my home number off, it is 01632 960 774.',
  'Don’t say anything about the fire at the old shed.',
  'My brother-in-law reckons we should have closed years ago.',
  'The landlord wants us out by spring, it is with the solicitors.',
  'I’ll send you the photographs when my sister finds the charger.',
  'We would like a page about the boats with a big map.',
  'Maybe we will open on Sundays, not decided yet.',
  'Invoice goes to Pat, not to me.',
  'Bitte keine Fotos von den Kindern auf die Seite.',
  'Der Vermieter will uns raushaben, das liegt beim Anwalt.',
  'Ne mettez pas le numéro de la maison sur le site.',
  'Mon beau-frère dit qu’on devrait fermer.',
  'No pongas la dirección de casa, por favor.',
  'El banco espera los números y mi cuñado no quiere saber nada.',
];
const OPEN = [
  'We lay ropes for bells, ships and swings on a walk of a hundred yards.',
  'Every rope is tried before it leaves the quay.',
  'My grandfather laid out the walk and it has not moved since.',
  'Open Tuesday to Friday 9 to 5.',
  'A bell rope costs from £140.',
];

const plain = (s: string) =>
  s
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

describe('a finished site', () => {
  it('says nothing the client wrote for the designer alone, wherever it stood among the rest', () => {
    // A walk over many orders and mixtures, the same each time.
    let seed = 7;
    const next = (n: number) => (seed = (seed * 48271) % 2147483647) % n;
    for (let turn = 0; turn < 40; turn++) {
      const told = [...OPEN];
      const said = Array.from({ length: 4 }, () => PRIVATE[next(PRIVATE.length)]!);
      for (const s of said) told.splice(next(told.length + 1), 0, s);
      const brief = `Hi Ines,\n\nwe are Gannet Knots.\n\n${told.join(turn % 2 ? ' ' : '\n')}\n\nThanks, Ada`;
      const facts = readBrief(brief);
      const site = siteFrom(facts, turn);
      const pages = [
        ...allTexts(site).map((t) => t.text.value),
        ...site.pages.flatMap((p) => [titleOf(site, p), descriptionOf(site, p)]),
      ];
      const shown = plain(pages.join('\n'));
      for (const s of said) expect(shown).withContext(`${turn}: ${s}`).not.toContain(plain(s));
      expect(shown).not.toContain('960 774');
      expect(heldOnPages(site, allTexts(site))).toEqual([]);
    }
  });

  it('holds back what is private with why, and wishes and don’ts are told apart', () => {
    const brief = `Hi Ines,\n\n${PRIVATE.slice(0, 8).join('\n')}`;
    const why = new Map(heldBack(readBrief(brief)).map((h) => [h.text, h.why]));
    for (const s of PRIVATE.slice(0, 8)) expect(why.has(s)).withContext(s).toBeTrue();
    const { told } = readText(brief);
    const of = (kind: string) => told.filter((t) => t.kind === kind).map((t) => t.text);
    expect(of('dont').join('\n')).toContain('home number');
    expect(of('dont').join('\n')).toContain('the fire');
    expect(of('wish').join('\n')).toContain('a page about the boats');
  });

  it('does not ring a number that somebody keeps for themselves', () => {
    const { facts } = readText(
      'Hi,\n\nring the shop on 01632 960 220. My home number is 01632 960 774 but that is for you only. Grüße\n\nBitte keine privaten Nummern. (Ada 0160 5550193)',
    );
    expect(facts.phone).toBe('01632 960 220');
    expect(readText('Phone (private): 01632 960 774\nPhone: 01632 960 220').facts.phone).toBe('01632 960 220');
  });
});
