import { ROLES } from '../box';
import { levelSlack, cutRecords, widthGrade } from '../cutting';
import { readingsOf, type Job, writeAddress } from '../job';
import { millimetres, nm, share, ZERO, type Length } from '../length';
import type { BankPlan, DrawerPlan, Plan } from '../plan';

/** So much can be planed off the sides of a solid box, both together. Common practice. */
const MOST_PLANED = millimetres(2);

/**
 * A box that is made, or whose ends are cut, in its opening. `pack`: so much behind each slide; `trim`: the cut ends by
 * so much, `plane`: so much off each side; `again`: it is made again.
 */
export interface BoxFit {
  /** Path of the bank. */
  readonly bank: string;
  readonly drawer: string;
  readonly place: number;
  /** Measured on the made box, or told by its cut ends. */
  readonly known: 'made' | 'cut';
  readonly width: Length;
  /** What its own level takes. */
  readonly takes: Length;
  /** Wider than that by so much; narrower where negative. */
  readonly over: Length;
  readonly verdict: 'fits' | 'pack' | 'trim' | 'plane' | 'again';
  /** Behind each slide, off each side, or off each end: what the verdict asks. */
  readonly by: Length;
}

/** Every box that is made or has its ends cut, against the opening at its level as it was measured last. */
export function boxFits(job: Job, plan: Plan): readonly BoxFit[] {
  return plan.cases.flatMap((owner) =>
    owner.banks.flatMap((bank) =>
      bank.drawers.flatMap((drawer) => {
        const width = widthOf(job, owner.id, bank, drawer);
        return width ? fitOf(job, bank, drawer, width) : [];
      }),
    ),
  );
}

interface Width {
  readonly known: BoxFit['known'];
  readonly width: Length;
}

/** The largest it was measured at, or what its longest cut end makes of it. */
function widthOf(job: Job, owner: string, bank: BankPlan, drawer: DrawerPlan): Width | undefined {
  const measured = readingsOf(bank.bank, 'box-width', drawer.id).map(({ length }) => length);
  if (measured.length > 0) return { known: 'made', width: nm(Math.max(...measured)) };
  const planned = drawer.dimensions['box.width']?.total;
  const records = cutRecords(job);
  const over = drawer.parts.flatMap(({ role, length }) => {
    const record = records.get(
      writeAddress({ case: owner, bank: bank.id, drawer: drawer.id, part: ROLES[role].written }),
    );
    return ROLES[role].end && length && record && record.wrong === undefined ? [record.length - length.total] : [];
  });
  if (planned === undefined || over.length === 0) return undefined;
  return { known: 'cut', width: nm(planned + Math.max(...over)) };
}

function fitOf(job: Job, bank: BankPlan, drawer: DrawerPlan, { known, width }: Width): readonly BoxFit[] {
  const planned = drawer.dimensions['box.width']?.total;
  if (planned === undefined) return [];
  const takes = nm(planned + levelSlack(bank.opening, drawer.id));
  const over = nm(width - takes);
  const solid = job.materials.find(({ id }) => id === sidesOf(drawer))?.kind === 'solid';
  const { verdict, by } = judged({ known, over, solid, narrowBy: drawer.family.narrowBy });
  return [{ bank: bank.path, drawer: drawer.id, place: drawer.place, known, width, takes, over, verdict, by }];
}

function sidesOf({ parts }: DrawerPlan): string | undefined {
  return parts.find(({ role }) => role === 'side')?.material;
}

interface Judged {
  readonly known: BoxFit['known'];
  readonly over: Length;
  readonly solid: boolean;
  readonly narrowBy: Length;
}

function judged({ known, over, solid, narrowBy }: Judged): Pick<BoxFit, 'verdict' | 'by'> {
  const half = share(nm(Math.abs(over)), 2);
  const grade = widthGrade(over, narrowBy);
  if (grade === 'fits') return { verdict: 'fits', by: ZERO };
  if (grade === 'pack') return { verdict: 'pack', by: half };
  if (grade === 'trim' && known === 'cut') return { verdict: 'trim', by: over };
  if (grade === 'trim' && solid && over <= MOST_PLANED) return { verdict: 'plane', by: half };
  return { verdict: 'again', by: nm(Math.abs(over)) };
}
