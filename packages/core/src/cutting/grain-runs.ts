import type { FrontFace, FrontTree } from '../fronts';
import type { Job } from '../job';
import { ZERO } from '../length';
import type { BankPlan, Plan } from '../plan';
import type { CutPart } from './cut-part';
import { sawOf } from './saw';
import { ACROSS, treeRun, UP, type Lie, type PartTree, type RunPiece } from './tree-run';

/**
 * Panels for grain-matched fronts: one down each bank with a run of its own, one for all banks of a case whose run goes
 * across (those whose grain runs up apart from the others), or for all that hangs at its front, doors too, where the case
 * is told how it is made. A run of one front is no run.
 */
export function grainRuns(job: Job, plan: Plan, parts: readonly CutPart[]): readonly RunPiece[] {
  const { kerf } = sawOf(job);
  return plan.cases.flatMap((owner, index) => {
    const { id, banks, run } = owner;
    const across = run && job.cases[index]?.run;
    if (across) {
      const laying = { run: across, kerf, trim: { x: across.trim, y: across.trim } };
      return treesAcross(owner, parts).flatMap(({ name, tree, lie }) => treeRun(name, tree, { ...laying, lie }));
    }
    return banks.flatMap((bank) => {
      const own = bank.bank.front.run;
      if (!own) return [];
      const laying = { run: own, kerf, trim: { x: ZERO, y: own.trim }, lie: lieOf(bank) };
      return treeRun(`${id}/${bank.id}`, columnOf(bank, parts), laying);
    });
  });
}

interface Across {
  readonly name: string;
  readonly tree: PartTree;
  readonly lie: Lie;
}

/** What of a case comes from one panel, for each panel there is. */
function treesAcross({ id, banks, fronts }: Plan['cases'][number], parts: readonly CutPart[]): readonly Across[] {
  if (fronts) {
    const own = parts.filter(({ use }) => use.case === id);
    return fronts.flatMap((front, place) => {
      const tree = cutFrom(front, own);
      const name = place === 0 ? id : `${id}/${place + 1}`;
      return tree ? [{ name, tree, lie: firstOf(front).up ? UP : ACROSS }] : [];
    });
  }
  return [UP, ACROSS].map((lie) => {
    const alike = banks.filter((bank) => lieOf(bank) === lie);
    const columns = alike.map((bank) => columnOf(bank, parts)).filter(({ children }) => children.length > 0);
    const name = alike.length === banks.length ? id : `${id}/${lie.y}`;
    return { name, tree: { along: 'x', children: columns }, lie };
  });
}

function lieOf({ bank: { front } }: BankPlan): Lie {
  return front.grain === 'up' ? UP : ACROSS;
}

/** The fronts of one bank that are still to be cut, from the top down. */
function columnOf({ path }: BankPlan, parts: readonly CutPart[]) {
  const children = parts.filter(({ use }) => use.path === path && use.role === 'drawer-front');
  return { along: 'y', children } as const;
}

/** What is still to be cut of a front; nothing where all of it is. */
function cutFrom(tree: FrontTree, parts: readonly CutPart[]): PartTree | undefined {
  if (tree.kind === 'face') return parts.find((part) => isOf(tree.face, part));
  const children = tree.children.flatMap((child) => cutFrom(child, parts) ?? []);
  return children.length > 0 ? { along: tree.along, children } : undefined;
}

function isOf({ of }: FrontFace, { use, name }: CutPart): boolean {
  if ('bank' in of) return use.role === 'drawer-front' && use.path === of.bank && use.place === of.place;
  const number = of.leaves > 1 ? ` ${of.leaf + 1}` : '';
  return use.role === 'door' && use.node === of.door && name.endsWith(`door ${of.door}${number}`);
}

/** They are alike, one tells for all. */
function firstOf(tree: FrontTree): FrontFace {
  let at = tree;
  while (at.kind === 'split') at = at.children[0] as FrontTree;
  return at.face;
}
