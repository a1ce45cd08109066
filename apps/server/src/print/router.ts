import { LARGEST_PRINT, PRINT_STREAM, PRINTS, type PrintNews } from '@zabble/contract';
import { said } from '@zabble/core';
import express, { Router, type Request, type Response } from 'express';
import { answerTo } from '../http/errors';
import { refuse, Refusal } from '../http/refusal';
import type { Printed } from './make';
import type { Printer } from './printer';

/** /api/print/…: the job that is sent, as it stands on the screen, made ready for paper. Nothing is kept. */
export function printRouter(printer: Printer): Router {
  const router = Router();
  for (const name of PRINTS)
    router.post(`/${name}`, express.raw({ type: () => true, limit: LARGEST_PRINT }), async (request, response) => {
      const sent: unknown = request.body;
      if (!Buffer.isBuffer(sent)) throw refuse(400, said('sent-no-json'));
      // Nobody waits for it any more: it is not made, or given up where it is being made.
      const gone = new AbortController();
      response.once('close', () => gone.abort());
      const told = request.get('accept') === PRINT_STREAM ? tellOnTheWay : tellAtTheEnd;
      await told(request, response, (onPages) => printer.print({ name, sent }, { signal: gone.signal, onPages }), gone);
    });
  return router;
}

type Print = (onPages: (pages: number) => void) => Promise<Printed>;
type Tell = (request: Request, response: Response, print: Print, gone: AbortController) => Promise<void>;

const tellAtTheEnd: Tell = async (_request, response, print, gone) => {
  try {
    const printed = await print(() => undefined);
    if ('refused' in printed) throw new Refusal(printed.refused);
    response.type(printed.type).attachment(printed.name).send(Buffer.from(printed.data));
  } catch (problem) {
    if (!gone.signal.aborted) throw problem;
  }
};

/** A line of news for every few pages, then what came of it. */
const tellOnTheWay: Tell = async (request, response, print, gone) => {
  response.type(PRINT_STREAM).flushHeaders();
  const tell = (news: PrintNews): void => void response.write(`${JSON.stringify(news)}\n`);
  try {
    const printed = await print((pages) => tell({ kind: 'pages', pages }));
    if ('refused' in printed) tell({ kind: 'refused', problem: printed.refused });
    else {
      tell({ kind: 'file', name: printed.name, type: printed.type });
      response.write(printed.data);
    }
  } catch (error) {
    if (gone.signal.aborted) return;
    const problem = answerTo(error);
    if (problem.status >= 500) request.log.error({ err: error }, problem.says);
    tell({ kind: 'refused', problem });
  }
  response.end();
};
