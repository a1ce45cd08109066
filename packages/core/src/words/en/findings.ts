import { add, type Length, type ReadAt, type Said } from '../../length';
import type { CalledBank, CalledDrawer } from '../called';
import type { Words } from '../words';
import { atReading, bankName, drawerName, inSentence, numbers } from './places';

/** What is noticed of one drawer: said after its name, so each begins small. */
export const DRAWER_FINDINGS = {
  DEPTH_TOO_SHORT: (p: { family: Said; nominal: Length | undefined; depth: Length; short: Length }, w: Words) =>
    `${p.nominal === undefined ? `no length of ${w.say(p.family)} fits` : `a ${w.size(p.nominal, 'reading')} slide does not fit`}; the depth of ${w.size(p.depth, 'opening')} is ${w.size(p.short)} short.`,
  BOX_LENGTH_WRONG: (
    p: { why: 'too-long' | 'under-slide' | 'by-slide'; by: Length; length: Length; family: Said },
    w: Words,
  ) =>
    ({
      'too-long': `its box of ${w.exact(p.length)} is ${w.size(p.by)} too long for the case.`,
      'under-slide': `its box of ${w.exact(p.length)} is ${w.size(p.by)} shorter than what slides on it.`,
      'by-slide': `${w.say(p.family)} leaves its box no length of its own: the box follows the slide.`,
    })[p.why],
  SLIDE_CUT: (p: { cut: Length; carries: number; family: Said }, w: Words) =>
    `its slide is cut down by ${w.exact(p.cut)}: it comes out so much less, and is reckoned to carry ${w.weight(p.carries)}. Its maker’s sheet says whether it may be cut at all.`,
  STOCK_TOO_HIGH: (p: { least: Length; over: Length; most: Length }, w: Words) =>
    `the lowest stock there is, ${w.exact(p.least)}, is ${w.size(p.over)} over the ${w.size(p.most, 'part')} the bay allows.`,
  SIDE_TOO_THICK: (p: { family: Said; most: Length; wood: string; over: Length }, w: Words) =>
    `${w.say(p.family)} takes sides up to ${w.size(p.most)}; ${p.wood} is ${w.size(p.over)} over.`,
  BOTTOM_NOT_ALLOWED: (p: { family: Said; fits: readonly Said[] }, w: Words) =>
    `${w.say(p.family)} wants a bottom ${w.list(
      p.fits.map((fit) => inSentence(w.say(fit))),
      'or',
    )}.`,
  RECESS_WRONG: (p: { family: Said; wanted: Length; offset: Length }, w: Words) =>
    `${w.say(p.family)} wants the bottom ${w.size(p.wanted)} up; it is ${w.exact(p.offset)} up.`,
  EASE_TOO_MUCH: (p: { ease: Length; family: Said; most: Length }, w: Words) =>
    `an ease of ${w.exact(p.ease)} makes the box too narrow; ${w.say(p.family)} allows ${w.size(p.most)}.`,
  BOX_TOO_LOW: (p: { short: Length; least: Length; family: Said }, w: Words) =>
    `the box is ${w.size(p.short)} under the ${w.size(p.least)} that ${w.say(p.family)} needs.`,
  BOX_TOO_HIGH: (p: { over: Length; most: Length; shown: Length; stepped: boolean }, w: Words) =>
    `the box height given, ${w.exact(add(p.most, p.over))}, is over the ${w.size(p.most, 'part')} the bay allows; ${w.size(p.shown, 'part')}${p.stepped ? ', the greatest in whole height steps,' : ''} is shown.`,
  CONTENTS_TOO_TALL: (p: { thing: string; short: Length; air: Length }, w: Words) =>
    `${p.thing} wants ${w.size(p.short)} more clear height, counting ${w.exact(p.air)} of air.`,
  CONTENTS_TOO_WIDE: (
    p: { thing: string; across: Length; deep: Length; width: Length; length: Length },
    { exact, size }: Words,
  ) =>
    `${p.thing}, ${exact(p.across)} by ${exact(p.deep)}, is larger than the inside of ${size(p.width, 'opening')} across and ${size(p.length, 'opening')} front to back, whichever way it lies.`,
  FILES_TOO_NARROW: (p: { thing: string; rails: Length; short: Length }, w: Words) =>
    `${p.thing} hang on rails ${w.size(p.rails, 'reading')} apart, and its inside is ${w.size(p.short)} short of that both ways.`,
  CONTENTS_DO_NOT_FIT: (p: { count: number }) =>
    `what is stored, ${p.count} in all, does not lie side by side in rows; stack some, or store less here.`,
  SIZE_IMPOSSIBLE: (p: { what: Said; size: Length }, w: Words) =>
    `the ${w.say(p.what)} would come to ${w.size(p.size, 'part')}.`,
  BOTTOM_TOO_THIN: (p: { bottom: string; short: Length; wanted: Length }, w: Words) =>
    `the load stands on the bottom’s edge, and ${p.bottom} is ${w.size(p.short)} under the ${w.size(p.wanted)} it wants.`,
  LOAD_OVER: (
    p: {
      total: number;
      stored: number;
      box: number;
      front: number;
      share: number;
      carries: number;
      family: Said;
    },
    w: Words,
  ) =>
    `it weighs ${w.weight(p.total)} in all (${w.weight(p.stored)} stored, box ${w.weight(p.box)}, front ${w.weight(p.front)}), ${Math.round(100 * p.share)} % of the ${w.weight(p.carries)} ${w.say(p.family)} carries.`,
  BOTTOM_SAGS: (p: { sag: Length; withCreep: boolean; most: Length; needed: Length }, w: Words) =>
    `its bottom would sag ${w.size(p.sag)} in the middle ${p.withCreep ? 'under what is stored, over the years' : `under the usual test load of ${w.unit === 'in' ? '15 lb/ft²' : '0.72 kPa'}`}; ${w.size(p.most)} is as much as looks right. About ${w.size(p.needed)} of the same would hold.`,
  WIDE_DRAWER: (
    p: { over: Length | undefined; width: Length; length: Length; family: Said; most: Length },
    { size, say }: Words,
  ) => {
    const why =
      p.over === undefined
        ? `it is ${size(p.width, 'opening')} wide inside and ${size(p.length, 'opening')} long: over one and a half times as wide as long`
        : `it is ${size(p.over)} wider inside than ${say(p.family)} serves well, ${size(p.most)}`;
    return `${why}, so it racks when pulled at one side. One pull in the middle, or two used together, help.`;
  },
  GROOVE_TOO_DEEP: (p: { groove: Said; depth: Length; over: Length; wood: string }, w: Words) =>
    `the ${w.say(p.groove)}, ${w.exact(p.depth)} deep, is ${w.size(p.over)} over half of ${p.wood}.`,
  GROOVE_NEAR_EDGE: (p: { left: Length; wanted: Length }, w: Words) =>
    `only ${w.size(p.left)} of wood is left below the groove; it wants ${w.size(p.wanted)}.`,
  SCREW_IN_GROOVE: (p: { rise: Length; wanted: Length }, w: Words) =>
    `the slide’s screws, ${w.size(p.rise)} above the box’s lower edge, run into the bottom; they want ${w.size(p.wanted)}.`,
  HOOK_IN_BOTTOM: (p: { into: Length }, w: Words) =>
    `the bore for the hook would run ${w.size(p.into)} into the bottom, since the back stands on it: keep the back full height with notches, or use a hook plate.`,
  JOINT_IMPOSSIBLE: (p: { joints: readonly Said[] }, w: Words) => `${p.joints.map(w.say).join('; ')}.`,
  FRONT_TOO_LOW: (p: { short: Length; wanted: Length; ofPull: boolean }, w: Words) =>
    `its front is ${w.size(p.short)} under the ${w.size(p.wanted)} ${p.ofPull ? 'its pull wants' : 'a hand and a pull want'}.`,
  FRONT_PROUD: (p: { by: Length; sunk: boolean }, w: Words) =>
    `the set-back marked leaves its front ${w.size(p.by)} ${p.sunk ? 'sunk behind' : 'proud of'} the case.`,
  REVEAL_TOO_TIGHT: (
    p:
      | { of: 'solid'; wood: string; listed: boolean; grows: Length; rise: number; gap: Length }
      | { of: 'sheet'; edge: 'top' | 'gap' | 'bottom' | 'left' | 'right'; gap: Length; wanted: Length },
    { size }: Words,
  ) => {
    if (p.of === 'sheet')
      return `the gap ${GAP_WHERE[p.edge]} is ${size(p.gap)}; under ${size(p.wanted)} fronts touch.`;
    const wood = p.listed ? p.wood : `${p.wood} (not in the table: counted on the careful side)`;
    return `its front of ${wood} may still grow ${size(p.grows)} in height to the wettest season (${p.rise.toFixed(1)} % of moisture); the gap above it is ${size(p.gap)}.`;
  },
  SMALL_PART: (p: { parts: readonly Said[]; several: boolean; short: Length; narrow: Length }, w: Words) =>
    `the ${p.parts.map(w.say).join(' and ')} ${p.several ? 'are' : 'is'} under ${w.size(p.short)} long or ${w.size(p.narrow)} wide: cut from a longer strip, with a sled or push stick.`,
  SLIDE_OFF_BOX: (p: { height: Length; by: Length; under: boolean }, w: Words) =>
    `its slide, ${w.size(p.height)} high, reaches ${w.size(p.by)} ${p.under ? 'under' : 'over'} the box.`,
  BORE_OFF_FRONT: (
    p: { edge: 'left' | 'right' | 'upper' | 'lower'; left: Length; past: Length | undefined; wanted: Length },
    w: Words,
  ) =>
    p.past === undefined
      ? `a bore for its pull is ${w.size(p.left)} from the ${p.edge} edge of its front; nearer than ${w.size(p.wanted)} it breaks out.`
      : `a bore for its pull comes ${w.size(p.past)} off its front, past the ${p.edge} edge.`,
  BOX_OVER_FRONT: (p: { by: Length; above: boolean }, w: Words) =>
    p.above
      ? `its box stands ${w.size(p.by)} above its front and shows over it.`
      : `its box reaches ${w.size(p.by)} below its front and shows under it.`,
  BELOW_FLOOR: (p: { by: Length; slideBelow: boolean }, w: Words) =>
    p.slideBelow
      ? `its slide reaches ${w.size(p.by)} down over the slide below it.`
      : `its slide would stand ${w.size(p.by)} under the floor of the opening.`,
  SETBACK_DEPARTS: (
    p: { runsInto: Length; marked: Length } | { runsInto?: undefined; by: Length; forward: boolean },
    { size }: Words,
  ) => {
    if (p.runsInto !== undefined)
      return `marked ${size(p.marked)} back, its slide runs ${size(p.runsInto)} into the back.`;
    return p.forward
      ? `the set-back marked brings its box ${size(p.by)} too far forward: its front stands off the case.`
      : `the set-back marked leaves its box ${size(p.by)} behind its front.`;
  },
};

const GAP_WHERE = {
  top: 'above its front',
  gap: 'above its front',
  bottom: 'below its front',
  left: 'at the left',
  right: 'at the right',
};

/** What is packed out somewhere: by a reading, or at the level of a drawer. */
export type PackedAt = { readonly eachSide: Length } & (
  | { readonly at: ReadAt & { readonly index: number } }
  | { readonly level: number; readonly end: 'front' | 'back' }
);

interface ReadBy {
  readonly length: Length;
  readonly at: ReadAt & { readonly index: number };
}

/** “1/16 in a side at drawer 2, back; …”. */
function packedOut(packing: readonly PackedAt[], w: Words): string {
  return packing
    .map(
      (each) =>
        `${w.size(each.eachSide, 'packing')} a side ${'at' in each ? atReading(each.at) : `at drawer ${each.level + 1}, ${each.end}`}`,
    )
    .join('; ');
}

/** What is noticed of a bank, a case or its openings. */
export const BANK_FINDINGS = {
  OPENING_TAPERED: (
    p: {
      width: Length;
      /** Of the case; none where only what hangs in it is out of parallel. */
      taper: Length | undefined;
      packing: readonly PackedAt[];
      /** Behind slides that hang. */
      slides: readonly PackedAt[];
    },
    w: Words,
  ) => {
    const where =
      p.packing.length === 0
        ? 'measure at each drawer’s level, front and back, to know where to pack.'
        : `pack the slides out where it is wider: ${packedOut(p.packing, w)}.`;
    const ofCase =
      p.taper === undefined
        ? []
        : [
            `The opening tapers: the widest reading is ${w.size(p.taper)} over the narrowest. Boxes are sized to ${w.size(p.width, 'opening')}; ${where}`,
          ];
    const ofSlides =
      p.slides.length === 0
        ? []
        : [`Hung slides stand farther apart than their boxes are wide: pack them out ${packedOut(p.slides, w)}.`];
    const told = [...ofCase, ...ofSlides];
    return told.length > 0
      ? told.join(' ')
      : 'What was measured between the hung slides does not agree with the opening: measure both again.';
  },
  OPENING_RACKED: (p: { by: Length; to: 'left' | 'right' }, w: Words) =>
    `The opening leans: its top stands ${w.size(p.by)} to the ${p.to} of its floor. Square the case before anything is hung in it.`,
  OPENING_IMPOSSIBLE: (
    p:
      | { of: 'diagonal'; off: Length }
      | {
          of: 'readings';
          apart: Length;
          farthest: { size: string; least: ReadBy; most: ReadBy } | undefined;
        },
    { exact, size }: Words,
  ) => {
    if (p.of === 'diagonal')
      return `A diagonal is ${size(p.off)} off what this width and height have. Measure it again: a misread tape is likelier than such a case.`;
    const far = p.farthest
      ? ` (${p.farthest.size}: ${exact(p.farthest.least.length)} ${atReading(p.farthest.least.at)}, ${exact(p.farthest.most.length)} ${atReading(p.farthest.most.at)})`
      : '';
    return `Readings of one size differ by ${size(p.apart)}${far}. Measure again: a misread tape is likelier than such a case.`;
  },
  FORECAST:
    'These are planned sizes: good for buying and pricing. Nothing is cut by them until the case is built and measured.',
  NOT_YET_MEASURED:
    'These are still the planned sizes, to the last reading. Measure the case as it was built before anything is cut by them.',
  BUILD_OUT_MISSING: (p: { family: Said }, w: Words) =>
    `No build-outs are given. ${w.say(p.family)} is fixed to the case side, so it must be brought out flush with the face frame’s edge: measure from case wall to frame edge, left and right.`,
  BUILD_OUT_WITHOUT_FRAME: (p: { left: Length; right: Length }, w: Words) =>
    `Build-outs of ${w.exact(p.left)} left and ${w.exact(p.right)} right are given, and this case has no frame to build out to: they would stand in the way of boxes as wide as the opening. Measure the width between what is packed out instead.`,
  NOTHING_BEHIND: (p: { family: Said; inset: boolean }, w: Words) =>
    `${w.say(p.family)} is not fixed to the case side: behind a face frame it wants ${p.inset ? 'upright strips in front and at the back' : 'two upright strips at the back'} (or blocking), their faces in line with the frame’s edge, from the case’s floor up. Its own sheet says where.`,
  BUILD_OUT_OFF: (p: { left: Length; right: Length; off: Length; forgives: Length }, w: Words) =>
    `The stock at hand does not make the build-outs up: left ${stackOff(p.left, w)}, right ${stackOff(p.right, w)}; together ${w.size(p.off)}, and the slide forgives ${w.size(p.forgives)}.`,
  DIVISION_IMPOSSIBLE: (
    p: {
      fails: 'over' | 'under' | 'nothing-left' | 'open' | 'bounds' | 'line';
      /** How many are open; what it is by otherwise. */
      by: Length | number;
      drawer: CalledDrawer;
      lines: boolean;
    },
    w: Words,
  ) => {
    const by = w.size(p.by as Length);
    const drawer = drawerName(p.drawer);
    const between = p.lines ? ` between two lines, at drawer ${drawer}` : '';
    switch (p.fails) {
      case 'over':
        return `The heights held (locked, or asked for by what is stored) come to ${by} more than there is to share out${between}.`;
      case 'under':
        return `Every height is held and together they leave ${by} over${between}. Free one drawer to take it.`;
      case 'nothing-left':
        return `Drawer ${drawer} would come out ${by} under nothing. A smaller step, or fewer drawers, would leave it room.`;
      case 'open':
        return `By hand, every height is given but one, which takes the rest. Here ${p.by} are open.`;
      case 'bounds':
        return `Drawer ${drawer} is asked to be two things at once, ${by} apart: look at its lock, tie, least and most.`;
      case 'line':
        return p.by
          ? `The line at drawer ${drawer} leaves the drawers on one side of it ${by} under nothing.`
          : 'A line carried across can’t be kept: the bank it comes from has no heights, or drawers tied across it can’t all be served.';
    }
  },
  DIVISION_REVERSED: (p: { drawer: CalledDrawer; by: Length }, w: Words) =>
    `Drawer ${drawerName(p.drawer)} is ${w.size(p.by)} shallower than the one above it.`,
  EQUAL_NOT_ALIKE: (p: { apart: Length; step: Length }, w: Words) =>
    `Equal fronts come out ${w.size(p.apart)} apart, since their heights are whole steps of ${w.exact(p.step)}.`,
  LIKE_BOXES: (p: { places: readonly number[]; apart: Length }, w: Words) =>
    `Boxes ${numbers(p.places, w)} differ in height by only ${w.size(p.apart)}: one rip setting could serve them.`,
  NOMINAL_THICKNESS: (p: { material: string; thickness: Length }, w: Words) =>
    `${p.material} is written as just ${w.exact(p.thickness)}, its name to the hair. Measure it: sheets run under.`,
  THICKNESS_MEASURED: (p: { material: string; measured: Length; written: Length }, w: Words) =>
    `${p.material} was measured at ${w.exact(p.measured)}, and ${w.exact(p.written)} is written: every sum with it is off by the difference.`,
  GRAIN_JUMPS: (p: { by: Length; below: CalledDrawer | undefined }, w: Words) =>
    `The figure jumps by ${w.size(p.by)} ${p.below ? `below drawer ${drawerName(p.below)}` : 'from bank to bank'}: the gap and what the saw takes differ.`,
  NEIGHBOUR_FRONTS_UNEQUAL: (p: { which: 'fronts' | 'openings'; asked: boolean; by: Length }, w: Words) =>
    p.asked
      ? `The ${p.which} should be alike and differ by ${w.size(p.by)}.`
      : `The ${p.which === 'fronts' ? 'openings' : 'fronts'} of neighbouring banks are alike, so their ${p.which} differ by ${w.size(p.by)}. Which should be alike?`,
  TIPS: (
    p: {
      owner: string;
      tipping: boolean;
      oneOut: boolean;
      ratio: number;
      wanted: number;
      ballast: number | undefined;
    },
    w: Words,
  ) => {
    const ballast =
      p.ballast === undefined ? '' : ` About ${w.weight(Math.ceil(p.ballast))} low at the back would steady it.`;
    return `${p.owner} ${p.tipping ? 'tips' : 'may tip'}: with ${p.oneOut ? 'one' : 'every'} drawer out, what stands behind its front feet is ${p.ratio.toFixed(2)} times what hangs before them; ${p.wanted} is wanted.${ballast} Anchor it to the wall; local rules and the published furniture stability standard decide. This is an indication, not a certificate.`;
  },
  FRONTS_COLLIDE: (
    p:
      | {
          at: 'divider';
          /** What it is said of, where that is not told beside it. */
          of?: CalledBank;
          edge: 'left' | 'right' | 'top' | 'bottom';
          other: CalledBank;
          /** How far the fronts overlap; less than nothing where some gap is left. */
          overlap: Length;
          left: Length;
          gap: Length;
          over: Length;
          divider: Length;
        }
      | { at: 'end'; edge: 'left' | 'right'; over: Length; most: Length }
      | { at: 'rail'; over: Length; rail: Length; gap: Length },
    { size }: Words,
  ) => {
    if (p.at === 'end')
      return `Its fronts lap the ${p.edge} end of the case by ${size(p.over)} more than the ${size(p.most)} there is.`;
    if (p.at === 'rail')
      return `Its fronts stand ${size(p.over)} over the rails of ${size(p.rail)} between them: ${size(p.gap)} is left from front to front.`;
    const what =
      p.overlap > 0
        ? `overlap ${p.other.door ? bankName(p.other) : `those of ${bankName(p.other)}`} by ${size(p.overlap)}`
        : `leave ${size(p.left)} to ${p.other.door ? bankName(p.other) : `those of ${bankName(p.other)}`}, where a gap of ${size(p.gap)} is wanted`;
    const whose = p.of ? `The leaves of ${bankName(p.of)}` : 'Its fronts';
    return `${whose} ${what}: the laps at the ${p.edge} and the gap come to ${size(p.over)} more than ${p.edge === 'left' || p.edge === 'right' ? 'the divider' : 'what stands there'} of ${size(p.divider)}.`;
  },
};

function stackOff(off: Length, w: Words): string {
  const size = Math.abs(off) as Length;
  if (off === 0) return 'just as wanted';
  return off > 0 ? `${w.size(size)} too thick` : `${w.size(size)} short (pack ${w.size(size, 'packing')})`;
}

/** Findings as they stand: of a drawer after its name, of several drawers at once, or of their own. */
export const SPOKEN = {
  'of-drawer': (p: { drawer: CalledDrawer; body: Said }, w: Words) =>
    `Drawer ${drawerName(p.drawer)}: ${w.say(p.body)}`,
  'at-reading': atReading,
  'of-drawers-of-banks': ({ body }: { body: Said }, w: Words) => `In several banks: ${w.say(body)}`,
  'of-each-drawer': (p: { places: readonly number[]; body: Said }, w: Words) =>
    `Each of drawers ${numbers(p.places, w)}: ${w.say(p.body)}`,
};
