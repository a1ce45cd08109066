import { selectFromServer, selectWhereKept, type WhereKept } from './where-kept';
import type { JobState } from './job/job.reducer';
import type { LogState } from './log/log.reducer';

const fromServer = selectFromServer.projector;
const whereKept = selectWhereKept.projector;
const waits = [{ id: 'a' }] as unknown as LogState['waiting'];

describe('where the newest edits are', () => {
  it.each([
    ['kept', [], true, 'kept'],
    ['kept', [], false, 'kept'],
    ['kept', waits, true, 'sending'],
    ['kept', waits, false, 'unreached'],
    ['sending', waits, false, 'sending'],
    ['unreached', [], true, 'unreached'],
  ] as const)('from the server: job %s, waiting %j, reached %s: %s', (sync, waiting, reached, where) =>
    expect(fromServer(sync, waiting, reached)).toBe(where),
  );

  it.each<[string, Parameters<typeof fromServer>[0], Partial<JobState>, Partial<LogState>, WhereKept]>([
    ['all is on the server', 'kept', { sync: 'kept', here: 'nowhere' }, { waiting: [], here: false }, 'kept'],
    ['the job is kept here', 'sending', { sync: 'sending', here: 'kept' }, { waiting: [], here: true }, 'sending'],
    [
      'the job is being kept here',
      'sending',
      { sync: 'sending', here: 'keeping' },
      { waiting: [], here: true },
      'keeping',
    ],
    [
      'the job is kept nowhere',
      'unreached',
      { sync: 'unreached', here: 'nowhere' },
      { waiting: [], here: true },
      'nowhere',
    ],
    [
      'the log is kept here',
      'unreached',
      { sync: 'kept', here: 'nowhere' },
      { waiting: waits, here: true },
      'unreached',
    ],
    ['the log is kept nowhere', 'sending', { sync: 'kept', here: 'kept' }, { waiting: waits, here: false }, 'nowhere'],
    ['nothing of the log waits', 'sending', { sync: 'sending', here: 'kept' }, { waiting: [], here: false }, 'sending'],
  ])('%s', (_, sync, job, log, where) => expect(whereKept(sync, job as JobState, log as LogState)).toBe(where));
});
