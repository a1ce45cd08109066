import { drawTemplates } from '@zabble/core';
import { fullSize } from './full-size';
import { MARGIN, Pdf } from './pdf';
import type { Printing } from './printing';
import { banksOf, heightOf } from './stick-pdf';

/** Templates at full size: pulls, backs of undermount boxes, screw lines; each once, with the drawers it serves. */
export function templatesPdf(printing: Printing): Promise<Buffer> {
  const { job, fonts, paper } = printing;
  const pdf = new Pdf(fonts, paper, `${job.name}: templates`);
  let any = false;
  for (const { title, plan } of banksOf(printing))
    for (const template of drawTemplates(plan, heightOf(printing))) {
      any = true;
      const of = template.places.length === 1 ? 'drawer' : 'drawers';
      fullSize(pdf, template.drawing, `${title} · ${template.title}, ${of} ${template.places.join(', ')}`);
    }
  if (!any) {
    pdf.page();
    pdf.text('This job has no pulls, no undermount backs and no slides with screws.', MARGIN, MARGIN, { size: 12 });
  }
  return pdf.finish(`${job.name} · templates`, false);
}
