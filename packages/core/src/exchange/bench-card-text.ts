import { said, type Words } from '../words';
import type { BenchCard, CardFact, CardTable } from './bench-card';
import type { CaseCard } from './case-card';
import { setInColumns, shorten, wrap } from './columns';

/** No line of a card is longer: it fits a printed page and a terminal. */
const WIDTH = 100;
/** Headings of facts stand in a column of their own. */
const HEAD = 9;
/** What holds a step stands under it. */
const HELD = '   ';
const INDENT = ' '.repeat(HEAD);

/** A bench card in plain text; `≈` marks what is rounded for showing. */
export function benchCardText(card: BenchCard, words: Words): string {
  const lines = [
    shorten(`${card.job} · ${card.owner}, ${words.say(card.bank)}`, WIDTH),
    words.say(card.basis),
    '='.repeat(WIDTH),
    ...card.opening.flatMap((fact) => factLines(fact, words)),
    '',
    ...tableLines(card.drawers, words),
    '',
    ...factLines(spacerFact(card), words),
    ...card.mounting.flatMap((fact) => factLines(fact, words)),
    '',
    ...tableLines(card.parts, words),
    ...(card.unsized === 0 ? [] : [words.say(said('card/held', { count: card.unsized }))]),
    '',
    ...findingLines(card, words),
  ];
  return `${lines.join('\n')}\n`;
}

/** The card of a case in plain text. */
export function caseCardText(card: CaseCard, words: Words): string {
  const order = card.steps.flatMap(({ parts, held }, index) => [
    `${index + 1}. ${parts.map(words.say).join(', ')}`,
    ...held.flatMap((each) => wrap(words.say(each), WIDTH - HELD.length, '').map((line) => `${HELD}${line}`)),
  ]);
  const lines = [
    shorten(`${card.job} · ${card.owner}`, WIDTH),
    words.say(card.basis),
    '='.repeat(WIDTH),
    ...card.facts.flatMap((fact) => factLines(fact, words)),
    '',
    words.say(said('card-head/order')),
    ...order,
    '',
    ...tableLines(card.parts, words),
    '',
    ...findingLines(card, words),
  ];
  return `${lines.join('\n')}\n`;
}

function spacerFact({ spacers, order }: BenchCard): CardFact {
  return { head: said('card-head/spacers'), said: said('card/spacers', { order, lengths: spacers }) };
}

function factLines(fact: CardFact, words: Words): readonly string[] {
  const line = `${words.say(fact.head).padEnd(HEAD - 1)} ${words.say(fact.said)}`;
  return wrap(line, WIDTH, INDENT).map((each) => each.replaceAll('\u00a0', ' '));
}

function tableLines({ columns, rows }: CardTable, words: Words): readonly string[] {
  return setInColumns(
    columns.map((column) => ({ ...column, title: words.say(said(column.title)) })),
    rows.map((row) => row.map((cell) => words.say(cell))),
  );
}

function findingLines({ findings }: Pick<BenchCard, 'findings'>, words: Words): readonly string[] {
  if (findings.length === 0) return [words.say(said('card/nothing-in-the-way'))];
  return findings.flatMap((each) =>
    wrap(`${words.say(said(`card-severity/${each.severity}`)).padEnd(4)} ${words.say(each.said)}`, WIDTH, '     '),
  );
}
