import { said } from '@zabble/core';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import { refuse } from './refusal';

/** What came in as an instance of its contract class, or a 400 that names each field; unknown fields are refused. */
export function validated<T extends object>(type: ClassConstructor<T>, input: unknown): T {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) throw refuse(400, said('fields-wanted'));
  const instance = plainToInstance(type, input, { exposeDefaultValues: true });
  const errors = validateSync(instance, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true });
  if (errors.length > 0) throw refuse(400, said('fields-refused', { fields: errors.map(wrongField) }));
  return instance;
}

function wrongField({ property, constraints }: ValidationError) {
  const [first = 'can’t be read'] = Object.values(constraints ?? {});
  return { field: property, why: first };
}
