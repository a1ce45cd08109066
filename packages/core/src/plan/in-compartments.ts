import { depthBetween, planCasework, type CaseStock, type CaseworkPlan } from '../casework';
import type { Bank, Job, WrittenBank, WrittenCase, WrittenJob } from '../job';
import { nm, ZERO } from '../length';
import { needsOf } from './fits';

/** What was made of a bank in its compartment, while that did not change. */
const made = new WeakMap<WrittenBank, { readonly sizes: string; readonly bank: Bank }>();

/**
 * The job with every bank in an opening: its own, or while it is planned that of the compartment it stands in. What
 * stands back behind a face frame is its build-out, unless it says its own. Banks that do not change stay the same objects.
 */
export function inCompartments(job: WrittenJob): Job {
  if (!job.cases.some(({ layout }) => layout)) return job as Job;
  return { ...job, cases: job.cases.map((owner, index) => standing(job, owner, `cases[${index}]`)) } as Job;
}

/** The casework of a case that is told how it is made. */
export function caseworkOf(job: WrittenJob, owner: WrittenCase, path: string): CaseworkPlan | undefined {
  const stock = caseStockOf(job, owner, path);
  return stock && owner.layout && planCasework(stock, owner.layout, needsOf(job as Job, owner, path));
}

/** What a case that is told how it is made is reckoned from. */
export function caseStockOf(job: WrittenJob, owner: WrittenCase, path: string): CaseStock | undefined {
  const { build, style, shelves = [], doors = [], keepOuts = [], cutOuts = [], measured = [] } = owner;
  return (
    build && {
      build,
      style,
      shelves,
      doors,
      keepOuts,
      cutOuts,
      measured,
      unit: job.unit,
      materials: job.materials,
      path,
    }
  );
}

function standing(job: WrittenJob, owner: WrittenCase, path: string): WrittenCase {
  const casework = caseworkOf(job, owner, path);
  return casework ? { ...owner, banks: owner.banks.map((bank) => inIts(bank, casework)) } : owner;
}

function inIts(bank: WrittenBank, casework: CaseworkPlan): Bank {
  if (bank.compartment === undefined) return bank as Bank;
  const place = placeOf(bank.compartment, casework);
  const sizes = JSON.stringify(place);
  const before = made.get(bank);
  if (before?.sizes === sizes) return before.bank;
  const whole = { ...standingIn(bank, place), ...builtOut(bank, place) };
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

/** What stands back behind a face frame is built out, unless the bank says its own. */
function builtOut({ buildOut }: WrittenBank, { left, right }: Place): Pick<Bank, 'buildOut'> {
  if (!buildOut && left + right <= 0) return {};
  return { buildOut: { ...buildOut, left: buildOut?.left ?? left, right: buildOut?.right ?? right } };
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
