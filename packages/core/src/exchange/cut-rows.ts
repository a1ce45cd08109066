import { cutList, type Crosscut, materialCalled, type CutMaterial } from '../cutting';
import type { Job } from '../job';
import { inMillimetres } from '../length';
import type { Plan } from '../plan';
import { said, type Words } from '../words';

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
export function cutRows(job: Job, plan: Plan, words: Words): readonly (readonly string[])[] {
  const rows = cutList(job, plan).groups.flatMap(({ material, rips }) =>
    rips.flatMap(({ crosscuts }) => crosscuts.map((row) => cutRow(words, material, row))),
  );
  return [CUT_HEADINGS, ...rows];
}

function cutRow(words: Words, material: CutMaterial, { length, widthTally, parts, count, left, release }: Crosscut) {
  const [first] = parts;
  const { finished } = first ?? {};
  const width = widthTally.total;
  const works =
    first?.machining.map(({ kind, where }) =>
      words.say(said('cut-listed', { kind: `cut/${kind}`, at: `cut-at/${where}` })),
    ) ?? [];
  return [
    words.say(materialCalled(material)),
    String(inMillimetres(material.thickness)),
    String(inMillimetres(width)),
    String(inMillimetres(length)),
    String(count),
    words.exact(width),
    words.exact(length),
    words.say(said(material.grain ? 'grain/along' : 'grain/any')),
    words.say(said(`printed-when/${release}`)),
    String(left),
    finished ? String(inMillimetres(finished.width.total)) : '',
    finished ? String(inMillimetres(finished.length.total)) : '',
    works.join('; '),
    parts.map(({ name }) => name).join('; '),
  ];
}
