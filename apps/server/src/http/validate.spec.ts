import {
  AddEntries,
  BookLayout,
  JobListQuery,
  KeepMoney,
  KeepRow,
  NewJob,
  PrintWish,
  RecordQuery,
  ReplaceJob,
  SetNetwork,
} from '@zabble/contract';
import type { ClassConstructor } from 'class-transformer';
import { validateSync } from 'class-validator';
import fc from 'fast-check';
import { Refusal } from './refusal';
import { quickCheck } from './quick-check';
import { validated, validatedQuery } from './validate';

describe('what a contract does not take', () => {
  const refused = <T extends object>(type: ClassConstructor<T>, input: unknown): string => {
    try {
      if (type.name.endsWith('Query') && !Array.isArray(input)) validatedQuery(type, input as object);
      else validated(type, input);
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
      'kind: one of reading, step, fault, note, photo, time or task is wanted. Nothing was changed.',
    ],
    [AddEntries, { entries: 'x' }, 'entries: a list is wanted. Nothing was changed.'],
    [AddEntries, { entries: [], colour: 'red' }, 'colour: there is no such field. Nothing was changed.'],
    [PrintWish, { document: {}, job: '1', address: 'http://localhost' }, 'job: an id is wanted. Nothing was changed.'],
    [RecordQuery, [], 'An object with fields is wanted. Nothing was changed.'],
    [RecordQuery, { size: '2', search: 'glue' }, 'taken'],
  ])('%p refuses %p: %s', (type, input, says) => expect(refused(type, input)).toBe(says));

  it('refuses more fields than any contract has, of what has a contract of its own, before it is gone through', () => {
    const id = '7a52bf0f-5d7e-4c8e-9bb1-111111111111';
    const fields = (count: number) => Object.fromEntries(Array.from({ length: count }, (_, at) => [`f${at}`, 1]));
    const booked = (taken: unknown, brought: unknown = []) =>
      refused(BookLayout, { id, job: id, material: 'ply', taken, brought });
    expect(booked([])).toBe('taken');
    expect(booked([{ stock: id, count: 1 }])).toBe('taken');
    const crowded = 'taken: there is no such field. Nothing was changed.';
    expect(booked([{ stock: id, count: 1 }, fields(51)])).toBe(crowded);
    expect(booked(fields(51))).toBe(crowded);
    expect(booked([fields(50)])).not.toBe(crowded);
    expect(booked([fields(50)])).not.toBe('taken');
    expect(booked(null)).not.toBe(crowded);
    // What has no contract of its own is as large as it is.
    expect(booked([], [fields(51)])).toBe('taken');
  });

  it('reads what has a contract of its own by that, and nothing else', () => {
    const id = '7a52bf0f-5d7e-4c8e-9bb1-111111111111';
    const brought = [{ material: 'ply', taken: { id: 'x' } }];
    const { taken, ...rest } = validated(BookLayout, {
      id,
      job: id,
      material: 'ply',
      taken: [{ stock: id, count: 2 }],
      brought,
    });
    expect(taken[0]?.constructor.name).toBe('Taking');
    expect(rest).toEqual({ id, job: id, material: 'ply', brought });
    expect(rest.brought).toBe(brought);
    expect(() =>
      validated(BookLayout, { id, job: id, material: 'ply', taken: [{ stock: id, count: 'x' }], brought }),
    ).toThrow();
  });

  it('has a sentence for every rule a contract uses', () => {
    const rules = Object.entries({ after: 'x', size: 1.5, search: 3 });
    for (const [field, value] of rules) expect(refused(RecordQuery, { [field]: value })).not.toContain('can’t be read');
  });
});

describe('the quick way of checking', () => {
  const id = '7a52bf0f-5d7e-4c8e-9bb1-111111111111';
  const values = fc.oneof(
    ...[undefined, null, '', 'x', 'EUR', id, 'http://127.0.0.1:4870', 0, 1, -1, 1.5, NaN, true, false].map(fc.constant),
    fc.constant({}),
    fc.constant([]),
    fc.string({ minLength: 190, maxLength: 210 }),
  );
  const contracts = [AddEntries, JobListQuery, KeepMoney, KeepRow, NewJob, RecordQuery, ReplaceJob, SetNetwork];

  it.each(contracts)('%p: takes what the usual way takes, and nothing else', (type: ClassConstructor<object>) => {
    const check = quickCheck(type);
    expect(check).toBeDefined();
    const fields = ['document', 'revision', 'save', 'id', 'entries', 'open', 'address', 'size', 'kind', 'search'];
    fc.assert(
      fc.property(
        fc.dictionary(fc.constantFrom(...fields, 'after', 'deleted', 'currency', 'was', 'row'), values),
        (read) => {
          const instance = Object.assign(new type(), read);
          const quick = check?.(instance as Readonly<Record<string, unknown>>);
          expect(quick).toBe(validateSync(instance, { forbidUnknownValues: true }).length === 0);
        },
      ),
      { numRuns: 300 },
    );
  });

  it('leaves contracts within contracts to the usual way', () => expect(quickCheck(BookLayout)).toBeUndefined());
});
