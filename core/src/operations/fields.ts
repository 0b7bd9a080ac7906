import { definitionOf, type Operation } from './operation.js';

/** The one field that an operation replaces whole, or null: a later operation on it makes an unsent one superfluous. */
export function replacesField(operation: Operation): string | null {
  return operation.op === 'batch' ? null : (definitionOf(operation).field?.(operation) ?? null);
}

/**
 * The change a person made, of a batch that is one change of facts with what followed from it on the pages; any other
 * operation is itself.
 */
export function madeBy(operation: Operation): Operation {
  if (operation.op !== 'batch' || operation.operations.length < 2) return operation;
  const [first, ...rest] = operation.operations;
  return /^set(?:Fact|Services|People|Contacts|Branches|Events|List)$/.test(first!.op) &&
    rest.every((o) => /^(?:setText|setContent|insertItem|removeItem)$/.test(o.op))
    ? first!
    : operation;
}

/** The words a person wrote in an operation, a line each; empty where it only moves or removes. */
export function typedWords(whole: Operation): string {
  const operation = madeBy(whole);
  if (operation.op !== 'batch') return definitionOf(operation).words?.(operation) ?? '';
  return operation.operations.map(typedWords).filter(Boolean).join('\n');
}
