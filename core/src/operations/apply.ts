import type { SiteDocument } from '../model/site.js';
import { OperationError, type Applied } from './definition.js';
import { madeBy } from './fields.js';
import { definitionOf, type Operation, type SingleOperation } from './operation.js';

/**
 * Applies one operation. Pure: the given document is not touched.
 * @throws OperationError when the operation names something the document does not have.
 */
export function apply(document: SiteDocument, operation: Operation): Applied {
  if (operation.op !== 'batch') return definitionOf(operation).apply(document, operation);
  const inverses: SingleOperation[] = [];
  let now = document;
  for (const one of operation.operations) {
    const step = definitionOf(one).apply(now, one);
    now = step.document;
    inverses.unshift(...(step.inverse.op === 'batch' ? step.inverse.operations : [step.inverse]));
  }
  return { document: now, inverse: { op: 'batch', operations: inverses } };
}

/** What an operation changed, in a few words for the history. */
export function describe(whole: Operation): string {
  const operation = madeBy(whole);
  if (operation.op !== 'batch') return definitionOf(operation).says(operation);
  const [first, ...others] = operation.operations;
  if (first?.op === 'setLook' && others[0]?.op === 'setDirection') return `Took the direction ${first.look.name}`;
  if (first && !others.length) return describe(first);
  // A picture is taken in for what shows it: that says it.
  const said = operation.operations.filter((o) => o.op !== 'putMedium');
  return said.length === 1 ? describe(said[0]!) : `${said.length || operation.operations.length} changes`;
}

/** A document after an operation; as it is where the operation does not fit it: whoever applies it will say so. */
function afterwards(document: SiteDocument, operation: Operation): SiteDocument {
  try {
    return apply(document, operation).document;
  } catch (error) {
    if (error instanceof OperationError) return document;
    throw error;
  }
}

/**
 * An operation stored under an older schema, as it would be written today for the document it is to meet: an undone step of
 * long ago leaves a site of today.
 */
export function operationForward(operation: Operation, document: SiteDocument): Operation {
  if (operation.op !== 'batch') return definitionOf(operation).forward?.(operation, document) ?? operation;
  let met = document;
  const operations = operation.operations.map((one): SingleOperation => {
    const forward = definitionOf(one).forward?.(one, met) ?? one;
    met = afterwards(met, forward);
    return forward;
  });
  return { ...operation, operations };
}
