import type { SiteLanguage } from '../../language/language.js';
import type { TradePack } from '../../brief/trades/pack.js';
import { wayOf } from '../../brief/trades/ways.js';
import type { Page, Section, Service, Text } from '../../model/site.js';
import type { Decision, Material } from '../plan/decide.js';
import type { WantedPage } from '../plan/wishes.js';
import { called, heading, page, section, type Desk } from './desk.js';
import { brief, claim, invitation, nothing, placeholder } from './texts.js';

/** Fewer services than this are filled up with what the trade usually offers, to so many. */
const FEW = 3;
/** So many questions at most stand on the page of questions. */
const MOST_ASKED = 6;
const ENOUGH = 5;

/** The family a trade belongs to, as the words of a language know it. */
const familyOf = (pack: TradePack) => pack.family ?? 'any';

/** What is claimed of a trade, and the line of the house it is from. */
interface Told {
  line: string;
  words: readonly [string, string];
}
const told = (line: string, all: readonly (readonly [string, string])[]): Told[] =>
  all.map((words, n) => ({ line: `${line}/${n}`, words }));

/**
 * Services that a business of this trade usually offers and that nobody has named: claims, each to confirm. None where the
 * trade is not known or enough was named.
 */
export function usualServices(pack: TradePack, language: SiteLanguage, said: readonly Service[]): Service[] {
  if (said.length >= FEW) return [];
  const known = new Set(said.map((s) => s.name.toLowerCase()));
  return (language.trades[pack.id]?.services ?? [])
    .filter((name) => !known.has(name.toLowerCase()))
    .slice(0, ENOUGH - said.length)
    .map((name, n) => ({ id: `u${n + 1}`, name: name[0]!.toUpperCase() + name.slice(1), detail: '', price: '' }));
}

/** Which pages a site gets that is filled out: what was decided for what was said, and what people look for besides. */
export function filledDecision(decision: Decision, { services }: Material, pack: TradePack): Decision {
  const usual = pack.id === 'any' ? 'People look for what is offered first.' : `What a ${pack.noun} usually offers.`;
  return {
    ...decision,
    single: false,
    services: decision.services ?? (services.length ? usual : `${usual} Nobody has said it yet.`),
    about:
      decision.about ?? 'People want to know whom they deal with. What nobody has said is a question to the client.',
    questions: 'What people of this trade are asked most; each answer is to confirm.',
    steps: true,
  };
}

/** What is offered, where neither the brief nor the trade says it: places to write it into. */
export function offerPlaces(desk: Desk): { name: Text; text: Text; price: Text }[] {
  const [words, ask] = desk.language.filled.offer;
  return [1, 2, 3].map(() => ({ name: placeholder(words, ask), text: nothing, price: nothing }));
}

/** The price of a service nobody has given one: a place for it, on a site that is filled out and shows prices. */
export const pricePlace = (desk: Desk, name: string): Text =>
  placeholder(desk.language.filled.price, `What does “${name}” cost, or from what does it start?`);

/** How it goes, in words for how the trade is plied, else for its family: each step is to confirm. */
export function familySteps(desk: Desk): { heading: Text; items: { name: Text; text: Text }[] } {
  const { pack, language, random } = desk;
  const family = familyOf(pack);
  const { steps: usual, otherSteps = [] } = language.families[family];
  const way = wayOf(pack.id);
  const steps = way
    ? told(`${way}/steps`, language.ways[way]!.steps)
    : told(`${family}/steps`, random.pick([usual, ...otherSteps]));
  return {
    heading: called(desk, language.filled.stepsHeading),
    items: steps.map(({ line, words: [name, text] }) => ({ name: claim(name, line), text: claim(text, line) })),
  };
}

/** The first thing people read, where nobody has said anything to put there. */
export const leadPlace = (desk: Desk): Text => placeholder(...desk.language.filled.lead);

/** Paragraphs only the client can tell: how it began and who is there on their own page, what matters on the first. */
export const storyPlaces = (desk: Desk, at: 'home' | 'about'): Text[] =>
  (at === 'home' ? desk.language.filled.story.slice(2) : desk.language.filled.story.slice(0, 2)).map(([words, ask]) =>
    placeholder(words, ask),
  );

/** A sentence somebody has said: the place for it. */
export const quotesSection = (desk: Desk): Section =>
  section(
    desk,
    'quotes/single',
    'What clients say counts for more than what the business says. Only their own words may stand here.',
    [],
    {
      heading: called(desk, desk.language.filled.quotesHeading),
      items: [
        {
          text: placeholder(
            desk.language.filled.quote,
            'Has somebody said something kind that may be quoted, and by which name?',
          ),
          name: placeholder(desk.language.filled.quoteBy, 'Whose words are they, and may the name stand there?'),
          detail: nothing,
        },
      ],
    },
  );

/** Who people will meet, where nobody is named yet. */
export const peoplePlaces = (desk: Desk): Section =>
  section(desk, 'people/roster', 'People like to know whom they will meet.', ['people'], {
    heading: called(desk, desk.language.filled.peopleHeading),
    items: [1, 2].map(() => ({
      name: placeholder(desk.language.filled.person, 'Who will people meet? Names, and what each does.'),
      role: placeholder(desk.language.filled.role, 'What does this person do?'),
    })),
  });

/** What stands for a number nobody has given. */
const NO_NUMBER = '00';

/** Numbers that say much: the year it began where that is known, and the places for those only the client can give. */
export function figurePlaces(desk: Desk): Section {
  const { facts, language } = desk;
  const places = language.filled.figures.map(([label, ask]) => ({
    figure: placeholder(NO_NUMBER, ask),
    label: placeholder(label, ask),
  }));
  const began = /^\d{4}$/.test(facts.founded)
    ? [
        {
          figure: brief(facts.founded, facts.founded, 'founded'),
          label: invitation(language.filled.figureFounded, `${language.tag}/filled`),
        },
      ]
    : [];
  return section(desk, 'figures/row', 'A number is remembered. Which ones, the client has to tell.', ['founded'], {
    heading: called(desk, language.filled.figuresHeading),
    items: [...began, ...places].slice(0, 3),
  });
}

/** When somebody is there, where nobody has said it. */
export const hoursPlace = (desk: Desk): Section =>
  section(desk, 'hours/line', 'People look for the hours first.', ['hours'], {
    heading: called(desk, desk.language.filled.hoursHeading),
    note: placeholder(desk.language.filled.hours, 'When are you open, day by day? Or only by appointment?'),
    action: nothing,
  });

/** Words of a label that tell what it is about, without their endings. */
const stems = (label: string): string[] =>
  (label.toLowerCase().match(/\p{L}{5,}/gu) ?? []).map((w) => w.slice(0, Math.max(4, w.length - 2)));

/** A page the client asks for by name: with what they say about it, or the place for it. */
export function askedPage(desk: Desk, { label, said }: WantedPage, n: number, call: () => Section): Page {
  desk.speaker.turn();
  const about = stems(label);
  const own = desk.left.filter((s) => about.some((stem) => s.toLowerCase().includes(stem)));
  desk.left = desk.left.filter((s) => !own.includes(s));
  for (const sentence of own) desk.speaker.use(sentence);
  const name = brief(label, said);
  return page(`wish-${n}`, label, `The client asks for it: “${said.replace(/\s+/g, ' ').trim().slice(0, 160)}”`, [
    section(desk, 'opening/plain', 'Names the page.', [], { heading: name, lead: nothing }),
    section(
      desk,
      'story/aside',
      own.length ? 'What the client says about it.' : 'What it is to say, the client still has to tell.',
      [],
      {
        heading: heading(desk, 'storyHeading'),
        paragraphs: own.length
          ? own.map((s) => brief(s))
          : [placeholder(desk.language.filled.page, `What should the page “${label}” say?`)],
      },
    ),
    call(),
  ]);
}

/** What people ask, with answers that hold for most of the trade and places for those only the client can give. */
export function questionsPage(desk: Desk, call: () => Section): Page {
  const { language, pack, decision } = desk;
  const family = familyOf(pack);
  desk.speaker.turn();
  const way = wayOf(pack.id);
  const own = way ? told(`${way}/questions`, language.ways[way]!.questions) : [];
  const usual = told(`${family}/questions`, language.families[family].questions).filter(
    (u) => !own.some((o) => o.words[0] === u.words[0]),
  );
  // Where there are many, not every business is asked the same; what only its own kind is asked is left out last.
  while (usual.length && usual.length + own.length > MOST_ASKED)
    usual.splice(Math.floor(desk.random.next() * usual.length), 1);
  const questions = [...own, ...usual];
  return page('questions', language.filled.questionsLabel, decision.questions!, [
    section(desk, 'opening/plain', 'Names the page.', [], {
      heading: called(desk, language.filled.questionsHeading),
      lead: called(desk, language.filled.questionsLead),
    }),
    section(
      desk,
      'questions/open',
      'From the trade: each answer is to confirm, and some only the client can give.',
      ['trade'],
      {
        heading: called(desk, language.filled.questionsPlain),
        lead: nothing,
        items: questions.map(({ line, words: [question, answer] }) => ({
          question: claim(question, line),
          answer: answer ? claim(answer, line) : placeholder(language.filled.answer, question),
        })),
      },
    ),
    call(),
  ]);
}
