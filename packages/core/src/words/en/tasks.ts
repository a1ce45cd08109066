import type { Said } from '../../length';
import type { Words } from '../words';
import { COSTING, OPERATION_NAMES } from './costing';

const STAGES = {
  case: 'the case parts',
  frame: 'the face frame',
  boxes: 'the drawer boxes',
  bottoms: 'the bottoms',
  fronts: 'the fronts',
  doors: 'the doors',
  top: 'what is cut to the standing case',
};
type Stage = keyof typeof STAGES;

const STAGE_TASKS = {
  'break-down': (of: string) => `Break down the sheets for ${of}`,
  plane: (of: string) => `Plane the wood of ${of}`,
  'glue-up': (of: string) => `Glue up ${of}`,
  cut: (of: string) => `Cut ${of}`,
  band: (of: string) => `Band ${of}`,
  bore: (of: string) => `Bore ${of}`,
  door: (of: string) => `Make up ${of}`,
};

const PLAIN_TASKS = {
  survey: 'Survey the space',
  order: 'Order what is wanted',
  measure: 'Measure as built',
  box: 'Put the boxes together',
  'build-out': 'Fix build-outs, strips and runners',
  hang: 'Hang the boxes and true them',
  front: 'Fit the fronts',
  'pull-bores': 'Bore for the pulls',
  off: 'Fronts and doors off for finishing',
  on: 'Fronts and doors back on',
  hinge: 'Hang the doors',
  pull: 'Fix the pulls',
  demolish: 'Strip out',
  travel: 'There and back',
  record: 'Photograph, and settle the record',
  feet: 'Fix feet and casters',
  top: 'Fix the top',
};

const CASE_TASKS = {
  case: (name: string) => `Put ${name} together`,
  frame: (name: string) => `Set the face frame of ${name}`,
  pack: (name: string) => `Load ${name} and carry it in`,
  install: (name: string) => `Level, fix and adjust ${name}`,
};

const IN_HAND = {
  box: { one: 'box', other: 'boxes' },
  hang: { one: 'box with its slides', other: 'boxes with their slides' },
  front: { one: 'front', other: 'fronts' },
  hinge: { one: 'leaf with its hinges', other: 'leaves with their hinges' },
  pull: { one: 'pull', other: 'pulls' },
  feet: { one: 'foot', other: 'feet' },
  'build-out': { one: 'piece', other: 'pieces' },
  top: { one: 'top', other: 'tops' },
};

const WAITS = { clamps: 'in clamps', cured: 'glue curing', dry: 'coat drying', hard: 'coat hardening' };

const PLACES = { saw: 'at the saw', bench: 'at the bench', finishing: 'at the finishing place', site: 'at the site' };

const finished = ({ row, coat, of }: { row: string; coat: number; of: number }): string =>
  `${COSTING['cost/finish']({ row })}${of > 1 ? `, coat ${coat} of ${of}` : ''}`;

/** Minutes as people say them. */
const time = (minutes: number): string => {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
};
const DAY = 1440;
const span = (minutes: number): string => {
  const days = Math.round(minutes / DAY);
  return minutes < DAY ? time(minutes) : days === 1 ? '1 day' : `${days} days`;
};

const DEEDS = { begin: 'Begun', pause: 'Paused', done: 'Done', undone: 'Not done after all' };

/** What a task is called by its name alone, as the record keeps it: `cut-boxes`, `case-c1`, `coat-after1-2`. */
function byName(name: string): string {
  const plain = PLAIN_TASKS[name as keyof typeof PLAIN_TASKS] as string | undefined;
  if (plain !== undefined) return plain;
  const dashed = name.replace(/-two$/u, '').replace(/\.\d+$/u, '');
  const known = PLAIN_TASKS[dashed as keyof typeof PLAIN_TASKS] as string | undefined;
  if (known !== undefined) return known;
  const stage = (Object.keys(STAGES) as Stage[]).find((each) => dashed.endsWith(`-${each}`));
  const kind = dashed.slice(0, -(stage?.length ?? 0) - 1).replace('made', 'door');
  if (stage && kind in STAGE_TASKS) return STAGE_TASKS[kind as keyof typeof STAGE_TASKS](STAGES[stage]);
  const [first = '', ...rest] = dashed.split('-');
  if (first in CASE_TASKS) return CASE_TASKS[first as keyof typeof CASE_TASKS](rest.join('-'));
  if (first === 'sand') return 'Sand';
  return first === 'coat' ? `Put on a coat (${rest.at(-1) ?? ''})` : name;
}

const HEADS = {
  job: 'Job',
  task: 'Task',
  date: 'Day',
  from: 'From',
  'until-date': 'Until day',
  until: 'Until',
  minutes: 'Minutes',
  place: 'Where',
  people: 'Who',
  why: 'Why then',
};

/** The order of work: what tasks are called, what they wait for, what is wrong with a plan of days. */
export const TASKS = {
  'task/stage': ({ kind, stage }: { kind: keyof typeof STAGE_TASKS; stage: Stage }) => STAGE_TASKS[kind](STAGES[stage]),
  'task/two': ({ task }: { task: Said }, w: Words) => `${w.say(task)}: what takes two`,
  'task/plain': ({ kind }: { kind: keyof typeof PLAIN_TASKS }) => PLAIN_TASKS[kind],
  'task/case': ({ kind, name }: { kind: keyof typeof CASE_TASKS; name: string }) => CASE_TASKS[kind](name),
  'task/sand': (finish: { row: string; coat: number; of: number }) => `Sand for ${finished(finish)}`,
  'task/coat': (finish: { row: string; coat: number; of: number }) => `Put on ${finished(finish)}`,
  'task/hand': ({ kind, count }: { kind: keyof typeof IN_HAND; count: number }, w: Words) =>
    w.count(count, IN_HAND[kind]),
  'task/hand-parts': ({ what, count }: { what: Said; count: number }, w: Words) =>
    `${w.count(count, { one: 'part', other: 'parts' })} of ${w.say(what)}`,
  'task/goods-all': ({ all }: { all: readonly Said[] }, w: Words) => w.list(all.map((each) => w.say(each))),
  'task/seal': ({ count }: { count: number }, w: Words) =>
    `sealer for the edges of ${w.count(count, { one: 'panel', other: 'panels' })}, put on first`,
  'task/masked': ({ area }: { area: number }) =>
    `Mask what is glued later: ${area < 0.1 ? 'under 0.1' : `about ${area.toFixed(1)}`} m² in all stay bare.`,
  'task/minutes': ({ minutes }: { minutes: number }) => time(minutes),
  'task/place': ({ place }: { place: keyof typeof PLACES }) => PLACES[place],
  'task/waits': ({ why }: { why: keyof typeof WAITS }) => WAITS[why],
  'task/operation': ({ id, minutes }: { id: keyof typeof OPERATION_NAMES; minutes: number }) =>
    `${OPERATION_NAMES[id]} ${time(minutes)}`,
  'task/goods': ({ what, supplier, on }: { what: Said; supplier?: string; on: string }, w: Words) =>
    `${w.say(what)}${supplier === undefined ? '' : ` from ${supplier}`}, expected ${on}`,
  'days/head': ({ head }: { head: keyof typeof HEADS }) => HEADS[head],
  'days/week': ({ from, until }: { from: string; until: string }) => `The week of ${from} to ${until}`,
  'days/title': 'the order of work',
  'days/nobody': 'Nothing is planned for these days.',
  'days/here': ({ what }: { what: Said }, w: Words) => `Expected: ${w.say(what)}`,
  'days/due': ({ job }: { job: string }) => `Promised: ${job}`,
  'days/end': ({ end, bound }: { end: string; bound: string }) =>
    end === bound
      ? `All done ${end}; no order of work could be done before.`
      : `All done ${end}; no order of work could be done before ${bound}.`,
  'task/caution-finish':
    'Solvents and wet finish: air, gloves, no flame. Rags with oil heat by themselves: spread flat to dry outdoors, or under water in a tin with a lid. The maker’s sheet and local rules go first.',
  'task/caution-dust': 'Sanding dust: mask and extraction on; the maker’s sheet and local rules go first.',
  'task/caution-saw':
    'At the saw: guard and riving knife on, push stick at hand, nothing loose. The maker’s sheet and local rules go first.',
  'task/caution-lift': 'Two lift it, or something that lifts and holds does. Nobody carries it by hand alone.',
  'task/marked': ({ did, task }: { did: keyof typeof DEEDS; task: string }) => `${DEEDS[did]}: ${byName(task)}`,
  DUE_MISSED: (
    { job, date, end, by, mends }: { job: string; date: string; end: string; by: number; mends: readonly Said[] },
    w: Words,
  ) =>
    `${job} was promised for ${date} and can’t be done before ${end}, ${span(by)} later. ${
      mends.length === 0
        ? 'Nothing that was tried mends it by itself: another day, or less work.'
        : `What would mend it: ${w.list(
            mends.map((each) => w.say(each)),
            'or',
          )}.`
    }`,
  'mend/one-more-person': ({ end, on }: { end: string; on: boolean }) =>
    `one more person (done ${end}${on ? '' : ', still late'})`,
  'mend/sprayed': ({ end, on }: { end: string; on: boolean }) =>
    `a sprayed finish (done ${end}${on ? '' : ', still late'})`,
  'mend/first': ({ end, on }: { end: string; on: boolean }) =>
    `this job before the others (done ${end}${on ? '' : ', still late'})`,
  'mend/goods': ({ end, on }: { end: string; on: boolean }) =>
    `what is ordered here tomorrow (done ${end}${on ? '' : ', still late'})`,
  'mend/saturday': ({ end, on }: { end: string; on: boolean }) =>
    `Saturdays from 8 to 12 (done ${end}${on ? '' : ', still late'})`,
  WAIT_CUT_SHORT: (
    {
      task,
      before,
      why,
      by,
      then,
    }: { task: Said; before: Said; why: keyof typeof WAITS; by: number; then: readonly Said[] },
    w: Words,
  ) =>
    `${w.say(task)} was begun ${span(by)} before “${w.say(before)}” let it (${WAITS[why]})${then.length === 0 ? ': look at it before going on, and note what came of it' : `; noted since: ${w.list(then.map((each) => w.say(each)))}`}.`,
  TOO_COLD: ({ row, least, is }: { row: string; least: number; is: number }) =>
    `${COSTING['cost/finish']({ row })} wants ${least} °C at least, the shop has ${is} °C: warm the finishing place, or it takes longer and may not hold. The tin goes first.`,
  FIXED_MISSED: ({ task, date, on, why }: { task: Said; date: string; on: string; why: Said }, w: Words) =>
    `“${w.say(task)}” is fixed for ${date} and can’t begin before ${on}: ${w.say(why)}.`,
  'held/after': ({ task, waits }: { task: Said; waits?: keyof typeof WAITS }, w: Words) =>
    `after “${w.say(task)}”${waits === undefined ? '' : ` (${WAITS[waits]})`}`,
  'held/goods': ({ what, on }: { what: Said; on: string }, w: Words) => `${w.say(what)} is here on ${on}`,
  'held/person': ({ name, task }: { name: string; task: Said }, w: Words) =>
    name === '' ? `“${w.say(task)}” comes first` : `${name} does “${w.say(task)}” first`,
  'held/place': ({ place, task }: { place: keyof typeof PLACES; task: Said }, w: Words) =>
    `“${w.say(task)}” is ${PLACES[place]}`,
  'held/fixed': ({ date }: { date: string }) => `fixed for ${date}`,
  'held/closed': 'nobody works before then',
  'held/nothing': 'nothing holds it',
  NO_TIME: ({ task, why }: { task: Said; why: 'nobody' | 'too-long' | 'waits' }, w: Words) =>
    `There is no time for “${w.say(task)}”: ${{ nobody: 'nobody works in the next ten years', 'too-long': 'no opening is as long as it takes, and it can’t be left at a closing', waits: 'what it waits for has none' }[why]}.`,
};
