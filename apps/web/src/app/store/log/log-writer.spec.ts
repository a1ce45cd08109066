import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MockStore, provideMockStore } from '@ngrx/store/testing';
import { Rights } from '../../device/rights';
import { Who } from '../../device/who';
import { jobFeature } from '../job/job.reducer';
import { LogActions } from './log.actions';
import { LogWriter, type NewEntry } from './log-writer';

describe('writing to the log', () => {
  let refuses: string | undefined;
  let asked: unknown[];
  const written = (id: string | undefined, entry: NewEntry): unknown => {
    TestBed.configureTestingModule({
      providers: [
        provideMockStore({ selectors: [{ selector: jobFeature.selectId, value: id }] }),
        { provide: Who, useValue: { deed: () => ({ at: '2026-11-20T09:00:00Z', by: 'Ada' }), name: signal('Ada') } },
        { provide: Rights, useValue: { refuses: (what: string) => (asked.push(what), refuses) } },
      ],
    });
    const store = TestBed.inject(MockStore);
    const dispatched = jest.spyOn(store, 'dispatch');
    TestBed.inject(LogWriter).add(entry);
    expect(dispatched.mock.calls.length).toBeLessThanOrEqual(1);
    return dispatched.mock.calls[0]?.[0];
  };
  beforeEach(() => {
    [refuses, asked] = [undefined, []];
  });

  it('gives an entry its id, its moment and who wrote it', () => {
    expect(written('j1', { kind: 'note', note: 'planed' })).toEqual(
      LogActions.added({
        job: 'j1',
        entry: {
          ...{ kind: 'note', note: 'planed', at: '2026-11-20T09:00:00Z', by: 'Ada' },
          id: expect.stringMatching(/^[0-9a-f-]{36}$/) as never,
        },
      }),
    );
    expect(asked).toEqual(['record']);
  });

  it('writes nothing where there is no job, or it is not theirs to write', () => {
    expect(written(undefined, { kind: 'note', note: 'planed' })).toBeUndefined();
    TestBed.resetTestingModule();
    refuses = 'Nothing was written: you look on in this shop.';
    expect(written('j1', { kind: 'note', note: 'planed' })).toEqual(
      LogActions.notWritten({ job: 'j1', says: refuses }),
    );
  });

  it('writes nothing that could not be read, and says why', () => {
    const action = written('j1', { kind: 'note', note: '' }) as ReturnType<typeof LogActions.notWritten>;
    expect(action.type).toBe(LogActions.notWritten.type);
    expect(action.says).toMatch(/^This can’t be written to the log: .+\. Nothing was written\.$/);
  });
});
