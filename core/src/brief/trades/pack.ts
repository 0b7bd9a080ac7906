import type { Family } from '../../model/family.js';

/** What the generator knows about a trade. Lines that say what a business does are claims until somebody vouches for them. */
export interface TradePack {
  id: string;
  /** Null for a trade the house does not know. */
  family: Family | null;
  /** What pictures of it show, where that is sure. */
  subjects: readonly string[];
  /** The trade as a noun, lower case: “boatyard”. */
  noun: string;
  /** Other words that mean this trade, lower case. */
  synonyms: string[];
  /** The schema.org type of such a business. */
  schemaType: string;
  /** Headings over the list of services. */
  worksHeadings: string[];
  /** Headings over how a job goes. */
  stepsHeadings: string[];
  /** How a job goes, for those who ask for it. */
  steps: { name: string; text: string }[];
  /** What the main button says. */
  actions: string[];
  contactHeadings: string[];
  contactLeads: string[];
  /** Lines about a service, chosen by a word in its name. */
  services: { match: string[]; lines: string[] }[];
  /** What only a client of this trade can be asked. */
  questions?: string[];
  /** Lead and accent hues, OKLCH degrees. */
  hues: [number, number][];
  scene: string;
}

/** What is written for one trade; the rest of it is in the graph. */
export type WrittenPack = Omit<TradePack, 'family' | 'subjects' | 'schemaType' | 'noun'>;
