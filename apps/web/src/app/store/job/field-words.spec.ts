import { jobSchema } from '@zabble/core';
import { CHOICE_WORDS } from './choice-words';
import { FIELD_WORDS } from './field-words';

describe('the words of fields', () => {
  const fields = new Set<string>();
  const choices = new Set<string>();
  const walk = (node: unknown): void => {
    if (typeof node !== 'object' || node === null) return;
    const { properties, enum: values } = node as { properties?: object; enum?: readonly unknown[] };
    Object.keys(properties ?? {}).forEach((field) => fields.add(field));
    values?.forEach((value) => typeof value === 'string' && choices.add(value));
    // What work time went into is of the log alone, which never differs: its words are those of prices.
    for (const [name, value] of Object.entries(node)) if (name !== 'operation') walk(value);
  };
  walk(jobSchema());

  it('are there for every field a job file may have, and for no other', () =>
    expect(Object.keys(FIELD_WORDS).sort()).toEqual([...fields].sort()));

  it('are there for every choice it may hold, and for no other', () =>
    expect(Object.keys(CHOICE_WORDS).sort()).toEqual([...choices].sort()));
});
