import { Ajv, type ErrorObject, type ValidateFunction } from 'ajv';

// The one set-up of Ajv: JSON Schema as TypeBox writes it. Compiling is the dear part, so a schema is compiled when it is
// first needed and left as it comes.
const SET_UP = { strict: false, code: { optimize: false } } as const;
const first = new Ajv(SET_UP);
const every = new Ajv({ ...SET_UP, allErrors: true });
const known = { first: new Map<object, ValidateFunction>(), every: new Map<object, ValidateFunction>() };

/** What a value is checked with. After a no, `errors` says why. */
export type Check<T = unknown> = ValidateFunction<T>;

/** The check of a schema: it stops at the first fault, or with `every` finds all of them. The same for the same schema. */
export function checkOf<T = unknown>(schema: object, which: 'first' | 'every' = 'first'): Check<T> {
  let check = known[which].get(schema);
  if (!check) known[which].set(schema, (check = (which === 'every' ? every : first).compile(schema)));
  return check as Check<T>;
}

/** Why a check said no, in one line. `name` is what the value is called. */
export const faultsIn = (errors: readonly ErrorObject[] | null | undefined, name: string): string =>
  first.errorsText(errors as ErrorObject[] | null, { dataVar: name });

/** Why a value does not fit a schema that is used once and forgotten; null where it fits. */
export function faultOnce(schema: object, value: unknown, name: string): string | null {
  const ajv = new Ajv(SET_UP);
  return ajv.validate(schema, value) ? null : ajv.errorsText(ajv.errors, { dataVar: name });
}
