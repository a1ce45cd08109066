import {
  boardList,
  cutList,
  partsOf,
  partTitle,
  PART_WORDS,
  sawSettings,
  toCut,
  WHEN,
  writeExact,
  type Crosscut,
  type CutGroup,
  type FrontPanel,
} from '@zabble/core';
import { MARGIN, Pdf } from './pdf';
import { CAUTION, sizeOf, type Printing } from './printing';

const ROW = 6;
/** Left edges of the columns after the margin, in millimetres. */
const AT = { rip: 0, cut: 26, count: 54, tick: 66, parts: 74 };

/** The cut list by material, rip and length: held parts are printed HOLD, never as a number to cut by. */
export function cutListPdf(printing: Printing): Promise<Buffer> {
  const { job, plan, fonts, paper } = printing;
  const pdf = new Pdf(fonts, paper, `${job.name}: cut list`);
  const list = cutList(job, plan);
  const table = new Table(pdf);
  table.heading(job.name, `Cut list · ${job.unit === 'in' ? 'inches' : 'millimetres'} · as sawn`);
  table.note(CAUTION);
  for (const group of list.groups)
    groupRows(
      table,
      printing,
      group,
      list.panels.filter(({ material }) => material.id === group.material.id),
    );
  if (list.unsized > 0) table.note(`${list.unsized} parts have no size yet: HOLD until what stops them is mended.`);
  settingRows(table, printing);
  boardRows(table, printing);
  return pdf.finish(`${job.name} · cut list`);
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

  section(title: string, says: string): void {
    this.room(3 * ROW);
    this.y += 3;
    this.pdf.text(title, MARGIN, this.y, { size: 12, font: 'bold', width: this.width * 0.6 });
    this.pdf.text(says, MARGIN + this.width * 0.6, this.y + 0.6, { size: 9, align: 'right', width: this.width * 0.4 });
    this.y += 6;
    this.pdf.line(MARGIN, this.y, this.pdf.width - MARGIN, this.y, 0.5);
    this.y += 1.2;
  }

  note(says: string): void {
    this.room(ROW);
    this.pdf.text(says, MARGIN, this.y, { size: 9, width: this.width });
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
  const { job } = printing;
  table.section(
    material.name,
    `${writeExact(material.thickness, job.unit)} thick · ${count} parts${material.grain ? ' · grain along' : ''}`,
  );
  for (const { length, width, parts, release } of panels) {
    const size =
      release === 'now' ? `${sizeOf(printing, length)} × ${sizeOf(printing, width)}` : `HOLD, ${WHEN[release].says}`;
    const grain = parts[0]?.upright ? 'grain up' : 'grain across';
    const fronts = parts.map((part) => partTitle(printing.plan, part).replace(/ drawer front$/, '')).join(', ');
    table.note(`One panel ${size}, ${grain}: its fronts from the top down ${fronts}, one after the other`);
  }
  for (const { crosscuts } of rips) {
    // The rip is told once, where the first of it may be cut.
    const first = crosscuts.find(({ release }) => release === 'now');
    for (const row of crosscuts) table.row((y) => crosscutRow(table, printing, row, row === first, y));
  }
}

function crosscutRow(table: Table, printing: Printing, row: Crosscut, first: boolean, y: number): void {
  const { pdf } = table;
  const free = row.release === 'now';
  const size = { size: 12, font: 'medium', align: 'right' } as const;
  if (free && first) pdf.text(sizeOf(printing, row.widthTally.total), MARGIN + AT.rip, y, { ...size, width: 24 });
  pdf.text(free ? sizeOf(printing, row.length) : 'HOLD', MARGIN + AT.cut, y, { ...size, width: 24 });
  pdf.text(String(row.count), MARGIN + AT.count, y, { size: 12, align: 'right', width: 8 });
  pdf.rect(MARGIN + AT.tick, y + 0.6, 3.4, 3.4);
  const when = free ? '' : ` · ${WHEN[row.release].says}`;
  const done = row.left < row.count ? ` · ${row.count - row.left} cut` : '';
  pdf.text(`${served(row)}${done}${when}`, MARGIN + AT.parts, y + 0.8, { size: 9, width: table.width - AT.parts });
}

/** Which parts of which drawers: “sides of 1, 2, 3”. */
function served({ uses }: Crosscut): string {
  const roles = [...new Set(uses.map(({ role }) => role))];
  const places = (role: string): string =>
    uses
      .filter((use) => use.role === role)
      .map(({ place }) => place + 1)
      .join(', ');
  return roles
    .map((role) => (role === 'extra' ? PART_WORDS.extra.many : `${PART_WORDS[role].many} of ${places(role)}`))
    .join('; ');
}

function settingRows(table: Table, printing: Printing): void {
  const { parts } = partsOf(printing.job, printing.plan);
  const { fences, stops } = sawSettings(parts.filter((part) => toCut(part) && part.release === 'now'));
  if (fences.length === 0) return;
  table.section('Saw settings', 'longest first, each set once');
  for (const [title, settings] of [
    ['Fence', fences],
    ['Stop', stops],
  ] as const) {
    const sizes = settings.map(({ size, parts: ganged }) => `${sizeOf(printing, size)} (${ganged.length})`);
    for (let at = 0; at < sizes.length; at += 8)
      table.note(`${at === 0 ? title : '…'}: ${sizes.slice(at, at + 8).join('   ')}`);
  }
}

function boardRows(table: Table, printing: Printing): void {
  for (const { wood, rows, glueUps, bought } of boardList(printing.job, printing.plan)) {
    const { feet, metres, boardFeet, cubicMetres } = bought;
    table.section(
      wood,
      `boards, over size · ${feet.toFixed(1)} ft (${metres.toFixed(2)} m) · ${boardFeet.toFixed(1)} board ft · ${cubicMetres.toFixed(4)} m³`,
    );
    for (const { length, width, boards, cutLines, clear, parts } of glueUps) {
      const lines = cutLines.map((line) => sizeOf(printing, line)).join('; ');
      table.note(
        `Glue up ${sizeOf(printing, length)} × ${sizeOf(printing, width)} from ${boards.count} of ${sizeOf(printing, boards.width)} for ${parts.length} fronts.`,
      );
      table.note(
        `No dowel within ${sizeOf(printing, clear)} of a cut line: ${lines} from its upper ${parts[0]?.upright ? 'end' : 'edge'}.`,
      );
    }
    for (const { what, count, length, width, rough } of rows)
      table.note(
        `${count} × ${sizeOf(printing, length)} long, ${sizeOf(printing, width)} wide, from ${sizeOf(printing, rough)} rough: ${PART_WORDS[what as keyof typeof PART_WORDS]?.many ?? `${what}s`}`,
      );
  }
}
