import {
  caseCards,
  drawCase,
  drawExploded,
  drawRoom,
  roomOnPaper,
  said,
  withThings,
  type CaseCard,
  type CaseworkPlan,
} from '@zabble/core';
import { Flow } from './flow';
import { MARGIN, type Pdf } from './pdf';
import { drawOn } from './pen';
import type { Printing } from './printing';

/** Room for the drawings, in millimetres. */
const DRAWN = 68;

/** A card for every case that is told how it is made: as it stands and taken apart, its order of assembly, what matters. */
export function caseCardPages(pdf: Pdf, { job, plan }: Printing): void {
  for (const card of caseCards(job, plan)) {
    const owner = plan.cases.find(({ id }) => id === card.id);
    if (!owner?.casework) continue;
    const placed = job.cases.find(({ id }) => id === card.id)?.at !== undefined;
    const room = placed ? drawRoom(job, plan, owner) : undefined;
    cardPages(pdf, card, withThings(owner.casework, owner), room && roomOnPaper(room));
  }
}

function cardPages(
  pdf: Pdf,
  card: CaseCard,
  casework: CaseworkPlan,
  room: ReturnType<typeof roomOnPaper> | undefined,
): void {
  const width = pdf.width - 2 * MARGIN;
  pdf.page();
  pdf.title(`${card.job} · ${card.owner}`, MARGIN, MARGIN, 15, width);
  pdf.say(card.basis, MARGIN, MARGIN + 7, { size: 9.5, width });
  const below = drawings(pdf, casework, MARGIN + 14, width);
  const { say } = pdf.words;
  const flow = new Flow(pdf, below + 5, width);
  for (const { head, said: what } of card.facts) flow.told(say(head), say(what));
  flow.heading(say(said('card-head/order')));
  card.steps.forEach(({ parts, held }, index) => {
    flow.told(`${index + 1}.`, parts.map(say).join(', '), 'bold');
    for (const each of held) flow.told('', say(each));
  });
  if (room) flow.drawn(say(said('card-head/room')), room);
  flow.heading(say(said('paper/parts-of-case')));
  for (const row of card.parts.rows) flow.row(row.map(say));
  for (const { severity, said: what } of card.findings) flow.told(say(said(`card-severity/${severity}`)), say(what));
}

/** As it stands with its outer sizes, and taken apart the way it goes together. */
function drawings(pdf: Pdf, casework: CaseworkPlan, y: number, width: number): number {
  const front = drawCase(casework, 'front');
  const apart = drawExploded(casework);
  const scale = Math.min((width * 0.42) / front.width, (DRAWN - 8) / front.height);
  drawOn(pdf, front, MARGIN, y, scale);
  const { width: wide, height } = casework.outline;
  const foot = y + front.height * scale;
  pdf.text(`${pdf.words.mark(wide.total, 'part')} × ${pdf.words.mark(height, 'part')}`, MARGIN, foot + 2, {
    size: 9.5,
    align: 'center',
    width: front.width * scale,
  });
  const side = Math.min((width * 0.52) / apart.width, DRAWN / apart.height);
  drawOn(pdf, apart, MARGIN + width - apart.width * side, y, side);
  return y + Math.max(front.height * scale + 7, apart.height * side);
}
