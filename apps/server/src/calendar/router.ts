import { FixTask, KeepCalendar, KeepCalendarJob, LARGEST_BODY, WEEK_FILES, WeekWish } from '@zabble/contract';
import { Router } from 'express';
import { jsonBody } from '../http/body';
import { idIn } from '../http/id';
import { validated } from '../http/validate';
import { whose } from '../whose/decide';
import type { CalendarService } from './service';
import type { Weeks } from './week';

/** /api/calendar: the days of the shop, its jobs in them, the link they are followed at, and its files. */
export function calendarRouter(calendar: CalendarService, weeks: Weeks): Router {
  const router = Router();
  const json = jsonBody(LARGEST_BODY);
  router.get('/', async (_request, response) => {
    response.json(await calendar.read(whose(response)));
  });
  router.put('/', json, async (request, response) => {
    const { calendar: said, revision } = validated(KeepCalendar, request.body);
    response.json(await calendar.keep(whose(response), said, revision));
  });
  router.put('/jobs/:id', json, async (request, response) => {
    response.json(
      await calendar.keepJob(whose(response), idIn(request.params), validated(KeepCalendarJob, request.body)),
    );
  });
  router.put('/jobs/:id/fixed', json, async (request, response) => {
    response.json(await calendar.fix(whose(response), idIn(request.params), validated(FixTask, request.body)));
  });
  router.put('/feed', json, async (_request, response) => {
    response.json(await calendar.link(whose(response)));
  });
  router.delete('/feed', async (_request, response) => {
    response.json(await calendar.withdraw(whose(response)));
  });
  for (const file of WEEK_FILES)
    router.post(`/${file}`, json, async (request, response) => {
      const { paper, zone, seen } = validated(WeekWish, request.body);
      const { read } = await calendar.read(whose(response));
      const made = await weeks.make(read, file, {
        ...(paper ? { paper } : {}),
        ...(zone === undefined ? {} : { zone }),
        ...(seen ? { seen } : {}),
      });
      response.type(made.type).attachment(made.name).send(made.data);
    });
  return router;
}
