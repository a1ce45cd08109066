import type { Bank, Case, Material } from '../job';
import { millimetres, nm, plus, tally, type Length } from '../length';
import { onRunners, type Stack } from '../mounting';
import type { SlideFamily } from '../slides';
import type { Finding, Remedy, Say } from './finding';

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
  /** Writes what a side is packed out by. */
  readonly pack: Say;
}

/** Side-fixed slides beside a face frame stand on build-outs. */
export function buildOutMissing({ style, bank, families }: BuildOutFacts): Finding | undefined {
  const fixed = families.find(({ sideFixed }) => sideFixed);
  if (style !== 'face-frame' || bank.buildOut || !fixed) return undefined;
  return {
    code: 'BUILD_OUT_MISSING',
    severity: 'stop',
    step: 'measure',
    says: `No build-outs are given. ${fixed.name} is fixed to the case side, so it must be brought out flush with the face frame’s edge: measure from case wall to frame edge, left and right.`,
  };
}

/** Without a frame the slides stand on the case's own sides: what is built out there stands in the boxes' way. */
export function buildOutWithoutFrame({ style, bank, path, casePath }: BuildOutFacts, say: Say): Finding | undefined {
  const { left = nm(0), right = nm(0) } = bank.buildOut ?? {};
  if (style !== 'frameless' || left + right === 0) return undefined;
  return {
    code: 'BUILD_OUT_WITHOUT_FRAME',
    severity: 'stop',
    step: 'measure',
    says: `Build-outs of ${say(left)} left and ${say(right)} right are given, and this case has no frame to build out to: they would stand in the way of boxes as wide as the opening. Measure the width between what is packed out instead.`,
    because: tally(plus('left', left, field(path, 'left')), plus('right', right, field(path, 'right'))),
    remedies: [
      { says: 'Take the build-outs away', patches: [{ path: `${path}.buildOut`, value: undefined }] },
      { says: 'It has a face frame', patches: [{ path: `${casePath}.style`, value: 'face-frame' }] },
    ],
  };
}

/** Bought slides under the boxes rest on the frame in front; behind it something must hold them. */
export function nothingBehind({ style, bank, path, families }: BuildOutFacts): Finding | undefined {
  const under = families.find((family) => family.seat === 'bay' && !onRunners(family));
  if (style !== 'face-frame' || !under || bank.mounting?.behind) return undefined;
  const inset = bank.front.mount === 'inset';
  return {
    code: 'NOTHING_BEHIND',
    severity: 'stop',
    step: 'slides',
    says: `${under.name} is not fixed to the case side: behind a face frame it wants ${inset ? 'upright strips in front and at the back' : 'two upright strips at the back'} (or blocking), their faces in line with the frame’s edge, from the case’s floor up. Its own sheet says where.`,
    remedies: [
      { says: 'Strips stand there', patches: [{ path: `${path}.mounting.behind`, value: 'strips' }] },
      { says: 'Blocking stands there', patches: [{ path: `${path}.mounting.behind`, value: 'blocking' }] },
    ],
  };
}

/** Both stacks' departures from what is wanted, against what the slide lets the box be narrower. */
export function buildOutOff(facts: BuildOutFacts, say: Say): Finding | undefined {
  const { style, bank, families, stacks, path, pack } = facts;
  const stacked = families.filter((family) => family.sideFixed && !onRunners(family));
  if (style !== 'face-frame' || !bank.buildOut || !stacks || stacks.left.rest || stacked.length === 0) return undefined;
  const forgives = nm(Math.min(...stacked.map(({ narrowBy }) => narrowBy)));
  const off = offOf(stacks);
  if (2 * off <= forgives) return undefined;
  const side = (which: 'left' | 'right'): string => {
    const { total } = stacks[which].off;
    if (total === 0) return `${which} just as wanted`;
    return total > 0
      ? `${which} ${say(total)} too thick`
      : `${which} ${say(nm(-total))} short (pack ${pack(nm(-total))})`;
  };
  return {
    code: 'BUILD_OUT_OFF',
    severity: off > forgives ? 'stop' : 'warn',
    step: 'measure',
    says: `The stock at hand does not make the build-outs up: ${side('left')}, ${side('right')}; together ${say(off)}, and the slide forgives ${say(forgives)}.`,
    because: tally(
      plus('left off by', nm(Math.abs(stacks.left.off.total)), field(path, 'left')),
      plus('right off by', nm(Math.abs(stacks.right.off.total)), field(path, 'right')),
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
  const names = used.map((id) => materials.find((each) => each.id === id)?.name ?? id).join(' and ');
  return [{ says: `Make them up from ${names}`, patches: [{ path: `${path}.buildOut.from`, value: used }] }];
}

/** What is thicker is a piece of its own, not packing. Common practice. */
const MOST_PACKED = millimetres(6);

function madeUp({ path, stacks }: BuildOutFacts): readonly Remedy[] {
  const rest = (value: 'packed' | 'planed'): Remedy['patches'] => [{ path: `${path}.buildOut.rest`, value }];
  const lacks = [stacks?.left.off.total ?? 0, stacks?.right.off.total ?? 0];
  const packable = lacks.every((off) => off <= 0 && -off <= MOST_PACKED);
  return [
    ...(packable ? [{ says: 'Pack out what is missing', patches: rest('packed') }] : []),
    { says: 'Plane them from solid to fit', patches: rest('planed') },
  ];
}

const field = (path: string, side: 'left' | 'right') => ({ kind: 'field', path: `${path}.buildOut.${side}` }) as const;
