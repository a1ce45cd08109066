import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { JobDocument, LogEntryDocument } from '@zabble/core';
import { settledLines, type ToSettle } from './lines';
import { summaryOf } from './summary';

const document = JSON.parse(
  readFileSync(join(__dirname, '../../../../examples/notions-bank.json'), 'utf8'),
) as JobDocument;
const AT = new Date('2026-11-20T09:00:00Z');
const toSettle = (entry: object, job = 'j1', seq = 1): ToSettle => {
  const whole = { id: `e${seq}`, at: AT.toISOString(), ...entry } as LogEntryDocument;
  return { job, seq, kind: whole.kind, at: AT, entry: whole };
};
const settled = (entry: object, job?: string) =>
  settledLines(
    [toSettle(entry, job)],
    new Map([
      ['j1', document],
      ['odd', { ...document, cases: 7 } as never],
    ]),
  )[0]!;
const reading = {
  ...{ kind: 'reading', by: 'Ada Øst', bank: 'c1/b1', drawer: 'd3', what: 'width', place: 'front' },
  ...{ length: '600 mm', against: '601.5 mm' },
};

describe('what is looked up of an entry', () => {
  it('is what it says, where, and by whom; and what was measured against the plan', () => {
    const line = settled(reading);
    expect(line).toMatchObject({ job: 'j1', seq: 1, kind: 'reading', at: AT, fault: undefined });
    expect(line.made).toEqual({ what: 'width', planned: 601_500_000, made: 600_000_000 });
    expect(line.words).toEqual(expect.arrayContaining(['width', 'front', 'drawer', '3', 'ada', 'notions', 'bench']));
    expect(line).not.toHaveProperty('entry');
  });

  it('has nothing made where it was held against nothing, and its fault where it has one', () => {
    expect(settled({ ...reading, against: undefined }).made).toBeUndefined();
    const fault = settled({ kind: 'fault', bank: 'c1/b1', fault: 'split' });
    expect([fault.made, fault.fault, fault.words.length > 0]).toEqual([undefined, 'split', true]);
    const note = settled({ kind: 'note', note: 'planed the Long edge' });
    expect([note.made, note.fault]).toEqual([undefined, undefined]);
    expect(note.words).toEqual(expect.arrayContaining(['planed', 'long', 'edge']));
  });

  it('is its time and kind alone where it, or its job, can’t be read; what was measured stands by itself', () => {
    for (const job of ['odd', 'gone'])
      expect(settled(reading, job)).toMatchObject({ job, words: [], made: { planned: 601_500_000 } });
    const odd = settled({ kind: 'reading', length: 'wide' });
    expect(odd).toEqual({ job: 'j1', seq: 1, kind: 'reading', at: AT, words: [], made: undefined, fault: undefined });
  });

  it('of many comes in their order', () => {
    const many = [3, 1, 2].map((seq) => toSettle({ kind: 'note', note: `n${seq}` }, 'j1', seq));
    expect(
      settledLines(many, new Map([['j1', document]])).map(({ seq, words }) => [seq, words.includes(`n${seq}`)]),
    ).toEqual([3, 1, 2].map((seq) => [seq, true]));
  });
});

describe('what a list shows of a job', () => {
  it('is its unit and its faces; of one that can’t be read its unit', () => {
    const { unit, faces } = summaryOf(document);
    expect([unit, faces.length]).toEqual([document.unit, 1]);
    expect(summaryOf({ ...document, cases: 7 } as never)).toEqual({ unit: document.unit, faces: [] });
    expect(summaryOf({ unit: 'mm' } as never)).toEqual({ unit: 'mm', faces: [] });
    expect(summaryOf({ unit: 'ell' } as never)).toEqual({ unit: 'in', faces: [] });
  });
});
