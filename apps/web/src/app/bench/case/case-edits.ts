import {
  dividerLap,
  readAddress,
  readLength,
  subtract,
  valueAt,
  writeExact,
  type BankOf,
  type CaseOf,
  type JobDocument,
  type LogEntryDocument,
  type Patch,
} from '@zabble/core';
import { firstFree } from '../../store/job/first-free';
import { again } from '../../store/job/copy-of';

type WrittenCase = CaseOf<string>;
type WrittenBank = BankOf<string>;
type WrittenOpening = NonNullable<WrittenBank['opening']>;

/** What is to be written, and the new bank that goes on the bench; without one the bench keeps its own. */
export interface CaseEdit {
  readonly patches: readonly Patch[];
  /** The node of the case's layout that is worked on then. */
  readonly node?: string;
  readonly bank?: string;
}

/** Ids that what was done still speaks of: a new case or bank under one of them would take over what was cut for it. */
export function spokenOf(document: JobDocument, log: readonly Pick<LogEntryDocument, 'kind'>[]): ReadonlySet<string> {
  const { released = [], cut = [] } = document.cutting ?? {};
  const names = [
    ...[...released, ...cut].map(({ part }) => part),
    ...[...(document.log ?? []), ...log].flatMap((entry) => [
      ...('bank' in entry ? [String(entry.bank)] : []),
      ...('door' in entry ? [String(entry.door)] : []),
    ]),
  ];
  return new Set(
    names.map(readAddress).flatMap(({ case: owner, bank }) => [owner, ...(bank === undefined ? [] : [bank])]),
  );
}

/** The bank's path by what it is called: a list on the screen may be a moment behind the job. */
export function bankPath(document: JobDocument, owner: string, bank: string): string {
  const c = casePlace(document, owner);
  const b = document.cases[c]?.banks.findIndex(({ id }) => id === bank) ?? -1;
  return `cases[${c}].banks[${b}]`;
}

/** The case's place by its id. */
export function casePlace(document: JobDocument, owner: string): number {
  return document.cases.findIndex(({ id }) => id === owner);
}

/** Where the bank that stood at a path stands after an edit; where it is gone, the one before it. */
export function sameBank(before: JobDocument, after: JobDocument, path: string): string {
  const [c = 0, b = 0] = [...path.matchAll(/\d+/g)].map(([place]) => Number(place));
  const owner = before.cases[c];
  const place = after.cases.findIndex(({ id }) => id === owner?.id);
  if (place < 0) return `cases[${Math.max(0, c - 1)}].banks[0]`;
  const at = after.cases[place]?.banks.findIndex(({ id }) => id === owner?.banks[b]?.id) ?? -1;
  return `cases[${place}].banks[${at < 0 ? Math.max(0, b - 1) : at}]`;
}

/** Another case like this one with its banks, only planned. */
export function duplicateCase(document: JobDocument, place: number, spoken: ReadonlySet<string>): CaseEdit | undefined {
  const like = document.cases[place];
  if (!like) return undefined;
  const { gates: _gates, at: _at, ...made } = like;
  const copy = {
    ...made,
    id: freeId('c', document.cases, spoken),
    name: again(like.name),
    banks: like.banks.map(planned),
  };
  return { patches: inserted('cases', document.cases, place + 1, copy), bank: `cases[${place + 1}].banks[0]` };
}

/** A case at the end, built as the last one is, with one bank as its first one. */
export function addCase(document: JobDocument, spoken: ReadonlySet<string>): CaseEdit | undefined {
  const last = document.cases.length - 1;
  const like = document.cases[last];
  const [bank] = like?.banks ?? [];
  if (!like || !bank) return undefined;
  const { id: _id, name: _name, stand: _stand, alike: _alike, run: _run, banks: _banks, ...kept } = like;
  const { gates: _gates, at: _at, ...built } = kept;
  const added = {
    id: freeId('c', document.cases, spoken),
    name: $localize`Case ${document.cases.length + 1}`,
    ...built,
    banks: [{ ...bare(bank), id: 'b1' }],
  };
  return { patches: inserted('cases', document.cases, last + 1, added), bank: `cases[${last + 1}].banks[0]` };
}

export function moveCase(document: JobDocument, place: number, by: number): CaseEdit | undefined {
  if (!document.cases[place] || !document.cases[place + by]) return undefined;
  return { patches: [moved('cases', document.cases, place, place + by)] };
}

export function removeCase(document: JobDocument, place: number): CaseEdit | undefined {
  return document.cases[place] ? { patches: [{ path: `cases[${place}]`, value: undefined }] } : undefined;
}

/** Another bank with all this one has, right of it and only planned. */
export function duplicateBank(document: JobDocument, path: string, spoken: ReadonlySet<string>): CaseEdit | undefined {
  const { owner, place, banks } = banksAt(document, path);
  const like = banks[place];
  if (!like) return undefined;
  const name = like.name === undefined ? {} : { name: again(like.name) };
  const copy = { ...planned(like), ...name, id: freeId('b', banks, spoken) };
  return besideOne(document, owner, banks, place, copy);
}

/**
 * A bank like this one to its right, with as many drawers and nothing of its own in them; what stands mirrored in the
 * case, its build-outs, is mirrored.
 */
export function bankBeside(document: JobDocument, path: string, spoken: ReadonlySet<string>): CaseEdit | undefined {
  const { owner, place, banks } = banksAt(document, path);
  const like = banks[place];
  if (!like) return undefined;
  const { buildOut } = like;
  const added = {
    ...bare(like),
    id: freeId('b', banks, spoken),
    ...(buildOut ? { buildOut: { ...buildOut, left: buildOut.right, right: buildOut.left } } : {}),
  };
  return besideOne(document, owner, banks, place, added);
}

/** What a divider is taken for until somebody says. Common practice. */
const USUAL_DIVIDER = { in: '3/4 in', mm: '18 mm' } as const;

/** The bank right of the one at the place; where both lap the divider, each by half of what the gap leaves of it. */
function besideOne(
  document: JobDocument,
  owner: string,
  banks: readonly WrittenBank[],
  place: number,
  added: WrittenBank,
): CaseEdit {
  const { unit } = document;
  const like = banks[place] as WrittenBank;
  const written = valueAt(document, `${owner}.divider`) as string | undefined;
  const divider = like.divider ?? written ?? USUAL_DIVIDER[unit];
  const half = like.front.mount === 'overlay' ? lapsOf(divider, like.front.gap, unit) : undefined;
  const lapped = half
    ? [
        ...banks.slice(0, place),
        { ...like, front: { ...like.front, right: half.before } },
        { ...added, front: { ...added.front, left: half.after } },
        ...banks.slice(place + 1),
      ]
    : [...banks.slice(0, place + 1), added, ...banks.slice(place + 1)];
  return {
    patches: [
      { path: `${owner}.banks`, value: lapped },
      ...(written === undefined && like.divider === undefined ? [{ path: `${owner}.divider`, value: divider }] : []),
    ],
    bank: `${owner}.banks[${place + 1}]`,
  };
}

/** Both laps over a divider, as the file writes them; none where the gap is as wide as it. */
function lapsOf(divider: string, gap: string, unit: JobDocument['unit']) {
  const [wide, between] = [readLength(divider, unit), readLength(gap, unit)];
  if (!wide.ok || !between.ok || wide.value < between.value) return undefined;
  const before = dividerLap(wide.value, between.value);
  const after = subtract(wide.value, between.value, before);
  return { before: writeExact(before, unit), after: writeExact(after, unit) };
}

export function moveBank(document: JobDocument, path: string, by: number): CaseEdit | undefined {
  const { owner, place, banks } = banksAt(document, path);
  if (!banks[place] || !banks[place + by]) return undefined;
  return { patches: [moved(`${owner}.banks`, banks, place, place + by)] };
}

/** The bank away, and with it the lines carried across from it. */
export function removeBank(document: JobDocument, path: string): CaseEdit | undefined {
  const { owner, place, banks } = banksAt(document, path);
  const id = banks[place]?.id;
  if (id === undefined) return undefined;
  const lines = banks.flatMap((other, b) =>
    other.drawers.flatMap(({ line }, d) =>
      line?.bank === id ? [{ path: `${owner}.banks[${b}].drawers[${d}].line`, value: undefined }] : [],
    ),
  );
  return { patches: [...lines, { path: `${owner}.banks[${place}]`, value: undefined }] };
}

/** The case of a bank's path, its banks as written, and the bank's place among them. */
function banksAt(document: JobDocument, path: string) {
  const [, owner = '', place = '0'] = /^(.*)\.banks\[(-?\d+)\]$/.exec(path) ?? [];
  const banks = (valueAt(document, `${owner}.banks`) as readonly WrittenBank[] | undefined) ?? [];
  return { owner, place: Number(place), banks };
}

/** Nothing of a copy is measured or done yet: readings of it as built are sizes to plan with. */
function planned({ gates: _gates, aside: _aside, ...bank }: WrittenBank): WrittenBank {
  return { ...bank, basis: 'planned' };
}

/** The other drawers are not these: a reading keeps its place, not its drawer. */
function withoutLevels(opening: WrittenOpening): WrittenOpening {
  const lengths = (readings: WrittenOpening['width']): WrittenOpening['width'] =>
    readings.map((reading) => {
      if (typeof reading !== 'object') return reading;
      const { drawer: _drawer, ...rest } = reading;
      return rest.place ? rest : rest.length;
    });
  return { ...opening, width: lengths(opening.width), height: lengths(opening.height), depth: lengths(opening.depth) };
}

/** What it has that another bank may have: neither its name nor anything of its drawers. */
function bare({ name: _name, ...bank }: WrittenBank): WrittenBank {
  const drawers = bank.drawers.map((_, index) => ({ id: `d${index + 1}` }));
  const opening = bank.opening ? { opening: withoutLevels(bank.opening) } : {};
  return { ...planned(bank), ...opening, drawers, division: undemanding(bank) };
}

/** The division without a makeup named by a drawer the new bank may not have; by hand, equal. */
function undemanding({ division }: WrittenBank): WrittenBank['division'] {
  const { makeup, ...rest } = division;
  const kept = typeof makeup === 'string' ? { ...rest, makeup } : rest;
  return rest.scheme === 'manual' ? { ...kept, scheme: 'equal', increment: rest.increment ?? '1 mm' } : kept;
}

/** The first of its letter none of them has, and nobody spoke of. */
export function freeId(
  letter: string,
  siblings: readonly { readonly id: string }[],
  spoken: ReadonlySet<string>,
): string {
  const taken = [...siblings.map(({ id }) => id), ...spoken];
  return firstFree(taken, (number) => `${letter}${number}`, siblings.length + 1);
}

function inserted<T>(path: string, list: readonly T[], place: number, entry: T): readonly Patch[] {
  return [{ path, value: [...list.slice(0, place), entry, ...list.slice(place)] }];
}

function moved(path: string, list: readonly (WrittenCase | WrittenBank)[], from: number, to: number): Patch {
  const order = [...list];
  order.splice(to, 0, ...order.splice(from, 1));
  return { path, value: order };
}
