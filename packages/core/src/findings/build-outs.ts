import { said } from '../words';
import type { Bank, Case, Material } from '../job';
import { millimetres, nm, plus, tally, type Length, ofField } from '../length';
import { onRunners, type Stack } from '../mounting';
import type { SlideFamily } from '../slides';
import { remedy, type Finding, type Remedy } from './finding';

/** What the bank's build-outs are judged by. */
export interface BuildOutFacts {
  readonly style: Case['style'];
  readonly bank: Bank;
  readonly path: string;
  readonly casePath: string;
  readonly families: readonly SlideFamily[];
  readonly stacks: { readonly left: Stack; readonly right: Stack } | undefined;
  /** The same made up from everything the job has, and what that is. */
  readonly fromAll: () => { readonly left: Stack; readonly right: Stack };
  readonly materials: readonly Material[];
}

/** Side-fixed slides beside a face frame stand on build-outs. */
export function buildOutMissing({ style, bank, families }: BuildOutFacts): Finding | undefined {
  const fixed = families.find(({ sideFixed }) => sideFixed);
  if (style !== 'face-frame' || bank.buildOut || !fixed) return undefined;
  return {
    ...said('BUILD_OUT_MISSING', { family: fixed.called }),
    severity: 'stop',
    step: 'measure',
  };
}

/** Without a frame the slides stand on the case's own sides: what is built out there stands in the boxes' way. */
export function buildOutWithoutFrame({ style, bank, path, casePath }: BuildOutFacts): Finding | undefined {
  // What is packed to keep clear of a door is asked for.
  const asked = (side: 'left' | 'right'): Length => nm((bank.buildOut?.[side] ?? 0) - (bank.pack?.[side] ?? 0));
  const [left, right] = [asked('left'), asked('right')];
  if (style !== 'frameless' || left + right === 0) return undefined;
  return {
    ...said('BUILD_OUT_WITHOUT_FRAME', { left, right }),
    severity: 'stop',
    step: 'measure',
    because: tally(plus('left', left, field(path, 'left')), plus('right', right, field(path, 'right'))),
    remedies: [
      remedy('drop-build-outs', {}, [{ path: `${path}.buildOut`, value: undefined }]),
      remedy('has-face-frame', {}, [{ path: `${casePath}.style`, value: 'face-frame' }]),
    ],
  };
}

/** Bought slides under the boxes rest on the frame in front; behind it something must hold them. */
export function nothingBehind({ style, bank, path, families }: BuildOutFacts): Finding | undefined {
  const under = families.find((family) => family.seat === 'bay' && !onRunners(family));
  if (style !== 'face-frame' || !under || bank.mounting?.behind) return undefined;
  return {
    ...said('NOTHING_BEHIND', { family: under.called, inset: bank.front.mount === 'inset' }),
    severity: 'stop',
    step: 'slides',
    remedies: [
      remedy('strips-behind', {}, [{ path: `${path}.mounting.behind`, value: 'strips' }]),
      remedy('blocking-behind', {}, [{ path: `${path}.mounting.behind`, value: 'blocking' }]),
    ],
  };
}

/** Both stacks' departures from what is wanted, against what the slide lets the box be narrower. */
export function buildOutOff(facts: BuildOutFacts): Finding | undefined {
  const { style, bank, families, stacks, path } = facts;
  const stacked = families.filter((family) => family.sideFixed && !onRunners(family));
  if (style !== 'face-frame' || !bank.buildOut || !stacks || stacks.left.rest || stacked.length === 0) return undefined;
  const forgives = nm(Math.min(...stacked.map(({ narrowBy }) => narrowBy)));
  const off = offOf(stacks);
  if (2 * off <= forgives) return undefined;
  const { left, right } = stacks;
  return {
    ...said('BUILD_OUT_OFF', { left: left.off.total, right: right.off.total, off, forgives }),
    severity: off > forgives ? 'stop' : 'warn',
    step: 'measure',
    because: tally(
      plus('left-off-by', nm(Math.abs(left.off.total)), field(path, 'left')),
      plus('right-off-by', nm(Math.abs(right.off.total)), field(path, 'right')),
    ),
    remedies: [...otherStock(facts, forgives), ...madeUp(facts)],
  };
}

function offOf({ left, right }: { readonly left: Stack; readonly right: Stack }): Length {
  return nm(Math.abs(left.off.total) + Math.abs(right.off.total));
}

/** Everything the job has, where that comes near enough. */
function otherStock({ path, fromAll, materials }: BuildOutFacts, forgives: Length): readonly Remedy[] {
  const all = fromAll();
  if (2 * offOf(all) > forgives) return [];
  const used = [...new Set([...all.left.pieces, ...all.right.pieces].map(({ material }) => material))];
  if (used.length === 0) return [];
  const names = used.map((id) => materials.find((each) => each.id === id)?.name ?? id);
  return [remedy('build-out-from', { materials: names }, [{ path: `${path}.buildOut.from`, value: used }])];
}

/** What is thicker is a piece of its own, not packing. Common practice. */
const MOST_PACKED = millimetres(6);

function madeUp({ path, stacks }: BuildOutFacts): readonly Remedy[] {
  const rest = (value: 'packed' | 'planed'): Remedy['patches'] => [{ path: `${path}.buildOut.rest`, value }];
  const lacks = [stacks?.left.off.total ?? 0, stacks?.right.off.total ?? 0];
  const packable = lacks.every((off) => off <= 0 && -off <= MOST_PACKED);
  return [...(packable ? [remedy('pack-rest', {}, rest('packed'))] : []), remedy('plane-rest', {}, rest('planed'))];
}

const field = (path: string, side: 'left' | 'right') => ofField(`${path}.buildOut.${side}`);
