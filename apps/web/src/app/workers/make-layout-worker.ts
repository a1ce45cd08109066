import type { LayoutNews, LayoutOrder } from './layout-messages';
import type { LayoutSearch } from './layout-worker';

/** A search in a worker of its own. */
export function makeLayoutWorker(told: (news: LayoutNews) => void): LayoutSearch {
  const worker = new Worker(new URL('./layout.worker', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<LayoutNews>) => told(data);
  return { order: (order: LayoutOrder) => worker.postMessage(order), end: () => worker.terminate() };
}
