import type { WayWords } from './way-words.js';
import type { CountryCode } from 'libphonenumber-js';
import type { Family } from '../model/family.js';
import type { Tone } from '../model/site.js';

/** The reader’s language: what a brief is written in decides how its numbers, days and names are read. */
export type Language = 'en' | 'es' | 'fr' | 'de';

/** What a text of the site is to say; each language has patterns for each. */
export const MESSAGES = [
  'openingHeading',
  'offerHeading',
  'ledgerHeading',
  'storyHeading',
  'aboutHeading',
  'aboutStoryHeading',
  'visitHeading',
  'stepsHeading',
  'callHeading',
  'askHeading',
  'contactHeading',
  'servicesHeading',
  'pricesHeading',
  'identity',
  'offer',
  'audience',
  'area',
  'founded',
  'hours',
  'price',
  'people',
  'membership',
  'tongues',
  'address',
  'premises',
  'benefits',
  'reach',
  'keyword',
  'contactLead',
  'servicesLead',
  'second',
  'more',
  'send',
  'thanks',
  'aimFound',
  'aimRung',
  'aimBookings',
  'aimSell',
  'aimInform',
  'aimSupport',
] as const;
export type Message = (typeof MESSAGES)[number];

/**
 * Patterns of one message, by the tone they are in; `any` suits every tone. `{slot}` is filled from the facts, and a
 * pattern whose slots cannot all be filled is not used. `[we|I]` is read by whether several people speak or one.
 */
export type Patterns = Record<Message, Partial<Record<Tone | 'any', string[]>>>;

/** The words a site’s shapes, forms and answers are made of, besides what is written for each client. */
export interface FixedWords {
  skip: string;
  mainMenu: string;
  pages: string;
  /** Before the names of those who are to be named for their pictures. */
  pictures: string;
  inThisPart: string;
  address: string;
  open: string;
  reach: string;
  optional: string;
  notSent: string;
  leaveEmpty: string;
  notFound: string;
  notFoundLead: string;
  /** What leads on from there: the menu, or, where a site has none, its one page. */
  notFoundMenu: string;
  notFoundHome: string;
  notFoundTitle: string;
  /** In the stead of a page that is on hold. */
  workedOn: string;
  opensSoon: string;
  opensOn(day: string): string;
  /** To whom has a link to a site that is closed: where it is good no more, and where it has a password. */
  preview: {
    ended: string;
    locked: string;
    password: string;
    look: string;
    wrong: string;
    often: string;
  };
  /** Around the pages of collections: what is no more, the list an item stands in, and the parts of a long one. */
  collections: {
    over: string;
    inList: string;
    allOf(list: string): string;
    part(nth: number, of: number): string;
    before: string;
    after: string;
  };
  lost: string;
  /** Where one visitor sends more than people write, and where a site gets more than anybody reads. */
  tooOften: string;
  tooMany: string;
  missing(label: string): string;
  tooLong(label: string, most: number): string;
  notMail(value: string): string;
  notPhone(value: string): string;
  form: { name: string; mail: string; phone: string; message: string };
  /** Headings of sections that name the business: `{name}` is filled. */
  headings: { partners: string; vouched: string; areas: string; events: string; besides: string };
  labels: { home: string; services: string; rooms: string; about: string; contact: string; prices: string };
  privacy: LawPage;
  accessibility: LawPage;
  imprint: LawPage & { phone: string; mail: string };
}

/** A page that the law or the trade expects: each of its sentences is a claim of ours until the client has read it. */
export interface LawPage {
  label: string;
  heading: string;
  /** Sentences; `{who}` and `{tell}` are filled from the facts. */
  sentences: string[];
  /** A sentence only the client can finish, and what to ask. */
  ask?: { sentence: string; question: string };
}

/** How a text is changed without changing what it says. */
export interface Edits {
  /** Everyday words, each with a formal one that can stand in its place. */
  formalWords: readonly (readonly string[])[];
  /** Words of offices, each with an everyday one that can stand in its place. */
  plainWords: readonly (readonly string[])[];
  /** Pairs of short and full forms. */
  contractions: readonly (readonly string[])[];
  /** Pairs that say the same, either way round. */
  same: readonly (readonly string[])[];
  /** Roundabout ways to say a thing, and the short one. */
  concise: readonly (readonly string[])[];
  /** Words that can go without loss. */
  fillers: readonly string[];
  /** Words that address the reader or speak for the house: what warmth is counted by. */
  near: readonly string[];
  /** Sentences that invite and claim nothing; a slot may be filled. */
  warm: readonly string[];
  lively: readonly string[];
  formal: readonly string[];
  /** Words that begin a side clause which can be a sentence of its own, and what that sentence begins with. */
  splits: readonly (readonly [joint: string, start: string])[];
  /** Words that claim what only the facts may. */
  claims: RegExp;
  /** Turns of phrase with a number in them that counts nothing. */
  idioms: RegExp;
}

/** A trade as this language calls it. */
export interface TradeWord {
  noun: string;
  /** “a boatyard”, “une menuiserie”. */
  withArticle: string;
  /** What else the trade and who plies it are called; the noun first. */
  names: readonly string[];
  /** What is worked on, sold or looked after. */
  things: readonly string[];
  /** What such a business usually offers: claims, until somebody vouches for them. */
  services: readonly string[];
}

/** What holds for every trade of a family: claims, each to confirm. */
export interface FamilyWords {
  /** What such a business does, as beginnings of words. */
  verbs: string;
  /** How it goes, step by step: a name and a sentence or two. */
  steps: readonly (readonly [name: string, text: string])[];
  /** Other ways to say how it goes, where many have nothing of their own to say. */
  otherSteps?: readonly (readonly (readonly [name: string, text: string])[])[];
  /** What people ask, and an answer; an empty one only the client can give. */
  questions: readonly (readonly [question: string, answer: string])[];
}

/** What a site that is filled out says where nobody has said anything yet. `{name}` is filled. */
export interface FilledWords {
  /** Headings of a site that has only a working title, which no sentence can say. */
  headings: Partial<Record<Message, string>>;
  questionsLabel: string;
  /** Headings and leads to choose from: one without `{name}` for a business that has only a working title. */
  questionsHeading: readonly string[];
  questionsPlain: readonly string[];
  questionsLead: readonly string[];
  stepsHeading: readonly string[];
  peopleHeading: readonly string[];
  quotesHeading: readonly string[];
  pricesHeading: string;
  hoursHeading: readonly string[];
  figuresHeading: readonly string[];
  /** What numbers may count, where nobody has given one, and what to ask for each. */
  figures: readonly (readonly [label: string, ask: string])[];
  /** What the year is that it began. */
  figureFounded: string;
  /** What stands in a place until the client has answered. */
  person: string;
  role: string;
  quote: string;
  quoteBy: string;
  price: string;
  /** What a page that was asked for says. */
  page: string;
  answer: string;
  hours: string;
  /** Paragraphs of a story that only the client can tell, and what to ask for each. */
  story: readonly (readonly [words: string, ask: string])[];
  offer: readonly [words: string, ask: string];
  lead: readonly [words: string, ask: string];
}

/** A language sites can be written in. Adding one is adding a folder beside this file. */
export interface SiteLanguage {
  /** BCP 47 tag; the name of its folder. */
  tag: string;
  /** What it calls itself. */
  name: string;
  /** Its name in English, as the sheet of facts has it. */
  english: string;
  /** The language briefs are read in that is this one. */
  reading: Language;
  /** Open Graph locale. */
  locale: string;
  /** Countries whose phone numbers are written in the national way. */
  countries: readonly CountryCode[];
  words: FixedWords;
  /** Monday first. */
  days: readonly string[];
  months: readonly string[];
  dayRange(from: string, to: string): string;
  /** A single day as it stands in a sentence: “le lundi”. */
  onDay(day: string): string;
  everyDay: string;
  /** What stands before a month of which only the beginning, the middle or the end is meant. */
  edges: Record<'start' | 'middle' | 'end', string>;
  /** Times of the year that begin and end on no day, as they stand before hours. */
  seasons: Record<'summer' | 'winter' | 'spring' | 'autumn' | 'season' | 'term' | 'school holidays', string>;
  closed(days: string): string;
  /** A day of the year: “24 December”. */
  date(day: number, month: string): string;
  /** Closed for a month, or from one time of the year to another. */
  closedDuring(from: string, to: string | null): string;
  /** A time of day from minutes since midnight. */
  time(minutes: number): string;
  /** What stands between a name and what it is: “: ”. */
  colon: string;
  /** What stands between two times. */
  until: string;
  /** Rules of opening as they are commonly put, in any language that is read, in this one. */
  rules: readonly (readonly [RegExp, string])[];
  list(items: readonly string[]): string;
  /** A service as it reads inside a sentence. */
  inside(name: string): string;
  /** “in Saltmarrow”. */
  inPlace(place: string): string;
  /** Words that make a price: “from”, and what it is for. */
  from: string;
  units: readonly (readonly [RegExp, string])[];
  numbers: readonly string[];
  tongues: Record<string, string>;
  /** By the id of the trade. */
  trades: Record<string, TradeWord>;
  families: Record<Family | 'any', FamilyWords>;
  /** What people ask and how it goes, by way of working; see `brief/trades/ways.ts`. */
  ways: Record<string, WayWords>;
  filled: FilledWords;
  /** Services and other terms of the trades, from their English. */
  terms: Record<string, string>;
  patterns: Patterns;
  /** Puts right what filling a pattern can leave wrong: an article or preposition before a vowel. */
  polish?(text: string): string;
  edits: Edits;
  /** What marks a sentence of a brief as meant for the designer. */
  notCopy: RegExp;
  /** Words a sentence begins with that leans on the one before. */
  leaning: RegExp;
  /** Words by which one person speaks, and by which several do. */
  speaker: { one: RegExp; several: RegExp };
}
