import { depthBetween, planCasework, type CaseStock, type CaseworkPlan } from '../casework';
import type { Bank, Job, WrittenBank, WrittenCase, WrittenJob } from '../job';
import { add, nm, ZERO } from '../length';
import { completed } from './completed';
import { needsOf } from './fits';

/** What was made of a bank in its compartment, while that did not change. */
const made = new WeakMap<WrittenBank, { readonly sizes: string; readonly bank: Bank }>();

/**
 * The job with every bank in an opening: its own, or while it is planned that of the compartment it stands in. What
 * stands back behind a face frame is its build-out, unless it says its own. Banks that do not change stay the same objects.
 */
export function inCompartments(job: WrittenJob): Job {
  const plain = ({ layout, banks }: WrittenCase): boolean =>
    !layout && banks.every(({ front }) => front.mount !== 'none');
  if (job.cases.every(plain)) return job as Job;
  return { ...job, cases: job.cases.map((owner, index) => standing(job, owner, `cases[${index}]`)) } as Job;
}

/** The casework of a case that is told how it is made. */
export function caseworkOf(job: WrittenJob, owner: WrittenCase, path: string): CaseworkPlan | undefined {
  const stock = caseStockOf(job, owner, path);
  return stock && owner.layout && planCasework(stock, owner.layout, needsOf(job as Job, owner, path));
}

/** What a case that is told how it is made is reckoned from. */
export function caseStockOf(job: WrittenJob, owner: WrittenCase, path: string): CaseStock | undefined {
  const { build, style, shelves = [], doors = [], keepOuts = [], cutOuts = [], uprights = [], measured = [] } = owner;
  return (
    build && {
      build,
      style,
      shelves,
      doors,
      keepOuts,
      cutOuts,
      uprights,
      at: owner.at,
      measured,
      unit: job.unit,
      materials: job.materials,
      path,
    }
  );
}

function standing(job: WrittenJob, owner: WrittenCase, path: string): WrittenCase {
  const casework = caseworkOf(job, owner, path);
  return { ...owner, banks: owner.banks.map((bank) => inIts(job, owner, bank, casework)) };
}

function inIts(job: WrittenJob, owner: WrittenCase, bank: WrittenBank, casework: CaseworkPlan | undefined): Bank {
  const place = bank.compartment === undefined || !casework ? undefined : placeOf(bank.compartment, casework);
  if (!place && bank.front.mount !== 'none') return bank as Bank;
  const follows = completed(job, owner, bank, casework);
  const { drawers: _drawers, ...others } = follows;
  const sizes = JSON.stringify([place, others]);
  const before = made.get(bank);
  if (before?.sizes === sizes) return before.bank;
  const stands = place ? { ...standingIn(bank, place), ...builtOut(bank, place) } : (bank as Bank);
  const whole: Bank = { ...stands, ...follows };
  made.set(bank, { sizes, bank: whole });
  return whole;
}

/** In its opening as it was measured, or as it is planned: not everywhere as deep. */
function standingIn(bank: WrittenBank, { width, height, depth, depths, whole }: Place): Bank {
  const { buildOut: _built, ...rest } = bank;
  if (bank.basis === 'as-built' && bank.opening) return { ...rest, opening: bank.opening };
  const opening = { width: [width], height: [height], depth: [depth] };
  return { ...rest, opening, ...(depths.length > 0 ? { depths: { whole, steps: depths } } : {}) };
}

/** What stands back behind a face frame is built out, unless the bank says its own; and what it is packed by. */
function builtOut({ buildOut, pack }: WrittenBank, { left, right }: Place): Pick<Bank, 'buildOut'> {
  const own = { left, right, ...buildOut };
  const built = { left: add(own.left, pack?.left ?? ZERO), right: add(own.right, pack?.right ?? ZERO) };
  return buildOut || built.left + built.right > 0 ? { buildOut: { ...buildOut, ...built } } : {};
}

type Place = ReturnType<typeof placeOf>;

/** Where the sizes of its case don't add up a compartment has no opening: everything in it says so. */
function placeOf(id: string, { openings, outline }: CaseworkPlan) {
  const whole = outline.inside.total;
  const found = openings.find(({ compartment }) => compartment.id === id);
  if (!found) return { width: ZERO, height: ZERO, depth: whole, whole, depths: [], left: ZERO, right: ZERO };
  const { compartment, depths, buildOut } = found;
  return {
    width: compartment.width.total,
    height: compartment.height.total,
    depth: depthBetween(whole, depths, ZERO, compartment.height.total),
    whole,
    depths,
    left: nm(Math.max(buildOut.left, 0)),
    right: nm(Math.max(buildOut.right, 0)),
  };
}
