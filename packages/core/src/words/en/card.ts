import type { Length, ReadAt, Said, SizeKind } from '../../length';
import type { Words } from '../words';
import { atReading, bankName, inSentence, whereRead } from './places';

/** What a build-out is made of, by the names of materials. */
export interface StackParams {
  readonly planed: boolean;
  readonly pieces: readonly { readonly name: string; readonly count: number }[];
  readonly packing: Length | undefined;
  /** Too thick where it is over nothing, missing where it is under. */
  readonly off: Length;
}

type Way = 'height' | 'sideways' | 'depth' | 'tilt';

const WAYS: Readonly<Record<Way, string>> = {
  height: 'up',
  sideways: 'sideways',
  depth: 'in and out',
  tilt: 'of tilt',
};

function stack({ planed, pieces, packing, off }: StackParams, w: Words): string {
  if (planed) return 'planed from solid to fit';
  const made = [
    ...pieces.map(({ name, count }) => `${count} of ${name}`),
    ...(packing === undefined ? [] : [`packing ${w.size(packing, 'packing')}`]),
  ].join(' + ');
  if (off === 0) return made;
  const size = w.size(Math.abs(off) as Length, 'packing');
  if (off > 0) return `${made} (${size} too thick)`;
  return `${made === '' ? 'nothing at hand' : made} (${size} missing: pack it)`;
}

interface BuiltOut {
  readonly wanted: Length;
  readonly stack: StackParams;
}

/** Edges of a case that something is glued to. */
const SHARP = {
  'behind-frame': 'front edges under the face frame',
  'frame-inside': 'the frame’s own joints',
  'at-back': 'back edges and the back’s rabbet or groove',
  'let-in': 'ends let in',
  butt: 'ends that butt',
  'worktop-trim': 'worktop edges under trim',
};

interface LeafCard {
  readonly width: Length;
  readonly height: Length;
  readonly hinged: 'left' | 'right';
  readonly at: readonly Length[];
  readonly tab: Length | undefined;
  readonly plate: Length | undefined;
  readonly line: Length | undefined;
}

interface DoorCard {
  readonly door: string;
  readonly hinge: Said;
  readonly opens: number;
  readonly leaves: readonly LeafCard[];
}

/** “21 1/2 in × 24 in, hinged left, cups 7/8 in from the edge, 3 in and 21 in up, tab 3/16 in, plate 0 in”. */
function leafTold({ width, height, hinged, at, tab, plate, line }: LeafCard, w: Words): string {
  const places = w.list(at.map((each) => w.mark(each, 'spacer')));
  const bored =
    line === undefined || tab === undefined
      ? [`hinges at ${places} up`]
      : [
          `cups ${w.mark(line, 'spacer')} from the edge, ${places} up`,
          `tab ${w.mark(tab, 'reading')}, plate ${w.mark(plate ?? (0 as Length), 'reading')}`,
        ];
  return [
    `${w.size(width, 'part')} × ${w.size(height, 'part')}, hinged ${hinged === 'left' ? 'left' : 'right'}`,
    ...(at.length === 0 ? [] : bored),
  ].join(', ');
}

/** What stands on a bench card beside its tables. */
export const CARD = {
  /** A bank by its name, or by its id where it has none. */
  bank: bankName,
  stack,
  'card-head/opening': 'Opening',
  'card-head/read': 'Read',
  'card-head/slide': 'Slide',
  'card-head/spacers': 'Spacers',
  'card-head/holes': 'Holes',
  'card-head/build-out': 'Build-out',
  'card-head/packing': 'Packing',
  'card-head/levels': 'Levels',
  'card-head/screws': 'Screws',
  'card-head/blade': 'Blade',
  'card-head/case': 'Case',
  'card-head/square': 'Square',
  'card-head/floor': 'Floor',
  /** At the four corners, in the order they are measured. */
  'card/floor': ({ set, heights }: { set: boolean; heights: readonly Length[] }, w: Words) => {
    const corners = ['front left', 'front right', 'back left', 'back right'];
    const told = heights.map((height, at) => `${corners[at] ?? ''} ${w.bare(height, 'gap')}`).join(', ');
    return set ? `feet set to ${told}` : `shims: ${told}`;
  },
  'card-head/level': 'Level',
  'card/level': ({ other, by }: { other: string; by: Length }, w: Words) =>
    `every foot ${w.bare(by, 'gap')} higher brings its top level with ${other}`,
  'card-head/blocks': 'Blocks',
  'card-head/sharp': 'Sharp',
  'card-head/measure': 'Measure',
  'card-head/door': 'Door',
  'card/door': (p: DoorCard, w: Words) =>
    [
      `“${p.door}” on ${inSentence(w.say(p.hinge))}, opens to ${p.opens}°`,
      ...p.leaves.map((leaf) => leafTold(leaf, w)),
      'hung before what it closes',
    ].join('; '),
  'card-head/edging': 'Edging',
  'card/edging': (p: { thickness: Length; wide: Length; over: Length; long: Length }, w: Words) =>
    `${w.bare(p.thickness, 'reading')} thick, ${w.bare(p.wide, 'part')} wide${p.over > 0 ? ` (${w.bare(p.over, 'gap')} over, trimmed flush after gluing)` : ''}, ${w.bare(p.long, 'part')} of it in all`,
  'card-head/alike': 'Alike',
  'card-head/fixings': 'Fixings',
  'card-head/waits': 'Waits',
  'card-head/order': 'Order',
  'card-head/stops': 'Stops',
  'solid-stage': ({ parts }: { parts: readonly { count: number; part: Said }[] }, w: Words) =>
    parts.map(({ count, part }) => (count > 1 ? `${count} ${w.say(part)}` : w.say(part))).join(', '),
  'card-head/room': 'In the room: how far what opens comes, ringed where two meet',
  'card/case-basis': ({ surveyed }: { surveyed: boolean }, { unit }: Words) =>
    `${surveyed ? 'SURVEYED: parts that wait for nothing may be cut' : 'PLANNED: a forecast, not for cutting'} · lengths in ${unit === 'in' ? 'inches' : 'millimetres'}`,
  'card/case': (
    p: { width: Length; height: Length; depth: Length; inside: Length; clear: Length; high: Length },
    w: Words,
  ) =>
    `${w.bare(p.width, 'part')} wide, ${w.bare(p.height, 'part')} high, ${w.bare(p.depth, 'part')} deep; inside ${w.bare(p.clear, 'opening')} × ${w.bare(p.high, 'opening')}, ${w.bare(p.inside, 'opening')} deep`,
  'card/square': ({ diagonal }: { diagonal: Length }, w: Words) =>
    `when both diagonals over the outer corners are ${w.bare(diagonal, 'reading')}`,
  'card/blocks': (
    p: {
      under: readonly { node: string; size: Length }[];
      beside: readonly { node: string; size: Length }[];
    },
    w: Words,
  ) =>
    [
      ...p.under.map(({ node, size }) => `under “${node}” ${w.bare(size, 'spacer')} high`),
      ...p.beside.map(({ node, size }) => `in “${node}” ${w.bare(size, 'spacer')} wide, at top and bottom`),
    ].join('; '),
  'card/sharp': ({ edges }: { edges: readonly (keyof typeof SHARP)[] }, w: Words) =>
    `${w.list(edges.map((edge) => SHARP[edge]))} stay sharp, their faces unsanded: they meet in glue`,
  'card/at-bottom': ({ parts, length }: { parts: readonly Said[]; length: Length }, w: Words) =>
    `${w.list(parts.map(w.say))} at the bottom, where the sides are held to size (${w.bare(length, 'part')} planned), never at the open top`,
  'card/alike': ({ kind, size, parts }: { kind: 'fence' | 'stop'; size: Length; parts: readonly Said[] }, w: Words) =>
    `${kind} ${w.bare(size, 'part')}: ${parts.map(w.say).join(', ')}`,
  'card/fixings': ({ needed }: { needed: readonly Said[] }, w: Words) => needed.map(w.say).join('; ') || 'glue alone',
  'card/waits': ({ when, parts }: { when: Said; parts: readonly Said[] }, w: Words) =>
    `${parts.map(w.say).join(', ')}: ${w.say(when)}`,
  'card/basis': ({ asBuilt }: { asBuilt: boolean }, { unit }: Words) =>
    `${asBuilt ? 'AS BUILT: sized to the opening as measured' : 'PLANNED: a forecast, not for cutting'} · lengths in ${unit === 'in' ? 'inches' : 'millimetres'}`,
  'card/opening': (
    p: { width: Length; height: Length; depth: Length; taper: Length; rack: Length | undefined },
    w: Words,
  ) => {
    const lean =
      p.rack === undefined
        ? ''
        : `, leans ${w.bare(Math.abs(p.rack) as Length, 'gap')} to the ${p.rack < 0 ? 'left' : 'right'}`;
    return `${w.bare(p.width, 'opening')} wide, ${w.bare(p.height, 'opening')} high, ${w.bare(p.depth, 'opening')} deep; taper ${w.bare(p.taper, 'gap')}${lean}`;
  },
  'card/read': (
    p: { sizes: readonly { size: string; readings: readonly { length: Length; at: ReadAt }[] }[] },
    w: Words,
  ) =>
    p.sizes
      .map(({ size, readings }) => {
        const told = readings.map(({ length, at }) => `${w.bare(length, 'reading')} ${whereRead(at)}`.trim());
        return `${size} ${told.join('; ')}`;
      })
      .join(' | '),
  'card/slide': (
    p: { slide: Said; own: boolean; narrowBy: Length; adjust: readonly { way: Way; by: Length }[] },
    w: Words,
  ) => {
    const told = p.adjust.map(({ way, by }) => `${w.bare(by, 'gap')} ${WAYS[way]}`);
    const adjusts = told.length === 0 ? '' : `; adjusts by ${told.join(', ')}`;
    return `${w.say(p.slide)} (${p.own ? 'own row' : 'built-in row; its own sheet wins'}); box may be ${w.bare(p.narrowBy, 'part')} narrower, never wider${adjusts}`;
  },
  'card/on-floor': 'none, on the floor',
  'card/spacing/top-first': 'top first, each cut from the one before',
  'card/spacing/bottom-up': 'from the bottom up, each on the slide below',
  'card/spacers': (p: { order: 'top-first' | 'bottom-up'; lengths: readonly Length[] }, w: Words) => {
    // A length is never broken over two lines.
    const told = p.lengths.map((length) => (length === 0 ? CARD['card/on-floor'] : w.bare(length, 'spacer')));
    const lengths = told.map((length) => length.replaceAll(' ', '\u00a0')).join(' | ');
    return `${CARD[`card/spacing/${p.order}`]}: ${lengths === '' ? 'HOLD' : lengths}`;
  },
  // What is marked over and over is told as its sheet says: rounded, it would run away.
  'card/holes': ({ first, pitch }: { first: Length; pitch: Length }, w: Words) =>
    `first ${w.bare(first, 'reading')} back, then every ${w.bare(pitch, 'reading')}: slots first, test, then one round hole each`,
  'card/build-out': (p: { left: BuiltOut; right: BuiltOut }, w: Words) =>
    (['left', 'right'] as const)
      .map((side) => `${side} ${w.bare(p[side].wanted, 'part')} = ${stack(p[side].stack, w)}`)
      .join('; '),
  'card/packing': (
    p: { packing: readonly { eachSide: Length; at: ReadAt & { readonly index: number } }[] },
    w: Words,
  ) => p.packing.map(({ eachSide, at }) => `${w.bare(eachSide, 'packing')} a side ${atReading(at)}`).join('; '),
  'card/levels': (p: { levels: readonly { place: number; end: 'front' | 'back'; eachSide: Length }[] }, w: Words) =>
    `pack ${p.levels.map(({ place, end, eachSide }) => `drawer ${place + 1} ${end} ${w.bare(eachSide, 'packing')} a side`).join(', ')}`,
  'card/screws': (p: { slide?: Length; front?: Length; pull?: Length }, w: Words) => {
    const each = (what: string, size: Length | undefined): readonly string[] =>
      size === undefined ? [] : [`${what} ${w.bare(size, 'part')}`];
    const all = [...each('slide to box', p.slide), ...each('box to drawer front', p.front), ...each('pull', p.pull)];
    return `no longer than: ${all.join('; ')}`;
  },
  /** A length in a table; whether it may be cut by is told beside it. */
  'cell/size': (p: { length: Length; kind: SizeKind }, w: Words) => w.bare(p.length, p.kind),
  /** `23 +0 −1/16`: never wider, narrower by so much. */
  'cell/never-wider': (p: { length: Length; narrower: Length }, w: Words) =>
    `${w.bare(p.length, 'part')} +0 −${p.narrower > 0 ? w.bare(p.narrower, 'part') : '0'}`,
  'cell/hold': 'HOLD',
  'cell/floor': 'floor',
  /** What a person wrote, as it stands. */
  text: ({ text }: { text: string }) => text,
  'cell/parts': (p: { parts: readonly { part: string; places: readonly number[] }[] }, w: Words) =>
    p.parts
      .map(({ part, places }) =>
        [w.say({ code: part, params: { count: 1 } }), ...places.map((place) => place + 1)].join(' '),
      )
      .join(', '),
  'card-column/number': 'No',
  'card-column/drawer': 'Drawer',
  'card-column/front': 'Front wide',
  'card-column/front-height': 'Front high',
  'card-column/box': 'Box wide',
  'card-column/box-height': 'Box high',
  'card-column/box-length': 'Box long',
  'card-column/clear': 'Clear inside',
  'card-column/slide': 'Slide',
  'card-column/up': 'Slide up',
  'card-column/back': 'Set back',
  'card-column/part': 'Part',
  'card-column/count': 'Count',
  'card-column/long': 'Long',
  'card-column/wide': 'Wide',
  'card-column/thick': 'Thick',
  'card-column/of': 'Of',
  'card-column/when': 'When',
  'card/held': ({ count }: { count: number }) => `${count} parts have no size yet: HOLD, see what stops them below`,
  'card/nothing-in-the-way': 'Nothing stands in the way.',
  'card-severity/stop': 'STOP',
  'card-severity/warn': 'WARN',
  'card-severity/note': 'NOTE',
};

/** What a column of a card is called. */
export type CardColumn = Extract<keyof typeof CARD, `card-column/${string}`>;
