import { createHash } from 'node:crypto';
import { readJobDocument } from './index';
import { changed, ROOT, type Path, type Schema } from './schema.spec-data';
import { chanceFrom } from './chance';

interface Gap {
  readonly path: Path;
  readonly schema: Schema;
}

const LEFT = new Set(['log', 'format', 'version', 'minor', 'id', 'name', 'customer', 'notes', 'like', 'unit', 'step']);
/** What is written where a field of such a name is added, in millimetres; of others one of `SMALL`. */
const USUAL: Readonly<Record<string, readonly number[]>> = {
  ...{ width: [280, 62], height: [150, 70], depth: [6, 300], length: [450, 300], thickness: [1, 18] },
  ...{ rail: [20, 60], stile: [45], size: [240, 180], setback: [30, 3], most: [60, 260], least: [90, 60] },
  ...{ boxHeight: [80], heights: [90, 60, 120], backHeight: [70], centres: [96, 128], pitch: [32, 300], cut: [400] },
};
const SMALL = [2, 5, 9, 14];
/** Fields that name one of the materials, of the slides and hinges that ship. */
const MATERIALS = new Set(['material', 'panel', 'sides', 'ends', 'back', 'bottom', 'from', 'members']);
const FAMILIES = [
  ...(['undermount-16', 'side-heavy', 'wood-runner', 'side-hung', 'tray-base', 'centre-mount'] as const),
  ...(['side-over-travel', 'roller-corner', 'cup-110-full', 'cup-110-inset', 'cup-frame', 'piano', 'butt'] as const),
];

/**
 * The job with much that it leaves out said as well, and other choices made, each where the job can be read with it: the same
 * for the same seed, and what is said of a field hangs on nothing but its place. What comes of it need not be well made: a plan
 * tells something of it.
 */
export function filled(job: object, seed: number, share = 0.3): object {
  const names = idsIn(job);
  let now = job;
  const gaps = gapsOf(ROOT, job, [])
    .map((gap) => ({ ...gap, chance: chanceFrom(numberOf(`${seed} ${gap.path.join('.')}`)) }))
    .filter(({ chance }) => chance() < share)
    .map((gap) => ({ ...gap, turn: gap.chance() }))
    .sort((one, other) => one.turn - other.turn);
  for (const { path, schema, chance } of gaps) {
    const value = new Maker(chance, names).made(schema, String(path.findLast((step) => typeof step === 'string')));
    if (value === undefined) continue;
    const next = JSON.parse(JSON.stringify(changed(now, path, value))) as object;
    if (readJobDocument(next).ok) now = next;
  }
  return now;
}

const numberOf = (text: string): number => createHash('sha256').update(text).digest().readUInt32LE(0);

/** Makes up what a field may hold. */
class Maker {
  constructor(
    private readonly chance: () => number,
    private readonly names: Ids,
  ) {}

  /** Something a schema takes; undefined where nobody can tell what. */
  made(schema: Schema, field: string): unknown {
    const { $ref, enum: of, type, items, properties = {}, required = [], minimum = 0, maximum = 1e6 } = schema;
    if ($ref) return this.named($ref.replace('#/$defs/', ''), field);
    if (of) return this.pick(of);
    const choices = [...(schema.oneOf ?? []), ...(schema.anyOf ?? [])];
    if (choices.length > 0) return this.made(this.pick(choices), field);
    if (type === 'boolean') return this.chance() < 0.5;
    if (type === 'number' || type === 'integer') return Math.min(maximum, Math.ceil(minimum) + this.pick([1, 2, 12]));
    if (items) return [...Array(Math.max(1, schema.minItems ?? 0)).keys()].map(() => this.made(items, field));
    if (type === 'object')
      return Object.fromEntries(
        Object.entries(properties)
          .filter(([each]) => required.includes(each) || (!LEFT.has(each) && this.chance() < 0.5))
          .map(([each, its]) => [each, this.made(its, each)] as const)
          .filter(([, value]) => value !== undefined),
      );
    return type === 'string' ? `${field} made up` : undefined;
  }

  private named(what: string, field: string): unknown {
    if (what === 'moment') return '2026-11-20T09:00:00Z';
    if (what === 'name') return `${field} made up`;
    if (what === 'id')
      return MATERIALS.has(field) ? this.pick(this.names.materials) : this.pick([...this.names.others, ...FAMILIES]);
    if (what === 'reading') return `${this.pick(USUAL[field] ?? SMALL)} mm`;
    if (what === 'length' || what === 'size' || what === 'offset') return `${this.pick(USUAL[field] ?? SMALL)} mm`;
    // What holds others of its kind would never end.
    return undefined;
  }

  private pick<T>(all: readonly T[]): T {
    return all[Math.floor(this.chance() * all.length)] as T;
  }
}

/** Every place of a job where a field is left out, or where another choice can be made. */
function gapsOf(schema: Schema, value: unknown, path: Path): readonly Gap[] {
  if (schema.$ref) return gapsOf(ROOT.$defs?.[schema.$ref.replace('#/$defs/', '')] ?? {}, value, path);
  const inChoices = [...(schema.oneOf ?? []), ...(schema.anyOf ?? [])].flatMap((each) => gapsOf(each, value, path));
  if (schema.enum && typeof value === 'string') return [{ path, schema }];
  if (Array.isArray(value))
    return [...inChoices, ...value.flatMap((each, at) => gapsOf(schema.items ?? {}, each, [...path, at]))];
  if (typeof value !== 'object' || value === null) return inChoices;
  const there = value as Readonly<Record<string, unknown>>;
  return [
    ...inChoices,
    ...Object.entries(schema.properties ?? {})
      .filter(([field]) => !LEFT.has(field))
      .flatMap(([field, its]) =>
        there[field] === undefined
          ? [{ path: [...path, field], schema: its }]
          : gapsOf(its, there[field], [...path, field]),
      ),
  ];
}

interface Ids {
  readonly materials: readonly string[];
  /** Of everything else: compartments, drawers, banks. */
  readonly others: readonly string[];
}

function idsIn(job: object): Ids {
  const materials = (job as { readonly materials: readonly { readonly id: string }[] }).materials.map(({ id }) => id);
  const others = new Set<string>();
  JSON.stringify(job, (key, value: unknown) => {
    if (key === 'id' && typeof value === 'string' && !materials.includes(value)) others.add(value);
    return value;
  });
  return { materials, others: [...others] };
}
