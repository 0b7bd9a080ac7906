import { Type, type Static, type TObject } from '@sinclair/typebox';
import type { Definition } from './definition.js';
import { families } from './families.gen.js';

type Families = typeof families;
/** The operations by the name that stands in their `op`. */
export type OperationNamed<K extends keyof Families> = Static<Families[K]['schema']>;
export type SingleOperation = { [K in keyof Families]: OperationNamed<K> }[keyof Families];
export type PutVersion = OperationNamed<'putVersion'>;

/** What is known of an operation. */
export const definitionOf = ({ op }: SingleOperation) =>
  families[op] as unknown as Definition<TObject, SingleOperation>;

/** The schema of an operation by its name; undefined where there is no such operation. */
export const schemaOf = (op: string): TObject | undefined =>
  Object.hasOwn(families, op) ? families[op as keyof Families].schema : undefined;

export const Single = Type.Union(Object.values(families).map((definition): TObject => definition.schema));
/** Several changes that are one step of history. */
export const Batch = Type.Object(
  { op: Type.Literal('batch'), operations: Type.Array(Single, { minItems: 1, maxItems: 500 }) },
  { additionalProperties: false },
);
export type Operation = SingleOperation | { op: 'batch'; operations: SingleOperation[] };
/** Every operation, as a schema. */
export const AnyOperation = Type.Union([Single, Batch]);
