import {
  boardList,
  type BoardUse,
  cutList,
  isPastStop,
  hasSize,
  partsOf,
  bankTelling,
  partsServed,
  sawCuts,
  sawCutSaid,
  sawOf,
  said,
  sawSettings,
  sheetsToBuy,
  toCut,
  type Crosscut,
  type CutGroup,
  type FrontPanel,
  type PartCode,
  type Said,
  materialCalled,
} from '@zabble/core';
import { MARGIN, paperOf, type Pdf } from './pdf';
import { sizeOf, type Printing } from './printing';

const ROW = 6;
const LINE = 4.4;
const GREY = '#5b6560';
type ListColumn = `list-column/${'rip' | 'cut' | 'count' | 'parts'}`;
/** Left edges of the columns after the margin, in millimetres. */
const AT = { rip: 0, cut: 26, count: 54, tick: 66, parts: 74 };

/** The cut list by material, rip and length: held parts are printed HOLD, never as a number to cut by. */
export function cutListPdf(printing: Printing): Promise<Buffer> {
  const { job, plan, words } = printing;
  const pdf = paperOf(printing, 'paper/cut-list');
  const list = cutList(job, plan);
  const table = new Table(pdf);
  const whose = [job.customer, words.say(said('paper/list-heading', {})), printing.date].filter(Boolean).join(' · ');
  table.heading(job.name, whose);
  if (list.groups.some(({ rips }) => rips.some(({ crosscuts }) => crosscuts.some(isForecast))))
    table.note(said('paper/is-forecast'), 'bold');
  table.note(said('paper/caution'));
  for (const group of list.groups)
    groupRows(
      table,
      printing,
      group,
      list.panels.filter(({ material }) => material.id === group.material.id),
    );
  if (list.unsized > 0) table.note(said('paper/unsized', { count: list.unsized }));
  settingRows(table, printing);
  bladeRows(table, printing);
  buyRows(table, printing, list.groups);
  boardRows(table, printing);
  return pdf.finish();
}

/** Lines down a page, and on to the next. */
class Table {
  private y = Infinity;

  constructor(readonly pdf: Pdf) {}

  heading(title: string, says: string): void {
    this.room(18);
    this.pdf.title(title, MARGIN, this.y, 18, this.width);
    this.pdf.text(says, MARGIN, this.y + 8, { size: 10, width: this.width });
    this.y += 16;
  }

  section(title: string, told: Said): void {
    this.room(3 * ROW);
    this.y += 3;
    this.pdf.text(title, MARGIN, this.y, { size: 12, font: 'bold', width: this.width * 0.6 });
    this.pdf.say(told, MARGIN + this.width * 0.6, this.y + 0.6, { size: 9, align: 'right', width: this.width * 0.4 });
    this.y += 6;
    this.pdf.line(MARGIN, this.y, this.pdf.width - MARGIN, this.y, 0.5);
    this.y += 1.2;
  }

  note(told: Said, font: 'plain' | 'bold' = 'plain'): void {
    for (const line of this.pdf.wrapped(this.pdf.words.say(told), this.width, 9, font)) {
      this.room(ROW);
      this.pdf.text(line, MARGIN, this.y, { size: 9, font, width: this.width });
      this.y += LINE;
    }
    this.y += ROW - LINE;
  }

  /** What the columns are called, small. */
  columns(): void {
    this.room(2 * ROW);
    const head = (title: ListColumn, at: number, width: number, align: 'left' | 'right'): void =>
      this.pdf.say(said(title), MARGIN + at, this.y, { size: 7.5, align, width });
    head('list-column/rip', AT.rip, 24, 'right');
    head('list-column/cut', AT.cut, 24, 'right');
    head('list-column/count', AT.count - 4, 12, 'right');
    head('list-column/parts', AT.parts, this.width - AT.parts, 'left');
    this.y += 3.6;
  }

  /** One row of so many lines. */
  row(lines: number, write: (y: number) => void): void {
    const height = ROW + (lines - 1) * LINE;
    this.room(height);
    write(this.y);
    this.y += height;
    this.pdf.line(MARGIN, this.y - 0.8, this.pdf.width - MARGIN, this.y - 0.8, 0.1, '#9aa29c');
  }

  get width(): number {
    return this.pdf.width - 2 * MARGIN;
  }

  private room(height: number): void {
    if (this.y + height <= this.pdf.height - MARGIN - 6) return;
    this.pdf.page();
    this.y = MARGIN;
  }
}

function groupRows(
  table: Table,
  printing: Printing,
  { material, rips, count }: CutGroup,
  panels: readonly FrontPanel[],
): void {
  table.section(
    printing.words.say(materialCalled(material)),
    said('paper/material', { thickness: material.thickness, count, grain: material.grain === true }),
  );
  for (const { length, width, parts, release } of panels) {
    const size = hasSize(release) ? { length, width } : said(`when/${release}`);
    const fronts = parts.map(({ use }) => [...bankTelling(printing.plan, use.path), use.place + 1].join(' '));
    table.note(said('paper/panel', { size, up: parts[0]?.upright === true, fronts }));
  }
  table.columns();
  for (const { crosscuts } of rips) {
    // The rip is told once, where the first of it may be cut.
    const first = crosscuts.find(({ release }) => hasSize(release));
    for (const row of crosscuts) {
      const told = table.pdf.wrapped(toldOf(printing, row), table.width - AT.parts, 9);
      table.row(told.length, (y) => crosscutRow(table, printing, row, row === first, told, y));
    }
  }
}

function crosscutRow(
  table: Table,
  printing: Printing,
  row: Crosscut,
  first: boolean,
  told: readonly string[],
  y: number,
): void {
  const { pdf } = table;
  const { words } = printing;
  const sized = hasSize(row.release);
  const size = { size: 12, font: 'medium', align: 'right', ...(isForecast(row) ? { colour: GREY } : {}) } as const;
  if (sized && first) pdf.text(sizeOf(printing, row.widthTally.total), MARGIN + AT.rip, y, { ...size, width: 24 });
  pdf.text(sized ? sizeOf(printing, row.length) : words.say(said('cell/hold')), MARGIN + AT.cut, y, {
    ...size,
    width: 24,
  });
  pdf.text(String(row.count), MARGIN + AT.count, y, { size: 12, align: 'right', width: 8 });
  pdf.rect(MARGIN + AT.tick, y + 0.6, 3.4, 3.4);
  told.forEach((line, index) =>
    pdf.text(line, MARGIN + AT.parts, y + 0.8 + index * LINE, { size: 9, width: table.width - AT.parts }),
  );
}

/** Which parts, and what is to be known of them. */
function toldOf(printing: Printing, row: Crosscut): string {
  const told: readonly Said[] = [
    partsServed(printing.plan, row.uses),
    ...(row.left < row.count ? [said('paper/cut-done', { count: row.count - row.left })] : []),
    ...(isForecast(row) ? [said('printed-when/forecast')] : hasSize(row.release) ? [] : [said(`when/${row.release}`)]),
  ];
  return told.map(printing.words.say).join(' · ');
}

/** A planned size, good for buying. */
function isForecast({ release }: Crosscut): boolean {
  return release === 'forecast';
}

function buyRows(table: Table, { layouts, words }: Printing, groups: readonly CutGroup[]): void {
  const all = sheetsToBuy(groups, layouts);
  if (all.length === 0) return;
  table.section(words.say(said('paper/to-buy')), said('paper/to-buy-told'));
  for (const { group, sheets, by } of all) {
    const { sheet } = group.material;
    if (sheet)
      table.note(said('paper/to-buy-row', { sheets, material: materialCalled(group.material), size: sheet, by }));
  }
}

function settingRows(table: Table, printing: Printing): void {
  const { parts } = partsOf(printing.job, printing.plan);
  const { fences, stops } = sawSettings(parts.filter((part) => toCut(part) && part.release === 'now'));
  if (fences.length === 0) return;
  const { words } = printing;
  table.section(words.say(said('paper/settings')), said('paper/settings-told'));
  for (const [title, settings] of [
    ['paper/fences', fences],
    ['paper/stops', stops],
  ] as const) {
    const past =
      title === 'paper/stops' ? settings.filter(({ size }) => isPastStop(size, printing.job.saw?.limits)) : [];
    const sizes = settings.map(({ size, parts: ganged }) => `${sizeOf(printing, size)} (${ganged.length})`);
    for (let at = 0; at < sizes.length; at += 8) {
      const text = `${at === 0 ? words.say(said(title)) : '…'}: ${sizes.slice(at, at + 8).join('   ')}`;
      table.note(said('text', { text }));
    }
    if (past.length > 0) table.note(said('paper/past-stop', { sizes: past.map(({ size }) => size) }));
  }
}

function bladeRows(table: Table, { job, plan, words }: Printing): void {
  const { kerf } = sawOf(job);
  const cuts = sawCuts(
    partsOf(job, plan).parts.filter((part) => toCut(part) && part.release === 'now'),
    kerf,
  );
  if (cuts.length === 0) return;
  table.section(words.say(said('paper/by-blade')), said('paper/by-blade-told', { kerf }));
  for (const cut of cuts) table.note(sawCutSaid(plan, cut));
}

function boardRows(table: Table, printing: Printing): void {
  for (const { wood, rows, glueUps, bought } of boardList(printing.job, printing.plan)) {
    table.section(printing.words.say(wood), said('paper/boards', bought));
    for (const { length, width, boards, cutLines, clear, parts, part } of glueUps) {
      table.note(
        said('paper/glue-up', {
          size: { length, width },
          boards: boards.count,
          wide: boards.width,
          fronts: parts.length,
          part,
        }),
      );
      table.note(said('paper/no-dowel', { clear, lines: cutLines, up: parts[0]?.upright === true }));
    }
    for (const { what, count, length, width, rough } of rows)
      table.note(said('paper/board-parts', { count, size: { length, width }, rough, what: boardPart(what) }));
  }
}

function boardPart(what: BoardUse): Said {
  return said(`part/${what}` satisfies PartCode, { count: 2 });
}
