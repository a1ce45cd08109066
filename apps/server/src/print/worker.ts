import 'reflect-metadata';
import type { MessagePort } from 'node:worker_threads';
import { makePrint, type Printed, type PrintOrder } from './make';

/** So often at most it tells how far it is, in milliseconds. */
const OFTEN = 150;

/** What a worker thread does with an order; `port` hears the number of pages that are made. */
export default async function print({ order, port }: { order: PrintOrder; port: MessagePort }): Promise<Printed> {
  let [pages, told] = [0, 0];
  try {
    return await makePrint(order, () => {
      pages += 1;
      if (performance.now() - told < OFTEN) return;
      told = performance.now();
      port.postMessage(pages);
    });
  } finally {
    port.close();
  }
}
