import type { Topic } from '../plan/wish-topics.js';
import type { Message, SiteLanguage } from '../../language/language.js';
import type { LanguageTag } from '../../language/registry.gen.js';
import type { Correction, Facts, Fill, Length, Page, Section, Text } from '../../model/site.js';
import { hasWorkingTitle } from '../../brief/read.js';
import type { TradePack } from '../../brief/trades/pack.js';
import type { Random } from '../../ground/random.js';
import { complete } from '../../look/shapes/complete.js';
import { slugOf } from '../plan/slug.js';
import type { Decision, Material } from '../plan/decide.js';
import type { Speaker } from '../writer/speaker.js';
import type { Album } from './album.js';
import { brief, invitation } from './texts.js';

/** How a version is written, besides its facts. */
export interface Writing {
  language: LanguageTag;
  length: Length;
  /** Only what was said, or filled out with what is to confirm; only what was said where it is left out. */
  fill?: Fill;
  /** What a person put right in the reading of the brief; among it what they cleared for visitors. */
  corrections?: readonly Correction[];
}
export const STANDARD_WRITING: Writing = { language: 'en-GB', length: 'middle' };

/** What the writer sits down with, and what it has used up so far. */
export interface Desk {
  /** Which version it writes. */
  seed: number;
  facts: Facts;
  language: SiteLanguage;
  length: Length;
  fill: Fill;
  pack: TradePack;
  random: Random;
  material: Material;
  decision: Decision;
  speaker: Speaker;
  /** The client’s sentences that stand nowhere yet. */
  left: string[];
  claims: number;
  /** Entries of the trade pack that have given a line. */
  entries: Set<TradePack['services'][number]>;
  counter: number;
  album: Album;
  words: SiteLanguage['words'];
  /** What the client asks the site not to have. */
  forbidden: ReadonlySet<Topic>;
  /** Ids of services nobody named: what a business of this trade usually offers. */
  supposed: ReadonlySet<string>;
}

/** A section with an id of its own and what its kind needs besides. */
export const section = (
  desk: Desk,
  shape: string,
  reason: string,
  feeds: string[],
  content: Section['content'],
): Section => {
  const id = `s${++desk.counter}`;
  return { id, shape, reason, feeds, content: complete(shape.split('/')[0]!, content, `${desk.seed}.${id}`) };
};
/** A page; the home page has no address of its own. */
export const page = (id: string, label: string, reason: string, sections: Section[], parent?: string): Page => ({
  id,
  slug: id === 'home' ? '' : slugOf(label),
  label,
  ...(parent && { parent }),
  reason,
  seo: { title: null, description: null },
  sections,
});

/**
 * One of the headings or leads a language has for something that is said of no one business: with the name only where there
 * is more than a working title.
 */
export function called({ facts, language, random }: Desk, patterns: readonly string[]): Text {
  const fit = hasWorkingTitle(facts) ? patterns.filter((p) => !p.includes('{name}')) : patterns;
  const pattern = random.pick(fit);
  const said = pattern.replace('{name}', () => facts.name);
  const words = language.polish?.(said) ?? said;
  return pattern === said ? invitation(words, `${language.tag}/filled`) : brief(words, facts.name);
}

/** A heading that no other on the site repeats; the name of the business where no pattern fits. */
export function heading(desk: Desk, message: Message): Text {
  const said = desk.speaker.say(message);
  if (said) return said;
  const plain = desk.language.filled.headings[message];
  return plain && hasWorkingTitle(desk.facts)
    ? invitation(plain, `${desk.language.tag}/filled`)
    : brief(desk.facts.name, desk.facts.name);
}
