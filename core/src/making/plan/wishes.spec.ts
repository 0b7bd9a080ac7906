import { readBrief } from '../../brief/read.js';
import type { SiteDocument } from '../../model/site.js';
import { apply } from '../../operations/apply.js';
import { newDocument, toConfirm } from '../generate/site.js';
import { writeVersion } from '../generate/write.js';
import { answerWishes, wantedPages, wishNote, type WishAnswer } from './wishes.js';
import { subjectOfPage, subjectsOfPages, topicsIn } from './wish-topics.js';

const made = (text: string): SiteDocument => {
  const facts = readBrief(text);
  const bare = newDocument('x', facts);
  return apply(bare, writeVersion(facts, 1, bare)).document;
};
const BRIEF = `Hello Ines,

We are Gannet Knots, rope makers at 3 Tar Lane, Saltmarrow. Bell ropes £140, fenders £65, ring 01632 960 220.
We lay every bell rope on the long walk by hand and try it on a bell before it leaves the yard.

I would like a page about bell ropes. I want a page about the history of the walk, people ask.
We would love an online shop, and a map please.
Please do not mention Wexcombe. No pop-ups please, I cannot stand them.
I would like it in navy blue and cream.

Thanks, Tom Gannet`;

describe('what the client asked for', () => {
  const document = made(BRIEF);
  const answers = answerWishes(document);
  const about = (words: string): WishAnswer => answers.find((a) => a.said.includes(words))!;

  it('is answered line by line, in the order and the words it was said', () => {
    expect(answers.length).toBeGreaterThanOrEqual(5);
    for (const a of answers) {
      expect(BRIEF).toContain(a.said);
      expect(a.words).toMatch(/[.!]$/);
    }
  });

  it('gets a page for each that is asked for by name, with what is said about it or the question to ask', () => {
    const ropes = document.pages.find((p) => p.label === 'Bell ropes')!;
    expect(JSON.stringify(ropes)).toContain('try it on a bell');
    expect(about('page about bell ropes')).toEqual(
      jasmine.objectContaining({ about: 'page', state: 'done', page: 'Bell ropes' }),
    );
    const history = document.pages.find((p) => p.label === 'History of the walk')!;
    expect(history.reason).toContain('people ask');
    expect(toConfirm(document).some((t) => t.page === history && t.text.from.kind === 'placeholder')).toBeTrue();
    expect(about('history of the walk').state).toBe('begun');
  });

  it('says of what it cannot do what would do it', () => {
    const shop = about('online shop');
    expect(shop.state).toBe('open');
    expect(shop.words).toContain('add-on');
  });

  it('says of a don’t whether it is kept, and where its words stand if they do', () => {
    expect(about('Wexcombe').state).toBe('done');
    expect(about('pop-ups')).toEqual(jasmine.objectContaining({ about: 'no motion', state: 'done' }));
    const home = document.pages[0]!;
    const heading = Object.entries(home.sections[0]!.content).find(([k]) => k === 'heading')!;
    expect(heading).toBeDefined();
    const spoilt = apply(document, {
      op: 'setText',
      at: { section: home.sections[0]!.id, path: 'heading' },
      text: { value: 'Known as far as Wexcombe', from: { kind: 'designer' } },
    }).document;
    const answer = answerWishes(spoilt).find((a) => a.said.includes('Wexcombe'))!;
    expect(answer).toEqual(jasmine.objectContaining({ state: 'yours', page: home.label }));
  });

  it('reads the colours that are asked for into the look', () => {
    expect(document.facts.colours.join(' ')).toMatch(/navy/);
    expect(about('navy blue').state).toBe('done');
  });

  it('is a note to the client with every line of theirs and how it stands', () => {
    const note = wishNote(document, answers);
    for (const a of answers) expect(note).toContain(a.said.replace(/\s+/g, ' ').trim());
    expect(note).toContain('not yet');
    const german = made(
      'Wir sind die Seilerei Gannet in Saltmarrow und machen Glockenseile.\nWir hätten gern eine Seite über die Geschichte der Bahn.\nBitte keine Preise nennen.',
    );
    const answered = answerWishes(german);
    expect(answered.length).toBeGreaterThan(0);
    expect(wishNote(german, answered)).toMatch(/^Was Sie sich gewünscht haben/);
  });

  it('is nothing where nothing was asked for', () => {
    expect(answerWishes(made('Gannet Knots, rope makers, Saltmarrow.'))).toEqual([]);
    expect(wantedPages(readBrief('Gannet Knots, rope makers, Saltmarrow.'))).toEqual([]);
  });
});

describe('a page that is asked for', () => {
  it('is called by what it is about, in four languages, and by nothing else that is said', () => {
    for (const [said, label] of [
      ['I want a page of heads, real people, each in their hat.', 'heads'],
      ['could we have a volunteer drivers page with the times', 'volunteer drivers'],
      ['page "why won’t my gate close?"', 'why won’t my gate close?'],
      ['Wir hätten gern eine Seite über unsere Glocken, mit Bildern.', 'Glocken'],
      ['Nous aimerions une page sur les marées', 'marées'],
      ['Quiero una página sobre la feria, por favor', 'feria'],
      ['There must be a page with lines out of the keepers’ logs and the', 'lines out of the keepers’ logs'],
    ] as const)
      expect(subjectOfPage(said)).withContext(said).toBe(label);
    for (const said of [
      'a separate page',
      'a page for that',
      'the home page should be blue',
      'a nice web page',
      'I like this page',
    ])
      expect(subjectOfPage(said)).withContext(said).toBeNull();
  });

  it('is one for each of what is listed', () => {
    for (const [said, labels] of [
      ['a page for each of field drainage, ditching, and outfalls', ['field drainage', 'ditching', 'outfalls']],
      ['Eine eigene Seite für jede: Uhren, Wecker und Barometer', ['Uhren', 'Wecker', 'Barometer']],
      ['une page pour chacun : voiles, bâches et tauds', ['voiles', 'bâches', 'tauds']],
      ['a page for each', []],
      ['I want a page about the ferry', ['ferry']],
    ] as const)
      expect(subjectsOfPages(said))
        .withContext(said)
        .toEqual([...labels]);
  });

  it('is told from what a site can have otherwise', () => {
    expect(topicsIn('No phone numbers please, we have had calls.')).toContain('phone');
    expect(topicsIn('Man soll Termine online buchen können')).toContain('bookings');
    expect(topicsIn('une carte pour venir')).toContain('map');
    expect(topicsIn('nothing of the kind')).toEqual([]);
  });
});
