import type { JobDocument, LogEntryDocument } from '@zabble/core';
import type { Pool, PoolConnection, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { inTransaction } from '../db/transaction';
import type { ShopId } from '../whose/shop';
import { settledLines, type SettledLine, type ToSettle } from './lines';
import { isBusy, restAfter } from './resting';
import { summaryOf } from './summary';
import { countedOf, sumsOf, type Counted } from './sums';
import { asText, wordsOf } from './words';

/** Settled in one go: so many jobs, so many entries. */
const JOBS = 500;
const ENTRIES = 200;
const SUMMARIES = 10;
/** A job that was not saved for so long is not being worked on, in seconds. */
const AT_REST = 3;
/** Who looks something up waits for no more than this and what is begun, in milliseconds. */
const MOMENT = 200;
/** Words of one job or line that are kept in one text at most, in characters. */
const LONGEST = { job: 1200, line: 8000 };

interface UnsettledJob extends RowDataPacket {
  id: string;
  name: string;
  customer: string;
}

interface UnsettledSummary extends RowDataPacket {
  id: string;
  revision: number;
  document: string;
}

interface UnsettledEntry extends RowDataPacket {
  job_id: string;
  seq: number;
  kind: string;
  happened_at: Date;
  entry: string;
}

/**
 * Makes what is looked up out of what was kept: words of jobs, lines of the record with their words, and what was measured
 * against the plan. Jobs and entries only say that they are not settled yet, so that keeping them costs nothing more.
 * Several processes settle beside each other: each takes what no other is at.
 */
export class SettlingRepository {
  private readonly going = new Map<ShopId, Promise<boolean>>();

  constructor(private readonly pool: Pool) {}

  /** Settles some of what is not. True where that may not be all. Those who ask meanwhile wait for the same. */
  some(shop: ShopId): Promise<boolean> {
    const going = this.going.get(shop) ?? this.once(shop).finally(() => this.going.delete(shop));
    this.going.set(shop, going);
    return going;
  }

  /** Settles what there is for a moment at most. True where that may not be all. */
  async atOnce(shop: ShopId): Promise<boolean> {
    const end = performance.now() + MOMENT;
    let more = await this.some(shop);
    while (more && performance.now() < end) more = await this.some(shop);
    return more;
  }

  /**
   * Settles whatever there is, a little at a time and resting between, until it is told to end. `asked` counts the requests
   * that came to the server so far.
   */
  byAndBy(told: (problem: unknown) => void, asked: () => number): () => void {
    let [ended, timer]: [boolean, NodeJS.Timeout | undefined] = [false, undefined];
    let last = { at: performance.now(), asked: asked(), busy: false };
    const turn = async (): Promise<void> => {
      const began = performance.now();
      const more = await this.more(last.busy).catch((problem: unknown) => void told(problem));
      const [at, all] = [performance.now(), asked()];
      const busy = isBusy(all - last.asked, at - last.at);
      last = { at, asked: all, busy };
      const took = at - began;
      if (!ended) timer = setTimeout(() => void turn(), restAfter({ took, busy, more })).unref();
    };
    timer = setTimeout(() => void turn(), 0).unref();
    return () => {
      ended = true;
      clearTimeout(timer);
    };
  }

  /** One turn of it: what there is more of, if anything. */
  private async more(busy: boolean): Promise<'words' | 'summaries' | undefined> {
    if (await this.any()) return 'words';
    // Summaries are made where a list shows them, too: there is time.
    return !busy && (await this.summaries()) ? 'summaries' : undefined;
  }

  /** Settles some of what is not, of whichever shop. True where that may not be all. */
  private async any(): Promise<boolean> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>(
      `(SELECT shop FROM log_entries WHERE settled = 0 LIMIT 1) UNION (SELECT shop FROM jobs WHERE settled = 0 LIMIT 1)
       LIMIT 1`,
    );
    return row ? this.some(row['shop'] as ShopId) : false;
  }

  /**
   * How jobs are shown in a list, a few at a time: to plan them takes a while. One that is being worked on is planned once
   * it rests, or when a list shows it. True where that may not be all.
   */
  async summaries(): Promise<boolean> {
    const [rows] = await this.pool.execute<UnsettledSummary[]>(
      `SELECT id, revision, document FROM jobs
       WHERE settled = 1 AND updated_at < UTC_TIMESTAMP(3) - INTERVAL ${AT_REST} SECOND LIMIT ${SUMMARIES}`,
    );
    const made = rows.map(({ id, revision, document }) => {
      const summary = JSON.stringify(summaryOf(JSON.parse(document) as JobDocument));
      return { id, revision, summary };
    });
    // Kept with one statement: the disk is waited for once.
    if (made.length > 0)
      await this.pool.execute(
        `UPDATE JSON_TABLE(?, '$[*]' COLUMNS (
           id CHAR(36) CHARACTER SET ascii PATH '$.id', revision INT UNSIGNED PATH '$.revision',
           summary MEDIUMTEXT CHARACTER SET utf8mb4 PATH '$.summary'
         )) t STRAIGHT_JOIN jobs j ON j.id = t.id AND j.revision = t.revision AND j.settled = 1
         SET j.summary = t.summary, j.summary_of = j.revision, j.settled = 2`,
        [JSON.stringify(made)],
      );
    return rows.length === SUMMARIES;
  }

  private async once(shop: ShopId): Promise<boolean> {
    // Most often there is nothing to do: that costs one look.
    const [rows] = await this.pool.execute<RowDataPacket[]>(
      `(SELECT 'jobs' AS what FROM jobs WHERE settled = 0 AND shop = ? LIMIT 1)
       UNION ALL (SELECT 'entries' FROM log_entries WHERE settled = 0 AND shop = ? LIMIT 1)`,
      [shop, shop],
    );
    const has = (what: string): boolean => rows.some((row) => row['what'] === what);
    const jobs = has('jobs') ? await this.jobs(shop) : 0;
    const entries = has('entries') ? await this.entries(shop) : 0;
    return jobs === JOBS || entries === ENTRIES;
  }

  private jobs(shop: ShopId): Promise<number> {
    return this.taking(async (connection) => {
      const [jobs] = await connection.execute<UnsettledJob[]>(
        `SELECT id, name, customer FROM jobs WHERE settled = 0 AND shop = ? LIMIT ${JOBS} FOR UPDATE SKIP LOCKED`,
        [shop],
      );
      if (jobs.length === 0) return 0;
      const ids = jobs.map(({ id }) => id);
      await connection.query('DELETE FROM job_words WHERE job_id IN (?)', [ids]);
      const words = jobs.map(({ name, customer }) => wordsOf(`${name} ${customer}`));
      const rows = jobs.flatMap(({ id }, index) => (words[index] ?? []).map((word) => [shop, word, id]));
      await insert(connection, 'job_words (shop, word, job_id)', rows);
      const texts = jobs.map(({ id }, index) => ({ id, words: asText(words[index] ?? [], LONGEST.job) }));
      await connection.query(
        `UPDATE JSON_TABLE(?, '$[*]' COLUMNS (
           id CHAR(36) CHARACTER SET ascii PATH '$.id',
           words VARCHAR(1200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin PATH '$.words'
         )) t STRAIGHT_JOIN jobs j ON j.id = t.id SET j.words = t.words, j.settled = 1`,
        [JSON.stringify(texts)],
      );
      return jobs.length;
    });
  }

  private async entries(shop: ShopId): Promise<number> {
    return this.taking(async (connection) => {
      const [entries] = await connection.execute<UnsettledEntry[]>(
        `SELECT job_id, seq, kind, happened_at, entry FROM log_entries WHERE settled = 0 AND shop = ?
         LIMIT ${ENTRIES} FOR UPDATE SKIP LOCKED`,
        [shop],
      );
      if (entries.length === 0) return 0;
      const lines = settledLines(entries.map(asEntry), await documentsOf(connection, entries));
      await insert(
        connection,
        'record_lines (shop, job_id, seq, kind, happened_at, words)',
        lines.map(({ job, seq, kind, at, words }) => [shop, job, seq, kind, at, asText(words, LONGEST.line)]),
      );
      const numbers = await numbersOf(connection, lines);
      const numbered = (line: SettledLine): number => numbers.get(`${line.job} ${line.seq}`) ?? 0;
      await insert(
        connection,
        'line_words (shop, word, n)',
        lines.flatMap((line) => line.words.map((word) => [shop, word, numbered(line)])),
      );
      await insert(
        connection,
        'made (shop, what, happened_at, n, job_id, planned, made)',
        lines.flatMap((line) =>
          line.made
            ? [[shop, line.made.what, line.at, numbered(line), line.job, line.made.planned, line.made.made]]
            : [],
        ),
      );
      await addSums(connection, shop, lines);
      await connection.query('UPDATE log_entries SET settled = 1 WHERE (job_id, seq) IN (?)', [
        entries.map(({ job_id, seq }) => [job_id, seq]),
      ]);
      return entries.length;
    });
  }

  /** Without locks on what is not there: nobody who adds meanwhile waits for it. */
  private taking(work: (connection: PoolConnection) => Promise<number>): Promise<number> {
    return inTransaction(this.pool, work, 'READ COMMITTED');
  }
}

function asEntry({ job_id, seq, kind, happened_at, entry }: UnsettledEntry): ToSettle {
  return { job: job_id, seq, kind, at: happened_at, entry: JSON.parse(entry) as LogEntryDocument };
}

async function documentsOf(
  connection: PoolConnection,
  entries: readonly UnsettledEntry[],
): Promise<ReadonlyMap<string, JobDocument>> {
  const [rows] = await connection.query<RowDataPacket[]>('SELECT id, document FROM jobs WHERE id IN (?)', [
    [...new Set(entries.map(({ job_id }) => job_id))],
  ]);
  return new Map(rows.map((row) => [String(row['id']), JSON.parse(String(row['document'])) as JobDocument]));
}

async function numbersOf(
  connection: PoolConnection,
  lines: readonly SettledLine[],
): Promise<ReadonlyMap<string, number>> {
  if (lines.length === 0) return new Map();
  const [rows] = await connection.query<RowDataPacket[]>(
    'SELECT n, job_id, seq FROM record_lines WHERE (job_id, seq) IN (?)',
    [lines.map(({ job, seq }) => [job, seq])],
  );
  return new Map(rows.map((row) => [`${String(row['job_id'])} ${String(row['seq'])}`, Number(row['n'])]));
}

/** To those of the job and those of the shop. */
async function addSums(connection: PoolConnection, shop: ShopId, lines: readonly SettledLine[]): Promise<void> {
  const counted = countedOf(lines);
  const rows = (keys: (each: Counted) => readonly string[]): unknown[][] =>
    sumsOf(counted, keys).map((sums) => [shop, ...sums]);
  const adding = `ON DUPLICATE KEY UPDATE count = count + VALUES(count), sum = sum + VALUES(sum),
    squares = squares + VALUES(squares)`;
  await insert(
    connection,
    'job_sums (shop, job_id, kind, about, count, sum, squares)',
    rows(({ job, kind, about }) => [job, kind, about]),
    adding,
  );
  await insert(
    connection,
    'shop_sums (shop, kind, about, count, sum, squares)',
    rows(({ kind, about }) => [kind, about]),
    adding,
  );
}

/** So many rows are written with one statement. */
const AT_ONCE = 2000;

async function insert(connection: PoolConnection, into: string, rows: readonly unknown[][], then = ''): Promise<void> {
  for (let at = 0; at < rows.length; at += AT_ONCE)
    await connection.query<ResultSetHeader>(`INSERT INTO ${into} VALUES ? ${then}`, [rows.slice(at, at + AT_ONCE)]);
}
