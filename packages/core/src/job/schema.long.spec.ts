import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { patched, pathSteps, Report, valueAt } from '../reading';
import { jobSchema } from './schema';
import { jobShape } from './shape';

const docs = join(__dirname, '../../../../docs');
const validate = new Ajv2020({ strictRequired: false, strictTypes: false }).compile(jobSchema());
const [, text = ''] = /```json\n([\s\S]*?)```/.exec(readFileSync(join(docs, 'job-file.md'), 'utf8')) ?? [];
const AT = '2026-11-20T09:00:00Z';
const deed = { at: AT, by: 'Ada' };
/** The example of the documentation with what it leaves out. */
const whole: unknown = patched(JSON.parse(text) as unknown, [
  { path: 'saw', value: { kerf: '3 mm', stages: 3, ripFirst: true, offcut: { length: '1 in', width: '2 in' } } },
  { path: 'cases[0].banks[0].gates', value: { slides: deed } },
  { path: 'cases[0].banks[0].front.band', value: { thickness: '1 mm', edges: ['top'] } },
  { path: 'cases[0].banks[0].mounting.setback', value: '3 mm' },
  { path: 'cases[0].banks[0].drawers[0].line', value: { y: '1 in' } },
  { path: 'cases[0].banks[0].opening.width[0]', value: { length: '24 in', place: ['top', 'back'], drawer: 'd1' } },
  {
    path: 'cutting',
    value: {
      released: [{ part: 'c1/b1/d1/side 1', reason: 'slides are in', ...deed }],
      cut: [{ part: 'c1/b1/d1/side 1', length: '20 in', width: '3 in', ...deed }],
      extra: [{ id: 'x', name: 'cleat', material: 'ash', length: '20 in', width: '2 in', count: 2 }],
      layouts: [
        {
          material: 'ply12',
          seed: 1,
          tries: 20,
          kerf: '3 mm',
          trim: '0 mm',
          ...deed,
          sheets: [
            {
              id: 's1',
              stock: 'new',
              length: '96 in',
              width: '48 in',
              panel: {
                kind: 'cuts',
                direction: 'rip',
                children: [{ size: '4 in', panel: { kind: 'part', piece: 'c1/b1/d1/side 1', turned: false } }],
              },
            },
          ],
        },
      ],
    },
  },
]);

/** What a hand might write in any field; among them each of the values schema and reader once judged differently. */
const PROBES: readonly unknown[] = [
  '',
  ' ',
  '\t',
  'x',
  'a\u0000b',
  'a\nb',
  'x'.repeat(41),
  'x'.repeat(201),
  '🪚'.repeat(120),
  '🪚'.repeat(201),
  '0 in',
  '0 mm',
  '0.0 in',
  '0/4 in',
  '0 0/8 in',
  '0.0000001 mm',
  '0.0000004 mm',
  '0.000001 mm',
  '.5 in',
  '5. in',
  '. in',
  '1/3 in',
  '3/3 in',
  '1/0 in',
  '65/64 in',
  '1 64/64 in',
  '1 63/64 in',
  '1-1/2 in',
  '1  1/2  in',
  ' 12 mm ',
  '12MM',
  '12',
  '1/64 cm',
  '1000/64 in',
  '999/2 in',
  '007 mm',
  '1/04 in',
  '12 m',
  '3 ft',
  '200 m',
  '100000 mm',
  '100000.0 mm',
  '100000.1 mm',
  '100001 mm',
  '10000 cm',
  '10001 cm',
  '3937 in',
  '3937.001 in',
  '3938 in',
  '200000 mm',
  '-1 mm',
  '−1 mm',
  '1e3 mm',
  '1,5 mm',
  '1 mm + 1 mm',
  `${'0'.repeat(117)} mm`,
  `${'0'.repeat(118)} mm`,
  'half',
  'equal',
  'top',
  'across',
  'butt-sides-run',
  0,
  1,
  2,
  -1,
  0.5,
  1.5,
  61,
  99.5,
  1e9,
  1e308,
  true,
  false,
  null,
  [],
  {},
  ['top', 'bottom'],
  ['top', 'top'],
  ['left'],
  { length: '1 in' },
  { drawer: 'd1' },
  { y: '1 in', bank: 'b1', drawer: 'd1' },
  { bank: 'b1', drawer: 'd1' },
  { bank: 'b1' },
  { kind: 'rest' },
  { kind: 'note', id: 'n', at: AT, note: ' ' },
  AT,
  '2026-13-01T00:00:00Z',
  '2026-11-20T09:00:00+01:00',
];

function pathsOf(value: unknown, path: string): readonly string[] {
  if (typeof value !== 'object' || value === null) return [path];
  const inside = Array.isArray(value)
    ? value.map((each: unknown, index) => [`${path}[${index}]`, each] as const)
    : Object.entries(value).map(([name, each]) => [path === '' ? name : `${path}.${name}`, each] as const);
  return [...(path === '' ? [] : [path]), ...inside.flatMap(([at, each]) => pathsOf(each, at))];
}
const shapeOf = (path: string): string => path.replace(/\d+/g, '');
/** Each kind of field once: the first material stands for all. */
const paths = pathsOf(whole, '').filter(
  (path, index, all) => all.findIndex((each) => shapeOf(each) === shapeOf(path)) === index,
);

function reads(document: unknown): boolean {
  const report = new Report();
  return jobShape(document, '', report) !== undefined && report.clean;
}

interface Verdicts {
  readonly schema: boolean;
  readonly reader: boolean;
}

/** What both say of the document with a value at `path`; the document is as before afterwards. */
function verdicts(path: string, value: unknown): Verdicts {
  const steps = pathSteps(path);
  let at = whole as Record<string | number, unknown>;
  for (const step of steps.slice(0, -1)) at = at[step] as Record<string | number, unknown>;
  const last = steps.at(-1) ?? '';
  const before = at[last];
  if (value === undefined) Reflect.deleteProperty(at, last);
  else at[last] = value;
  const both = { schema: validate(whole), reader: reads(whole) };
  at[last] = before;
  return both;
}

describe('the schema and the reader', () => {
  it('both take the whole example', () => {
    expect(reads(whole)).toBe(true);
    validate(whole);
    expect(validate.errors ?? []).toEqual([]);
  });

  it('agree on whatever stands in any field', () => {
    const apart: unknown[] = [];
    fc.assert(
      fc.property(fc.constantFrom(...paths), fc.constantFrom(...PROBES), (path, probe) => {
        const { schema, reader } = verdicts(path, probe);
        if (schema !== reader) apart.push([path, probe]);
      }),
      { numRuns: 5000 },
    );
    expect(apart).toEqual([]);
  });

  it('agree on what may be left out, and on strangers', () => {
    const apart = paths.flatMap((path) => {
      const value = valueAt(whole, path);
      const odd = Array.isArray(value) ? [...(value as unknown[]), 7] : { ...(value as object), odd: 1 };
      const strange = typeof value === 'object' ? verdicts(path, odd) : { schema: false, reader: false };
      // An entry of a list can’t be missing: JSON has no holes.
      const without = path.endsWith(']') ? { schema: true, reader: true } : verdicts(path, undefined);
      const agreed = without.schema === without.reader && !strange.schema && !strange.reader;
      return agreed ? [] : [{ path, without, strange }];
    });
    expect(apart).toEqual([]);
  });

  it('agree on every way of writing a length', () => {
    const figures = fc.stringMatching(
      /^[ ]{0,2}0{0,2}\d{0,6}([.]\d{0,8}|[ -]{0,2}\d{0,4}[/]\d{0,3})? {0,2}(in|mm|cm|m)?[ ]?$/,
    );
    fc.assert(
      fc.property(
        figures,
        fc.constantFrom('cases[0].banks[0].front.gap', 'materials[0].thickness'),
        (written, path) => {
          const { schema, reader } = verdicts(path, written);
          return schema === reader;
        },
      ),
      { numRuns: 2000 },
    );
  });
});
