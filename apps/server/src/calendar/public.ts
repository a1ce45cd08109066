import { Router } from 'express';
import { hidden } from '../http/hidden';
import type { CalendarService } from './service';
import type { Weeks } from './week';

/** Of a link’s secret: 32 bytes in letters. */
const FEED = /^([\w-]{43})\.ics$/;

/**
 * /c/SECRET.ics: a shop’s days for whoever has its link, to be followed alone; kept in no cache, found by no search engine.
 * One that was withdrawn answers as one that never was.
 */
export function publicFeed(calendar: CalendarService, weeks: Weeks): Router {
  const router = Router();
  router.get('/c/:feed', hidden, async (request, response) => {
    const { feed } = request.params;
    const secret = typeof feed === 'string' ? FEED.exec(feed)?.[1] : undefined;
    const read = secret === undefined ? undefined : await calendar.followed(secret);
    if (read) response.type('text/calendar; charset=utf-8').send((await weeks.feed(read)).data);
    else response.status(404).type('text/plain').send('There is no calendar here.\n');
  });
  return router;
}
