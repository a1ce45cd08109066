import { cutList, type Crosscut, materialCalled, type CutMaterial } from '../cutting';
import type { Job } from '../job';
import { writeLength, type Showing, type Unit } from '../length';
import type { Plan } from '../plan';
import { said, type Words } from '../words';

/** Headings of the cut list as a table in a job of this unit: every size is in it, and says so. */
export const cutHeadings = (unit: Unit): readonly string[] => [
  'material',
  `thickness_${unit}`,
  `width_${unit}`,
  `length_${unit}`,
  'count',
  'grain',
  'when',
  'left',
  `finished_width_${unit}`,
  `finished_length_${unit}`,
  'machining',
  'parts',
];

/** How tables are written: what a spreadsheet would take for a formula, a line break before it or not, is kept a text. */
export const CSV = { escapeFormulae: /^\s*[=+\-@]|^[\t\r\n]/, newline: '\r\n' } as const;

/**
 * The cut list as rows of text, headings first, in the order it is cut; sizes as they are shown, without signs of rounding.
 * Parts are named, `;` between two.
 */
export function cutRows(job: Job, plan: Plan, words: Words): readonly (readonly string[])[] {
  const rows = cutList(job, plan).groups.flatMap(({ material, rips }) =>
    rips.flatMap(({ crosscuts }) => crosscuts.map((row) => cutRow(words, plan, material, row))),
  );
  return [cutHeadings(plan.unit), ...rows];
}

function cutRow(
  words: Words,
  showing: Showing,
  material: CutMaterial,
  { length, widthTally, parts, count, left, release }: Crosscut,
) {
  const [first] = parts;
  const { finished } = first ?? {};
  const ofBox =
    first?.machining.map(({ kind, where }) =>
      words.say(said('cut-listed', { kind: `cut/${kind}`, at: `cut-at/${where}` })),
    ) ?? [];
  const kinds = [...new Set(first?.cuts?.map(({ kind }) => kind))];
  const works = [...ofBox, ...kinds.map((kind) => words.say(said(`cut/${kind}`)))];
  return [
    words.say(materialCalled(material)),
    writeLength(material.thickness, 'reading', showing),
    writeLength(widthTally.total, 'part', showing),
    writeLength(length, 'part', showing),
    String(count),
    words.say(said(material.grain ? 'grain/along' : 'grain/any')),
    words.say(said(`printed-when/${release}`)),
    String(left),
    finished ? writeLength(finished.width.total, 'part', showing) : '',
    finished ? writeLength(finished.length.total, 'part', showing) : '',
    works.join('; '),
    parts.map(({ name }) => name).join('; '),
  ];
}
