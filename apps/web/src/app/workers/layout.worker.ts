import { LayoutRun } from './layout-run';
import type { LayoutNews, LayoutOrder } from './layout-messages';

/** Looks for layouts beside the page, which stays free meanwhile. */
const run = new LayoutRun((news: LayoutNews) => postMessage(news));

addEventListener('message', ({ data }: MessageEvent<LayoutOrder>) => run.take(data));
