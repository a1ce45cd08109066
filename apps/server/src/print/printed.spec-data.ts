import { bestOf, layOut, plan, readJobDocument, sheetParts, type JobDocument } from '@zabble/core';
import express from 'express';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { sayErrors } from '../http/errors';
import { printsHere } from './prints-here.spec-data';
import { printRouter } from './router';

export const app = express();
app.use('/api/print', printRouter(printsHere));
app.use(sayErrors);

export const demo = (name: string): JobDocument =>
  JSON.parse(readFileSync(join(__dirname, `../../../../examples/${name}.json`), 'utf8')) as JobDocument;

export function worked(document: JobDocument) {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error('the job can’t be read');
  return { job: reading.job, planned: plan(reading.job) };
}

/** All sheets of a job, as they are soon laid out. */
export function layoutsOf(document: JobDocument) {
  const { job, planned } = worked(document);
  return sheetParts(job, planned, 'all').flatMap(({ material, task }) =>
    bestOf(layOut(task), 100)!.layout.sheets.map((sheet) => ({ material: material.id, sheet })),
  );
}

/** What a person wishes printed, of the Notions bank where it says nothing else. */
export const wish = {
  document: demo('notions-bank'),
  paper: 'a4',
  job: 'b7c6f1de-58a2-4a0b-9a44-0f1f3a6f7a10',
  address: 'http://127.0.0.1:4870',
};

/** A folder for what is printed; gone with `end`. */
export class Printer {
  private readonly folder = mkdtempSync(join(tmpdir(), 'zabble-print-'));

  /** The file as it is answered, on disk for poppler's tools. */
  async printed(name: string, more: object = {}): Promise<string> {
    const { body } = await request(app)
      .post(`/api/print/${name}`)
      .send({ ...wish, ...more })
      .buffer(true)
      .parse((response, done) => {
        const parts: Buffer[] = [];
        response.on('data', (part: Buffer) => parts.push(part));
        response.on('end', () => done(null, Buffer.concat(parts)));
      })
      .expect(200);
    const path = join(this.folder, name);
    writeFileSync(path, body as Buffer);
    return path;
  }

  /** A page as dots, 300 to the inch. */
  page(path: string, number: number): Raster {
    const whole = join(this.folder, 'page');
    execFileSync('pdftoppm', ['-r', String(DOTS), '-gray', '-f', String(number), '-l', String(number), path, whole]);
    const name = readdirSync(this.folder).find((each) => each.endsWith('.pgm')) ?? '';
    const file = readFileSync(join(this.folder, name));
    rmSync(join(this.folder, name));
    const [, width = 0, height = 0] = (/^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(file.toString('latin1', 0, 40)) ?? []).map(
      Number,
    );
    return new Raster(file.subarray(file.length - width * height), width, height);
  }

  end(): void {
    rmSync(this.folder, { recursive: true });
  }
}

const DOTS = 300;
const MM = DOTS / 25.4;

/** A dark stretch, in millimetres from the upper (or left) edge. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** A page as grey dots. */
export class Raster {
  constructor(
    private readonly dots: Buffer,
    readonly width: number,
    readonly height: number,
  ) {}

  /** Dark stretches down a column so far from the left, in millimetres. */
  down(x: number): readonly Stretch[] {
    const column = Math.round(x * MM);
    return stretches(this.height, (row) => (this.dots[row * this.width + column] ?? 255) < DARK);
  }

  /** Dark stretches along a row, counted in dots from above. */
  along(row: number): readonly Stretch[] {
    return stretches(this.width, (column) => (this.dots[row * this.width + column] ?? 255) < DARK);
  }
}

const DARK = 160;

function stretches(count: number, dark: (at: number) => boolean): readonly Stretch[] {
  const found: Stretch[] = [];
  let start: number | undefined;
  for (let at = 0; at <= count; at += 1) {
    const now = at < count && dark(at);
    if (now && start === undefined) start = at;
    if (!now && start !== undefined) {
      found.push({ from: start / MM, to: at / MM });
      start = undefined;
    }
  }
  return found;
}

export const text = (path: string): string => execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' });
export const info = (path: string): string => execFileSync('pdfinfo', [path], { encoding: 'utf8' });
