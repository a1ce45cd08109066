import { PrintWish, WEEK_FILES, type PrintName, type Problem, type WeekFile } from '@zabble/contract';
import { ENGLISH, plan, plainFileName, readJobDocument, readLayouts, said, wordsIn } from '@zabble/core';
import { answerTo } from '../http/errors';
import { refuse, unreadable } from '../http/refusal';
import { validated } from '../http/validate';
import { benchCardPdf } from './bench-card-pdf';
import { cutListPdf } from './cut-list-pdf';
import { jobZip } from './job-zip';
import { labelsPdf } from './labels-pdf';
import { layoutsPdf } from './layouts-pdf';
import type { Printing } from './printing';
import { orderPdf, type OrderOnPaper } from './order-pdf';
import { quotePdf, type QuoteOrder } from './quote-pdf';
import { solidPdf } from './solid-pdf';
import { stickPdf, stickStripPdf } from './stick-pdf';
import { templatesPdf } from './templates-pdf';
import { weekFile, type WeekOrder } from './week';

type Maker = (printing: Printing, document: object) => Promise<Buffer>;

const MAKERS: Readonly<Record<PrintName, Maker>> = {
  'cut-list.pdf': cutListPdf,
  'labels.pdf': labelsPdf,
  'layouts.pdf': layoutsPdf,
  'bench-card.pdf': benchCardPdf,
  'story-stick.pdf': stickPdf,
  'story-stick-strip.pdf': stickStripPdf,
  'templates.pdf': templatesPdf,
  'solid-view.pdf': solidPdf,
  'job.zip': jobZip,
};

/** What is to be printed: which paper, and a `PrintWish` as it was sent, unread; or a quote, an order, the days of a shop as they are kept. */
export interface PrintOrder {
  readonly name: PrintName | 'quote.pdf' | 'order.pdf' | WeekFile;
  readonly sent: Uint8Array;
  /** The folder of the font packages. */
  readonly fonts: string;
}

/** A file ready to be handed over, or why there is none. */
export type Printed =
  | { readonly name: string; readonly type: string; readonly data: Uint8Array }
  | { readonly refused: Problem };

/** Reads, plans and prints: all the work of it, so that it can be done beside the server. Throws what nobody foresaw. */
export async function makePrint(order: PrintOrder, onPage: () => void): Promise<Printed> {
  const { name, fonts } = order;
  if (name === 'quote.pdf') return quoted(order, onPage);
  if (name === 'order.pdf') return ordered(order, onPage);
  const week = WEEK_FILES.find((file) => file === name);
  if (week) return weekFile(week, parsed(order.sent) as WeekOrder, { fonts, onPage });
  try {
    const wish = validated(PrintWish, parsed(order.sent));
    const printing = readWish(wish, fonts, onPage);
    return {
      name: `${plainFileName(printing.job.name)}-${name}`,
      type: name.endsWith('.zip') ? 'application/zip' : 'application/pdf',
      data: await MAKERS[name as PrintName](printing, wish.document),
    };
  } catch (problem) {
    const refused = answerTo(problem);
    if (refused.status < 500) return { refused };
    throw problem;
  }
}

/** A quote as it was kept: there is nothing in it to read anew. */
async function quoted({ sent, fonts }: PrintOrder, onPage: () => void): Promise<Printed> {
  const order = parsed(sent) as QuoteOrder;
  const { body, number } = order.quote;
  return {
    name: `${plainFileName(body.job)}-quote-${number}.pdf`,
    type: 'application/pdf',
    data: await quotePdf(order, { fonts }, onPage),
  };
}

async function ordered({ sent, fonts }: PrintOrder, onPage: () => void): Promise<Printed> {
  const onPaper = parsed(sent) as OrderOnPaper;
  return {
    name: `order-${onPaper.order.number}.pdf`,
    type: 'application/pdf',
    data: await orderPdf(onPaper, { fonts }, onPage),
  };
}

function parsed(sent: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(sent));
  } catch {
    throw refuse(400, said('sent-no-json'));
  }
}

function readWish(
  { document, layouts, paper, ink, address, job: id, picture, pictured }: PrintWish,
  fonts: string,
  onPage: () => void,
): Printing {
  const reading = readJobDocument(document);
  if (!reading.ok) throw unreadable('job', reading.errors, 'printed');
  const { job } = reading;
  const planned = plan(job);
  const laid = readLayouts(layouts ?? [], job, planned);
  if (!laid.ok) throw refuse(422, said('layouts-refused', { why: laid.wrong }));
  const partAt = (part: string): string =>
    `${address.replace(/\/+$/, '')}/jobs/${id}/cut?part=${encodeURIComponent(part)}`;
  const words = wordsIn(ENGLISH, planned);
  const date = new Intl.DateTimeFormat(ENGLISH.locale, { dateStyle: 'long' }).format(new Date());
  const seen = picture !== undefined && pictured !== undefined ? { picture: { png: picture, owner: pictured } } : {};
  return { job, plan: planned, words, layouts: laid.layouts, fonts, date, paper, ink, partAt, onPage, ...seen };
}
