import type { Length } from '../length';
import { readWrong, type Report } from '../reading';
import { said } from '../words';
import type { BuildOf, NodeOf } from './case-build';
import type { BuildOutOf, WrittenCase as Case, WrittenJob } from './types';

type Node = NodeOf<Length>;

/** What a case asks of its own fields: a width, ids told apart, materials and compartments that are there. */
export function checkCases(job: WrittenJob, report: Report): void {
  const materials = new Set(job.materials.map(({ id }) => id));
  job.cases.forEach((owner, index) => {
    const path = `cases[${index}]`;
    if (owner.build) checkBuild(owner.build, `${path}.build`, materials, report);
    const nodes = owner.layout ? nodesOf(owner.layout, `${path}.layout`) : [];
    checkLayout(owner, nodes, path, report);
    checkBanks(owner, leavesOf(nodes), path, report);
    checkStand(owner, path, report);
    owner.doors?.forEach(({ over, material, frame, lines }, place) => {
      const at = `${path}.doors[${place}]`;
      if (!nodes.some(({ node }) => node.id === over)) report.add(`${at}.over`, noCompartment(over));
      if (!materials.has(material)) report.add(`${at}.material`, noMaterial(material));
      for (const edge of ['top', 'bottom'] as const) {
        const line = lines?.[edge];
        if (line !== undefined && !hasDrawer(owner, line))
          report.add(`${at}.lines.${edge}`, readWrong(line, said('no-drawer-line')));
      }
      if (frame && !materials.has(frame.panel)) report.add(`${at}.frame.panel`, noMaterial(frame.panel));
    });
    owner.lids?.forEach(({ material }, place) => {
      if (!materials.has(material)) report.add(`${path}.lids[${place}].material`, noMaterial(material));
    });
    for (const kind of IN_COMPARTMENTS)
      owner[kind]?.forEach((each: InCompartment, place) => {
        const at = `${path}.${kind}[${place}]`;
        if (!leavesOf(nodes).has(each.compartment)) report.add(`${at}.compartment`, noCompartment(each.compartment));
        const named = [['material', each.material] as const, ['edging.material', each.edging?.material] as const];
        for (const [field, id] of named)
          if (id !== undefined && !materials.has(id)) report.add(`${at}.${field}`, noMaterial(id));
      });
  });
}

/** A bank and a drawer of it, by their ids. */
function hasDrawer({ banks }: Case, line: string): boolean {
  return banks.some(({ id, drawers }) => drawers.some((drawer) => line === `${id}/${drawer.id}`));
}

/** What is told the compartment it stands in. */
export const IN_COMPARTMENTS = ['shelves', 'tiltOuts', 'boards', 'keepOuts', 'uprights', 'measured'] as const;

interface InCompartment {
  readonly compartment: string;
  readonly material?: string;
  readonly edging?: { readonly material: string };
}

interface Placed {
  readonly node: Node;
  readonly path: string;
}

function nodesOf(node: Node, path: string): readonly Placed[] {
  const within = (['across', 'down'] as const).flatMap((split) =>
    (node[split] ?? []).flatMap((child, index) => nodesOf(child, `${path}.${split}[${index}]`)),
  );
  return [{ node, path }, ...within];
}

const leavesOf = (nodes: readonly Placed[]): ReadonlySet<string> =>
  new Set(nodes.flatMap(({ node }) => (node.across || node.down ? [] : [node.id])));
const noMaterial = (id: string) => readWrong(id, said('no-material'));
const noCompartment = (id: string) => readWrong(id, said('no-compartment'));

/** A layout divides a case that is told how it is made; its nodes and the banks have ids of their own. */
function checkLayout(owner: Case, nodes: readonly Placed[], path: string, report: Report): void {
  if (owner.layout && !owner.build) report.add(`${path}.build`, said('field-missing'));
  if (owner.build && !owner.layout) report.add(`${path}.layout`, said('field-missing'));
  const seen = new Map<string, string>();
  const all = [...nodes.map(({ node, path: at }) => ({ id: node.id, at }))];
  for (const kind of ['banks', 'doors', 'tiltOuts', 'boards', 'lids'] as const)
    if (owner.layout)
      all.push(...(owner[kind] ?? []).map(({ id }, index) => ({ id, at: `${path}.${kind}[${index}]` })));
  for (const { id, at } of all) {
    const by = seen.get(id);
    if (by === undefined) seen.set(id, at);
    else report.add(`${at}.id`, readWrong(id, said('id-taken', { by })));
  }
}

/** A bank has its opening told, unless it follows from the compartment it stands in. */
function checkBanks(owner: Case, leaves: ReadonlySet<string>, path: string, report: Report): void {
  if (owner.banks.length === 0 && !owner.build)
    report.add(`${path}.banks`, said('list-of', { least: 1, most: 40, has: 0 }));
  const standing = new Map<string, string>();
  owner.banks.forEach(({ behind }, index) => {
    if (behind !== undefined && !owner.doors?.some(({ id }) => id === behind))
      report.add(`${path}.banks[${index}].behind`, readWrong(behind, said('no-door')));
  });
  owner.banks.forEach(({ id, compartment, opening, basis, buildOut }, index) => {
    const at = `${path}.banks[${index}]`;
    const by = compartment === undefined ? undefined : standing.get(compartment);
    if (by !== undefined)
      report.add(`${at}.compartment`, readWrong(compartment, said('compartment-taken', { bank: by })));
    if (compartment !== undefined) standing.set(compartment, id);
    if (compartment !== undefined && !leaves.has(compartment))
      report.add(`${at}.compartment`, noCompartment(compartment));
    if (compartment === undefined) checkBuildOut(buildOut, `${at}.buildOut`, report);
    if (opening === undefined && (compartment === undefined || basis === 'as-built'))
      report.add(`${at}.opening`, said('field-missing'));
  });
}

/** How a case stands is told, unless it follows from how it is made. */
function checkStand({ stand, build }: Case, path: string, report: Report): void {
  if (!stand || build) return;
  for (const field of ['weight_kg', 'depth', 'frontFeet'] as const)
    if (stand[field] === undefined) report.add(`${path}.stand.${field}`, said('field-missing'));
}

/** Only in a compartment it follows from the case. */
function checkBuildOut(buildOut: BuildOutOf<Length> | undefined, path: string, report: Report): void {
  for (const side of ['left', 'right'] as const)
    if (buildOut && buildOut[side] === undefined) report.add(`${path}.${side}`, said('field-missing'));
}

function checkBuild(build: BuildOf<Length>, path: string, materials: ReadonlySet<string>, report: Report): void {
  if (build.width === undefined && !build.place) report.add(`${path}.width`, said('field-missing'));
  for (const [field, id] of materialsNamed(build, ''))
    if (!materials.has(id)) report.add(`${path}.${field}`, noMaterial(id));
}

/** Every material named in how a case is made: all fields called so, and the panel's. */
function materialsNamed(value: object, path: string): readonly (readonly [field: string, id: string])[] {
  return Object.entries(value).flatMap(([name, each]: [string, unknown]) => {
    const at = path === '' ? name : `${path}.${name}`;
    if ((name === 'material' || at === 'panel') && typeof each === 'string') return [[at, each] as const];
    return typeof each === 'object' && each !== null && !Array.isArray(each) ? materialsNamed(each, at) : [];
  });
}
