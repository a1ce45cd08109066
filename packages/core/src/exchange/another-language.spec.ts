import { cutList } from '../cutting';
import { drawPart, drawStickPaper, drawTemplates } from '../drawing';
import { groupFindings } from '../findings';
import { recordLines } from '../fitting';
import type { JobDocument } from '../job';
import { patched } from '../reading';
import { plan, readJobDocument } from '../plan';
import { demo } from '../plan/plan.spec-data';
import { ENGLISH, wordsIn, type Language, type Words } from '../words';
import { benchCards } from './bench-card';
import { benchCardText } from './bench-card-text';
import { cutHeadings, cutRows } from './cut-rows';

/** A language nobody speaks: its every sentence is its code's number, with what other sentences it holds after it. */
const CODES = Object.keys(ENGLISH.sentences);
const INVENTED: Language = {
  locale: 'is',
  sentences: Object.fromEntries(
    CODES.map((code, number) => [code, (params: object, words: Words) => `${number}${held(params, words)}`]),
  ),
};

function held(value: unknown, words: Words): string {
  if (typeof value !== 'object' || value === null) return '';
  const { code, params } = value as { code?: unknown; params?: unknown };
  if (typeof code === 'string' && typeof params === 'object') return ` ${words.say(value as never)}`;
  return Object.values(value)
    .map((each) => held(each, words))
    .join('');
}

/** Everything core says of a job, in one text. */
function everything(document: JobDocument, language: Language): string {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const { job } = reading;
  const planned = plan(job);
  const words = wordsIn(language, planned);
  const banks = planned.cases.flatMap((owner) => owner.banks);
  const drawn = [
    ...banks.flatMap((bank) => [
      drawStickPaper(bank, words),
      ...drawTemplates(bank, words).map(({ drawing }) => drawing),
    ]),
    ...cutList(job, planned).groups.flatMap(({ rips }) =>
      rips.flatMap(({ crosscuts }) =>
        crosscuts.flatMap(({ parts: [part] }) => (part ? drawPart(part, '', words) : [])),
      ),
    ),
  ];
  return [
    ...benchCards(job, planned).map((card) => benchCardText(card, words)),
    ...cutRows(job, planned, words)
      .slice(1)
      .map((row) => row.slice(0, -1).join(' ')),
    ...drawn.flatMap(({ shapes }) => shapes.flatMap((shape) => (shape.kind === 'words' ? [shape.text] : []))),
    ...recordLines(job).map(({ said, where }) => `${words.say(said)} ${where ? words.say(where) : ''}`),
    ...banks.flatMap(({ findings }) => groupFindings(findings).flatMap(({ remedies }) => remedies.map(words.say))),
    ...banks.flatMap(({ drawers }) =>
      drawers.flatMap(({ dimensions }) =>
        Object.values(dimensions).flatMap(({ terms }) => terms.map(({ label }) => words.say(label))),
      ),
    ),
  ].join('\n');
}

/** What is left when everything a person wrote is taken out, and the units, which are the same in every language. */
function leftOver(text: string, document: JobDocument): readonly string[] {
  const written = [...JSON.stringify(document).matchAll(/"(?:[^"\\]|\\.)*"/g)].map(
    ([each]) => JSON.parse(each) as string,
  );
  const long = written.filter((each) => each.length > 3).sort((a, b) => b.length - a.length);
  // Names are cut short in columns.
  const names = long.flatMap((each) => [each, `${each.slice(0, 15).trimEnd()}…`, `${each.slice(0, 23).trimEnd()}…`]);
  const rest = names.reduce((all, each) => all.replaceAll(each, ' '), text);
  return rest.match(/\p{L}{2,}/gu)?.filter((word) => !['in', 'mm'].includes(word)) ?? [];
}

const spoilt = patched(demo('notions-bank'), [
  { path: 'cases[0].banks[0].drawers[0].height', value: '1 in' },
  { path: 'cases[0].banks[0].box.ease', value: '3 mm' },
]);

describe('in a language that is invented', () => {
  it.each([
    ['notions-bank', demo('notions-bank')],
    ['flag-chest', demo('flag-chest')],
    ['rope-bench', demo('rope-bench')],
    ['one with much to mend', spoilt],
  ])('no English word is left: %s', (_, document) => {
    expect(leftOver(everything(document, ENGLISH), document).length).toBeGreaterThan(50);
    expect(leftOver(everything(document, INVENTED), document)).toEqual([]);
  });

  it('a code without a sentence is said as it is, so that nothing is hidden', () => {
    const words = wordsIn({ locale: 'is', sentences: {} }, { unit: 'mm', step: 1 as never });
    expect(words.say({ code: 'gap', params: {} })).toBe('gap');
  });

  it('headings of the cut list are names of fields, not words', () => {
    for (const heading of cutHeadings('in')) expect(heading).toMatch(/^[a-z]+(_[a-z]+)*$/);
  });
});
