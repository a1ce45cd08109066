import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gatesOf, plan, readJobDocument, said, withReadings, type JobDocument } from '@zabble/core';
import type { JobService } from '../jobs/service';
import type { LogService } from '../log/service';
import { refuse } from '../http/refusal';
import { OWN_SHOP } from '../whose/shop';
import { GateOpening } from './gate-opening';

const document = JSON.parse(
  readFileSync(join(__dirname, '../../../../examples/flag-chest.json'), 'utf8'),
) as JobDocument;
/** Everything is in hand. */
const all = () => ({ has: () => true }) as unknown as ReadonlySet<string>;

describe('gates of jobs that wait for nothing but what is in hand', () => {
  let kept: { document: JobDocument; revision: number; at: string | undefined }[];
  let meanwhile: (() => never)[];
  let tried: number;
  const gates = new GateOpening(
    {
      read: (_: string, id: string) => {
        if (id === 'gone') throw refuse(404, said('no-such-job'));
        if (id === 'odd') return Promise.resolve({ document: { ...document, cases: 7 }, revision: 1 });
        const last = kept.at(-1);
        return Promise.resolve({ document: last?.document ?? document, revision: (last?.revision ?? 3) + tried });
      },
      replace: (_: string, __: string, { revision, document: next }: { revision: number; document: JobDocument }) => {
        tried += 1;
        meanwhile.shift()?.();
        kept.push({ document: next, revision, at: undefined });
        return Promise.resolve({});
      },
    } as unknown as JobService,
    { whole: () => Promise.resolve([]) } as unknown as LogService,
  );
  beforeEach(() => {
    [kept, meanwhile, tried] = [[], [], 0];
  });
  const conflict = (): never => {
    throw refuse(409, said('changed-elsewhere', { stands: 4, yours: 3 }));
  };

  it('are opened once for each job, by whom and when it was said', async () => {
    const { opened, notOpened } = await gates.open(OWN_SHOP, ['j1', 'j1'], all, 'Ada');
    expect([opened.length > 0, opened.every(({ job, name }) => job === 'j1' && name === document.name)]).toEqual([
      true,
      true,
    ]);
    expect([notOpened, kept.length]).toEqual([[], 1]);
    const reading = readJobDocument(kept[0]!.document);
    if (!reading.ok) throw new Error('not to be read');
    const job = withReadings(reading.job);
    expect(gatesOf(job, plan(job), all())).toEqual([]);
    expect(JSON.stringify(kept[0]!.document)).toContain('"by":"Ada"');
    expect((await gates.open(OWN_SHOP, ['j1'], all)).opened).toEqual([]);
    expect(kept).toHaveLength(1);
  });

  it('where nothing is in hand none is, and nothing is changed', async () => {
    expect(await gates.open(OWN_SHOP, ['j1'], () => new Set())).toEqual({ opened: [], notOpened: [] });
    expect(kept).toEqual([]);
  });

  it('one that is gone, or can’t be read, stops none of the others', async () => {
    const { opened, notOpened } = await gates.open(OWN_SHOP, ['gone', 'odd', 'j1'], all);
    expect(notOpened).toEqual(['gone', 'odd']);
    expect(new Set(opened.map(({ job }) => job))).toEqual(new Set(['j1']));
  });

  it('somebody else’s change may come between, three times', async () => {
    meanwhile = [conflict, conflict, conflict];
    expect((await gates.open(OWN_SHOP, ['j1'], all)).notOpened).toEqual([]);
    expect([tried, kept[0]?.revision]).toEqual([4, 6]);
    [kept, tried, meanwhile] = [[], 0, [conflict, conflict, conflict, conflict]];
    expect(await gates.open(OWN_SHOP, ['j1'], all)).toEqual({ opened: [], notOpened: ['j1'] });
    expect([tried, kept]).toEqual([4, []]);
  });

  it('what is no refusal is not taken for one', async () => {
    meanwhile = [
      () => {
        throw new Error('the database is away');
      },
    ];
    await expect(gates.open(OWN_SHOP, ['j1'], all)).rejects.toThrow('the database is away');
  });

  it('what is refused for another reason than that somebody else was quicker is not tried again', async () => {
    meanwhile = [
      () => {
        throw refuse(413, said('too-busy'));
      },
    ];
    expect(await gates.open(OWN_SHOP, ['j1'], all)).toEqual({ opened: [], notOpened: ['j1'] });
    expect([tried, kept]).toEqual([1, []]);
  });
});
