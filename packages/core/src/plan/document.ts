import type { Words } from '../words';
import { type Part, type PartCut, ROLES } from '../box';
import { MEMBERS, type CaseworkPlan, type DepthStep, type Member } from '../casework';
import type { DoorPlan, Leaf } from '../doors';
import { saidOf, type Finding } from '../findings';
import type { GrainRun, WidthShare } from '../fronts';
import { inMillimetres, nm, type Length, type Tally } from '../length';
import type { Carrier, Stack } from '../mounting';
import type { Lid, Thing, TiltOut, WorkBoard } from '../pullouts';
import type { Way } from '../travel';
import type { BankPlan, CasePlan, DrawerDimension, DrawerPlan, Plan } from './types';

/** Lengths in millimetres with at most six decimals, under the names docs/job-file.md gives them. */
type Sizes = Record<string, number | string>;

/** A plan as a plan file holds it, told in these words: plain JSON, what can't be worked out left away. */
export function planDocument(plan: Plan, words: Words) {
  const ways = new Map(
    plan.worlds.flatMap((world) => [...world.ways, ...world.lids].map((way) => [way.mover.name, way] as const)),
  );
  const meetings = plan.worlds.flatMap((world) => world.meetings.map(({ a, b }) => ({ a, b })));
  return {
    format: 'zabble-plan',
    version: 1,
    cases: plan.cases.map((each) => caseDocument(each, words, ways)),
    ...(plan.worlds.length > 0 ? { meetings } : {}),
  } as const;
}

type Ways = ReadonlyMap<string, Way>;

/** How far a mover comes, nanometres as millimetres, degrees to four decimals; and what stops it short. */
function wayDocument(ways: Ways, name: string) {
  const way = ways.get(name);
  if (!way) return {};
  const { mover, travel, stoppedBy } = way;
  return {
    travel: mover.kind === 'leaf' ? Math.round(travel * 1e4) / 1e4 : inMillimetres(nm(travel)),
    ...(stoppedBy === undefined ? {} : { stoppedBy }),
  };
}

function caseDocument(
  { id, banks, doors, things, run, dividerLap, widths, balance, casework, findings }: CasePlan,
  words: Words,
  ways: Ways,
) {
  // Told with the case here; on the screen with its first bank.
  const ofBank = (finding: Finding): boolean => !findings.includes(finding);
  return {
    id,
    ...(casework ? caseworkDocument(casework, things, { id, ways }) : {}),
    ...(casework ? { findings: findings.map((finding) => findingDocument(finding, words)) } : {}),
    ...(balance ? { balance: Number.isFinite(balance.ratio) ? { ratio: rounded(balance.ratio) } : {} } : {}),
    ...(dividerLap ? { dividerLap: mm(dividerLap) } : {}),
    ...(widths ? { widths: { fronts: shareDocument(widths.fronts), openings: shareDocument(widths.openings) } } : {}),
    ...(run ? { run: runDocument(run) } : {}),
    ...(doors.length > 0 ? { doors: doors.map((door) => doorDocument(door, id, ways)) } : {}),
    banks: banks.map((bank) => bankDocument({ ...bank, findings: bank.findings.filter(ofBank) }, words, { id, ways })),
  };
}

function caseworkDocument(
  { openings, members, feet }: CaseworkPlan,
  things: readonly Thing[],
  owner: { readonly id: string; readonly ways: Ways },
) {
  const way = ({ id }: Thing) => wayDocument(owner.ways, `${owner.id}/${id}`);
  const tiltOuts = things.flatMap((thing) =>
    thing.kind === 'tilt-out' ? [{ ...tiltOutDocument(thing), ...way(thing) }] : [],
  );
  const boards = things.flatMap((thing) =>
    thing.kind === 'board' ? [{ ...boardDocument(thing), ...way(thing) }] : [],
  );
  const lids = things.flatMap((thing) => (thing.kind === 'lid' ? [{ ...lidDocument(thing), ...way(thing) }] : []));
  const ofThings = things.flatMap((thing) => (thing.kind === 'tilt-out' ? [] : thing.members));
  return {
    openings: openings.map(({ compartment: { id, x, y, width, height }, depth, depths, buildOut }) => ({
      compartment: id,
      x: inMillimetres(x),
      y: inMillimetres(y),
      width: mm(width),
      height: mm(height),
      depth: mm(depth),
      ...(depths.length > 0 ? { depths: depths.map(depthDocument) } : {}),
      buildOut: { left: behind(buildOut.left), right: behind(buildOut.right) },
    })),
    parts: [...members, ...ofThings].map(memberDocument),
    ...(tiltOuts.length > 0 ? { tiltOuts } : {}),
    ...(boards.length > 0 ? { boards } : {}),
    ...(lids.length > 0 ? { lids } : {}),
    ...(feet > 0 ? { feet } : {}),
  };
}

/** Heights over the hinge line, depths behind it. */
function tiltOutDocument({ id, door, angle, rise, tallest, mouthOut, stays, stop, members }: TiltOut) {
  const [leaf] = door.leaves;
  return {
    ...{ id, angle, rise: inMillimetres(rise) },
    ...(tallest === undefined ? {} : { tallest: inMillimetres(tallest) }),
    ...{ mouthOut: Math.round(mouthOut * 1e6) / 1e6, stays },
    stop: { back: inMillimetres(stop.back), up: inMillimetres(stop.up) },
    ...(leaf ? { leaf: leafSize(leaf) } : {}),
    parts: members.map(memberDocument),
  };
}

function boardDocument({ id, width, length, slot, out }: WorkBoard) {
  return { id, width: mm(width), length: mm(length), slot: inMillimetres(slot.wants), out: inMillimetres(out) };
}

/** Its hinge line is the upper edge of its back: back from the case's front edge, over its floor. */
function lidDocument({ id, width, depth, opens, line, rise, leans }: Lid) {
  const at = { back: inMillimetres(line.back), up: inMillimetres(line.up) };
  const way = { rise: inMillimetres(rise), leans: inMillimetres(leans) };
  return { id, width: mm(width), depth: mm(depth), opens, line: at, ...way };
}

/** Its first leaf from the left; of a pair both by themselves besides. Heights of hinges above the leaf's lower edge. */
function doorDocument({ id, hinge, leaves, members, opens, thickness }: DoorPlan, owner: string, ways: Ways) {
  const [first] = leaves;
  const bySide = <T>(of: (leaf: Leaf) => T | undefined): Readonly<Record<string, T>> =>
    Object.fromEntries(
      leaves.flatMap((leaf) => {
        const value = of(leaf);
        return value === undefined ? [] : [[leaf.hinged, value] as const];
      }),
    );
  const tabs = bySide(({ cup }) => cup?.tab && mm(cup.tab));
  const plates = bySide(({ cup }) => cup && inMillimetres(cup.plate));
  return {
    id,
    hinge: hinge.id,
    opens,
    ...(first ? { leaf: leafSize(first) } : {}),
    leaves: leaves.map((leaf) => ({
      ...{ hinge: leaf.hinged, ...leafSize(leaf) },
      ...wayDocument(ways, `${owner}/${id}/${leaf.hinged}`),
    })),
    thickness: inMillimetres(thickness),
    hinges: (first?.hinges ?? []).map(mm),
    tabs,
    ...(first?.cup ? { plate: inMillimetres(first.cup.plate) } : {}),
    ...(leaves.length > 1 ? { plates } : {}),
    protrusion: bySide(({ protrusion }) => inMillimetres(protrusion)),
    ...(first?.pull ? { pulls: leaves.flatMap(({ pull }) => (pull ? [{ x: mm(pull.x), y: mm(pull.y) }] : [])) } : {}),
    weight_kg: leaves.map(({ weight_kg }) => rounded(weight_kg)),
    parts: members.map(memberDocument),
  };
}

function leafSize({ width, height }: Leaf) {
  return { width: mm(width), height: mm(height) };
}

/** Heights over the compartment's clear floor. */
function depthDocument({ from, to, depth }: DepthStep) {
  return { from: inMillimetres(from), to: inMillimetres(to), depth: inMillimetres(depth) };
}

/** What stands back behind the frame's edge; nothing where the wall itself is the edge. */
function behind(by: Length): number {
  return Math.max(0, inMillimetres(by));
}

function memberDocument({ role, count, length, width, thickness, material, node, blank }: Member) {
  return {
    role: MEMBERS[role].written,
    count,
    length: mm(length),
    width: mm(width),
    thickness: inMillimetres(thickness),
    material,
    ...(node === undefined ? {} : { node }),
    ...(blank ? { blank: { length: mm(blank.length), width: mm(blank.width) } } : {}),
  };
}

function bankDocument(bank: BankPlan, words: Words, owner: { readonly id: string; readonly ways: Ways }) {
  const { front } = bank.bank;
  const { id, opening, drawers, spacers, buildOut, carriers, packing, run, findings } = bank;
  return {
    id,
    opening: {
      width: mm(opening.width),
      height: mm(opening.height),
      depth: mm(opening.depth),
      ...(opening.rack === undefined ? {} : { rack: inMillimetres(opening.rack) }),
    },
    packing: packing.map(({ reading, total, eachSide }) => ({
      reading,
      total: mm(total),
      eachSide: inMillimetres(eachSide),
    })),
    ...(buildOut ? { buildOut: { left: stackDocument(buildOut.left), right: stackDocument(buildOut.right) } } : {}),
    ...(carriers.length > 0 ? { carriers: carriers.map(carrierDocument) } : {}),
    ...(run ? { run: runDocument(run) } : {}),
    drawers: drawers.map((drawer) => ({
      ...drawerDocument(drawer, front.mount !== 'none'),
      ...wayDocument(owner.ways, `${owner.id}/${id}/${drawer.id}`),
    })),
    spacers: spacers.map(mm),
    findings: findings.map((finding) => findingDocument(finding, words)),
  };
}

function drawerDocument(drawer: DrawerPlan, hasFront: boolean) {
  const { box, front, contents } = drawer.load;
  return {
    id: drawer.id,
    ...(hasFront ? { front: { ...sizes(drawer, 'front'), thickness: inMillimetres(drawer.frontThickness) } } : {}),
    bay: sizes(drawer, 'bay'),
    box: sizes(drawer, 'box'),
    inside: sizes(drawer, 'inside'),
    slide: slideDocument(drawer),
    ...some('runner', sizes(drawer, 'runner')),
    ...some('screw', sizes(drawer, 'screw')),
    bores: drawer.bores.map(({ x, y }) => ({ x: mm(x), y: mm(y) })),
    ...(drawer.brackets.length > 0 ? { brackets: drawer.brackets.map(({ x, y }) => ({ x: mm(x), y: mm(y) })) } : {}),
    load: {
      box_kg: rounded(box),
      front_kg: rounded(front),
      ...(contents === undefined ? {} : { contents_kg: rounded(contents) }),
    },
    ...(drawer.sag ? { sag: { middle: inMillimetres(drawer.sag.sag), most: inMillimetres(drawer.sag.limit) } } : {}),
    parts: drawer.parts.map((part) => partDocument(part, drawer.machining)),
  };
}

function slideDocument(drawer: DrawerPlan) {
  const { family, nominal, holes } = drawer;
  return {
    family: family.id,
    origin: family.origin,
    ...(nominal === undefined ? {} : { length: inMillimetres(nominal) }),
    ...sizes(drawer, 'slide'),
    ...(holes ? { holes: { first: mm(holes.first), pitch: inMillimetres(holes.pitch), count: holes.count } } : {}),
  };
}

/** A group of sizes under its name, unless there are none. */
function some(name: string, group: Sizes) {
  return Object.keys(group).length > 0 ? { [name]: group } : {};
}

function sizes(drawer: DrawerPlan, group: string): Sizes {
  const found: Sizes = {};
  for (const [name, size] of Object.entries(drawer.dimensions) as [DrawerDimension, Tally][])
    if (name.startsWith(`${group}.`)) found[name.slice(group.length + 1)] = mm(size);
  return found;
}

function partDocument(part: Part, machining: readonly PartCut[]) {
  const { role, count, length, width, thickness, material, upright, blank } = part;
  const cuts = machining.filter((cut) => cut.role === role);
  return {
    role: ROLES[role].written,
    part: role,
    count,
    ...(length ? { length: mm(length) } : {}),
    ...(width ? { width: mm(width) } : {}),
    thickness: inMillimetres(thickness),
    material,
    ...(upright ? { grain: 'up' } : {}),
    ...(blank ? { blank: { length: mm(blank.length), width: mm(blank.width) } } : {}),
    ...(cuts.length > 0 ? { cuts: cuts.map(cutDocument) } : {}),
  };
}

function cutDocument({ kind, where, sizes: named }: PartCut) {
  return { kind, where, ...Object.fromEntries(Object.entries(named).map(([name, size]) => [name, mm(size)])) };
}

function findingDocument(finding: Finding, words: Words) {
  const { code, severity, drawer, because, remedies } = finding;
  return {
    code,
    severity,
    ...(drawer === undefined ? {} : { drawer }),
    says: words.say(saidOf(finding)),
    ...(because ? { because: tallyDocument(because, words) } : {}),
    ...(remedies && remedies.length > 0
      ? { remedies: remedies.map((each) => ({ says: words.say(each), patches: each.patches })) }
      : {}),
  };
}

function tallyDocument({ total, terms }: Tally, words: Words) {
  return {
    total: inMillimetres(total),
    terms: terms.map(({ label, amount }) => ({ label: words.say(label), amount: inMillimetres(amount) })),
  };
}

function stackDocument({ wanted, made, off, pieces }: Stack) {
  return { wanted: inMillimetres(wanted), made: mm(made), off: mm(off), pieces };
}

function carrierDocument(carrier: Carrier) {
  const { drawer, role, side, length, width, thickness, material, end, ofBank, line, marks, behindFrame, screw } =
    carrier;
  return {
    ...(ofBank ? {} : { drawer }),
    ...(end ? { end } : {}),
    ...(line ? { line: mm(line) } : {}),
    ...(marks ? { brackets: marks.map(({ drawer: of, y }) => ({ drawer: of, y: mm(y) })) } : {}),
    ...(behindFrame ? { behindFrame: mm(behindFrame) } : {}),
    ...(screw ? { screw: mm(screw) } : {}),
    role,
    side,
    length: mm(length),
    width: mm(width),
    thickness: inMillimetres(thickness),
    ...(material === undefined ? {} : { material }),
  };
}

function runDocument({ panel, jumps }: GrainRun) {
  return { panel: mm(panel), jumps: jumps.map(mm) };
}

function shareDocument({ fronts, openings }: WidthShare) {
  return { fronts: fronts.map(inMillimetres), openings: openings.map(inMillimetres) };
}

/** A plain number to the thousandth. */
function rounded(value: number): number {
  return Math.round(value * 1000) / 1000;
}

function mm(size: Tally | { readonly total: Length }): number {
  return inMillimetres(size.total);
}
