import { drawCaseStick, drawStickPaper, said, type BankPlan, type Drawing } from '@zabble/core';
import { fullSize } from './full-size';
import { CHECK_LINE, MARGIN, paperOf } from './pdf';
import { drawOn } from './pen';
import type { Printing } from './printing';

/** Every bank's story stick at full size, and those of every case that is planned whole, on pages to be joined. */
export function stickPdf(printing: Printing): Promise<Buffer> {
  const pdf = paperOf(printing, 'paper/story-stick');
  for (const { title, drawing } of sticksOf(printing)) fullSize(pdf, drawing, title);
  return pdf.finish({ mark: false });
}

/** Every story stick in one piece, side by side: for a roll or a plotter. */
export function stickStripPdf(printing: Printing): Promise<Buffer> {
  const sticks = sticksOf(printing);
  const high = Math.max(120, ...sticks.map(({ drawing }) => drawing.height)) + 2 * MARGIN + 14;
  const wide = sticks.reduce((sum, { drawing }) => sum + drawing.width + 20, 0) + 2 * MARGIN + 20;
  const pdf = paperOf(printing, 'paper/story-stick', { size: { width: wide, height: high } });
  pdf.page();
  let x = MARGIN;
  for (const { title, drawing } of sticks) {
    pdf.text(title, x, MARGIN - 6, { size: 9, font: 'bold', width: drawing.width + 16 });
    drawOn(pdf, drawing, x, high - MARGIN - 8 - drawing.height, 1);
    x += drawing.width + 20;
  }
  const [low, long] = [high - MARGIN - 8, CHECK_LINE[pdf.words.unit]];
  pdf.line(x, low, x, low - long, 0.25);
  pdf.line(x - 2, low, x + 2, low, 0.25);
  pdf.line(x - 2, low - long, x + 2, low - long, 0.25);
  pdf.say(said('paper/check', {}), x - 5, low + 1, { size: 7, align: 'center', width: 10 });
  return pdf.finish({ mark: false });
}

interface Stick {
  readonly title: string;
  readonly drawing: Drawing;
}

function sticksOf(printing: Printing): readonly Stick[] {
  const { job, plan, words } = printing;
  const ofCases = plan.cases.flatMap(({ name, casework }) =>
    casework
      ? (['up', 'across'] as const).map((way) => ({
          title: words.say(said('paper/case-stick', { job: job.name, owner: name, way })),
          drawing: drawCaseStick(casework, way, words),
        }))
      : [],
  );
  return [
    ...ofCases,
    ...banksOf(printing).map(({ title, plan: bank }) => ({ title, drawing: drawStickPaper(bank, words) })),
  ];
}

/** The banks of the job, each with what it is called. */
export function banksOf({
  job,
  plan,
  words,
}: Printing): readonly { readonly title: string; readonly plan: BankPlan }[] {
  const several = plan.cases.reduce((sum, { banks }) => sum + banks.length, 0) > 1;
  return plan.cases.flatMap((owner) =>
    owner.banks.map((bank) => ({
      title: words.say(
        said('paper/bank', {
          job: job.name,
          owner: owner.name,
          bank: several ? said('bank', bank.bank) : undefined,
          planned: bank.bank.basis === 'planned',
        }),
      ),
      plan: bank,
    })),
  );
}
