import { roleWritten } from '../box';
import { MEMBER_ROLES, MEMBERS, memberSaid } from '../casework';
import { type Deed, type Gates, type Job, type LogEntry, readAddress } from '../job';
import type { Said } from '../length';
import { said, type CalledBank, type StepCode } from '../words';

/** One line of the record of a job. */
export interface Recorded extends Deed {
  readonly kind:
    | 'reading'
    | 'step'
    | 'fault'
    | 'note'
    | 'photo'
    | 'time'
    | 'task'
    | 'gate'
    | 'released'
    | 'cut'
    | 'wrong';
  readonly said: Said;
  /** Where in the job; nothing for the whole of it. */
  readonly where?: Said;
  /** Id of its photograph. */
  readonly photo?: string;
}

type Reading = LogEntry & { readonly kind: 'reading' };
type Step = LogEntry & { readonly kind: 'step' };

const CASE_GATES = ['survey', 'glued', 'standing', 'level', 'hinges'] as const;
const GATES: readonly (keyof Gates)[] = ['slides', 'groove', 'glued', 'hung'];

/** Everything that was measured, done, cut and noted, by when it was; what has the same moment keeps its order. */
export function recordLines(job: Job): readonly Recorded[] {
  const all = [...gatesOf(job), ...cuttingOf(job), ...(job.log ?? []).map((entry) => recorded(job, entry))];
  return all.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
}

function gatesOf(job: Job): readonly Recorded[] {
  return job.cases.flatMap((owner) => [
    ...CASE_GATES.flatMap((gate): readonly Recorded[] => {
      const deed = owner.gates?.[gate];
      return deed
        ? [{ ...who(deed), kind: 'gate', said: said(`gate/case-${gate}`), ...whereIs({ owner: owner.name }) }]
        : [];
    }),
    ...owner.banks.flatMap((bank) =>
      GATES.flatMap((gate): readonly Recorded[] => {
        const deed = bank.gates?.[gate];
        if (!deed) return [];
        return [{ ...who(deed), kind: 'gate', said: said(`gate/${gate}`), ...whereIs(placed(job, owner.id, bank.id)) }];
      }),
    ),
  ]);
}

function cuttingOf({ cutting }: Job): readonly Recorded[] {
  const released = (cutting?.released ?? []).map((each): Recorded => ({
    ...who(each),
    kind: 'released',
    said: said('record/released', { reason: each.reason }),
    where: partAt(each.part),
  }));
  const cut = (cutting?.cut ?? []).map((each): Recorded => ({
    ...who(each),
    kind: each.wrong === undefined ? 'cut' : 'wrong',
    said: said('record/cut', { length: each.length, width: each.width, wrong: each.wrong }),
    where: partAt(each.part),
  }));
  return [...released, ...cut];
}

/** One entry of the log as a line of the record. */
export function recorded(job: Job, entry: LogEntry): Recorded {
  const photo = entry.kind === 'photo' ? { photo: entry.photo } : {};
  return { ...who(entry), ...whereOf(job, entry), kind: entry.kind, said: saidOf(job, entry), ...photo };
}

function saidOf(job: Job, entry: LogEntry): Said {
  switch (entry.kind) {
    case 'reading':
      return readingSaid(entry);
    case 'step':
      return stepSaid(job, entry);
    case 'fault':
      return said('record/fault', { fault: `fault/${entry.fault}`, note: entry.note, mended: entry.mended });
    case 'note':
      return said('text', { text: entry.note });
    case 'photo':
      return entry.note === undefined ? said('record/photo') : said('text', { text: entry.note });
    case 'time':
      return said('record/time', {
        minutes: entry.minutes,
        operation: entry.operation && said('cost/operation', { id: entry.operation }),
        note: entry.note,
      });
    case 'task':
      return said('task/marked', { did: entry.did, task: entry.task });
  }
}

function readingSaid({ what, place, hinge, length, device, against }: Reading): Said {
  return said('record/reading', {
    what: `measured/${what}`,
    at: place,
    ...(hinge === undefined ? {} : { hinge }),
    length,
    device: device === 'typed' ? undefined : device,
    planned: against,
  });
}

const STEPS: ReadonlySet<string> = new Set<StepCode>([
  'step/build-out',
  'step/spacer',
  'step/left',
  'step/right',
  ...(['step/strips', 'step/guide', 'step/kicker', 'step/member', 'step/notch', 'step/hooks'] as const),
  ...(['step/locks', 'step/adjust', 'step/wax'] as const),
  'step/test',
  'step/lock',
  'step/reveal',
  'step/hold',
  'step/drive',
  'step/pull',
  ...(['step/jig', 'step/stand', 'step/carry', 'step/pins', 'step/tape', 'step/glue', 'step/wide'] as const),
  ...(['step/cups', 'step/hinges', 'step/plates', 'step/hang-door', 'step/open'] as const),
  ...(['step/wedges', 'step/tack', 'step/bored', 'step/shift', 'step/bores'] as const),
]);

function stepSaid(job: Job, { bank = '', step, undone }: Step): Said {
  const [drawer, kind = ''] = step.includes('/') ? step.split('/') : ['', step];
  const code = `step/${kind}`;
  const { case: owner, bank: id } = readAddress(bank);
  return said('record/step', {
    step: STEPS.has(code) ? (code as StepCode) : { unknown: step },
    drawer: drawerPlace(job, owner, id, drawer),
    undone: undone === true,
  });
}

interface Where {
  readonly owner?: string;
  readonly bank?: CalledBank;
  readonly drawer?: number;
}

function whereOf(job: Job, entry: LogEntry): Pick<Recorded, 'where'> {
  if (entry.kind === 'reading' && entry.what === 'thickness') {
    const name = job.materials.find(({ id }) => id === entry.material)?.name;
    return name === undefined ? {} : { where: said('text', { text: name }) };
  }
  if (entry.kind === 'time' || entry.kind === 'task') return {};
  if (entry.kind !== 'step' && entry.part !== undefined) return { where: partAt(entry.part) };
  return entry.door === undefined ? inBank(job, entry) : atDoor(job, entry.door);
}

function inBank(job: Job, entry: Exclude<LogEntry, { readonly kind: 'time' | 'task' }>): Pick<Recorded, 'where'> {
  if (!entry.bank) return {};
  const { case: owner, bank } = readAddress(entry.bank);
  const drawer = entry.kind === 'step' ? undefined : drawerPlace(job, owner, bank, entry.drawer);
  return whereIs({ ...placed(job, owner, bank), ...(drawer === undefined ? {} : { drawer }) });
}

function atDoor(job: Job, door: string): Pick<Recorded, 'where'> {
  const { case: owner = '', bank: id = '' } = readAddress(door);
  const name = job.cases.find((each) => each.id === owner)?.name ?? owner;
  return whereIs({ owner: name, bank: { id, door: true } });
}

function whereIs(where: Where): Pick<Recorded, 'where'> {
  return { where: said('record/where', where) };
}

/** The case, and its bank where it has several. */
function placed(job: Job, owner = '', bank = ''): Where {
  const found = job.cases.find(({ id }) => id === owner);
  if (!found) return { owner };
  if (found.banks.length === 1) return { owner: found.name };
  const name = found.banks.find(({ id }) => id === bank)?.name;
  return { owner: found.name, bank: name === undefined ? { id: bank } : { id: bank, name } };
}

function drawerPlace(job: Job, owner = '', bank = '', drawer = ''): number | undefined {
  const drawers = job.cases.find(({ id }) => id === owner)?.banks.find(({ id }) => id === bank)?.drawers ?? [];
  const place = drawers.findIndex(({ id }) => id === drawer);
  return place < 0 ? undefined : place;
}

/** `c1/b1/d2/side 1` as “b1 d2 side 1”, `c1/divider left` as “divider right of left”. */
function partAt(part: string): Said {
  const { bank, drawer, part: role = '' } = readAddress(part);
  const ofCase = drawer === undefined && role === '' ? memberAt(bank ?? '') : undefined;
  if (ofCase) return ofCase;
  const [, word = role, number] = /^([a-z]+)(?: (\d+))?$/.exec(role) ?? [];
  const known = roleWritten(word);
  return said('record/part', {
    at: [bank, drawer].filter((each) => each !== undefined && each !== '') as string[],
    part: known === undefined ? { unknown: word } : `part/${known}`,
    ...(number === undefined ? {} : { number: Number(number) }),
  });
}

/** A part of a case: its kind, the compartment it belongs to where that is told, its number where it has one. */
function memberAt(name: string): Said | undefined {
  const [written, ...rest] = name.split(' ');
  const role = MEMBER_ROLES.find((each) => MEMBERS[each].written === written);
  if (!role) return undefined;
  const [node, number] = MEMBERS[role].at ? rest : [undefined, rest[0]];
  return memberSaid(
    { role, ...(node === undefined ? {} : { node }) },
    number === undefined ? undefined : Number(number),
  );
}

function who({ at, by }: Deed): Deed {
  return by === undefined ? { at } : { at, by };
}
