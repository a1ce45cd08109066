import { PART_WORDS } from '../cutting';
import type { Role } from '../box';
import { bankTitle, type Deed, type Gates, type Job, type LogEntry } from '../job';
import type { Length } from '../length';
import { FAULT_WORDS, MEASURED_WORDS } from './fault-words';

/** One line of the record of a job. */
export interface Recorded extends Deed {
  readonly kind: 'reading' | 'step' | 'fault' | 'note' | 'photo' | 'time' | 'gate' | 'released' | 'cut' | 'wrong';
  readonly says: string;
  /** Where, in words; empty for the whole job. */
  readonly where: string;
  /** Id of its photograph. */
  readonly photo?: string;
}

type Reading = LogEntry & { readonly kind: 'reading' };

/** How lengths are written in the record. */
type Say = (length: Length) => string;

const GATES: Readonly<Record<keyof Gates, string>> = {
  slides: 'the slides are in hand',
  groove: 'the groove is tried',
  glued: 'the boxes are glued',
  hung: 'the boxes are hung and trued: the fronts are released',
};

/** Everything that was measured, done, cut and noted, by when it was; what has the same moment keeps its order. */
export function recordOf(job: Job, say: Say): readonly Recorded[] {
  const all = [...gatesOf(job), ...cuttingOf(job, say), ...(job.log ?? []).map((entry) => recorded(job, entry, say))];
  return all.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
}

function gatesOf(job: Job): readonly Recorded[] {
  return job.cases.flatMap((owner) =>
    owner.banks.flatMap((bank) =>
      (Object.keys(GATES) as (keyof Gates)[]).flatMap((gate): readonly Recorded[] => {
        const deed = bank.gates?.[gate];
        return deed ? [{ ...who(deed), kind: 'gate', says: GATES[gate], where: placed(job, owner.id, bank.id) }] : [];
      }),
    ),
  );
}

function cuttingOf({ cutting }: Job, say: Say): readonly Recorded[] {
  const released = (cutting?.released ?? []).map((each): Recorded => ({
    ...who(each),
    kind: 'released',
    says: `released by hand: ${each.reason}`,
    where: partWords(each.part),
  }));
  const cut = (cutting?.cut ?? []).map((each): Recorded => {
    const size = `${say(each.length)} × ${say(each.width)}`;
    return each.wrong === undefined
      ? { ...who(each), kind: 'cut', says: `cut to ${size}`, where: partWords(each.part) }
      : {
          ...who(each),
          kind: 'wrong',
          says: `cut to ${size}, came out wrong: ${each.wrong}`,
          where: partWords(each.part),
        };
  });
  return [...released, ...cut];
}

/** One entry of the log in words. */
export function recorded(job: Job, entry: LogEntry, say: Say): Recorded {
  const photo = entry.kind === 'photo' ? { photo: entry.photo } : {};
  return { ...who(entry), where: whereOf(job, entry), kind: entry.kind, says: saysOf(job, entry, say), ...photo };
}

function saysOf(job: Job, entry: LogEntry, say: Say): string {
  switch (entry.kind) {
    case 'reading':
      return readingWords(entry, say);
    case 'step':
      return `${entry.undone ? 'taken back' : 'done'}: ${stepWords(job, entry)}`;
    case 'fault':
      return `${joined(FAULT_WORDS[entry.fault].says, entry.note)}${entry.mended ? `; mended: ${entry.mended}` : ''}`;
    case 'note':
      return entry.note;
    case 'photo':
      return entry.note ?? 'photograph';
    case 'time':
      return joined(`${entry.minutes} minutes`, entry.note);
  }
}

/** What it was, and what more was written. */
function joined(what: string, more: string | undefined): string {
  return more ? `${what}: ${more}` : what;
}

function readingWords({ what, place, length, device, against }: Reading, say: Say): string {
  const where = place ? `, ${place}` : '';
  const by = device === undefined || device === 'typed' ? '' : ` by ${device}`;
  const planned = against === undefined ? '' : `, planned ${say(against)}`;
  return `${MEASURED_WORDS[what]}${where}: ${say(length)}${by}${planned}`;
}

const STEP_WORDS: Readonly<Record<string, string>> = {
  'build-out': 'the sides are built out',
  spacer: 'spacer cut',
  left: 'left slide hung',
  right: 'right slide hung',
  test: 'box tried',
  lock: 'locked',
  reveal: 'spacers for the reveal cut',
  hold: 'front held',
  drive: 'front screwed home',
  pull: 'pull fitted',
};

function stepWords(job: Job, { bank, step }: LogEntry & { readonly kind: 'step' }): string {
  const [drawer, kind] = step.includes('/') ? step.split('/') : ['', step];
  const words = STEP_WORDS[kind ?? ''] ?? step;
  const [owner, id] = bank.split('/');
  const name = drawerWords(job, owner, id, drawer);
  return name ? `${words}, ${name}` : words;
}

function whereOf(job: Job, entry: LogEntry): string {
  if (entry.kind === 'reading' && entry.what === 'thickness')
    return job.materials.find(({ id }) => id === entry.material)?.name ?? '';
  if (entry.kind === 'time' || !entry.bank) return '';
  const [owner, bank] = entry.bank.split('/');
  const drawer = entry.kind === 'step' ? undefined : entry.drawer;
  const name = drawer === undefined ? '' : drawerWords(job, owner, bank, drawer);
  return [placed(job, owner, bank), name].filter((each) => each !== '').join(', ');
}

/** The case, and its bank where it has several. */
function placed(job: Job, owner = '', bank = ''): string {
  const found = job.cases.find(({ id }) => id === owner);
  if (!found) return owner;
  const one = found.banks.find(({ id }) => id === bank);
  return found.banks.length > 1 ? `${found.name}, ${one ? bankTitle(one) : bank}` : found.name;
}

function drawerWords(job: Job, owner = '', bank = '', drawer = ''): string {
  const drawers = job.cases.find(({ id }) => id === owner)?.banks.find(({ id }) => id === bank)?.drawers ?? [];
  const place = drawers.findIndex(({ id }) => id === drawer);
  return place < 0 ? '' : `drawer ${place + 1}`;
}

/** `c1/b1/d2/side 1` as “d2 side 1”. */
function partWords(part: string): string {
  const [, bank, drawer, role = ''] = part.split('/');
  const [, word = role, number = ''] = /^([a-z]+)( \d+)?$/.exec(role) ?? [];
  return [bank, drawer, `${PART_WORDS[word as Role]?.one ?? word}${number}`].filter(Boolean).join(' ');
}

function who({ at, by }: Deed): Deed {
  return by === undefined ? { at } : { at, by };
}
