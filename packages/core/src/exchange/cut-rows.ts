import { cutList, WHEN, type Crosscut } from '../cutting';
import type { Job, Material } from '../job';
import { inMillimetres, writeExact } from '../length';
import type { Plan } from '../plan';

/** Headings of the cut list as a table. Millimetres for machines, the job's own unit for people. */
export const CUT_HEADINGS = [
  'material',
  'thickness_mm',
  'width_mm',
  'length_mm',
  'count',
  'width',
  'length',
  'grain',
  'when',
  'left',
  'finished_width_mm',
  'finished_length_mm',
  'machining',
  'parts',
] as const;

/** How tables are written: what a spreadsheet would take for a formula, a line break before it or not, is kept a text. */
export const CSV = { escapeFormulae: /^\s*[=+\-@]|^[\t\r\n]/, newline: '\r\n' } as const;

/** The cut list as rows of text, headings first, in the order it is cut. Parts are named, `;` between two. */
export function cutRows(job: Job, plan: Plan): readonly (readonly string[])[] {
  const rows = cutList(job, plan).groups.flatMap(({ material, rips }) =>
    rips.flatMap(({ crosscuts }) => crosscuts.map((row) => cutRow(job, material, row))),
  );
  return [CUT_HEADINGS, ...rows];
}

function cutRow({ unit }: Job, material: Material, { length, widthTally, parts, count, left, release }: Crosscut) {
  const [first] = parts;
  const { finished } = first ?? {};
  const width = widthTally.total;
  const works = first?.machining.map(({ kind, where }) => `${kind} (${where})`) ?? [];
  return [
    material.name,
    String(inMillimetres(material.thickness)),
    String(inMillimetres(width)),
    String(inMillimetres(length)),
    String(count),
    writeExact(width, unit),
    writeExact(length, unit),
    material.grain ? 'along the length' : 'any',
    WHEN[release].printed,
    String(left),
    finished ? String(inMillimetres(finished.width.total)) : '',
    finished ? String(inMillimetres(finished.length.total)) : '',
    works.join('; '),
    parts.map(({ name }) => name).join('; '),
  ];
}
