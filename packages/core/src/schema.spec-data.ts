import { jobSchema } from './index';

/** A part of the schema of a job file, as far as it is looked at here. */
export interface Schema {
  readonly $ref?: string;
  readonly enum?: readonly unknown[];
  readonly type?: string;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly items?: Schema;
  readonly minItems?: number;
  readonly oneOf?: readonly Schema[];
  readonly anyOf?: readonly Schema[];
  readonly minimum?: number;
  readonly maximum?: number;
  readonly $defs?: Readonly<Record<string, Schema>>;
}

export type Path = readonly (string | number)[];

export const ROOT = jobSchema() as Schema;

/** What stands in a document, with another value at a place of it. */
export function changed<T>(value: T, [step, ...rest]: Path, to: unknown): T {
  if (step === undefined) return to as T;
  if (Array.isArray(value))
    return value.map((each: unknown, at) => (at === step ? changed(each, rest, to) : each)) as T;
  // JSON leaves out what is undefined.
  const fields = value as Readonly<Record<string, unknown>> | undefined;
  return { ...fields, [step]: changed(fields?.[step], rest, to) } as T;
}
