import { TestBed } from '@angular/core/testing';
import { provideStore, Store } from '@ngrx/store';
import { patched } from '@zabble/core';
import { JobActions } from '../job/job.actions';
import { jobFeature } from '../job/job.reducer';
import { newJob } from '../job/new-job';
import { logFeature } from '../log/log.reducer';
import { selectBank, SessionActions, sessionFeature } from './session';

const first = newJob('mm');
const [one] = first.cases[0]!.banks;
const two = patched(first, [{ path: 'cases[0].banks', value: [one!, { ...one!, id: 'b2' }] }]);
const BESIDE = 'cases[0].banks[1]';

describe('what is looked at on the bench', () => {
  let store: Store;
  const state = () => store.selectSignal(sessionFeature.selectSessionState)();
  const open = (id: string): void => {
    const job = { id, revision: 1, document: two, createdAt: '', updatedAt: '' };
    store.dispatch(JobActions.open({ id }));
    store.dispatch(JobActions.opened({ job, document: two, sync: 'kept' }));
  };

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [provideStore({ job: jobFeature.reducer, log: logFeature.reducer, session: sessionFeature.reducer })],
    });
    store = TestBed.inject(Store);
    open('j');
  });

  it('is of one job: another begins at its first bank, with no drawer and no sum', () => {
    store.dispatch(SessionActions.bankChosen({ bank: BESIDE }));
    store.dispatch(SessionActions.asked({ asked: { kind: 'drawer', drawer: 'd2', dimension: 'box.width' } as never }));
    expect(state()).toMatchObject({ bank: BESIDE, drawer: 'd2' });
    open('k');
    expect(state()).toMatchObject({ bank: 'cases[0].banks[0]', near: 'bank', drawer: undefined, asked: undefined });
  });

  it('is the first bank where the chosen one is gone', () => {
    store.dispatch(SessionActions.bankChosen({ bank: BESIDE }));
    expect(store.selectSignal(selectBank)()?.id).toBe('b2');
    store.dispatch(JobActions.edited({ name: 'without it', document: first }));
    expect(store.selectSignal(selectBank)()?.id).toBe('b1');
  });
});
