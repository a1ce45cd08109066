import { whose } from '../whose/decide';
import { KeepHabits, LARGEST_BODY } from '@zabble/contract';
import { Router } from 'express';
import { jsonBody } from '../http/body';
import { validated } from '../http/validate';
import type { HabitService } from './service';

/** /api/shop/habits: what the shop does as a matter of course. */
export function habitsRouter(habits: HabitService): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await habits.read(whose(response)));
  });
  router.patch('/', jsonBody(LARGEST_BODY), async (request, response) => {
    const { was, ...wished } = validated(KeepHabits, request.body);
    response.json(await habits.keep(whose(response), wished, was && { ...was }));
  });
  return router;
}
