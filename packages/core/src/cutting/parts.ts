import { ROLES, type CarrierRole, type Part, type Role } from '../box';
import { type Job, writeAddress, partOf } from '../job';
import { plus, subtract, tally, ZERO, type Length, type Tally, ofField } from '../length';
import { stripMarks, type BoxFixing } from '../fixing';
import type { Carrier } from '../mounting';
import type { Opening } from '../opening';
import { once } from '../reading';
import { boxFixings, type BankPlan, type DrawerPlan, type Plan } from '../plan';
import type { CutMaterial, CutPart } from './cut-part';
import { memberParts } from './member-parts';
import { carrierRelease, releaseOf } from './release';
import { cutRecords, standingOf, type EndPlay } from './as-cut';

export interface PartsOfJob {
  readonly parts: readonly CutPart[];
  /** Pieces whose size can't be worked out yet. */
  readonly unsized: number;
}

/** Every piece of a plan, in the order of the work: case by case, bank by bank, from the top down. */
export const partsOf = once((job: Job, plan: Plan): PartsOfJob => {
  const byHand = new Map(job.cutting?.released?.map(({ part, reason }) => [part, reason]));
  const records = cutRecords(job);
  const parts: CutPart[] = [];
  let unsized = 0;
  for (const piece of memberParts(job, plan)) parts.push(asDecided(piece, byHand.get(piece.name), records));
  for (const { id: owner, banks } of plan.cases)
    for (const bank of banks)
      for (const drawer of bank.drawers) {
        const held = boxFixings(job, bank, drawer);
        for (const part of drawer.parts) {
          const pieces = piecesOf(job, { owner, bank, drawer, part, held });
          if (pieces.length === 0) unsized += part.count;
          const play = endPlay(bank, drawer, part.role);
          for (const piece of pieces) parts.push(asDecided(piece, byHand.get(piece.name), records, play));
        }
      }
  for (const piece of carriersOf(job, plan)) parts.push(asDecided(piece, byHand.get(piece.name), records));
  for (const piece of extraParts(job)) parts.push(asDecided(piece, undefined, records));
  return { parts, unsized };
});

interface Placed {
  readonly owner: string;
  readonly bank: BankPlan;
  readonly drawer: DrawerPlan;
  readonly part: Part;
  readonly held: readonly BoxFixing[];
}

interface Size {
  readonly length: Tally;
  readonly width: Tally;
}

function piecesOf(job: Job, { owner, bank, drawer, part, held }: Placed): readonly CutPart[] {
  const { role, count, blank, upright } = part;
  const material = job.materials.find(({ id }) => id === part.material);
  if (!part.length || !part.width || !material) return [];
  const along = (size: Size): Size => (upright ? { length: size.width, width: size.length } : size);
  const finished = along({ length: part.length, width: part.width });
  const sawn = blank ? along(blank) : finished;
  const use = { case: owner, bank: bank.id, path: bank.path, drawer: drawer.id, place: drawer.place, role };
  const within = { case: owner, bank: bank.id, drawer: drawer.id };
  const fixings = held.flatMap(({ on, marks }) => (on === role ? marks : []));
  return Array.from({ length: count }, (_, index) => ({
    name: writeAddress({ ...within, part: partOf(ROLES[role].written, count, index + 1) }),
    use,
    material,
    ...sawn,
    ...(blank ? { finished } : {}),
    ...(upright ? { upright } : {}),
    machining: drawer.machining.filter((cut) => cut.role === role),
    ...(fixings.length > 0 ? { fixings } : {}),
    bores: ROLES[role].bored ? drawer.bores : [],
    mayTurn: ROLES[role].mayTurn && material.grain !== true,
    release: releaseOf(job, bank, drawer, role),
  }));
}

/** The ends make the box as wide as it is: its slide forgives a little, and its own level may be wider than the bank’s. */
function endPlay({ opening }: BankPlan, { id, family }: DrawerPlan, role: Role): EndPlay | undefined {
  if (!ROLES[role].end) return undefined;
  return { longer: levelSlack(opening, id), shorter: family.narrowBy };
}

/** How much wider the opening is at a drawer’s own level than where it is narrowest; nothing where it was not measured. */
export function levelSlack({ levels, width }: Opening, drawer: string): Length {
  const level = levels.find((each) => each.drawer === drawer);
  return level ? subtract(level.least.total, width.total) : ZERO;
}

/** Wood fixed in the case for the slides, as pieces: of the job's materials, or planed from what hard wood there is. */
function carriersOf(job: Job, { cases }: Plan): readonly CutPart[] {
  return cases.flatMap(({ id: owner, banks }) =>
    banks.flatMap((bank) =>
      bank.carriers.flatMap((carrier): readonly CutPart[] => {
        const drawer = bank.drawers[carrier.place];
        return drawer ? [carrierPart(job, owner, bank, drawer, carrier)] : [];
      }),
    ),
  );
}

function carrierPart(job: Job, owner: string, bank: BankPlan, drawer: DrawerPlan, carrier: Carrier): CutPart {
  const { role, side, number, length, width, thickness } = carrier;
  const many = bank.carriers.filter(
    (each) => each.drawer === carrier.drawer && each.role === role && each.side === side && each.end === carrier.end,
  );
  const words = [ROLES[role].written, ...(carrier.end ? [carrier.end] : []), side];
  const part = partOf(words.join(' '), many.length, number);
  return {
    name: writeAddress({ case: owner, bank: bank.id, drawer: drawer.id, part }),
    use: { case: owner, bank: bank.id, path: bank.path, drawer: drawer.id, place: drawer.place, role },
    material: job.materials.find(({ id }) => id === carrier.material) ?? planedFor(role, thickness),
    length,
    width,
    machining: [],
    fixings: stripMarks(length.total, width.total),
    bores: [],
    mayTurn: ROLES[role].mayTurn,
    release: carrierRelease(job, bank, drawer),
  };
}

/** Hard wood planed to a thickness, which no material of the job is. */
function planedFor(role: CarrierRole, thickness: Length): CutMaterial {
  return {
    id: `(${role} ${thickness})`,
    name: '',
    kind: 'solid',
    thickness,
    planedFor: role === 'kicker' ? 'runner' : role,
  };
}

/** Parts brought in from a list: they wait for nobody. */
function extraParts({ materials, cutting }: Job): readonly CutPart[] {
  return (cutting?.extra ?? []).flatMap(({ id, material: of, name, length, width, count, mayTurn }, index) => {
    const material = materials.find(({ id: each }) => each === of);
    if (!material) return [];
    const field = (size: string) => ofField(`cutting.extra[${index}].${size}`);
    const use = { case: '', bank: '', path: '', drawer: '', place: index, role: 'extra' } as const;
    return Array.from({ length: count }, (_, number) => ({
      name: `extra/${partOf(id, count, number + 1)}`,
      use,
      called: name,
      material,
      length: tally(plus('length', length, field('length'))),
      width: tally(plus('width', width, field('width'))),
      machining: [],
      bores: [],
      mayTurn: mayTurn ?? material.grain !== true,
      release: 'now' as const,
    }));
  });
}

function asDecided(
  part: CutPart,
  byHand: string | undefined,
  records: ReturnType<typeof cutRecords>,
  play?: EndPlay,
): CutPart {
  const record = records.get(part.name);
  return {
    ...part,
    ...(byHand !== undefined && part.release !== 'now' ? { release: 'now' as const, byHand } : {}),
    ...(record ? { standing: standingOf(record, part.length.total, part.width.total, play) } : {}),
  };
}

/** Still to be cut: not cut yet, or to be made again. */
export function toCut({ standing }: CutPart): boolean {
  return !standing || standing.fits === 'again';
}
