import type { Length, Said } from '../../length';
import type { Forms, Words } from '../words';

const KINDS = {
  glue: { one: 'glue', other: 'glue' },
  'pocket-screw': { one: 'pocket screw', other: 'pocket screws' },
  'connector-screw': { one: 'connector screw', other: 'connector screws' },
  screw: { one: 'wood screw', other: 'wood screws' },
  brad: { one: 'brad', other: 'brads' },
  dowel: { one: 'dowel', other: 'dowels' },
  'loose-tenon': { one: 'loose tenon', other: 'loose tenons' },
  biscuit: { one: 'biscuit', other: 'biscuits' },
} satisfies Readonly<Record<string, Forms>>;

const HARDWARE = {
  hinge: { one: 'hinge', other: 'hinges' },
  'hinge-screw': { one: 'screw for hinges', other: 'screws for hinges' },
  pull: { one: 'pull', other: 'pulls' },
  'shelf-pin': { one: 'shelf pin', other: 'shelf pins' },
  foot: { one: 'foot', other: 'feet' },
  'foot-screw': { one: 'screw for feet', other: 'screws for feet' },
  caster: { one: 'caster', other: 'casters' },
  'caster-screw': { one: 'screw for casters', other: 'screws for casters' },
  'lid-hinge': { one: 'long hinge for a lid', other: 'long hinges for lids' },
  'lid-stay': { one: 'lid stay', other: 'lid stays' },
  'wall-screw': { one: 'screw into studs', other: 'screws into studs' },
  slide: { one: 'pair of slides', other: 'pairs of slides' },
  'slide-screw': { one: 'screw for slides', other: 'screws for slides' },
  'lock-screw': { one: 'screw for locks', other: 'screws for locks' },
  'runner-screw': { one: 'screw for runners', other: 'screws for runners' },
  'pull-screw': { one: 'screw for pulls', other: 'screws for pulls' },
  'strip-screw': { one: 'wood screw at the walls', other: 'wood screws at the walls' },
} satisfies Readonly<Record<string, Forms>>;

/** What fixings and hardware are called, by their kinds. */
export const FIXING_NAMES: Readonly<Record<string, Forms>> = KINDS;
export const HARDWARE_NAMES: Readonly<Record<string, Forms>> = HARDWARE;

interface FixingParams {
  readonly kind: keyof typeof KINDS;
  readonly count: number;
  readonly long?: Length | undefined;
  readonly thread?: 'coarse' | 'fine' | undefined;
}

const THREADS = { coarse: 'coarse', fine: 'fine, bored first' };

/** What is told by its length. */
const LONG: ReadonlySet<keyof typeof KINDS> = new Set(['screw', 'connector-screw', 'brad'] as const);

/** “8 pocket screws 32 mm (coarse)”. */
function fixing({ kind, count, long, thread }: FixingParams, w: Words): string {
  const length =
    long === undefined ? (LONG.has(kind) ? ' (no usual length holds)' : '') : ` ${w.mark(long, 'reading')}`;
  return `${w.count(count, KINDS[kind])}${length}${thread ? ` (${THREADS[thread]})` : ''}`;
}

/** What holds the joints of a case, and what else it takes. */
export const FIXINGS = {
  fixing,
  'fixing/joint': (
    p: FixingParams & {
      readonly one: Said;
      readonly other: Said;
      readonly joints: number;
      readonly glue: boolean;
      readonly slotted: boolean;
    },
    w: Words,
  ) => {
    const where = `${w.say(p.one)} to ${w.say(p.other)}${p.joints > 1 ? ` (${p.joints} joints)` : ''}`;
    const held =
      p.kind === 'glue' ? 'glue' : `${fixing(p, w)}${p.glue ? ' and glue' : ''}${p.slotted ? ', in slots' : ''}`;
    return `${where}: ${held}`;
  },
  'fixing/hardware': ({ kind, count }: { kind: keyof typeof HARDWARE; count: number }, w: Words) =>
    w.count(count, HARDWARE[kind]),
};
