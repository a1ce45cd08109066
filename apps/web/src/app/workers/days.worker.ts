import type { DaysNews, DaysOrder } from './days-messages';
import { DaysRun } from './days-run';

/** Looks for orders of work beside the page, which stays free meanwhile. */
const run = new DaysRun((news: DaysNews) => postMessage(news));

addEventListener('message', ({ data }: MessageEvent<DaysOrder>) => run.take(data));
