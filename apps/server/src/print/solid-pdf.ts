import {
  groupFindings,
  said,
  saidKey,
  solidOf,
  stagesSaid,
  type CasePlan,
  type Finding,
  type Said,
} from '@zabble/core';
import { refuse } from '../http/refusal';
import { Flow } from './flow';
import { MARGIN, paperOf } from './pdf';
import { readPng } from './png';
import type { Printing } from './printing';

/** The most of a page the picture has, in millimetres. */
const HIGH = 130;
/** What stops what opens. */
const STOPS: ReadonlySet<Finding['code']> = new Set<Finding['code']>([
  ...(['TRAVEL_LIMITED', 'HANDLE_HITS', 'DOORS_MEET', 'DRAWERS_MEET'] as const),
]);

/** A case as it was seen, with what stops what in it, and the order it goes together in. */
export function solidPdf(printing: Printing): Promise<Buffer> {
  const { job, plan, words, picture } = printing;
  const owner = plan.cases.find(({ id }) => id === picture?.owner);
  const png = picture && readPng(picture.png);
  if (!owner || !png) throw refuse(422, said('sent-no-picture'));
  const pdf = paperOf(printing, 'paper/solid-view');
  const width = pdf.width - 2 * MARGIN;
  pdf.page();
  pdf.title(`${job.name} · ${owner.name}`, MARGIN, MARGIN, 15, width);
  const drawn = pdf.picture(png.data, MARGIN, MARGIN + 9, { width, height: HIGH }, png);
  const flow = new Flow(pdf, MARGIN + 9 + drawn.height + 4, width);
  const stops = stopsOf(owner);
  if (stops.length > 0) flow.heading(words.say(said('card-head/stops')));
  for (const stop of stops) flow.told('', words.say(stop));
  flow.heading(words.say(said('card-head/order')));
  stagesSaid(solidOf(job, plan, owner)).forEach((stage, index) => {
    flow.told(`${index + 1}.`, words.say(stage));
  });
  return pdf.finish();
}

function stopsOf({ findings, banks }: CasePlan): readonly Said[] {
  const all = [...findings, ...banks.flatMap((bank) => bank.findings)].filter(({ code }) => STOPS.has(code));
  const told = groupFindings(all).map((group) => group.said);
  // What a door and a drawer meet in is told with both.
  return [...new Map(told.map((each) => [saidKey(each), each])).values()];
}
