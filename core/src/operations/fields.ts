import type { Operation, SingleOperation } from './operation.js';

/** What an operation writes to, where that is one thing a person writes into: a text, a fact, a list. Else null. */
function fieldOf(o: SingleOperation): string | null {
  switch (o.op) {
    case 'setText':
      return `text ${o.at.section} ${o.at.path}`;
    case 'setFact':
    case 'setList':
      return `fact ${o.field}`;
    case 'setServices':
      return 'fact services';
    case 'setPeople':
      return 'fact people';
    case 'setSeo':
      return `seo ${o.page} ${o.field}`;
    case 'setForm':
      return `form ${o.form}`;
    case 'setPage':
      return `page ${o.page}`;
    case 'setContent':
      return `content ${o.section}`;
    case 'setLook':
      return 'look';
    case 'putMedium':
      return `medium ${o.medium.id}`;
    default:
      return null;
  }
}

/** The fields an operation writes, each once. Two operations that share one overwrite each other. */
export function fieldsOf(operation: Operation): string[] {
  const all = operation.op === 'batch' ? operation.operations : [operation];
  return [...new Set(all.map(fieldOf).filter((f): f is string => f !== null))];
}

/** The one field that an operation replaces whole, or null: a later operation on it makes an unsent one superfluous. */
export function replacesField(operation: Operation): string | null {
  return operation.op === 'batch' ? null : fieldOf(operation);
}

/**
 * The change a person made, of a batch that is one change of facts with what followed from it on the pages; any other
 * operation is itself.
 */
export function madeBy(operation: Operation): Operation {
  if (operation.op !== 'batch' || operation.operations.length < 2) return operation;
  const [first, ...rest] = operation.operations;
  return /^set(?:Fact|Services|People|List)$/.test(first!.op) &&
    rest.every((o) => o.op === 'setText' || o.op === 'setContent')
    ? first!
    : operation;
}

/** The words a person wrote in an operation, a line each; empty where it only moves or removes. */
export function typedWords(whole: Operation): string {
  const operation = madeBy(whole);
  switch (operation.op) {
    case 'setText':
      return operation.text.value;
    case 'setFact':
      return operation.value;
    case 'setServices':
      return operation.services
        .map((s) => [s.name, s.price, s.detail].filter(Boolean).join(', '))
        .filter(Boolean)
        .join('\n');
    case 'setPeople':
      return operation.people.map((p) => [p.name, p.role].filter(Boolean).join(', ')).join('\n');
    case 'setList':
      return operation.values.join(', ');
    case 'setSeo':
      return operation.text?.value ?? '';
    case 'setForm':
      return operation.deliverTo;
    case 'setPage':
      return operation.label;
    case 'setContent':
      return textsWithin(operation.content).join('\n');
    case 'batch':
      return operation.operations.map(typedWords).filter(Boolean).join('\n');
    default:
      return '';
  }
}

function textsWithin(value: unknown): string[] {
  if (Array.isArray(value)) return value.flatMap(textsWithin);
  if (typeof value !== 'object' || value === null) return [];
  const { value: words, from } = value as { value?: unknown; from?: unknown };
  if (typeof words === 'string' && from !== undefined) return words ? [words] : [];
  return Object.values(value).flatMap(textsWithin);
}
