import type { StoredJob } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import { newJob } from './new-job';
import { JobActions } from './job.actions';
import { jobFeature, type JobState } from './job.reducer';

const first = newJob('mm');
const named = (name: string): JobDocument => ({ ...first, name });
const stored = (document: JobDocument, revision = 1): StoredJob => ({
  id: 'j',
  revision,
  document,
  createdAt: '',
  updatedAt: '',
});
const after = (...actions: Parameters<typeof jobFeature.reducer>[1][]): JobState =>
  actions.reduce<JobState | undefined>((state, action) => jobFeature.reducer(state, action), undefined) as JobState;
const opened = JobActions.opened({ job: stored(first), document: first, sync: 'kept' });
const edit = (name: string, merge?: string) =>
  JobActions.edited({ name, document: named(name), ...(merge ? { merge } : {}) });

describe('the job on the bench', () => {
  it('is undone and redone by name, and a new edit forgets what was undone', () => {
    const back = after(opened, edit('one'), edit('two'), JobActions.undone());
    expect(back.document?.name).toBe('one');
    expect(back.future.map(({ name }) => name)).toEqual(['two']);
    expect(after(opened, edit('one'), edit('two'), JobActions.undone(), JobActions.redone()).document?.name).toBe(
      'two',
    );
    expect(after(opened, edit('one'), JobActions.undone(), edit('three')).future).toEqual([]);
    expect(after(opened, JobActions.undone(), JobActions.redone()).document).toBe(first);
  });

  it('takes one sitting at a field as one step', () => {
    const state = after(opened, edit('a', 'width#1'), edit('b', 'width#1'), edit('c', 'width#2'));
    expect(state.past.map(({ document }) => document.name)).toEqual([first.name, 'b']);
  });

  it('says where the newest edit is', () => {
    expect(after(opened).sync).toBe('kept');
    expect(after(opened, edit('a')).sync).toBe('here');
    expect(after(opened, edit('a'), JobActions.saveStarted()).sync).toBe('sending');
    expect(after(opened, edit('a'), JobActions.saved({ job: stored(named('a'), 2) }))).toMatchObject({
      sync: 'kept',
      revision: 2,
    });
    expect(after(opened, edit('a'), edit('b'), JobActions.saved({ job: stored(named('a'), 2) }))).toMatchObject({
      sync: 'here',
      revision: 2,
    });
    expect(after(opened, edit('a'), JobActions.notReached({ id: 'j', says: 'away' }), edit('b'))).toMatchObject({
      sync: 'unreached',
      says: 'away',
    });
  });

  it('in a conflict keeps both until one is chosen, and either choice can be undone', () => {
    const kept = stored(named('theirs'), 7);
    const doubt = after(opened, edit('mine'), JobActions.conflictFound({ kept }));
    expect(doubt).toMatchObject({ sync: 'conflict', document: { name: 'mine' }, kept: { revision: 7 } });
    expect(jobFeature.reducer(doubt, JobActions.mineChosen())).toMatchObject({
      sync: 'here',
      revision: 7,
      document: { name: 'mine' },
    });
    const theirs = jobFeature.reducer(doubt, JobActions.theirsChosen());
    expect(theirs).toMatchObject({ sync: 'kept', revision: 7, document: { name: 'theirs' } });
    expect(jobFeature.reducer(theirs, JobActions.undone())).toMatchObject({ sync: 'here', document: { name: 'mine' } });
  });

  it('keeps two hundred steps and no more', () => {
    const edits = Array.from({ length: 230 }, (_, number) => edit(`step ${number}`));
    const { past } = after(opened, ...edits);
    expect([past.length, past[0]!.name, past.at(-1)!.name]).toEqual([200, 'step 30', 'step 229']);
  });

  it('choices between two versions are made from the server’s revision, and can be undone', () => {
    const kept = stored(named('theirs'), 7);
    const chosen = after(
      opened,
      edit('mine'),
      JobActions.conflictFound({ kept }),
      JobActions.choicesMade({ document: named('both') }),
    );
    expect(chosen).toMatchObject({ sync: 'here', revision: 7, document: { name: 'both' }, kept: undefined });
    expect(jobFeature.reducer(chosen, JobActions.undone()).document?.name).toBe('mine');
  });

  it('takes up a history of its own job, as long as nothing was written', () => {
    const history = { past: [{ name: 'before', document: named('before') }], future: [] };
    const found = (id: string) => JobActions.historyFound({ id, history });
    expect(after(opened, found('j')).past).toHaveLength(1);
    expect(after(opened, found('k')).past).toHaveLength(0);
    expect(after(opened, edit('a'), found('j')).past.map(({ name }) => name)).toEqual(['a']);
  });

  it('takes no answer for another job', () => {
    const other = { ...stored(named('other'), 9), id: 'k' };
    expect(after(opened, edit('a'), JobActions.saved({ job: other }))).toMatchObject({ sync: 'here', revision: 1 });
  });
});
