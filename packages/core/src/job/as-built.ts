import type { Length } from '../length';
import { readAddress, writeAddress } from './address';
import type { AsBuiltReading, HungReading, LogEntryOf, Measured, ReadingOf } from './log';
import type { Bank, Job, JobOf } from './types';

type Reading = ReadingOf<Length>;

/**
 * The job with the newest readings of its log on the banks they were taken in. Older ones stay in the log; readings of
 * a bank or drawer that is no more are left aside. Banks without any stay the same objects.
 */
export function withReadings(job: Job): Job {
  const newest = newestByBank(job.log ?? []);
  const hung = newestByDoor(job.log ?? []);
  if (newest.size === 0 && hung.size === 0) return job;
  const cases = job.cases.map((owner) => {
    const banks = owner.banks.map((bank) => {
      const readings = (newest.get(writeAddress({ case: owner.id, bank: bank.id })) ?? []).filter((each) =>
        belongs(bank, each),
      );
      return readings.length > 0 ? { ...bank, asBuilt: { readings } } : bank;
    });
    const asHung = (owner.doors ?? []).flatMap(({ id }) => hung.get(writeAddress({ case: owner.id, bank: id })) ?? []);
    const same = asHung.length === 0 && banks.every((bank, index) => bank === owner.banks[index]);
    return same ? owner : { ...owner, banks, ...(asHung.length > 0 ? { asHung } : {}) };
  });
  return { ...job, cases };
}

/** The newest reading of every material’s thickness. */
export function thicknessReadings(job: JobOf<Length>): ReadonlyMap<string, Reading> {
  const found = new Map<string, Reading>();
  for (const entry of job.log ?? [])
    if (entry.kind === 'reading' && entry.what === 'thickness' && entry.material !== undefined)
      found.set(entry.material, entry);
  return found;
}

function belongs({ drawers }: Bank, { drawer }: AsBuiltReading): boolean {
  return drawer === undefined || drawers.some(({ id }) => id === drawer);
}

type OfGroup<R> = ReadonlyMap<string, readonly R[]>;

/** The newest reading of every thing at its place, by what it was measured at; `told` says both, or nothing. */
function newestBy<R>(
  log: readonly LogEntryOf<Length>[],
  told: (entry: Reading, path: string) => { readonly at: string; readonly reading: R } | undefined,
  same: (reading: R) => string,
): OfGroup<R> {
  const newest = new Map<string, Map<string, R>>();
  log.forEach((entry, index) => {
    const found = entry.kind === 'reading' ? told(entry, `log[${index}].length`) : undefined;
    if (!found) return;
    const group = newest.get(found.at) ?? new Map<string, R>();
    group.set(same(found.reading), found.reading);
    newest.set(found.at, group);
  });
  return new Map([...newest].map(([at, readings]) => [at, [...readings.values()]]));
}

function newestByBank(log: readonly LogEntryOf<Length>[]): OfGroup<AsBuiltReading> {
  const told = ({ bank: at, what, drawer, place, length }: Reading, path: string) => {
    if (at === undefined || what === 'thickness') return undefined;
    const where = { ...(drawer === undefined ? {} : { drawer }), ...(place === undefined ? {} : { place }) };
    return { at, reading: { what, length, path, ...where } };
  };
  return newestBy<AsBuiltReading>(log, told, ({ what, drawer, place }) => [what, drawer, place].join(' '));
}

const HUNG: readonly string[] = ['hinge', 'leaf', 'hinge-y'] satisfies readonly HungReading['what'][];
const isHung = (what: Measured): what is HungReading['what'] => HUNG.includes(what);

/** Of doors, at the side they are hinged on; heights of hinges one by one. */
function newestByDoor(log: readonly LogEntryOf<Length>[]): OfGroup<HungReading> {
  const told = ({ door: at, what, place: hand, hinge, length }: Reading, path: string) => {
    if (at === undefined || !isHung(what) || (what === 'hinge-y') !== (hinge !== undefined)) return undefined;
    if (hand !== 'left' && hand !== 'right') return undefined;
    const door = readAddress(at).bank ?? '';
    return { at, reading: { what, door, hand, ...(hinge === undefined ? {} : { hinge }), length, path } };
  };
  return newestBy<HungReading>(log, told, ({ what, hand, hinge }) => [what, hand, hinge].join(' '));
}

/** The readings of one thing, of one drawer where one is named. */
export function readingsOf(bank: Bank, what: Measured, drawer?: string): readonly AsBuiltReading[] {
  const all = bank.asBuilt?.readings.filter((each) => each.what === what) ?? [];
  return drawer === undefined ? all : all.filter((each) => each.drawer === drawer);
}
