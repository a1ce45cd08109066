import { BOTTOMS } from '../box';
import type { BottomFit, JobDocument } from '../job';
import { patched, type Patch } from '../reading';
import { nm, type Length, type Unit, type Said } from '../length';
import { bankWith } from './bank-with';
import { readJobDocument } from '../plan';
import { stopsOfMaking } from './stops-of-making';
import type { BankPlan, DrawerDimension } from '../plan';

/** One way of fitting the bottoms of a bank, and what it leaves inside. */
export interface BottomComparison {
  readonly fit: BottomFit;
  /** Least clear height and least wall inside among the drawers; absent where they can't be worked out. */
  readonly clearHeight?: Length;
  readonly wallHeight?: Length;
  /** Clear height won over the fit in use, drawer by drawer the least; less than nothing where it costs. */
  readonly won?: Length;
  /** What would have to be mended to use it. */
  readonly stops: readonly Said[];
  /** The change to a job document that takes it. */
  readonly patches: readonly Patch[];
}

/** Every way of fitting the bottom as it would serve the bank at `path`, all else as it is; none of a job that can't be read. */
export function compareBottoms(document: JobDocument, path: string): readonly BottomComparison[] {
  const now = bankOf(document, path);
  if (!now) return [];
  return (Object.keys(BOTTOMS) as BottomFit[]).flatMap((fit) => {
    const patches = bottomPatches(now, fit, document.unit);
    const bank = bankOf(patched(document, patches), path);
    return bank ? compared(fit, now, bank, patches) : [];
  });
}

function bankOf(document: JobDocument, path: string): BankPlan | undefined {
  const reading = readJobDocument(document);
  return reading.ok ? bankWith(reading.job, path) : undefined;
}

function compared(fit: BottomFit, now: BankPlan, bank: BankPlan, patches: readonly Patch[]): BottomComparison {
  const clear = sizes(bank, 'inside.clearHeight');
  const was = sizes(now, 'inside.clearHeight');
  const won = clear.flatMap((height, place) => {
    const before = was[place];
    return height === undefined || before === undefined ? [] : [height - before];
  });
  return {
    fit,
    ...least('clearHeight', clear),
    ...least('wallHeight', sizes(bank, 'inside.wallHeight')),
    ...least('won', won),
    stops: stopsOfMaking(bank.findings),
    patches,
  };
}

function sizes({ drawers }: BankPlan, name: DrawerDimension): readonly (Length | undefined)[] {
  return drawers.map(({ dimensions }) => dimensions[name]?.total);
}

function least<K extends string>(name: K, all: readonly (number | undefined)[]): Readonly<Partial<Record<K, Length>>> {
  const known = all.filter((each): each is number => each !== undefined);
  return (known.length === 0 ? {} : { [name]: nm(Math.min(...known)) }) as Readonly<Partial<Record<K, Length>>>;
}

/**
 * What a fit needs beside its name: a groove and its play where it has one; no muntin where nothing holds it. In the
 * job document's writing.
 */
export function bottomPatches({ bank: { box }, path }: BankPlan, fit: BottomFit, unit: Unit): readonly Patch[] {
  const at = (field: string, value: unknown): Patch => ({ path: `${path}.box.${field}`, value });
  const small = (inch: string, metric: string): string => (unit === 'in' ? inch : metric);
  const { raised, onOutside } = BOTTOMS[fit];
  const groove = { depth: small('7/32 in', '5.5 mm'), offset: small('1/2 in', '12 mm') };
  return [
    at('bottomFit', fit),
    ...(box.muntin && !raised ? [at('muntin', undefined)] : []),
    ...(onOutside || box.groove ? [] : [at('groove', groove)]),
    ...(onOutside || box.play !== undefined ? [] : [at('play', small('1/16 in', '1.5 mm'))]),
  ];
}
