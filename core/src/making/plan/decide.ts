import type { SiteLanguage } from '../../language/language.js';
import { speaks } from '../../brief/format.js';
import type { Correction, Facts, Length, Service } from '../../model/site.js';
import { packOf } from '../../brief/trades/packs.js';
import { factsToTell } from '../../brief/to-tell.js';
import { clearedIn, copySentences } from '../writer/sentences.js';

/** What there is to make a site of. */
export interface Material {
  services: Service[];
  /** The client’s own sentences, those that lean on each other together. */
  sentences: string[];
  /** Services with a text of more than a line. */
  detailed: Service[];
  priced: Service[];
}

/** Which pages a site gets and why, before a word is written. */
export interface Decision {
  aim: Facts['aim'];
  /** True where all there is fits on the home page. */
  single: boolean;
  services: string | null;
  about: string | null;
  prices: string | null;
  /** What people ask: only on a site that is filled out. */
  questions: string | null;
  /** Services that have enough to say for a page of their own, under the services page. */
  own: Service[];
  form: boolean;
  steps: boolean;
  showPrices: boolean;
}

const wordCount = (text: string) => text.split(/\s+/).filter(Boolean).length;
const wants = (list: readonly string[], pattern: RegExp) => list.some((w) => pattern.test(w));

/** A line that is only the name over the text. */
const sameName = (sentence: string, { name, legalName, strapline }: Facts) =>
  [name, legalName, strapline].some((n) => n && sentence.replace(/[.!]$/, '').toLowerCase() === n.toLowerCase());

/** Gathers what there is to make a site of, in a language. */
export function materialOf(facts: Facts, language: SiteLanguage, corrections: readonly Correction[] = []): Material {
  const cleared = clearedIn(corrections);
  const services = factsToTell({ facts, corrections: [...corrections] }).services.filter((s) => s.name.trim());
  return {
    services,
    sentences: speaks(language, facts)
      ? copySentences(facts.description, language, cleared).filter((s) => !sameName(s, facts))
      : [],
    detailed: services.filter((s) => wordCount(s.detail) >= 4),
    priced: services.filter((s) => s.price),
  };
}

/**
 * Decides the pages of a site: what it is for, what the client wants and does not want, and above all how much there is
 * to say. No page without enough to say; a single page where that is right.
 */
export function decide(facts: Facts, material: Material, length: Length): Decision {
  const { services, sentences, detailed, priced } = material;
  const showPrices = !wants(facts.unwanted, /price|precio|prix|preis/i);
  const booking = facts.aim === 'bookings' && !wants(facts.unwanted, /booking/i);
  const aim = facts.aim === 'bookings' && !booking ? (facts.phone ? 'rung' : '') : facts.aim;
  const servicesWeight = services.reduce(
    (sum, s) => sum + 1 + Math.min(2, wordCount(s.detail) / 12) + (s.price && showPrices ? 1 : 0),
    0,
  );
  // The first two sentences lead the home page.
  const storyWords = sentences.slice(2).reduce((sum, s) => sum + wordCount(s), 0);
  const pillars = [facts.founded, facts.people, facts.memberships, facts.benefits, facts.apart, facts.audience].filter(
    (f) => f.length > 0,
  ).length;
  // A short site asks for more before it opens another page, a long one for less.
  const lean = { short: 1.5, middle: 1, long: 0.8 }[length];
  const servicesPage = services.length >= 2 && servicesWeight >= 5 * lean;
  const aboutPage = storyWords >= 30 * lean || pillars >= 4 * lean || (storyWords >= 18 * lean && pillars >= 3);
  const wanted = wants(facts.wanted, /people/i) && storyWords + pillars * 10 > 20;
  return {
    aim,
    single: !servicesPage && !aboutPage && !wanted,
    services: servicesPage
      ? `${services.length} services${detailed.length ? `, ${detailed.length} with more to say` : ''}${priced.length && showPrices ? `, ${priced.length} with a price` : ''}: enough for a page.`
      : null,
    about:
      aboutPage || wanted
        ? wanted && !aboutPage
          ? 'The client wants a page about the people.'
          : `${sentences.length} sentences of the brief and ${pillars} facts tell who they are.`
        : null,
    prices:
      showPrices && priced.length >= 2 && wants(facts.wanted, /price/i)
        ? `The client wants one, and ${priced.length} prices are there.`
        : null,
    questions: null,
    own: servicesPage ? services.filter((s) => wordCount(s.detail) >= 40).slice(0, 12) : [],
    form: !wants(facts.unwanted, /contact form/i),
    steps: length === 'long' && packOf(facts).id !== 'any',
    showPrices,
  };
}
