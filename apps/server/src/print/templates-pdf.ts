import {
  caseStockOf,
  drawCaseTemplates,
  drawHingeTemplates,
  drawLidGauges,
  drawTemplates,
  drawTiltTemplates,
  said,
} from '@zabble/core';
import { fullSize } from './full-size';
import { MARGIN, paperOf } from './pdf';
import type { Printing } from './printing';
import { banksOf } from './stick-pdf';

/**
 * Templates at full size: pulls, backs of undermount boxes, screw lines, each once, with the drawers it serves; of cases
 * their pin rows and notches.
 */
export function templatesPdf(printing: Printing): Promise<Buffer> {
  const { job, plan, words } = printing;
  const pdf = paperOf(printing, 'paper/templates');
  let any = false;
  for (const { title, plan } of banksOf(printing))
    for (const each of drawTemplates(plan, words)) {
      any = true;
      const { title: template, places, drawing, says } = each;
      fullSize(pdf, drawing, words.say(said('paper/template', { bank: title, template, places })), says.map(words.say));
    }
  for (const each of plan.cases) {
    const owner = job.cases.find(({ id }) => id === each.id);
    const stock = owner && caseStockOf(job, owner, each.path);
    if (!stock || !each.casework) continue;
    const drawn = [
      ...drawCaseTemplates(stock, each.casework, words),
      ...drawHingeTemplates(each.doors, words),
      ...drawTiltTemplates(each.things, words),
      ...drawLidGauges(each.things, words),
    ];
    for (const { title: template, drawing, says } of drawn) {
      any = true;
      const title = said('paper/case-template', { job: job.name, owner: each.name, template });
      fullSize(pdf, drawing, words.say(title), says.map(words.say));
    }
  }
  if (!any) {
    pdf.page();
    pdf.say(said('paper/no-templates'), MARGIN, MARGIN, { size: 12 });
  }
  return pdf.finish({ mark: false });
}
