import type { LogEntryDocument } from '@zabble/core';
import { JobActions } from '../job/job.actions';
import { LogActions } from './log.actions';
import { logFeature, wholeUpTo, type LogState } from './log.reducer';

const entry = (id: string): LogEntryDocument => ({ id, kind: 'note', at: '2026-11-20T09:00:00Z', note: id });
const kept = (seq: number, id = `k${seq}`) => ({ seq, entry: entry(id) });
const { reducer } = logFeature;
const job = 'j1';
const open = reducer(undefined, JobActions.open({ id: job }));
const state = (more: Partial<LogState> = {}): LogState => ({ ...open, ...more });
const ids = (entries: readonly LogEntryDocument[]): string[] => entries.map(({ id }) => id);

describe('the log of the job on the bench', () => {
  it('is that of one job: another begins anew, the same goes on', () => {
    const written = state({ waiting: [entry('a')], says: 'x', here: false, reached: false });
    expect(reducer(written, JobActions.open({ id: job }))).toBe(written);
    expect(reducer(written, JobActions.open({ id: 'j2' }))).toEqual({ ...open, job: 'j2' });
    expect(open).toEqual({ job, kept: [], waiting: [], refused: [], here: true, reached: true, says: '' });
  });

  it.each([
    LogActions.remembered({ job: 'j2', kept: [kept(1)], waiting: [entry('b')], refused: [] }),
    LogActions.added({ job: 'j2', entry: entry('b') }),
    LogActions.heard({ job: 'j2', kept: [kept(1)] }),
    LogActions.notReached({ job: 'j2' }),
    LogActions.refused({ job: 'j2', entries: [{ id: 'a', says: 'no' }] }),
    LogActions.notWritten({ job: 'j2', says: 'no' }),
    LogActions.jobGone({ job: 'j2', says: 'no' }),
    LogActions.triedAgain({ job: 'j2', id: 'r' }),
    LogActions.putAway({ job: 'j2', id: 'r' }),
    LogActions.keptHere({ job: 'j2', kept: false }),
    LogActions.triedAgain({ job, id: 'unknown' }),
  ])('$type of another job, or of nothing there is, changes nothing', (action) => {
    const before = state({ waiting: [entry('a')], refused: [{ entry: entry('r'), says: 'why' }] });
    expect(reducer(before, action)).toBe(before);
  });

  it('what the device has of it comes before what was written since, each once', () => {
    const refused = [{ entry: entry('r'), says: 'why' }];
    const after = reducer(
      state({ waiting: [entry('b'), entry('c')] }),
      LogActions.remembered({ job, kept: [kept(2), kept(1)], waiting: [entry('a'), entry('b')], refused }),
    );
    expect([ids(after.waiting), after.kept.map(({ seq }) => seq), after.refused]).toEqual([
      ['a', 'b', 'c'],
      [1, 2],
      refused,
    ]);
  });

  it('what the server keeps waits no longer, is there once, and in order', () => {
    const before = state({ waiting: [entry('a'), entry('b')], kept: [kept(2)], reached: false });
    const after = reducer(before, LogActions.heard({ job, kept: [kept(3, 'a'), kept(1), kept(2)] }));
    expect([after.kept.map(({ seq }) => seq), ids(after.waiting), after.reached]).toEqual([[1, 2, 3], ['b'], true]);
    // Nothing new: what is drawn from it is not drawn again.
    const again = reducer(after, LogActions.heard({ job, kept: [kept(3, 'a')] }));
    expect([again.kept, again.waiting]).toEqual([after.kept, after.waiting]);
    expect(again.kept).toBe(after.kept);
  });

  it('an entry whose number is known already waits no longer either', () => {
    const before = state({ waiting: [entry('k1')], kept: [kept(1)] });
    expect(reducer(before, LogActions.heard({ job, kept: [kept(1)] })).waiting).toEqual([]);
  });

  it('one that is written takes back what was said', () => {
    const after = reducer(state({ says: 'no', waiting: [entry('a')] }), LogActions.added({ job, entry: entry('b') }));
    expect([ids(after.waiting), after.says]).toEqual([['a', 'b'], '']);
  });

  it('those refused stand aside with why, the last of it said; the rest wait on', () => {
    const before = state({
      waiting: [entry('a'), entry('b'), entry('c')],
      refused: [{ entry: entry('r'), says: 'before' }],
      says: 'something',
    });
    const entries = [
      { id: 'c', says: 'third' },
      { id: 'a', says: 'first' },
    ];
    const after = reducer(before, LogActions.refused({ job, entries }));
    expect(after.refused.map(({ entry: { id }, says }) => [id, says])).toEqual([
      ['r', 'before'],
      ['a', 'first'],
      ['c', 'third'],
    ]);
    expect([ids(after.waiting), after.says]).toEqual([['b'], 'first']);
    expect(reducer(before, LogActions.refused({ job, entries: [] })).says).toBe('something');
  });

  it('one refused is tried again as the last, or put away', () => {
    const refused = ['r', 's'].map((id) => ({ entry: entry(id), says: 'why' }));
    const before = state({ waiting: [entry('a')], refused, says: 'why' });
    const again = reducer(before, LogActions.triedAgain({ job, id: 'r' }));
    expect([ids(again.waiting), again.refused, again.says]).toEqual([['a', 'r'], [refused[1]], '']);
    const away = reducer(before, LogActions.putAway({ job, id: 's' }));
    expect([ids(away.waiting), away.refused, away.says]).toEqual([['a'], [refused[0]], 'why']);
  });

  it('what could not be written, that the job is gone, that nobody was reached and that nothing is kept here is said', () => {
    expect(reducer(state(), LogActions.notWritten({ job, says: 'no' })).says).toBe('no');
    expect(reducer(state(), LogActions.jobGone({ job, says: 'gone' })).says).toBe('gone');
    expect(reducer(state(), LogActions.notReached({ job })).reached).toBe(false);
    expect(reducer(state(), LogActions.keptHere({ job, kept: false })).here).toBe(false);
  });

  it('is whole up to where a number is missing', () => {
    expect([[], [1], [1, 2, 4], [2, 3], [1, 2, 3]].map((seqs) => wholeUpTo(seqs.map((seq) => kept(seq))))).toEqual([
      0, 1, 2, 0, 3,
    ]);
  });
});
