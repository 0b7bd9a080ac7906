import { allTexts, heldBack } from '../index.js';
import { heldOnPages } from '../writer/sentences.js';
import { siteFrom } from '../../fixtures/index.js';
import { readBrief } from '../../brief/read.js';
import { readText } from '../../brief/reading/read-text.js';
import { factsToTell } from '../../brief/to-tell.js';
import { apply } from '../../operations/apply.js';
import { withFollowing } from '../plan/follow.js';
import { CLEARED } from '../writer/sentences.js';
import { descriptionOf, jsonLd, titleOf } from '../../page/seo/seo.js';

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

  it('holds back the notes of a price list where one of them, or a line beside it, is for the stockroom', () => {
    const sheet = (note: string, loose = '') =>
      readBrief(
        `Cellar Stairs\nWine merchant in Saltmarrow.\n\n| Wine | Bottle | Comment |\n| Muscadet | £12.50 | salt and lemon |\n| Gamay | £14.00 | ${note} |\n| Riesling | £16.50 | slate and lime |${loose && `\n| ${loose} |  |  |`}`,
      );
    const told = (facts: ReturnType<typeof readBrief>) =>
      factsToTell({ facts, corrections: [] }).services.map((s) => s.detail.toLowerCase());
    expect(told(sheet('cool it a little'))).toEqual(['salt and lemon', 'cool it a little', 'slate and lime']);
    expect(told(sheet('overstocked, to clear'))).toEqual(['', '', '']);
    expect(told(sheet('cool it a little', 'The Burgundy man still owes us a credit note'))).toEqual(['', '', '']);
    expect(heldBack(sheet('overstocked, to clear')).map((h) => h.text.toLowerCase())).toContain('salt and lemon');
  });

  it('tells search engines no more of a list than its pages tell visitors', () => {
    const brief =
      'Hi Ines, we are Gannet Knots.\n\nService;Price;Note\nBell ropes;140;by the yard\nFenders;35;maybe from autumn, not decided yet\nSplicing;20;machine broken, please do not offer\n\nThanks, Ada';
    const services = [
      { id: 'v1', name: 'Bell ropes', detail: 'By the yard', price: '£140' },
      { id: 'v2', name: 'Fenders', detail: 'Maybe from autumn, not decided yet', price: '£35' },
      { id: 'v3', name: 'Splicing', detail: 'Machine broken, please do not offer', price: '£20' },
    ];
    const facts = { ...readBrief(brief), services };
    const site = siteFrom(facts, 3);
    const told = jsonLd(site, 'https://x.example');
    for (const words of ['not decided', 'achine broken', 'do not offer']) {
      expect(JSON.stringify(told)).not.toContain(words);
      expect(allTexts(site).some((t) => t.text.value.includes(words))).toBeFalse();
      expect(heldBack(facts).some((h) => h.text.includes(words)))
        .withContext(words)
        .toBeTrue();
    }
    expect(factsToTell(site).services.map((s) => s.name)).toContain('Bell ropes');
    // Nor does what is read later come on a page that follows the facts.
    const small = siteFrom({ ...facts, services: services.slice(0, 1) }, 3);
    const later = apply(small, withFollowing(small, { op: 'setServices', services })).document;
    expect(allTexts(later).some((t) => t.text.value === 'Fenders')).toBeTrue();
    expect(allTexts(later).some((t) => /not decided|achine broken/.test(t.text.value))).toBeFalse();
    // A name that is typed letter by letter passes through words that hold it back, as “maybe”: its place stays.
    const typed = services.map((s) => (s.id === 'v1' ? { ...s, name: 'Maybe' } : s));
    const half = apply(later, withFollowing(later, { op: 'setServices', services: typed })).document;
    expect(allTexts(half).filter((t) => t.path.endsWith('.price') && t.text.value === '£140').length).toBe(
      allTexts(later).filter((t) => t.path.endsWith('.price') && t.text.value === '£140').length,
    );
    const { text } = heldBack(facts).findLast((h) => h.text.includes('not decided'))!;
    const cleared = { ...site, corrections: [{ words: text, was: CLEARED, is: null }] };
    expect(JSON.stringify(factsToTell(cleared).services)).toContain('not decided');
  });

  it('takes a second opinion: words no rule knows are held back where they look private by their letters', () => {
    const held = heldBack(
      readBrief(
        'Hi Ines, we are Gannet Knots. We lay ropes for bells, ships and swings on a walk of a hundred yards. Mrs Ferris wants the shed back by Easter and Tom is cross about it. Thanks, Ada',
      ),
    ).map((h) => h.text);
    expect(held.some((t) => t.includes('Mrs Ferris'))).toBeTrue();
    expect(held.some((t) => t.includes('swings'))).toBeFalse();
  });
});
