import { changeOf, isWithin } from './of-section.js';
import { definitionOf, type Operation, type SingleOperation } from './operation.js';

/** The one field that an operation replaces whole, or null: a later operation on it makes an unsent one superfluous. */
export function replacesField(operation: Operation): string | null {
  return operation.op === 'batch' ? null : (definitionOf(operation).field?.(operation) ?? null);
}

const FACTS = /^set(?:Fact|Services|People|Contacts|Branches|Events|List)$/;
const FOLLOWS = /^(?:setText|setContent|insertItem|removeItem)$/;
const NOBODY = { id: '', reason: '' };
/** Whether one operation is another one told to a section that is the same on another page. */
const toldTo = (one: SingleOperation, first: SingleOperation): boolean =>
  one.op === first.op &&
  isWithin(one) &&
  isWithin(first) &&
  JSON.stringify(changeOf(one, NOBODY)) === JSON.stringify(changeOf(first, NOBODY));

/**
 * The change a person made, of a batch that is one change with what followed from it: of facts on the pages, of a section on
 * the other pages that have it. Any other operation is itself.
 */
export function madeBy(operation: Operation): Operation {
  if (operation.op !== 'batch' || operation.operations.length < 2) return operation;
  const [first, ...rest] = operation.operations;
  const followed = FACTS.test(first!.op) && rest.every((o) => FOLLOWS.test(o.op));
  return followed || rest.every((o) => toldTo(o, first!)) ? first! : operation;
}

/** The words a person wrote in an operation, a line each; empty where it only moves or removes. */
export function typedWords(whole: Operation): string {
  const operation = madeBy(whole);
  if (operation.op !== 'batch') return definitionOf(operation).words?.(operation) ?? '';
  return operation.operations.map(typedWords).filter(Boolean).join('\n');
}
