import { inMillimetres, readFileLength, readJobDocument } from './index';
import { changed, ROOT, type Path, type Schema } from './schema.spec-data';

/** One change of a job: what it changes, wherever that stands, and the job that comes of it. */
export interface Varied {
  readonly what: string;
  readonly document: object;
}

/** What a log says was done, and what only names something, has no say in a plan. */
const LEFT = new Set(['log', 'format', 'version', 'minor', 'id', 'name', 'customer', 'notes', 'like', 'unit']);
/** Figures that are put where nothing stands. */
const ADDED: Readonly<Record<string, unknown>> = { length: '7 mm', offset: '3 mm', size: '24 mm' };

/**
 * The job with each of its fields changed in turn, as its schema allows: one of a list for another, a length a little longer, a
 * number half as large again, a switch turned; what is not said is said, what need not be said is left out.
 */
export function varied(document: object): readonly Varied[] {
  const found: Varied[] = [];
  walk(ROOT, document, [], (path, value) => {
    const what = `${path.filter((step) => typeof step === 'string').join('.')} ${JSON.stringify(value) ?? 'left out'}`;
    found.push({ what, document: JSON.parse(JSON.stringify(changed(document, path, value))) as object });
  });
  return found;
}

type Found = (path: Path, value: unknown) => void;

function walk(schema: Schema, value: unknown, path: Path, found: Found): void {
  const { $ref, oneOf = [], anyOf = [] } = schema;
  if ($ref) {
    walk(ROOT.$defs?.[$ref.replace('#/$defs/', '')] ?? {}, value, path, found);
    return;
  }
  for (const each of [...oneOf, ...anyOf]) walk(each, value, path, found);
  // The first and the last of a list stand for all of it.
  if (Array.isArray(value))
    for (const at of new Set([0, value.length - 1]))
      if (at >= 0) walk(schema.items ?? {}, value[at] as unknown, [...path, at], found);
  for (const other of (schema.enum ?? []).filter((one) => one !== value)) found(path, other);
  if (typeof value === 'object' && value !== null && !Array.isArray(value)) fields(schema, value, path, found);
  else if (!schema.enum) another(value, (one) => found(path, one));
}

function fields({ properties = {}, required = [] }: Schema, value: object, path: Path, found: Found): void {
  for (const [field, schema] of Object.entries(properties)) {
    if (LEFT.has(field)) continue;
    const there = (value as Readonly<Record<string, unknown>>)[field];
    if (there === undefined) for (const one of said(schema)) found([...path, field], one);
    else {
      walk(schema, there, [...path, field], found);
      if (!required.includes(field)) found([...path, field], undefined);
    }
  }
}

/** What may be said where nothing is. */
function said({ $ref, enum: of, type, minimum = 0, anyOf = [] }: Schema): readonly unknown[] {
  if (of) return of;
  if ($ref) return [ADDED[$ref.replace('#/$defs/', '')]].filter((one) => one !== undefined);
  if (type === 'boolean') return [true, false];
  if (type === 'number' || type === 'integer') return [minimum + 2];
  return anyOf.flatMap(said);
}

function another(value: unknown, found: (other: unknown) => void): void {
  if (typeof value === 'boolean') found(!value);
  else if (typeof value === 'number') found(value + Math.max(1, Math.round(value / 2)));
  else if (typeof value === 'string') {
    const read = readFileLength(value);
    if (read.ok) found(`${(inMillimetres(read.value) + 3).toFixed(4)} mm`);
  }
}

/** Of several jobs each kind of change once, where the job can be read with it: of the first that has it. */
export function variedOnce(jobs: Readonly<Record<string, object>>): ReadonlyMap<string, readonly Varied[]> {
  const seen = new Set<string>();
  const fresh = (each: Varied): boolean => {
    if (seen.has(each.what) || !readJobDocument(each.document).ok) return false;
    seen.add(each.what);
    return true;
  };
  return new Map(Object.entries(jobs).map(([name, job]) => [name, varied(job).filter(fresh)]));
}
