import type { Static, TObject } from '@sinclair/typebox';
import type { SiteDocument } from '../model/site.js';
import type { Operation } from './operation.js';

/** An operation that does not fit the document it meets: what it names is not there (any more). */
export class OperationError extends Error {
  override name = 'OperationError';
}

export interface Applied {
  document: SiteDocument;
  /** The operation that takes this one back: applying it gives the document from before, to the byte. */
  inverse: Operation;
}

/** That a thing comes into a list, leaves it, or stands elsewhere in it. */
export interface Move {
  /** The key of the list. */
  list: string;
  id: string;
  /** Where it stood; null where it was not in that list. */
  from: number | null;
  /** Where it stands then, counted without itself; null where it is in that list no more. */
  to: number | null;
}

/** All there is to know of one operation. `O` is the operation as its schema has it, told apart by its `op`. */
export interface Definition<S extends TObject, O = Static<S>> {
  schema: S;
  /**
   * Pure: the given document is not touched.
   * @throws OperationError when the operation names something the document does not have
   */
  apply(document: SiteDocument, operation: O): Applied;
  /** What it changed, in a few words for the history. */
  says(operation: O): string;
  /**
   * The one thing it writes, where that is something a person writes into: two operations of one field overwrite each
   * other. Left out where it writes no such thing.
   */
  field?(operation: O): string;
  /** The words a person wrote in it, a line each. Left out where it only moves or removes. */
  words?(operation: O): string;
  /**
   * The things it writes, from the whole to the part, parted by slashes (`keys.ts`). Two operations made on one document
   * meet where one writes what the other writes, a part of it, or a whole that it is in.
   */
  writes(operation: O, document: SiteDocument): string[];
  /** The things that it leaves alone but that have to be there. */
  needs?(operation: O): string[];
  /** What it does to the order of lists. At most one of the moves puts its thing somewhere: `to` is not null in it. */
  moves?(operation: O, document: SiteDocument): Move[];
  /** The same with its thing put at another place of that list. */
  placed?(operation: O, to: number): O;
  /** One stored under an older schema, as it would be written today for the document it is to meet. */
  forward?(operation: O, document: SiteDocument): O;
}
