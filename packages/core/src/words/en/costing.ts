import type { Length, Said } from '../../length';
import type { Words } from '../words';
import { FIXING_NAMES, HARDWARE_NAMES } from './fixings';

const KINDS = {
  sheets: 'sheets',
  wood: 'solid wood',
  hardware: 'hardware, band, glue and finish',
  labour: 'labour',
  bought: 'bought in',
};

const STEPS = {
  cost: 'what it costs',
  overhead: 'overhead',
  risk: 'risk',
  margin: 'margin',
  discount: 'discount',
  tax: 'tax that is in it',
};

const FINISHES: Readonly<Record<string, string>> = {
  clear: 'clear finish',
  oil: 'wiping oil',
  wax: 'hard wax',
  lacquer: 'lacquer',
  enamel: 'primer and enamel',
  stain: 'stain',
};

/** What operations are called. */
export const OPERATION_NAMES = {
  measure: 'measuring as built',
  'break-down': 'breaking sheets down',
  setting: 'setting fence, stop or cutter',
  cut: 'cutting to size',
  groove: 'grooves, dados, rabbets',
  bore: 'boring',
  band: 'edge banding',
  'glue-up': 'gluing up panels and frames',
  case: 'putting cases together',
  box: 'putting boxes together',
  door: 'making framed doors and fronts',
  plane: 'planing solid wood',
  frame: 'setting face frames',
  top: 'fixing worktops',
  feet: 'fixing feet',
  'build-out': 'fixing build-outs, strips, runners',
  refit: 'fronts off and on again to finish',
  demolish: 'stripping out',
  hang: 'hanging and truing boxes',
  hinge: 'hanging doors',
  front: 'fitting fronts',
  pull: 'fixing pulls',
  sand: 'sanding',
  coat: 'coats of finish',
  pack: 'loading and carrying in',
  travel: 'there and back',
  install: 'levelling, fixing, adjusting',
  record: 'settling the record',
};

/** What a job costs: what is counted, and what the counts are made of. */
export const COSTING = {
  'cost/kind': ({ kind }: { kind: keyof typeof KINDS }) => KINDS[kind],
  'cost/step': ({ step }: { step: keyof typeof STEPS }) => STEPS[step],
  'cost/operation': ({ id }: { id: keyof typeof OPERATION_NAMES }) => OPERATION_NAMES[id],
  'cost/sheets-laid-out': 'whole sheets of the layout',
  'cost/from-the-rack': ({ count }: { count: number }, w: Words) =>
    `${w.count(count, { one: 'piece', other: 'pieces' })} from the rack, by area`,
  'cost/sheets-by-area': ({ waste }: { waste: number }) => `by area and ${waste} % waste, nothing laid out yet`,
  'cost/bank': ({ name }: { name: string }) => `drawers of ${name}`,
  'cost/slide': ({ called, long }: { called: Said; long: Length | undefined }, w: Words) =>
    `${w.say(called)}${long === undefined ? '' : ` ${w.mark(long, 'reading')}`}`,
  'cost/fixing': ({ kind, long }: { kind: string; long: Length | undefined }, w: Words) => {
    const forms = FIXING_NAMES[kind] ?? HARDWARE_NAMES[kind] ?? { other: kind };
    return `${forms.other}${long === undefined ? '' : ` ${w.mark(long, 'reading')}`}`;
  },
  'cost/hardware': ({ kind }: { kind: string }) => HARDWARE_NAMES[kind]?.other ?? kind,
  /** Plates are called by millimetres everywhere. */
  'cost/plate': ({ millimetres }: { millimetres: number }) => `hinge plate, ${millimetres} mm`,
  'cost/pull': 'pull',
  'cost/catch': 'catch',
  'cost/lock': 'locking device',
  'cost/bracket': 'front bracket',
  'cost/band': ({ name, thickness }: { name: string; thickness: Length }, w: Words) =>
    `edge band for ${name}, ${w.mark(thickness, 'reading')} thick`,
  'cost/glue': 'glue',
  'cost/least-glue': 'the least that is opened',
  'cost/frames': 'corners of frames',
  'cost/glued-panel': ({ boards }: { boards: number }) => `a panel of ${boards} boards`,
  'cost/finish': ({ row }: { row: string }) => FINISHES[row] ?? row,
  'cost/finish-of': ({ parts, faces }: { parts: readonly string[]; faces: 'show' | 'both' }, w: Words) =>
    `${w.list(parts)}, ${faces === 'both' ? 'both faces' : 'what shows'}`,
  'cost/rack-piece': ({ name }: { name: string }) => `a piece of the rack: ${name}`,
  'cost/left-over': ({ count, percent }: { count: number; percent: number }, w: Words) =>
    `less ${w.count(count, { one: 'off-cut', other: 'off-cuts' })} to keep, at ${percent} %`,
  'cost/whole-job': 'the job as a whole',
  'cost/hour': 'an hour of work',
  'cost/overhead': 'overhead',
};
