import { LARGEST_PRINT, PrintWish, PRINTS, type PrintName } from '@zabble/contract';
import { plainFileName, plan, readJobDocument, readLayouts, ENGLISH, wordsIn, said } from '@zabble/core';
import express, { Router } from 'express';
import { refuse, unreadable } from '../http/refusal';
import { validated } from '../http/validate';
import { benchCardPdf } from './bench-card-pdf';
import { cutListPdf } from './cut-list-pdf';
import { jobZip } from './job-zip';
import { labelsPdf } from './labels-pdf';
import { layoutsPdf } from './layouts-pdf';
import type { Printing } from './printing';
import { stickPdf, stickStripPdf } from './stick-pdf';
import { templatesPdf } from './templates-pdf';

type Maker = (printing: Printing, document: object) => Promise<Buffer>;

const MAKERS: Readonly<Record<PrintName, Maker>> = {
  'cut-list.pdf': cutListPdf,
  'labels.pdf': labelsPdf,
  'layouts.pdf': layoutsPdf,
  'bench-card.pdf': benchCardPdf,
  'story-stick.pdf': stickPdf,
  'story-stick-strip.pdf': stickStripPdf,
  'templates.pdf': templatesPdf,
  'job.zip': jobZip,
};

/** /api/print/…: the job that is sent, as it stands on the screen, made ready for paper. Nothing is kept. */
export function printRouter(fonts: string): Router {
  const router = Router();
  for (const name of PRINTS)
    router.post(`/${name}`, express.json({ limit: LARGEST_PRINT }), async (request, response) => {
      const wish = validated(PrintWish, request.body);
      const printing = readWish(wish, fonts);
      const made = await MAKERS[name](printing, wish.document);
      response.type(name.endsWith('.zip') ? 'application/zip' : 'application/pdf');
      response.attachment(`${plainFileName(printing.job.name)}-${name}`).send(made);
    });
  return router;
}

function readWish({ document, layouts, paper, address, job: id }: PrintWish, fonts: string): Printing {
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
  return { job, plan: planned, words, layouts: laid.layouts, fonts, date, paper, partAt };
}
