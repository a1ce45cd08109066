/** What one kind of part is, in everything that asks about it. */
interface RoleRow {
  /** As the plan file and the names of parts in a job file write it. */
  readonly written: string;
  readonly of: 'box' | 'front' | 'carrier';
  /** What it waits for: its slides; besides them the real groove or the glued box; or boxes that hang. */
  readonly waits: 'slides' | 'bottom' | 'hung';
  /** The front or back end of its box, which makes the box as wide as it is. */
  readonly end?: true;
  /** It carries the bores of the pull. */
  readonly bored?: true;
  /** It may be turned on the sheet where its material has no grain to follow. */
  readonly mayTurn: boolean;
}

const box = { of: 'box', waits: 'slides', mayTurn: true } as const;
const front = { of: 'front', waits: 'hung', mayTurn: true } as const;
const carrier = { of: 'carrier', waits: 'slides', mayTurn: false } as const;

/** Every kind of part a drawer and its slides need. What it is called is said by the words `part/…`. */
const TABLE = {
  side: { ...box, written: 'side' },
  'box-front': { ...box, written: 'front', end: true },
  back: { ...box, written: 'back', end: true },
  bottom: { ...box, written: 'bottom', waits: 'bottom' },
  muntin: { ...box, written: 'muntin', waits: 'bottom' },
  'drawer-front': { ...front, written: 'face', bored: true },
  stile: { ...front, written: 'stile' },
  rail: { ...front, written: 'rail' },
  panel: { ...front, written: 'panel' },
  pull: { ...front, written: 'pull', mayTurn: false },
  'build-out': { ...carrier, written: 'build-out' },
  runner: { ...carrier, written: 'runner' },
  batten: { ...carrier, written: 'batten' },
  kicker: { ...carrier, written: 'kicker' },
  strip: { ...carrier, written: 'strip' },
  blocking: { ...carrier, written: 'blocking' },
  guide: { ...carrier, written: 'guide' },
} satisfies Readonly<Record<string, RoleRow>>;

export type PartRole = keyof typeof TABLE;
type RolesOf<G extends RoleRow['of']> = {
  readonly [R in PartRole]: (typeof TABLE)[R]['of'] extends G ? R : never;
}[PartRole];

/** A kind of part of a drawer: of its box or of its front. */
export type Role = RolesOf<'box' | 'front'>;
/** A kind of wood fixed in the case that carries slides. */
export type CarrierRole = RolesOf<'carrier'>;

export const ROLES: Readonly<Record<PartRole, RoleRow>> = TABLE;

const WRITTEN: ReadonlyMap<string, PartRole> = new Map(
  (Object.keys(TABLE) as PartRole[]).map((role) => [TABLE[role].written, role]),
);

/** The role that is written so in the name of a part; undefined where there is none. */
export function roleWritten(word: string): PartRole | undefined {
  return WRITTEN.get(word);
}

/** Whether it is part of a drawer front: one piece, or a frame with its panel. */
export function isOfFront(role: string): boolean {
  return Object.hasOwn(TABLE, role) && ROLES[role as PartRole].of === 'front';
}
