import { TestBed } from '@angular/core/testing';
import { signal } from '@angular/core';
import { provideStore, Store } from '@ngrx/store';
import type { Role } from '@zabble/contract';
import { JobActions } from './job/job.actions';
import { JobEdits } from './job/job-edits';
import { jobFeature } from './job/job.reducer';
import { newJob } from './job/new-job';
import { LogWriter } from './log/log-writer';
import { logFeature } from './log/log.reducer';
import { selectLog } from './log/log.selectors';
import { Rights } from '../device/rights';
import { Session } from '../device/session';

describe('what may be changed at this device', () => {
  function as(role: Role | undefined) {
    TestBed.configureTestingModule({
      providers: [
        provideStore({ job: jobFeature.reducer, log: logFeature.reducer }),
        { provide: Session, useValue: { role: signal(role), person: signal(undefined) } },
      ],
    });
    const store = TestBed.inject(Store);
    const document = newJob('mm');
    const job = { id: 'j', revision: 1, document, createdAt: '', updatedAt: '' };
    store.dispatch(JobActions.open({ id: 'j' }));
    store.dispatch(JobActions.opened({ job, document, sync: 'kept' }));
    return {
      rights: TestBed.inject(Rights),
      says: TestBed.inject(JobEdits).apply('name', [{ path: 'name', value: 'Sail rack' }]),
      name: () => store.selectSignal(jobFeature.selectDocument)()?.name,
      write: () => TestBed.inject(LogWriter).add({ kind: 'note', note: 'planed' }),
      written: () => store.selectSignal(selectLog)().length,
      before: document.name,
    };
  }

  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it.each([undefined, 'owner', 'maker'] as const)('is everything for %s: nothing is said of it', (role) => {
    const { rights, says, name, write, written } = as(role);
    expect([rights.only(), says, name()]).toEqual(['', undefined, 'Sail rack']);
    write();
    expect(written()).toBe(1);
  });

  it('is the record for a helper: an edit is refused before it is begun, and the job stays as it was', () => {
    const { rights, says, name, write, written, before } = as('helper');
    expect(says).toContain('Nothing was changed');
    expect(name()).toBe(before);
    write();
    expect(written()).toBe(1);
    expect(rights.only()).toContain('helper');
  });

  it('is nothing for who looks on; what was refused is said for a moment', () => {
    const { rights, name, write, written, before } = as('looker');
    write();
    expect([name(), written()]).toEqual([before, 0]);
    expect(rights.refused()).toContain('Nothing was written');
    jest.advanceTimersByTime(10_000);
    expect(rights.refused()).toBe('');
  });
});
