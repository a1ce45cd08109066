import type { DaysNews, DaysOrder } from './days-messages';
import type { DaysSearch } from './days-search';

/** A search in a worker of its own. */
export function makeDaysWorker(told: (news: DaysNews) => void): DaysSearch {
  const worker = new Worker(new URL('./days.worker', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<DaysNews>) => told(data);
  return { order: (order: DaysOrder) => worker.postMessage(order), end: () => worker.terminate() };
}
