import { TestBed } from '@angular/core/testing';
import { patched, type JobDocument } from '@zabble/core';
import { newJob } from '../store/job/new-job';
import { DeviceStore } from './device-store';
import { Histories } from './histories';
import { MemoryStore } from './memory-store.spec-data';
import type { History } from './undo';

const first = newJob('mm');
const BANK = 'cases[0].banks[0]';
/** The job as it was after so many edits of all sorts. */
const after = (count: number): JobDocument =>
  Array.from({ length: count }).reduce<JobDocument>(
    (job, _, at) =>
      patched(job, [
        [
          { path: 'name', value: `named ${at}` },
          { path: `${BANK}.drawers[0].height`, value: `${100 + at} mm` },
          {
            path: `${BANK}.drawers[0].contents`,
            value: at % 2 ? undefined : [{ id: 'c', what: 'rope', high: '20 mm' }],
          },
          { path: `${BANK}.drawers`, value: [...job.cases[0]!.banks[0]!.drawers].reverse() },
        ][at % 4]!,
      ]),
    first,
  );
const history = (past: number, future: number): { readonly tip: JobDocument } & History => ({
  tip: after(past),
  past: Array.from({ length: past }, (_, at) => ({ name: `step ${at}`, document: after(at) })),
  future: Array.from({ length: future }, (_, at) => ({ name: `on ${at}`, document: after(past + future - at) })),
});

describe('what can be undone after a reload', () => {
  let device: MemoryStore;
  let histories: Histories;
  beforeEach(() => {
    TestBed.configureTestingModule({ providers: [{ provide: DeviceStore, useValue: (device = new MemoryStore()) }] });
    histories = TestBed.inject(Histories);
  });

  it('is every step as it was, back and on', async () => {
    const { tip, past, future } = history(17, 6);
    await histories.write('a', tip, { past, future });
    expect(await histories.read('a', tip)).toEqual({ past, future });
  });

  it('is there for just the document it leads to', async () => {
    const { tip, past } = history(3, 0);
    await histories.write('a', tip, { past, future: [] });
    expect(await histories.read('a', { ...tip, name: 'Moved on' })).toBeUndefined();
    expect(await histories.read('b', tip)).toBeUndefined();
  });

  it('takes the room of its changes, not of whole documents', async () => {
    const { tip, past } = history(200, 0);
    await histories.write('a', tip, { past, future: [] });
    const room = JSON.stringify(device.kept.get('zabble.undo.a')).length;
    expect(room).toBeLessThan(JSON.stringify(tip).length * 40);
    expect((await histories.read('a', tip))?.past).toHaveLength(200);
  });

  it('is kept of the jobs last worked on', async () => {
    for (const id of ['a', 'b', 'c', 'd', 'e']) await histories.write(id, first, { past: [], future: [] });
    expect(await histories.read('a', first)).toBeUndefined();
    expect(await histories.read('b', first)).toBeDefined();
  });

  it('is none where what was kept can’t be followed', async () => {
    const bad = [{ name: 'x', changes: [{ op: 'remove', path: '/no/such/place' }] }];
    device.kept.set('zabble.undo.a', { tip: first, past: bad, future: [] });
    expect(await histories.read('a', first)).toBeUndefined();
  });
});
