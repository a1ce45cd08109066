import {
  boardList,
  type BoardUse,
  cutList,
  partsOf,
  bankTelling,
  said,
  sawSettings,
  toCut,
  type Crosscut,
  type CutGroup,
  type FrontPanel,
  type PartCode,
  type Said,
  materialCalled,
} from '@zabble/core';
import { MARGIN, Pdf } from './pdf';
import { sizeOf, type Printing } from './printing';

const ROW = 6;
/** Left edges of the columns after the margin, in millimetres. */
const AT = { rip: 0, cut: 26, count: 54, tick: 66, parts: 74 };

/** The cut list by material, rip and length: held parts are printed HOLD, never as a number to cut by. */
export function cutListPdf(printing: Printing): Promise<Buffer> {
  const { job, plan, words } = printing;
  const pdf = new Pdf(printing, 'paper/cut-list');
  const list = cutList(job, plan);
  const table = new Table(pdf);
  table.heading(job.name, words.say(said('paper/list-heading', {})));
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
  boardRows(table, printing);
  return pdf.finish();
}

/** Lines down a page, and on to the next. */
class Table {
  private y = Infinity;

  constructor(readonly pdf: Pdf) {}

  heading(title: string, says: string): void {
    this.room(18);
    this.pdf.text(title, MARGIN, this.y, { size: 18, font: 'bold', width: this.width });
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

  note(told: Said): void {
    this.room(ROW);
    this.pdf.say(told, MARGIN, this.y, { size: 9, width: this.width });
    this.y += ROW;
  }

  row(write: (y: number) => void): void {
    this.room(ROW);
    write(this.y);
    this.y += ROW;
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
    const size = release === 'now' ? { length, width } : said(`when/${release}`);
    const fronts = parts.map(({ use }) => [...bankTelling(printing.plan, use.path), use.place + 1].join(' '));
    table.note(said('paper/panel', { size, up: parts[0]?.upright === true, fronts }));
  }
  for (const { crosscuts } of rips) {
    // The rip is told once, where the first of it may be cut.
    const first = crosscuts.find(({ release }) => release === 'now');
    for (const row of crosscuts) table.row((y) => crosscutRow(table, printing, row, row === first, y));
  }
}

function crosscutRow(table: Table, printing: Printing, row: Crosscut, first: boolean, y: number): void {
  const { pdf } = table;
  const { words } = printing;
  const free = row.release === 'now';
  const size = { size: 12, font: 'medium', align: 'right' } as const;
  if (free && first) pdf.text(sizeOf(printing, row.widthTally.total), MARGIN + AT.rip, y, { ...size, width: 24 });
  pdf.text(free ? sizeOf(printing, row.length) : words.say(said('cell/hold')), MARGIN + AT.cut, y, {
    ...size,
    width: 24,
  });
  pdf.text(String(row.count), MARGIN + AT.count, y, { size: 12, align: 'right', width: 8 });
  pdf.rect(MARGIN + AT.tick, y + 0.6, 3.4, 3.4);
  const told: readonly Said[] = [
    served(row),
    ...(row.left < row.count ? [said('paper/cut-done', { count: row.count - row.left })] : []),
    ...(free ? [] : [said(`when/${row.release}`)]),
  ];
  pdf.text(told.map(words.say).join(' · '), MARGIN + AT.parts, y + 0.8, { size: 9, width: table.width - AT.parts });
}

/** Which parts of which drawers: “sides of 1, 2, 3”. */
function served({ uses }: Crosscut): Said {
  const roles = [...new Set(uses.map(({ role }) => role))];
  const parts = roles.map((role) => ({
    part: said(`part/${role}`, { count: 2 }),
    places: role === 'extra' ? [] : uses.filter((use) => use.role === role).map(({ place }) => place),
  }));
  return said('paper/served', { parts });
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
    const sizes = settings.map(({ size, parts: ganged }) => `${sizeOf(printing, size)} (${ganged.length})`);
    for (let at = 0; at < sizes.length; at += 8) {
      const text = `${at === 0 ? words.say(said(title)) : '…'}: ${sizes.slice(at, at + 8).join('   ')}`;
      table.note(said('text', { text }));
    }
  }
}

function boardRows(table: Table, printing: Printing): void {
  for (const { wood, rows, glueUps, bought } of boardList(printing.job, printing.plan)) {
    table.section(printing.words.say(wood), said('paper/boards', bought));
    for (const { length, width, boards, cutLines, clear, parts } of glueUps) {
      table.note(
        said('paper/glue-up', {
          size: { length, width },
          boards: boards.count,
          wide: boards.width,
          fronts: parts.length,
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
