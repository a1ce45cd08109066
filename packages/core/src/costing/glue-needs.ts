import { reachOf } from '../box';
import { boardList, type CutPart } from '../cutting';
import type { Fixing } from '../fixing';
import { CORNERS, drawerSettings, type Corner } from '../job';
import { nm, type Length, type Said } from '../length';
import { boxFixings, caseFixings, type BankPlan, type DrawerPlan } from '../plan';
import { said } from '../words';
import { addUp, area, decimal, times, type Amount } from './amount';
import type { Costed } from './costed';
import type { ForWhat, Need } from './need';

/** On contact faces, and the least that is reckoned with, in kilograms; common practice. */
const PER_SQUARE_METRE = 0.15;
const LEAST = 0.1;

/** Glue for every joint that is glued: by the faces that meet, of one let in both its flanks with its end. */
export function glueNeeds(of: Costed): readonly Need[] {
  const faces = contacts(of);
  if (faces.length === 0) return [];
  const wanted = faces.map(({ called, amount }) => ({ called, amount: times(amount, decimal(PER_SQUARE_METRE)) }));
  const sum = addUp(wanted.map(({ amount }) => amount));
  const least = decimal(LEAST);
  const enough = sum.n * least.d >= least.n * sum.d;
  const rounded = enough ? wanted : [{ called: said('cost/least-glue'), amount: least }];
  return [{ kind: 'glue', key: 'glue', what: said('cost/glue'), unit: 'kg', of: rounded }];
}

/** Square metres that meet in glue, by what they are of. */
function contacts({ job, plan, parts }: Costed): readonly ForWhat[] {
  const ofCases = plan.cases.flatMap((owner): readonly ForWhat[] => {
    const called = said('text', { text: owner.name });
    const { fixings } = caseFixings(job, owner);
    const held = fixings.filter(({ glue }) => glue).map((fixing) => ({ called, amount: ofJoint(fixing) }));
    const boxes = owner.banks.flatMap((bank) => {
      const name = said('cost/bank', { name: bank.bank.name ?? owner.name });
      return bank.drawers.flatMap((drawer) => ofBox(job, bank, drawer, name));
    });
    return [...held, ...boxes];
  });
  const frames = parts.flatMap((part) => ofFrame(part));
  const panels = boardList(job, plan).flatMap(({ glueUps }) =>
    glueUps.map(({ length, thickness, boards: { count } }) => ({
      called: said('cost/glued-panel', { boards: count }),
      amount: area(length, thickness, count - 1),
    })),
  );
  return [...ofCases, ...frames, ...panels].filter(({ amount }) => amount.n > 0n);
}

/** Square metres of a job’s case parts that are glued to one another: what is finished before stays bare there. */
export const gluedFaces = ({ job, plan }: Costed): Amount =>
  addUp(
    plan.cases.flatMap((owner) =>
      caseFixings(job, owner)
        .fixings.filter(({ glue }) => glue)
        .map(ofJoint),
    ),
  );

/** `(t + 2e)·l`: so thick what enters, so far in, so long. */
const face = (thickness: Length, into: Length, length: Length, count = 1): Amount =>
  area(nm(thickness + 2 * into), length, count);

function ofJoint({ joint: { along, across, letIn } }: Fixing): Amount {
  return face(nm(across.to - across.from), letIn, nm(along.to - along.from));
}

/** Its corners, and its bottom where that is nailed and glued on. */
function ofBox(job: Costed['job'], plan: BankPlan, drawer: DrawerPlan, called: Said): readonly ForWhat[] {
  const { bank } = plan;
  const plain = bank.drawers[drawer.place];
  if (!plain) return [];
  const { corner } = drawerSettings(bank, plain).box;
  const sizes = (role: string) => drawer.parts.find((part) => part.role === role);
  const side = sizes('side');
  return boxFixings(job, plan, drawer).flatMap(({ glue, one, other, joints }): readonly ForWhat[] => {
    if (!glue || !side?.width) return [];
    const [first, second] = [sizes(one), sizes(other)];
    if (!first?.width || !second) return [];
    if (one === 'bottom') {
      const long = (other === 'side' ? first.width : first.length)?.total;
      return long === undefined ? [] : [{ called, amount: area(long, second.thickness, joints) }];
    }
    const high = nm(Math.min(first.width.total, side.width.total));
    const own = one === 'back' ? { ...corner, ...corner.back } : corner;
    return [{ called, amount: cornerFace(own, side.thickness, first.thickness, high, joints) }];
  });
}

/** What butts is as thick as it is: the side where the ends run over it. */
function cornerFace(corner: Corner, side: Length, end: Length, high: Length, joints: number): Amount {
  const covers = CORNERS[corner.joint].reach.sides === 1;
  return covers ? face(side, nm(0), high, joints) : face(end, reachOf(corner, side), high, joints);
}

/** Rails, and what parts a frame into lights, at both ends. */
const ENDING: ReadonlySet<string> = new Set(['rail', 'door-rail', 'door-middle-stile', 'door-middle-rail']);

function ofFrame({ use, material, width, machining }: CutPart): readonly ForWhat[] {
  if (!ENDING.has(use.role)) return [];
  const tongue = machining.find(({ kind }) => kind === 'tongue')?.sizes['depth']?.total ?? nm(0);
  return [{ called: said('cost/frames'), amount: face(material.thickness, tongue, width.total, 2) }];
}
