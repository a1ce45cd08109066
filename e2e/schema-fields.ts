import { readFileSync } from 'node:fs';

/** A part of the published schema. */
interface Node {
  readonly $ref?: string;
  readonly properties?: Readonly<Record<string, Node>>;
  readonly items?: Node;
  readonly anyOf?: readonly Node[];
  readonly oneOf?: readonly Node[];
  readonly allOf?: readonly Node[];
  readonly type?: string;
  readonly enum?: readonly unknown[];
  readonly const?: unknown;
}

const schema = JSON.parse(readFileSync(new URL('../docs/job-file.schema.json', import.meta.url), 'utf8')) as Node & {
  readonly $defs: Readonly<Record<string, Node>>;
};

/** Every field the job file can say something in, by its path: `cases[].banks[].front.gap`. */
export function schemaFields(): ReadonlySet<string> {
  const found = new Set<string>();
  walk(schema, '', found);
  return found;
}

function walk(node: Node, path: string, found: Set<string>, within: readonly string[] = []): void {
  if (node.$ref) {
    // Panels lie in panels: each shape once.
    if (within.includes(node.$ref)) return;
    within = [...within, node.$ref];
    const named = schema.$defs[node.$ref.split('/').at(-1) ?? ''];
    if (named) walk(named, path, found, within);
    return;
  }
  const choices = [...(node.anyOf ?? []), ...(node.oneOf ?? []), ...(node.allOf ?? [])].filter(
    (each) => each.$ref ?? each.properties ?? each.type ?? each.enum ?? each.const,
  );
  for (const each of choices) walk(each, path, found, within);
  for (const [name, each] of Object.entries(node.properties ?? {}))
    walk(each, path === '' ? name : `${path}.${name}`, found, within);
  if (node.items) walk(node.items, `${path}[]`, found, within);
  if (choices.length === 0 && !node.properties && !node.items) found.add(path);
}
