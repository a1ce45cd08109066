import { said } from '@zabble/core';
import { isUUID } from 'class-validator';
import { refuse } from './refusal';

/** The id in a path; 400 where it is none. */
export function idIn(params: Readonly<Record<string, unknown>>, field = 'id'): string {
  const id = params[field];
  if (typeof id !== 'string' || !isUUID(id))
    throw refuse(400, said('fields-refused', { fields: [{ field, rule: 'isUuid' }] }));
  return id;
}
