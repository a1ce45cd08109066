import type { Pool } from 'mysql2/promise';
import { run } from './run';

type Answer = { readonly problem: { readonly code: string } } | { readonly rows: readonly object[] };

/** A pool that answers so, one after the other. */
function answering(...answers: readonly Answer[]) {
  const asked: (readonly [string, unknown])[] = [];
  const pool = {
    pool: {
      execute(sql: string, values: unknown, done: (problem: unknown, result?: unknown) => void) {
        const answer = answers[asked.length];
        asked.push([sql, values]);
        if (answer && 'rows' in answer) done(null, answer.rows);
        else done(answer?.problem);
      },
    },
  };
  return { asked, pool: pool as unknown as Pool };
}
const DEADLOCK = { problem: { code: 'ER_LOCK_DEADLOCK' } };

describe('a statement asked most', () => {
  it('is answered with what the database says', async () => {
    const { asked, pool } = answering({ rows: [{ a: 1 }] });
    expect(await run(pool, 'SELECT ?', [1])).toEqual([{ a: 1 }]);
    expect(asked).toEqual([['SELECT ?', [1]]]);
  });

  it('is asked again where another stood in its way', async () => {
    const { asked, pool } = answering(DEADLOCK, DEADLOCK, { rows: [] });
    expect(await run(pool, 'UPDATE a', [])).toEqual([]);
    expect(asked).toHaveLength(3);
  });

  it('fails with what else is wrong, and is not asked again', async () => {
    const { asked, pool } = answering({ problem: { code: 'ER_DUP_ENTRY' } }, { rows: [] });
    await expect(run(pool, 'INSERT a', [])).rejects.toMatchObject({ code: 'ER_DUP_ENTRY' });
    expect(asked).toHaveLength(1);
  });

  it('whose connection goes meanwhile is not asked again: of one database alone nobody knows what came of it', async () => {
    const { asked, pool } = answering(DEADLOCK, { problem: { code: 'PROTOCOL_CONNECTION_LOST' } }, { rows: [] });
    await expect(run(pool, 'UPDATE a', [])).rejects.toMatchObject({ code: 'PROTOCOL_CONNECTION_LOST' });
    expect(asked).toHaveLength(2);
  });
});
