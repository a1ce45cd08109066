import { readFileSync } from 'node:fs';
import loadHighs from 'highs';
import {
  alternatives,
  divide,
  ENGLISH,
  inches,
  millimetres,
  plan,
  planDocument,
  readJobDocument,
  tieGroups,
  wordsIn,
} from '../src';
import type { DivisionProblem, Job, JobDocument } from '../src';
import { asProgramme, costOf } from './division-milp';
import { layoutLines } from './layouts';
import { orderLines } from './orders';

const RUNS = 400;

/** Median time of `work` in milliseconds, after warming up. */
function median(work: () => unknown, runs = RUNS): number {
  for (let i = 0; i < runs / 2; i += 1) work();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[Math.floor(runs / 2)] ?? 0;
}

function demo(name: string): JobDocument {
  return JSON.parse(readFileSync(`examples/${name}.json`, 'utf8')) as JobDocument;
}

function read(document: JobDocument): Job {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.job;
}

/** Sixteen drawers in four banks of four, after the Notions bank. */
function sixteen(): JobDocument {
  const one = demo('notions-bank');
  const [owner] = one.cases;
  const [bank] = owner?.banks ?? [];
  if (!owner || !bank) throw new Error('the demo job has no bank');
  const banks = ['b1', 'b2', 'b3', 'b4'].map((id) => ({ ...bank, id, drawers: bank.drawers.slice(0, 4) }));
  return { ...one, cases: [{ ...owner, banks }] };
}

/** A whole case of forty compartments, eight columns of five rows of different sizes, and no bank in it. */
function fortyCompartments(): JobDocument {
  const bench = demo('splicing-bench');
  const [owner] = bench.cases;
  if (!owner?.build) throw new Error('the demo job has no case');
  const rows = (column: number) =>
    Array.from({ length: 5 }, (_, row) => ({ id: `n${column}.${row}`, share: 1 + ((column * 7 + row * 3) % 5) }));
  const across = Array.from({ length: 8 }, (_, column) => ({
    ...{ id: `n${column}`, share: 1 + (column % 3), down: rows(column) },
    between: column % 2 === 0 ? ('shelf' as const) : ('rail' as const),
  }));
  const { place: _place, ...build } = owner.build;
  const whole = { ...owner, build: { ...build, width: '236 in', height: '90 in' }, layout: { id: 'front', across } };
  const { doors: _doors, shelves: _shelves, ...bare } = whole;
  return { ...bench, cases: [{ ...bare, banks: [] }] };
}

/** Every third with a least and a most, every third with a line carried across. */
function problem(drawers: number, i: number): DivisionProblem {
  const total = inches(480 + i, 16);
  const bounds = { least: [inches(4)], most: Array.from({ length: drawers }, () => inches(8)) };
  const lines = { lines: [{ place: 2, below: inches(280 + i, 16) }] };
  return {
    ...(i % 3 === 1 ? bounds : i % 3 === 2 ? lines : {}),
    total,
    choice: { scheme: 'step', step: millimetres(7 + i) },
    groups: tieGroups(Array.from({ length: drawers }, (_, d) => ({ id: `d${d}` }))),
    increment: inches(1, 16),
    makeup: drawers - 1,
  };
}

async function divisionAgainstSolver(): Promise<void> {
  const highs = await loadHighs();
  const problems = Array.from({ length: 40 }, (_, i) => problem(6, i));
  const exact = median(() => problems.forEach((each) => divide(each)), 60) / problems.length;
  const start = performance.now();
  let worst = 0;
  for (const each of problems) {
    const division = divide(each);
    if (!division.ok) throw new Error('a case of the benchmark can’t be divided');
    const held = division.heights.map((height, place) => (division.held[place] ? height : undefined));
    const { ObjectiveValue } = highs.solve(asProgramme(each, held) ?? '', { mip_rel_gap: 0, mip_abs_gap: 1e-9 });
    worst = Math.max(worst, Math.abs(costOf(each, division.heights, held) - ObjectiveValue));
  }
  const solver = (performance.now() - start) / problems.length;
  line(
    'exact division, 6 drawers',
    `${exact.toFixed(4)} ms, the solver ${solver.toFixed(2)} ms: ${Math.round(solver / exact)} times faster`,
  );
  line('largest difference of their costs', `${worst.toExponential(1)} increments squared`);
}

function line(what: string, found: string): void {
  process.stdout.write(`${what.padEnd(42)} ${found}\n`);
}

for (const [name, document] of [
  ['6 drawers, one bank', demo('notions-bank')],
  ['16 drawers, four banks', sixteen()],
  ['a case of 40 compartments', fortyCompartments()],
] as const) {
  const job = read(document);
  const time = median(() => plan(job));
  line(`plan, ${name}`, `${time.toFixed(3)} ms median, ${Math.round(1000 / time)} a second`);
  line(`read and plan, ${name}`, `${median(() => plan(read(document))).toFixed(3)} ms median`);
}
const held: unknown[] = [];
const before = process.memoryUsage().heapUsed;
const job = read(sixteen());
for (let i = 0; i < 50; i += 1) held.push(plan(job));
line('memory of one plan, 16 drawers', `${Math.round((process.memoryUsage().heapUsed - before) / 50 / 1024)} kB`);
line(
  'plan file, 16 drawers',
  `${Math.round(JSON.stringify(planDocument(plan(job), wordsIn(ENGLISH, plan(job)))).length / 1024)} kB`,
);
line(
  'alternatives, 6 drawers',
  `${median(() => alternatives(read(demo('notions-bank')), 'cases[0].banks[0]'), 20).toFixed(1)} ms median`,
);
await divisionAgainstSolver();
const jobs = ['notions-bank', 'flag-chest', 'rope-bench'].map((name) => read(demo(name)));
for (const [what, found] of layoutLines(jobs)) line(what, found);
for (const [what, found] of orderLines()) line(what, found);
