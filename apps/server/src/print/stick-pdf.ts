import { bankTitle, drawStickPaper, showStep, writeLength, type BankPlan, type Length } from '@zabble/core';
import { fullSize } from './full-size';
import { MARGIN, Pdf } from './pdf';
import { drawOn } from './pen';
import type { Printing } from './printing';

/** Every bank's story stick at full size, on pages to be joined. */
export function stickPdf(printing: Printing): Promise<Buffer> {
  const { job, fonts, paper } = printing;
  const pdf = new Pdf(fonts, paper, `${job.name}: story stick`);
  for (const { title, plan } of banksOf(printing)) fullSize(pdf, drawStickPaper(plan, heightOf(printing)), title);
  return pdf.finish(`${job.name} · story stick`, false);
}

/** Every bank's story stick in one piece, side by side: for a roll or a plotter. */
export function stickStripPdf(printing: Printing): Promise<Buffer> {
  const { job, fonts } = printing;
  const sticks = banksOf(printing).map(({ title, plan }) => ({
    title,
    drawing: drawStickPaper(plan, heightOf(printing)),
  }));
  const high = Math.max(120, ...sticks.map(({ drawing }) => drawing.height)) + 2 * MARGIN + 14;
  const wide = sticks.reduce((sum, { drawing }) => sum + drawing.width + 20, 0) + 2 * MARGIN + 20;
  const pdf = new Pdf(fonts, { width: wide, height: high }, `${job.name}: story stick`);
  pdf.page();
  let x = MARGIN;
  for (const { title, drawing } of sticks) {
    pdf.text(title, x, MARGIN - 6, { size: 9, font: 'bold', width: drawing.width + 16 });
    drawOn(pdf, drawing, x, high - MARGIN - 8 - drawing.height, 1);
    x += drawing.width + 20;
  }
  for (const [at, long, says] of [
    [0, 100, '100 mm'],
    [10, 101.6, '4 in'],
  ] as const) {
    const low = high - MARGIN - 8;
    pdf.line(x + at, low, x + at, low - long, 0.25);
    pdf.line(x + at - 2, low, x + at + 2, low, 0.25);
    pdf.line(x + at - 2, low - long, x + at + 2, low - long, 0.25);
    pdf.text(says, x + at - 5, low + 1, { size: 7, align: 'center', width: 10 });
  }
  return pdf.finish(`${job.name} · story stick`, false);
}

/** The banks of the job, each with what it is called. */
export function banksOf({ job, plan }: Printing): readonly { readonly title: string; readonly plan: BankPlan }[] {
  const several = plan.cases.reduce((sum, { banks }) => sum + banks.length, 0) > 1;
  return plan.cases.flatMap((owner) =>
    owner.banks.map((bank) => ({
      title: `${job.name} · ${owner.name}${several ? `, ${bankTitle(bank.bank)}` : ''}${bank.bank.basis === 'planned' ? ' · PLANNED, a forecast' : ''}`,
      plan: bank,
    })),
  );
}

/** A height as it is read on the stick: to the nearest step. */
export function heightOf({ job }: Printing): (length: Length) => string {
  return (length) =>
    writeLength(length, { unit: job.unit, step: showStep(job) }, { mark: true, unit: true }).replace('≈ ', '~');
}
