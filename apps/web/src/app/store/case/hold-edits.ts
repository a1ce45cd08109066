import {
  dividerLap,
  meetings,
  readFileLength,
  sharedEdges,
  writeExact,
  ZERO,
  type BankOf,
  type CaseworkPlan,
  type DoorOf,
  type Edge,
  type JobDocument,
  type Length,
  type Patch,
  type ShelvesOf,
  valueAt,
} from '@zabble/core';
import { firstFree } from '../job/first-free';
import { newBank } from '../job/new-job';
import type { WrittenCase } from './nodes';
import { panelsOf, sizeIn } from './whole-case';

type WrittenBank = BankOf<string>;
type Laps = Record<Edge, string>;

/** The banks that meet a compartment on what stands between lap that by half from now on, as what comes there does. */
function neighboursLapped(
  { banks }: WrittenCase,
  casework: CaseworkPlan,
  id: string,
  unit: JobDocument['unit'],
): readonly WrittenBank[] {
  const met = meetings(casework.front).flatMap(({ first, second, edges: [of, other] }) => {
    if (first.id === id) return [[second.id, other] as const];
    return second.id === id ? [[first.id, of] as const] : [];
  });
  return banks.map((bank) => {
    const edges = met.filter(([compartment]) => compartment === bank.compartment).map(([, edge]) => edge);
    if (edges.length === 0 || bank.compartment === undefined || bank.front.mount !== 'overlay') return bank;
    const laps = lapsIn(casework, bank.compartment, bank.front, bank.front.gap, unit);
    return { ...bank, front: { ...bank.front, ...Object.fromEntries(edges.map((edge) => [edge, laps[edge]])) } };
  });
}

const OPPOSITE: Readonly<Record<Edge, Edge>> = { top: 'bottom', bottom: 'top', left: 'right', right: 'left' };

/**
 * What fronts of this case lap where they share with nobody: as one there does on the same edge, or across from it; else as
 * the front gone by does. That one may itself lap a member by half.
 */
function usualLaps({ banks }: WrittenCase, { front }: CaseworkPlan, like: Laps): Laps {
  const alone = (edge: Edge): readonly string[] =>
    banks.flatMap(({ compartment, front: own }) => {
      const place = front.compartments.find(({ id }) => id === compartment);
      return place && own.mount === 'overlay' && !sharedEdges(front, place)[edge] ? [own[edge]] : [];
    });
  const usual = (edge: Edge): string => alone(edge)[0] ?? alone(OPPOSITE[edge])[0] ?? like[edge];
  return { top: usual('top'), bottom: usual('bottom'), left: usual('left'), right: usual('right') };
}

/** The laps of a front in a compartment, made as another of the case or the job is. */
function lapsLike(
  document: JobDocument,
  owner: WrittenCase,
  casework: CaseworkPlan,
  compartment: string,
  like: Laps & { readonly gap: string },
): Laps {
  return lapsIn(casework, compartment, usualLaps(owner, casework, like), like.gap, document.unit);
}

/** On a member it shares a front laps half of what the gap leaves; elsewhere as it is told. Common practice. */
function lapsIn(casework: CaseworkPlan, id: string, usual: Laps, gap: string, unit: JobDocument['unit']): Laps {
  const between = lengthOf(gap);
  const place = casework.front.compartments.find((each) => each.id === id);
  const shared = place ? sharedEdges(casework.front, place) : {};
  const half = (edge: Edge): string => {
    const member = shared[edge]?.thick;
    if (member === undefined) return usual[edge];
    // As wide as the member leaves: the file has no laps under nothing.
    return member <= between ? '0 mm' : writeExact(dividerLap(member, between), unit);
  };
  return { top: half('top'), bottom: half('bottom'), left: half('left'), right: half('right') };
}

function lengthOf(written: string): Length {
  const read = readFileLength(written);
  return read.ok ? read.value : ZERO;
}

/** A bank of drawers in a compartment, made as another of the job is. */
export function bankIn(
  document: JobDocument,
  owner: WrittenCase,
  path: string,
  casework: CaseworkPlan,
  compartment: string,
  drawers: number,
  spoken: ReadonlySet<string>,
): { readonly patches: readonly Patch[]; readonly bank: string } {
  const like = bankLike(document, owner);
  const taken = [...document.cases.flatMap(({ banks }) => banks.map(({ id }) => id)), ...spoken, ...idsOf(owner)];
  const {
    name: _name,
    opening: _opening,
    aside: _aside,
    gates: _gates,
    divider: _divider,
    buildOut: _built,
    ...made
  } = like;
  const { makeup: _makeup, ...division } = like.division;
  const usual = made.front.mount === 'overlay' ? lapsLike(document, owner, casework, compartment, made.front) : {};
  const bank: WrittenBank = {
    ...made,
    id: firstFree(taken, (number) => `b${number}`, owner.banks.length + 1),
    compartment,
    basis: 'planned',
    front: { ...made.front, ...usual },
    division: { ...division, scheme: 'equal', increment: division.increment ?? '1 mm' },
    drawers: Array.from({ length: drawers }, (_, index) => ({ id: `d${index + 1}` })),
  };
  return {
    patches: [
      { path: `${path}.banks`, value: [...neighboursLapped(owner, casework, compartment, document.unit), bank] },
    ],
    bank: `${path}.banks[${owner.banks.length}]`,
  };
}

/** A bank of the case, or of the job, to go by; in a job without any one to begin with, of the sheets there are. */
function bankLike(document: JobDocument, { banks }: WrittenCase): WrittenBank {
  const fronted = ({ front }: WrittenBank): boolean => front.mount !== 'none';
  const known = banks.find(fronted) ?? document.cases.flatMap((each) => each.banks).find(fronted);
  if (known) return known;
  const { panel, back } = panelsOf(document);
  return newBank(sizeIn(document.unit), { box: panel, bottom: back, front: panel });
}

function idsOf({ doors = [] }: WrittenCase): readonly string[] {
  return doors.map(({ id }) => id);
}

/** Shelves on pins in a compartment. */
export function shelvesIn(owner: WrittenCase, path: string, compartment: string, count: number): readonly Patch[] {
  const shelves = owner.shelves ?? [];
  const added: ShelvesOf<string> = { compartment, count };
  return [{ path: `${path}.shelves`, value: [...shelves, added] }];
}

/** The place of a door over a compartment. */
export function doorOver(
  document: JobDocument,
  owner: WrittenCase,
  path: string,
  casework: CaseworkPlan,
  compartment: string,
): readonly Patch[] {
  const like = bankLike(document, owner).front;
  const doors = owner.doors ?? [];
  const taken = [...doors.map(({ id }) => id), ...owner.banks.map(({ id }) => id)];
  const laps = like.mount === 'overlay' ? lapsLike(document, owner, casework, compartment, like) : like;
  const door: DoorOf<string> = {
    ...{ id: firstFree(taken, (number) => `o${number}`, 1), over: compartment, gap: like.gap },
    mount: like.mount === 'inset' ? 'inset' : 'overlay',
    ...{ top: laps.top, bottom: laps.bottom, left: laps.left, right: laps.right, leaves: 1, material: like.material },
  };
  return [{ path: `${path}.doors`, value: [...doors, door] }];
}

/** Drawers without fronts behind the door over them, or with fronts again as those beside them have. */
export function traysIn(
  document: JobDocument,
  owner: WrittenCase,
  path: string,
  casework: CaseworkPlan,
  fronted: boolean,
): readonly Patch[] | undefined {
  const bank = valueAt(document, path) as WrittenBank | undefined;
  if (!bank) return undefined;
  const place = casework.front.compartments.find(({ id }) => id === bank.compartment);
  const door = owner.doors?.find(({ over }) => place?.within.includes(over));
  const behind: Patch = { path: `${path}.behind`, value: fronted ? undefined : door?.id };
  if (!fronted) return [{ path: `${path}.front`, value: { mount: 'none' } }, behind];
  const like = bankLike(document, owner).front;
  const laps = like.mount === 'overlay' && place ? lapsLike(document, owner, casework, place.id, like) : like;
  const { dip: _dip, over: _over, setBehind: _behind, ...front } = like;
  const { top, bottom, left, right } = laps;
  return [{ path: `${path}.front`, value: { ...front, top, bottom, left, right } }, behind];
}

/** Nothing of its own in a compartment. */
export function openIn(owner: WrittenCase, path: string, compartment: string): readonly Patch[] {
  const shelves = owner.shelves?.filter((each) => each.compartment !== compartment);
  return shelves && shelves.length !== owner.shelves?.length ? [listed(`${path}.shelves`, shelves)] : [];
}

/** No door over a compartment any more. */
export function doorAway(owner: WrittenCase, path: string, compartment: string): readonly Patch[] {
  return [
    listed(
      `${path}.doors`,
      (owner.doors ?? []).filter(({ over }) => over !== compartment),
    ),
  ];
}

const listed = (path: string, list: readonly unknown[]): Patch => ({
  path,
  value: list.length === 0 ? undefined : list,
});
