import { said } from '@zabble/core';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { getMetadataStorage, validateSync, type ValidationError } from 'class-validator';
import { quickCheck } from './quick-check';
import { refuse } from './refusal';

/** No contract has more fields. */
const MOST_FIELDS = 50;
/** So many fields that are none are named. */
const MOST_STRANGERS = 10;

/**
 * What came in as an instance of its contract class, or a 400 that names each field; unknown fields are refused. Documents
 * in it are taken as they are: neither copied nor gone through, so that the work is by the fields of the contract.
 */
export function validated<T extends object>(type: ClassConstructor<T>, input: unknown): T {
  return checked(type, input, ownKind);
}

/** What was asked for in an address, so: there everything is text, which the contract turns into what is wanted. */
export function validatedQuery<T extends object>(type: ClassConstructor<T>, query: object): T {
  return checked(type, { ...query }, turned);
}

/** What was sent, in its contract; `nested` are the fields that have a contract of their own. */
type Making = <T extends object>(
  type: ClassConstructor<T>,
  sent: Readonly<Record<string, unknown>>,
  nested: readonly string[],
) => T;

/** In a body everything is of its own kind already, but for what has a contract of its own. */
const ownKind: Making = (type, sent, nested) =>
  nested.some((field) => sent[field] !== undefined) ? turned(type, sent, nested) : Object.assign(new type(), sent);

/** Only what the contract itself says how to read is read; the rest is put in its place untouched. */
const turned: Making = (type, sent, nested) => {
  const [read, aside] = [{} as Record<string, unknown>, {} as Record<string, unknown>];
  for (const [field, value] of Object.entries(sent))
    (isBig(value) && !nested.includes(field) ? aside : read)[field] = value;
  return Object.assign(plainToInstance(type, read, { exposeDefaultValues: true }), aside);
};

function checked<T extends object>(type: ClassConstructor<T>, input: unknown, making: Making): T {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) throw refuse(400, said('fields-wanted'));
  const sent = input as Readonly<Record<string, unknown>>;
  const { fields, nested } = contractOf(type);
  const names = Object.keys(sent);
  if (!names.every((field) => fields.has(field)))
    throw refuse(400, said('fields-refused', { fields: strangersIn(names.filter((field) => !fields.has(field))) }));
  const crowded = nested.filter((field) => isCrowded(sent[field]));
  if (crowded.length > 0) throw refuse(400, said('fields-refused', { fields: strangersIn(crowded) }));
  const instance = making(type, sent, nested);
  if (!quickCheck(type)?.(instance as Readonly<Record<string, unknown>>)) assertKept(type, instance);
  return instance;
}

function assertKept<T extends object>(type: ClassConstructor<T>, instance: T): void {
  const errors = validateSync(instance, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true });
  if (errors.length > 0)
    throw refuse(400, said('fields-refused', { fields: errors.map((error) => wrongField(type, error)) }));
}

interface Contract {
  /** The fields it has rules for. */
  readonly fields: ReadonlySet<string>;
  /** Those that have a contract of their own, which reads them. */
  readonly nested: readonly string[];
}

const contracts = new Map<unknown, Contract>();

function contractOf(type: ClassConstructor<object>): Contract {
  const found = contracts.get(type);
  if (found) return found;
  const rules = getMetadataStorage().getTargetValidationMetadatas(type, '', true, false);
  const nested = rules.filter((rule) => rule.type === 'nestedValidation').map(({ propertyName }) => propertyName);
  const made = { fields: new Set(rules.map(({ propertyName }) => propertyName)), nested: [...new Set(nested)] };
  contracts.set(type, made);
  return made;
}

/** Has more fields than any contract: what is gone through field by field must have few. */
function isCrowded(value: unknown): boolean {
  const all: unknown[] = Array.isArray(value) ? value : [value];
  return all.some((each) => isBig(each) && Object.keys(each as object).length > MOST_FIELDS);
}

function isBig(value: unknown): boolean {
  return typeof value === 'object' && value !== null;
}

function strangersIn(names: readonly string[]) {
  const more = names.length - MOST_STRANGERS;
  return [
    ...names.slice(0, MOST_STRANGERS).map((field) => ({ field: field.slice(0, 80), rule: 'whitelistValidation' })),
    ...(more > 0 ? [{ field: '…', rule: 'whitelistValidation', limit: more }] : []),
  ];
}

/** Which rule of its contract a field breaks, with the rule's limit where it has one. */
function wrongField(type: ClassConstructor<object>, { property, constraints = {} }: ValidationError) {
  // Of another kind altogether is told before too large or too long.
  const rules = Object.keys(constraints);
  const rule = rules.find((each) => each.startsWith('is')) ?? rules[0] ?? 'unknown';
  const limit = getMetadataStorage()
    .getTargetValidationMetadatas(type, '', true, false)
    .find((each) => each.propertyName === property && each.name === rule)?.constraints?.[0] as unknown;
  return { field: property, rule, ...(isLimit(limit) ? { limit } : {}) };
}

function isLimit(limit: unknown): limit is number | readonly string[] {
  return typeof limit === 'number' || (Array.isArray(limit) && limit.every((each) => typeof each === 'string'));
}
