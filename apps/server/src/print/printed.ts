import type { Response } from 'express';
import { Refusal } from '../http/refusal';
import type { PrintOrder } from './make';
import type { Printer } from './printer';

/** Prints what is kept and hands it over; where nobody waits for it any more it is given up. */
export async function printed(response: Response, printer: Printer, order: Omit<PrintOrder, 'fonts'>): Promise<void> {
  const gone = new AbortController();
  response.once('close', () => gone.abort());
  try {
    const made = await printer.print(order, { signal: gone.signal, onPages: () => undefined });
    if ('refused' in made) throw new Refusal(made.refused);
    response.type(made.type).attachment(made.name).send(Buffer.from(made.data));
  } catch (problem) {
    if (!gone.signal.aborted) throw problem;
  }
}
