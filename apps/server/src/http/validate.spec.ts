import { AddEntries, PrintWish, RecordQuery } from '@zabble/contract';
import type { ClassConstructor } from 'class-transformer';
import { Refusal } from './refusal';
import { validated } from './validate';

describe('what a contract does not take', () => {
  const refused = <T extends object>(type: ClassConstructor<T>, input: unknown): string => {
    try {
      validated(type, input);
    } catch (problem) {
      if (problem instanceof Refusal) return problem.problem.says;
    }
    return 'taken';
  };

  it.each<readonly [ClassConstructor<object>, object, string]>([
    [RecordQuery, { size: 0 }, 'size: at least 1 is wanted. Nothing was changed.'],
    [RecordQuery, { after: '2' }, 'after: it is none that was given out. Nothing was changed.'],
    [RecordQuery, { size: 101 }, 'size: at most 100 is taken. Nothing was changed.'],
    [RecordQuery, { search: 'x'.repeat(201) }, 'search: at most 200 letters are taken. Nothing was changed.'],
    [
      RecordQuery,
      { kind: 'rumour' },
      'kind: one of reading, step, fault, note, photo or time is wanted. Nothing was changed.',
    ],
    [AddEntries, { entries: 'x' }, 'entries: a list is wanted. Nothing was changed.'],
    [AddEntries, { entries: [], colour: 'red' }, 'colour: there is no such field. Nothing was changed.'],
    [PrintWish, { document: {}, job: '1', address: 'http://localhost' }, 'job: an id is wanted. Nothing was changed.'],
    [RecordQuery, [], 'An object with fields is wanted. Nothing was changed.'],
    [RecordQuery, { size: '2', search: 'glue' }, 'taken'],
  ])('%p refuses %p: %s', (type, input, says) => expect(refused(type, input)).toBe(says));

  it('has a sentence for every rule a contract uses', () => {
    const rules = Object.entries({ after: 'x', size: 1.5, search: 3 });
    for (const [field, value] of rules) expect(refused(RecordQuery, { [field]: value })).not.toContain('can’t be read');
  });
});
