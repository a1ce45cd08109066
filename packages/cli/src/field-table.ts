import { jobSchema } from '@zabble/core';
import { FIELD_NOTES, type FieldNote } from './field-notes';

/** A node of the written schema. */
interface Node {
  readonly $ref?: string;
  readonly type?: string;
  readonly enum?: readonly (string | number)[];
  readonly anyOf?: readonly Node[];
  readonly oneOf?: readonly Node[];
  readonly properties?: Readonly<Record<string, Node>>;
  readonly required?: readonly string[];
  readonly items?: Node;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly maxLength?: number;
}

/** One field of the job file: where it stands, what it may hold, and whether it may be left out. */
export interface FieldRow {
  readonly path: string;
  readonly optional: boolean;
  readonly holds: string;
}

const schema = jobSchema() as unknown as Node & { readonly $defs: Readonly<Record<string, Node>> };
/** What a field holds where the schema gives that a name of its own. */
const CALLED: Readonly<Record<string, string>> = {
  length: 'length',
  size: 'length, over nothing',
  reading: 'length, over nothing; or an object',
  moment: 'moment',
  name: 'text',
  id: 'id',
  panel: 'panel',
};

/** What is told elsewhere, or is as something told before. */
const ELSEWHERE = /^log\[\]\.|\.aside\.|\.drawers\[\]\.box\./;

/** Every field the reader knows, in the order of the file. What lies within itself (panels) is told once. */
export function fieldRows(): readonly FieldRow[] {
  const rows = new Map<string, FieldRow>();
  walk(schema, '', [], rows);
  return [...rows.values()].filter(({ path }) => !ELSEWHERE.test(path));
}

function walk(node: Node, path: string, within: readonly string[], rows: Map<string, FieldRow>): void {
  if (node.$ref !== undefined) {
    if (!within.includes(node.$ref)) walk(meant(node), path, [...within, node.$ref], rows);
    return;
  }
  for (const each of [node.anyOf, node.oneOf].flatMap((some) => some ?? [])) walk(each, path, within, rows);
  if (node.type === 'object') walkFields(node, path, within, rows);
  if (node.items) walk(node.items, `${path}[]`, within, rows);
}

function walkFields(node: Node, path: string, within: readonly string[], rows: Map<string, FieldRow>): void {
  for (const [name, field] of Object.entries(node.properties ?? {})) {
    const at = path === '' ? name : `${path}.${name}`;
    const optional = node.required?.includes(name) !== true;
    if (!rows.has(at)) rows.set(at, { path: at, optional, holds: holds(field) });
    walk(field, at, within, rows);
  }
}

function meant({ $ref = '' }: Node): Node {
  return schema.$defs[nameOf($ref)] ?? {};
}

function nameOf(ref: string): string {
  return ref.split('/').at(-1) ?? '';
}

function holds(node: Node): string {
  if (node.$ref !== undefined) return CALLED[nameOf(node.$ref)] ?? 'object';
  if (node.enum) return node.enum.map((each) => `\`${each}\``).join(', ');
  if (node.anyOf) return node.anyOf.map(holds).join(' or ');
  return (HOLDS[node.type ?? ''] ?? (() => 'one of several objects'))(node);
}

/** By the type of the node. */
const HOLDS: Readonly<Record<string, (node: Node) => string>> = {
  array: ({ minItems = 0, maxItems = 0, items = {} }) => `list of ${minItems} to ${maxItems}: ${holds(items)}`,
  integer: ({ minimum = 0, maximum = 0 }) => `whole number, ${minimum} to ${maximum}`,
  number: ({ minimum = 0, maximum = 0 }) => `number, ${minimum} to ${maximum}`,
  string: ({ maxLength = 0 }) => `text of at most ${maxLength} characters`,
  boolean: () => 'true or false',
  object: () => 'object',
};

/** The note of a field; a field without one of its own is told by what it lies in. */
export function noteOf(path: string): FieldNote | undefined {
  return FIELD_NOTES[path.replace(/^cases\[\]\.banks\[\]\./, 'bank.').replace(/^bank\.drawers\[\]\./, 'drawer.')];
}

/** The table of docs/job-file.md, as Markdown. */
export function fieldTable(): string {
  const rows = fieldRows().map(({ path, optional, holds: what }) => {
    const { without = 'yes', says = '' } = noteOf(path) ?? {};
    return `| \`${path}\` | ${optional ? without : ''} | ${what.replaceAll('|', '\\|')} | ${says} |`;
  });
  return ['| field | may be left out | holds | what it says |', '| --- | --- | --- | --- |', ...rows].join('\n');
}
