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
  /** One stored under an older schema, as it would be written today for the document it is to meet. */
  forward?(operation: O, document: SiteDocument): O;
}
