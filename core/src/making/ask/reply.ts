import type { Medium, SiteDocument, SiteFile } from '../../model/site.js';
import type { Operation } from '../../operations/operation.js';
import type { InHand, Reader } from './reader.js';

/** One change a request comes to: taken or left by itself. */
export interface SlipChange {
  operation: Operation;
  /** The same made on a site as other changes leave it, where it says a thing whole of which it changes a part. */
  on?: (document: SiteDocument) => Operation;
  /** What it does, in a sentence. */
  words: string;
  /** Where it is to be seen. */
  at: InHand;
  /** What stands there now and then, where that can be said in words. */
  before?: string;
  after?: string;
}

/** A choice of what could have been meant. */
export interface Choice {
  label: string;
  reply: Reply;
}
/** What is asked back, with what could have been meant. */
export interface Question {
  words: string;
  choices: Choice[];
}
/** Something said when asked, with what could be done about it. */
export interface Point {
  words: string;
  at: InHand;
  changes?: SlipChange[];
}

/**
 * What a request comes to: changes, a question back, points of an answer, a step where it is done, the last step taken back,
 * or why there is nothing. `left` says what of it was not understood or cannot be done, `open` what of it is still asked;
 * `exact` changes are made as they are, without what follows from a changed fact.
 */
export type Reply =
  | { kind: 'slip'; changes: SlipChange[]; left: string[]; open?: Question[]; exact?: true }
  | ({ kind: 'ask' } & Question)
  | { kind: 'talk'; words: string; points: Point[] }
  | { kind: 'go'; step: string; words: string }
  | { kind: 'undo'; words: string }
  | { kind: 'no'; words: string };

/** A picture or a file that is given along with a request. */
export type Given = { medium: Medium } | { file: SiteFile };

/** A request with all that is known beside it. */
export interface Asked {
  said: string;
  on?: InHand;
  /** What was asked for before and done, newest last. */
  before?: readonly { said: string; document: SiteDocument; at?: InHand }[];
  /** True where visitors know the site: pages keep their addresses. */
  live?: boolean;
  /** Visits of each of the last weeks, the newest last; left out where they are not known. */
  visits?: readonly number[];
  /** What was given along: “use this at the top”. It is none of the site’s before what it comes to is taken. */
  given?: Given;
}

/** What an intent is given beside the words. */
export interface Context {
  document: SiteDocument;
  live: boolean;
  visits: readonly number[];
  given: Given | null;
  /** The site as it was before what was asked for last; newest last. */
  past: readonly SiteDocument[];
}

/** One kind of request: how it is put, and what it comes to. Its examples are requests it has to answer, and no other may. */
export interface Intent {
  name: string;
  examples: readonly string[];
  /** What it is worth beside one that explains as much; 1 where left out. */
  weight?: number;
  /** Null where this is not what is asked for. */
  read(r: Reader, c: Context): Reply | null;
}

export const no = (words: string): Reply => ({ kind: 'no', words });
export const question = (words: string, ...choices: Choice[]): Reply => ({ kind: 'ask', words, choices });
export const slip = (changes: (SlipChange | null | undefined)[], left: string[] = []): Reply | null => {
  const real = changes.filter((c): c is SlipChange => !!c);
  return real.length || left.length ? { kind: 'slip', changes: real, left } : null;
};
export const change = (
  operation: Operation | null,
  words: string,
  at: InHand = {},
  more: { before?: string; after?: string } = {},
): SlipChange | null => operation && { operation, words, at, ...more };

/** A change of a part of a thing that is said whole: of the look, of a list of facts. */
export const changeOn = (
  document: SiteDocument,
  on: (document: SiteDocument) => Operation,
  words: string,
  at: InHand = {},
  more: { before?: string; after?: string } = {},
): SlipChange => ({ operation: on(document), on, words, at, ...more });
