import 'reflect-metadata';
import { makePrint, type Printed, type PrintOrder } from './make';

/** So often at most it tells how far it is, in milliseconds. */
const OFTEN = 150;

/** What a process that prints says: how many pages are made, what was printed, or what nobody foresaw. */
export type FromPrinting =
  | { readonly pages: number }
  | { readonly printed: Printed }
  | { readonly failed: { readonly message: string } };

const tell = (what: FromPrinting): unknown => process.send?.(what);

async function print(order: PrintOrder): Promise<void> {
  let [pages, told] = [0, 0];
  const onPage = (): void => {
    pages += 1;
    if (performance.now() - told < OFTEN) return;
    told = performance.now();
    tell({ pages });
  };
  try {
    tell({ printed: await makePrint(order, onPage) });
  } catch (problem) {
    tell({ failed: { message: (problem as Error).stack ?? String(problem) } });
  }
}

process.on('message', (order: PrintOrder) => void print(order));
// Who stops the server from the keys reaches this too: it ends with the server, which lets it print to its end.
process.on('SIGINT', () => undefined);
process.on('disconnect', () => process.exit());
