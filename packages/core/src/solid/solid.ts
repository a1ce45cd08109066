import type { PartRole } from '../box';
import type { MemberRole } from '../casework';
import { partsOf, toCut, type CutMaterial, type CutPart } from '../cutting';
import type { Job } from '../job';
import type { Said } from '../length';
import type { CasePlan, Plan } from '../plan';
import { said } from '../words';
import { aroundOf, type Around } from './around';
import { banksOf, carrierPlaces, drawerPlaces, type BankAt } from './bank-places';
import { memberPlaces, placesOf, type Standing } from './member-places';
import { motionsOf } from './motions';
import type { Motion } from './motion';
import type { Place } from './piece';
import { offOf, stageOf, type Extent, type Off } from './stages';

const MM = 1e6;

/** A part of the cut list where it stands in its case. */
export interface SolidPiece extends Place {
  /** As the cut list calls it. */
  readonly name: string;
  readonly role: PartRole | MemberRole;
  readonly material: CutMaterial;
  /** The address of what it moves with. */
  readonly moves?: string;
  /** It is cut. */
  readonly built: boolean;
  /** Its place in the order of assembly, counted from 0. */
  readonly stage: number;
  /** Where it is moved to when all is taken apart. */
  readonly off: Off;
}

/** A case with everything in it, all shut. */
export interface SolidCase {
  readonly id: string;
  readonly pieces: readonly SolidPiece[];
  /** Parts of the cut list that have no place: what they stand in is not told. */
  readonly unplaced: readonly string[];
  readonly stages: number;
  readonly motions: readonly Motion[];
  /** What stands about it in its room. */
  readonly around: readonly Around[];
}

/** A case from the same parts as its cut list. Pure, and bound by its parts. */
export function solidOf(job: Job, plan: Plan, owner: CasePlan): SolidCase {
  const parts = partsOf(job, plan).parts.filter(({ use }) => use.case === owner.id);
  const stand = standingsOf(owner);
  const found = parts.map((part) => ({ part, at: stand(part) }));
  const orders = [...new Set(parts.flatMap(({ use: { role } }) => (role === 'extra' ? [] : [stageOf(role)])))];
  orders.sort((one, other) => one - other);
  const whole = extentOf(found.flatMap(({ at }) => (at ? [at.place] : [])));
  const nth = counter();
  const pieces = found.flatMap(({ part, at }): readonly SolidPiece[] => {
    const { role } = part.use;
    if (!at || role === 'extra') return [];
    const { place, moves } = at;
    const own = moves === undefined ? {} : { moves };
    const off = offOf(role, nth(part), whole, at.box ?? whole);
    const stage = orders.indexOf(stageOf(role));
    return [{ name: part.name, role, material: part.material, ...place, ...own, built: !toCut(part), stage, off }];
  });
  return {
    id: owner.id,
    pieces,
    unplaced: found.flatMap(({ part, at }) => (at ? [] : [part.name])),
    stages: orders.length,
    motions: motionsOf(plan, owner),
    around: aroundOf(job, plan, owner, whole.y / MM),
  };
}

/** What goes in at each stage of putting it together, in words; the first to go in first. */
export function stagesSaid({ pieces, stages }: Pick<SolidCase, 'pieces' | 'stages'>): readonly Said[] {
  return Array.from({ length: stages }, (_, stage) => {
    const own = pieces.filter((piece) => piece.stage === stage);
    const parts = [...new Set(own.map(({ role }) => role))].map((role) => {
      const count = own.filter((piece) => piece.role === role).length;
      return { count, part: said(`part/${role}`, { count }) };
    });
    return said('solid-stage', { parts });
  });
}

interface Stood extends Standing {
  /** Of a piece of a drawer, how large its box is. */
  readonly box?: Extent;
}

/** Finds the place of each part by its place among all it is counted with. */
function standingsOf(owner: CasePlan): (part: CutPart) => Stood | undefined {
  const members = memberPlaces(owner);
  const banks = new Map(banksOf(owner).map((at) => [at.bank.id, at]));
  const nth = counter();
  return (part) => {
    const { role, node, bank, drawer, place } = part.use;
    const index = nth(part);
    if (bank === '') return members.get(placesOf(role, node))?.[index];
    const at = banks.get(bank);
    const own = at?.bank.drawers.find(({ id }) => id === drawer);
    if (!at || !own) return undefined;
    const fixed = carrierPlaces(at, place, role as PartRole)[index];
    if (fixed) return { place: fixed };
    const found = drawerPlaces(at, own, role as PartRole)[index];
    return found && { place: found, moves: `${owner.id}/${bank}/${drawer}`, box: boxOf(at, drawer) };
  };
}

function boxOf({ bank }: BankAt, drawer: string): Extent {
  const of = bank.drawers.find(({ id }) => id === drawer)?.dimensions;
  return { x: of?.['box.width']?.total ?? 0, y: of?.['box.height']?.total ?? 0, z: of?.['box.length']?.total ?? 0 };
}

/** Counts parts of one kind and place through from 0. */
function counter(): (part: CutPart) => number {
  const met = new Map<string, number>();
  return ({ use: { role, node, bank, drawer } }) => {
    const key = [bank, drawer, placesOf(role, node)].join('/');
    const index = met.get(key) ?? 0;
    met.set(key, index + 1);
    return index;
  };
}

function extentOf(places: readonly Place[]): Extent {
  const over = (axis: 'x' | 'y' | 'z'): number =>
    Math.max(0, ...places.map((place) => place[axis].to)) - Math.min(0, ...places.map((place) => place[axis].from));
  return { x: over('x'), y: over('y'), z: over('z') };
}
