import { said } from '@zabble/core';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { getMetadataStorage, validateSync, type ValidationError } from 'class-validator';
import { refuse } from './refusal';

/** What came in as an instance of its contract class, or a 400 that names each field; unknown fields are refused. */
export function validated<T extends object>(type: ClassConstructor<T>, input: unknown): T {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) throw refuse(400, said('fields-wanted'));
  const instance = plainToInstance(type, input, { exposeDefaultValues: true });
  const errors = validateSync(instance, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true });
  if (errors.length > 0)
    throw refuse(400, said('fields-refused', { fields: errors.map((error) => wrongField(type, error)) }));
  return instance;
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
