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

function newestByBank(log: readonly LogEntryOf<Length>[]): ReadonlyMap<string, readonly AsBuiltReading[]> {
  const newest = new Map<string, Map<string, AsBuiltReading>>();
  log.forEach((entry, index) => {
    if (entry.kind !== 'reading' || entry.bank === undefined || entry.what === 'thickness') return;
    const { what, drawer, place, length } = entry;
    const ofBank = newest.get(entry.bank) ?? new Map<string, AsBuiltReading>();
    const reading = {
      what,
      length,
      path: `log[${index}].length`,
      ...(drawer === undefined ? {} : { drawer }),
      ...(place === undefined ? {} : { place }),
    };
    ofBank.set([what, drawer, place].join(' '), reading);
    newest.set(entry.bank, ofBank);
  });
  return new Map([...newest].map(([bank, readings]) => [bank, [...readings.values()]]));
}

/** Of doors, each by its newest at the side it is hinged on. */
function newestByDoor(log: readonly LogEntryOf<Length>[]): ReadonlyMap<string, readonly HungReading[]> {
  const newest = new Map<string, HungReading>();
  const byDoor = new Map<string, readonly HungReading[]>();
  log.forEach((entry, index) => {
    if (entry.kind !== 'reading' || entry.door === undefined) return;
    const { what, place: hand, length, door } = entry;
    if ((what !== 'hinge' && what !== 'leaf') || (hand !== 'left' && hand !== 'right')) return;
    const { bank: id = '' } = readAddress(door);
    newest.set([door, what, hand].join(' '), { what, door: id, hand, length, path: `log[${index}].length` });
  });
  for (const [key, reading] of newest) {
    const door = key.slice(0, key.lastIndexOf(' ', key.lastIndexOf(' ') - 1));
    byDoor.set(door, [...(byDoor.get(door) ?? []), reading]);
  }
  return byDoor;
}

/** The readings of one thing, of one drawer where one is named. */
export function readingsOf(bank: Bank, what: Measured, drawer?: string): readonly AsBuiltReading[] {
  const all = bank.asBuilt?.readings.filter((each) => each.what === what) ?? [];
  return drawer === undefined ? all : all.filter((each) => each.drawer === drawer);
}
