import type { Bank, Job, Material } from '../job';
import { minus, plus, tally, ZERO, ofField } from '../length';
import { buildOutStack, isBlocked, onRunners, type Stack } from '../mounting';
import type { Making } from './making';

/** What is built out left and right. */
export interface BuildOuts {
  readonly left: Stack;
  readonly right: Stack;
}

/** The stacks of a bank behind slides that are fixed to the side; none where all run on wood, or nothing is built out. */
export function buildOutsOf(job: Job, bank: Bank, path: string, makings: readonly Making[]): BuildOuts | undefined {
  const stacked = makings.some(({ family }) => (family.sideFixed || isBlocked(bank, family)) && !onRunners(family));
  return bank.buildOut && stacked ? stacksFrom(stockOf(job, bank), job, bank, path) : undefined;
}

/** The same from everything the job has. */
export function buildOutsFromAll(job: Job, bank: Bank, path: string): BuildOuts {
  return stacksFrom(job.materials, job, bank, path);
}

/** Drawers come first: what they are made of is taken for build-outs only where somebody says so. */
function stockOf(job: Job, { buildOut }: Bank): readonly Material[] {
  const { from } = buildOut ?? {};
  return from ? job.materials.filter(({ id }) => from.includes(id)) : usualBuildOutStock(job);
}

/** Every material of a job that no drawer is made of. */
export function usualBuildOutStock(job: Job): readonly Material[] {
  const ofDrawers = new Set(job.cases.flatMap(({ banks }) => banks.flatMap(materialsOf)));
  return job.materials.filter(({ id }) => !ofDrawers.has(id));
}

function materialsOf({ box, front, drawers }: Bank): readonly (string | undefined)[] {
  const boxes = [box, ...drawers.map((drawer) => drawer.box ?? {})];
  return [
    ...boxes.flatMap(({ sides, ends, back, bottom, muntin }) => [sides, ends, back, bottom, muntin?.material]),
    front.material,
    front.frame?.panel,
    ...drawers.map((drawer) => drawer.front?.material),
  ];
}

function stacksFrom(stock: readonly Material[], job: Job, { buildOut }: Bank, path: string): BuildOuts {
  const side = (which: 'left' | 'right'): Stack => {
    const stack = buildOutStack(
      buildOut?.[which] ?? ZERO,
      stock,
      (material) => ofField(`materials[${job.materials.indexOf(material)}].thickness`),
      ofField(`${path}.buildOut.${which}`),
    );
    return madeUp(stack, buildOut?.rest);
  };
  return { left: side('left'), right: side('right') };
}

/** With packing it comes out as wanted where it was short; planed from solid it is one piece, just as wanted. */
function madeUp(stack: Stack, rest: Stack['rest']): Stack {
  if (rest === undefined) return stack;
  if (rest === 'planed') {
    const made = tally(plus('planed-to-fit', stack.wanted));
    return { ...stack, rest, made, pieces: [], off: tally(...made.terms, minus('wanted', stack.wanted)) };
  }
  const { off } = stack;
  if (off.total >= 0) return { ...stack, rest };
  const packing = minus('packing', off.total);
  return {
    ...stack,
    rest,
    made: tally(...stack.made.terms, packing),
    off: tally(...off.terms, packing),
    packing: packing.amount,
  };
}
