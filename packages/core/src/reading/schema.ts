/** What a reader takes, in the keywords of JSON Schema 2020-12 that its readers need. */
export interface Schema {
  readonly type?: 'string' | 'number' | 'integer' | 'boolean' | 'array' | 'object';
  readonly enum?: readonly (string | number)[];
  readonly maxLength?: number;
  readonly pattern?: string;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly items?: Schema;
  readonly contains?: Schema;
  readonly minContains?: number;
  readonly maxContains?: number;
  readonly additionalProperties?: false;
  readonly required?: readonly string[];
  readonly properties?: Readonly<Record<string, Schema>>;
  /** A node that would come round again stands as a function. */
  readonly anyOf?: readonly (Schema | (() => Schema))[];
  readonly oneOf?: readonly Schema[];
  readonly allOf?: readonly Schema[];
  readonly not?: Schema;
  readonly if?: Schema;
  readonly then?: Schema;
  /** The name it stands under in `$defs`: written once, and pointed to wherever it is used. */
  readonly [NAME]?: string;
}

/** No keyword of JSON Schema is called so. */
const NAME = '#name';

/** The node under a name of its own. */
export function withName(name: string, schema: Schema): Schema {
  return { ...schema, [NAME]: name };
}

type Written = Readonly<Record<string, unknown>>;

/** The whole schema as JSON: `head` first, then the node, then every named node once, by name. */
export function writeSchema(schema: Schema, head: Readonly<Record<string, string>>): Written {
  const named = new Map<string, unknown>();
  const write = (node: unknown): unknown => {
    if (typeof node === 'function') return write((node as () => Schema)());
    if (Array.isArray(node)) return node.map(write);
    if (typeof node !== 'object' || node === null) return node;
    const { [NAME]: name, ...rest } = node as Record<string, unknown>;
    const plain = (): Written => Object.fromEntries(Object.entries(rest).map(([key, value]) => [key, write(value)]));
    if (typeof name !== 'string') return plain();
    if (!named.has(name)) {
      // Its place is taken before it is written: what lies within may point back to it.
      named.set(name, {});
      named.set(name, plain());
    }
    return { $ref: `#/$defs/${name}` };
  };
  const whole = write(schema) as Written;
  const defs = [...named].sort(([one], [other]) => (one < other ? -1 : 1));
  return { ...head, ...whole, ...(defs.length === 0 ? {} : { $defs: Object.fromEntries(defs) }) };
}
