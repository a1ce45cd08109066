import { said } from '../words';

/** What a part of a case waits for before it is cut, besides what stops the case. Common practice: the stage gate. */
export type CaseWait = 'survey' | 'inner' | 'back' | 'frame' | 'standing' | 'door';

/** How a part of several is told by the node of the layout it belongs to. */
export type AtNode = 'right-of' | 'under' | 'in' | 'of';

interface MemberRow {
  /** As the plan file, the band of a job file and the names of parts write it. */
  readonly written: string;
  readonly waits: CaseWait;
  readonly at?: AtNode;
  /** It may be turned on the sheet where its material has no grain to follow. */
  readonly mayTurn: boolean;
  /** Out of sight, so its grain may run either way. */
  readonly anyGrain?: true;
}

const carcass = { waits: 'survey', mayTurn: false } as const;
const inner = { ...carcass, waits: 'inner' } as const;
const frame = { waits: 'frame', mayTurn: false } as const;
const door = { waits: 'door', mayTurn: false, at: 'of' } as const;
const later = { waits: 'standing', mayTurn: false } as const;

/** Every kind of part a case is made of. What it is called is said by the words `part/…`. */
const TABLE = {
  'case-side-left': { ...carcass, written: 'case-side-left' },
  'case-side-right': { ...carcass, written: 'case-side-right' },
  'case-bottom': { ...carcass, written: 'case-bottom' },
  'case-top': { ...carcass, written: 'case-top' },
  stretcher: { ...carcass, written: 'stretcher' },
  divider: { ...inner, written: 'divider', at: 'right-of' },
  'fixed-shelf': { ...inner, written: 'fixed-shelf', at: 'under' },
  'case-rail': { ...inner, written: 'rail', at: 'under' },
  'case-back': { ...carcass, written: 'case-back', waits: 'back', mayTurn: true, anyGrain: true },
  cleat: { ...carcass, written: 'cleat' },
  'kick-board': { ...later, written: 'kick-board' },
  'plinth-front': { ...carcass, written: 'plinth-front' },
  'plinth-end': { ...carcass, written: 'plinth-end' },
  leg: { ...carcass, written: 'leg' },
  apron: { ...carcass, written: 'apron' },
  'frame-stile': { ...frame, written: 'frame-stile' },
  'frame-rail': { ...frame, written: 'frame-rail' },
  'frame-middle-stile': { ...frame, written: 'frame-middle-stile', at: 'right-of' },
  'frame-middle-rail': { ...frame, written: 'frame-middle-rail', at: 'under' },
  worktop: { ...later, written: 'worktop' },
  'worktop-trim': { ...later, written: 'worktop-trim' },
  filler: { ...later, written: 'filler' },
  shelf: { ...later, written: 'shelf', at: 'in' },
  upright: { ...later, written: 'upright', at: 'in' },
  'work-board': { ...later, written: 'board', at: 'of' },
  'board-edging': { ...later, written: 'board-edging', at: 'of' },
  lid: { ...later, written: 'lid', at: 'of' },
  'lid-strip': { ...later, written: 'lid-strip', at: 'of' },
  'board-guide': { ...later, written: 'board-guide', at: 'of' },
  platform: { ...later, written: 'platform', at: 'of' },
  gusset: { ...later, written: 'gusset', at: 'of' },
  door: { ...door, written: 'door' },
  'door-panel': { ...door, written: 'door-panel' },
  'door-stile': { ...door, written: 'door-stile' },
  'door-rail': { ...door, written: 'door-rail' },
  'door-middle-stile': { ...door, written: 'door-middle-stile' },
  'door-middle-rail': { ...door, written: 'door-middle-rail' },
} satisfies Readonly<Record<string, MemberRow>>;

/** What a part of a case is. */
export type MemberRole = keyof typeof TABLE;

export const MEMBERS: Readonly<Record<MemberRole, MemberRow>> = TABLE;
export const MEMBER_ROLES = Object.keys(TABLE) as readonly MemberRole[];

/** A part of a case as the file names it, before its number: its kind, and the node it belongs to. */
export function memberName({ role, node }: { readonly role: MemberRole; readonly node?: string }): string {
  return node === undefined ? MEMBERS[role].written : `${MEMBERS[role].written} ${node}`;
}

export function isMember(role: string): role is MemberRole {
  return Object.hasOwn(TABLE, role);
}

/** A part of a case as it is called, by the compartment it belongs to. */
export function memberSaid({ role, node }: { readonly role: MemberRole; readonly node?: string }, number?: number) {
  const { at } = MEMBERS[role];
  return said('part-named', {
    part: `part/${role}`,
    ...(at && node !== undefined ? { at, node } : {}),
    ...(number === undefined ? {} : { number }),
  });
}
