import { readJobDocument, readLog, said, type Said } from '@zabble/core';
import { createHash } from 'node:crypto';
import { Readable } from 'node:stream';
import { StringDecoder } from 'node:string_decoder';
import { createGunzip, createGzip } from 'node:zlib';
import { refuse } from '../http/refusal';
import type { ShopId } from '../whose/shop';
import type { AboutShop, PlainRow, ShopFileRepository } from './repository';
import { INSTEAD, TAKEN, type Taken } from './tables';

const FIRST = { zabble: 'shop', version: 1 } as const;
/** No line of it is longer, in letters; unpacked it has no more than so many. */
const LONGEST_LINE = 40_000_000;
const MOST = 4_000_000_000;

/** What the database says of a row it does not take. */
const NOT_TAKEN =
  /^(?:ER_DUP_ENTRY|ER_BAD_NULL|ER_DATA_TOO_LONG|ER_TRUNCATED|WARN_DATA|ER_WARN_DATA|ER_CONSTRAINT|ER_CANT_AGGREGATE)/;

const IDS = /\b[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}\b/g;

/** All of a shop as one file, packed lines of JSON: what it is, and then a row each. */
export class ShopFileService {
  constructor(private readonly file: ShopFileRepository) {}

  /** The file, made while it goes out. */
  async out(shop: ShopId): Promise<{ readonly name: string; readonly stream: Readable }> {
    const about = await this.file.about(shop);
    const rows = this.file.rows(shop);
    // What can’t be begun is said; once it goes out it can only break off.
    const first = await rows.next();
    const lines = Readable.from(linesOf(about, first.done ? [] : [first.value], rows));
    const packed = createGzip();
    lines.once('error', (problem) => packed.destroy(problem));
    packed.once('close', () => lines.destroy());
    return { name: about.name, stream: lines.pipe(packed) };
  }

  /**
   * Brings a file into a shop without jobs, all or nothing; answers how many rows. Everything gets an id of its own here, so
   * that the same file may stand in several shops.
   */
  async bring(shop: ShopId, sent: Readable): Promise<number> {
    let [rows, line, begun] = [0, 1, false];
    const brought = await this.file
      .bring(shop, async (put) => {
        // What was sent can be read once.
        if (begun) throw refuse(503, said('too-busy'));
        begun = true;
        for await (const [number, text] of linesIn(sent)) {
          line = number;
          if (number === 1) await put.currency(currencyIn(text));
          else {
            const { table, row } = rowOf(renamed(text, shop), number);
            await put.row(table, { ...row, ...INSTEAD[table] } as PlainRow);
            rows += 1;
          }
        }
      })
      .catch((problem: { code?: string }) => {
        throw NOT_TAKEN.test(problem.code ?? '') ? wrong(line, said('shop-file/row')) : problem;
      });
    if (!brought) throw refuse(409, said('shop-file/not-empty'));
    return rows;
  }
}

type Row = readonly [Taken, PlainRow];

async function* linesOf(about: AboutShop, first: readonly Row[], rows: AsyncIterable<Row>): AsyncGenerator<string> {
  yield `${JSON.stringify({ ...FIRST, ...about })}\n`;
  for (const [table, row] of first) yield `${JSON.stringify({ table, row })}\n`;
  for await (const [table, row] of rows) yield `${JSON.stringify({ table, row })}\n`;
}

/** Line by line with its number, from 1. */
async function* linesIn(sent: Readable): AsyncGenerator<readonly [number, string]> {
  let [number, left, letters] = [0, '', 0];
  const text = new StringDecoder('utf8');
  try {
    for await (const part of unpackedOf(sent)) {
      letters += part.length;
      const lines = (left + text.write(part)).split('\n');
      left = lines.pop() ?? '';
      if (letters > MOST || left.length > LONGEST_LINE) throw wrong(number + 1, said('shop-file/long'));
      for (const line of lines) yield [(number += 1), line];
    }
  } catch (problem) {
    // What zlib says of what is not packed, or breaks off.
    if (!(problem as { code?: string }).code?.startsWith('Z_')) throw problem;
    throw wrong(number, said('shop-file/broken'));
  }
  if (left !== '') yield [(number += 1), left];
  if (number === 0) throw wrong(0, said('shop-file/broken'));
}

/** A client that is gone breaks it off. */
function unpackedOf(sent: Readable): AsyncIterable<Buffer> {
  const unpacked = createGunzip();
  sent
    .once('error', (problem) => unpacked.destroy(problem))
    .once('close', () => {
      if (!sent.readableEnded) unpacked.destroy(new Error('broken off'));
    });
  return sent.pipe(unpacked);
}

/** Of the first line, which says what it is. */
function currencyIn(line: string): string | null {
  const first = parsed(line) as Partial<typeof FIRST & { currency: unknown }> | undefined;
  if (first?.zabble !== FIRST.zabble) throw wrong(1, said('shop-file/none'));
  if (first.version !== FIRST.version) throw wrong(1, said('shop-file/newer'));
  return typeof first.currency === 'string' && /^[A-Z]{3}$/.test(first.currency) ? first.currency : null;
}

/** The same ids for the same shop: other ones in every other shop. */
function renamed(line: string, shop: ShopId): string {
  return line.replace(IDS, (id) => {
    const hash = createHash('sha256').update(`${shop} ${id}`).digest('hex');
    return `${hash.slice(0, 8)}-${hash.slice(8, 12)}-4${hash.slice(13, 16)}-a${hash.slice(17, 20)}-${hash.slice(20, 32)}`;
  });
}

function rowOf(line: string, number: number): { readonly table: Taken; readonly row: PlainRow } {
  const { table, row } = (parsed(line) ?? {}) as { table?: unknown; row?: unknown };
  const known = TAKEN.find((each) => each === table);
  if (!known || !isPlainRow(row)) throw wrong(number, said('shop-file/row'));
  const reading = known === 'jobs' ? readJobDocument(parsed(String(row['document']))) : undefined;
  const entry = known === 'log_entries' ? readLog([parsed(String(row['entry']))]) : undefined;
  const [first] = [reading, entry].flatMap((each) => (each && !each.ok ? each.errors : []));
  if (first) throw wrong(number, first.said);
  return { table: known, row };
}

function isPlainRow(row: unknown): row is PlainRow {
  if (typeof row !== 'object' || row === null || Array.isArray(row)) return false;
  return Object.values(row).every((value) => value === null || typeof value === 'string' || typeof value === 'number');
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

const wrong = (line: number, why: Said) => refuse(422, said('shop-file/wrong', { line, why }));
