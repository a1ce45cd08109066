import { said } from '../words';
import { idealHeights } from '../division';
import type { Job, Scheme } from '../job';
import { patched, valueAt, type Patch } from '../reading';
import { inches, millimetres, writeExact, type Length, type Unit, type Said } from '../length';
import { bankWith } from './bank-with';
import type { BankPlan } from '../plan';

/** One way of dividing a bank, with what it would take to have it. */
export interface Alternative {
  readonly scheme: Scheme;
  /** What it is: the scheme with its figure. */
  readonly said: Said;
  readonly heights: readonly Length[];
  readonly measure: Measure;
  readonly patches: readonly Patch[];
}

/** What alternatives are ranked by: the less of each the better. Lengths in millimetres. */
export interface Measure {
  /** How far, in the mean square, rounding and wishes pull the heights from what the scheme itself asks for. */
  readonly departure: number;
  /** Clear height left over what is stored (and its air), in the mean square: evenly shared is best. */
  readonly spare: number;
  /** Different box heights: each is a fence setting at the saw. */
  readonly settings: number;
  /** departure + spare/4 + 3 for every setting after the first. */
  readonly score: number;
}

/** A setting of the fence is worth so many millimetres of departure; spare height a quarter of its millimetres. */
const SETTING = 3;
const SPARE = 0.25;
/** So many of each scheme. */
const BEST = 3;

interface Candidate {
  readonly scheme: Scheme;
  /** What it is: the scheme with its figure. */
  readonly said: Said;
  /** The figure it needs, as the job holds it and as the document writes it. */
  readonly figure?: { readonly field: 'step' | 'ratio'; readonly value: number; readonly written: string | number };
}

/**
 * The best few divisions of every scheme for the bank at `path`, best first, under the wishes it has (locks, ties,
 * least and most, lines, contents). Those that can't be made or leave a stored thing too tall are not among them; of
 * several alike only the first is. Deterministic.
 */
export function alternatives(job: Job, path: string): readonly Alternative[] {
  if (valueAt(job, path) === undefined) return [];
  const found = candidates(job.unit).flatMap((candidate) => worked(job, path, candidate) ?? []);
  const ranked = [...found].sort((a, b) => a.measure.score - b.measure.score);
  const seen = new Set<string>();
  const taken = new Map<Scheme, number>();
  return ranked.filter(({ scheme, heights }) => {
    const [key, many] = [heights.join(), taken.get(scheme) ?? 0];
    if (seen.has(key) || many === BEST) return false;
    seen.add(key);
    taken.set(scheme, many + 1);
    return true;
  });
}

/** Steps and ratios people use. Common practice. */
function candidates(unit: Unit): readonly Candidate[] {
  const step = (value: Length): Candidate => {
    const written = writeExact(value, unit);
    return {
      scheme: 'step',
      said: said('divided-by-step', { step: value }),
      figure: { field: 'step', value, written },
    };
  };
  const ratio = (value: number): Candidate => ({
    scheme: 'ratio',
    said: said('divided-by-ratio', { ratio: value }),
    figure: { field: 'ratio', value, written: value },
  });
  const steps =
    unit === 'in'
      ? [2, 4, 6, 8, 10, 12, 16, 20, 24].map((eighths) => inches(eighths, 8))
      : [5, 10, 15, 20, 25, 30, 40, 50, 60].map(millimetres);
  return [
    { scheme: 'equal', said: said('divided-equally') },
    ...steps.map(step),
    ...[1.1, 1.15, 1.2, 1.25, 1.3, 1.4, 1.5, 1.618].map(ratio),
    { scheme: 'contents', said: said('divided-by-contents') },
  ];
}

function worked(job: Job, path: string, { scheme, said: what, figure }: Candidate): Alternative | undefined {
  const usual = job.unit === 'in' ? inches(1, 16) : millimetres(1);
  const at = (field: string, value: unknown): Patch => ({ path: `${path}.division.${field}`, value });
  const rounds = valueAt(job, `${path}.division.increment`) !== undefined;
  const tried = patched(job, [
    at('scheme', scheme),
    ...(figure ? [at(figure.field, figure.value)] : []),
    ...(rounds ? [] : [at('increment', usual)]),
  ]);
  const bank = bankWith(tried, path);
  const measure = bank && measured(bank);
  const patches = [
    at('scheme', scheme),
    ...(figure ? [at(figure.field, figure.written)] : []),
    ...(rounds ? [] : [at('increment', writeExact(usual, job.unit))]),
  ];
  const heights = bank?.drawers.flatMap(({ dimensions }) => dimensions['front.height']?.total ?? []) ?? [];
  return measure && { scheme, said: what, heights, measure, patches };
}

/** Undefined where the height could not be divided or a stored thing is too tall. */
function measured({ drawers, findings, bank, problem }: BankPlan): Measure | undefined {
  if (findings.some(({ code }) => code === 'DIVISION_IMPOSSIBLE' || code === 'CONTENTS_TOO_TALL')) return undefined;
  const places = drawers.map(({ place }) => place);
  const { numerators, denominator } = idealHeights(problem.choice, problem.total, places);
  const departures = drawers.map(
    ({ dimensions }, place) =>
      (dimensions['front.height']?.total ?? 0) - Number(numerators[place] ?? 0n) / Number(denominator),
  );
  const departure = Math.sqrt(mean(departures.map((each) => (each / 1e6) ** 2)));
  const spares = drawers.flatMap(({ place, dimensions }) => {
    const tallest = Math.max(0, ...(bank.drawers[place]?.contents ?? []).map(({ height }) => height));
    const clear = dimensions['inside.clearHeight']?.total;
    return tallest === 0 || clear === undefined ? [] : [(clear - tallest - inches(1, 4)) / 1e6];
  });
  const settings = new Set(drawers.map(({ dimensions }) => dimensions['box.height']?.total)).size;
  const spare = Math.sqrt(mean(spares.map((each) => each ** 2)));
  return { departure, spare, settings, score: departure + SPARE * spare + SETTING * (settings - 1) };
}

function mean(values: readonly number[]): number {
  return values.length === 0 ? 0 : values.reduce((sum, each) => sum + each, 0) / values.length;
}
