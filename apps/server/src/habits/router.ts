import { KeepHabits, LARGEST_BODY } from '@zabble/contract';
import { readFileLength, said } from '@zabble/core';
import express, { Router } from 'express';
import { refuse } from '../http/refusal';
import { validated } from '../http/validate';
import type { HabitRepository } from './repository';

/** /api/shop/habits: what the shop does as a matter of course. */
export function habitsRouter(habits: HabitRepository): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await habits.read());
  });
  router.put('/', express.json({ limit: LARGEST_BODY }), async (request, response) => {
    const wished = { ...validated(KeepHabits, request.body) };
    for (const [name, text] of Object.entries(wished) as [string, string | undefined][]) {
      const read = text === undefined ? undefined : readFileLength(text);
      if (read && !read.ok) throw refuse(422, said('habit-refused', { habit: name, why: read.wrong }));
    }
    await habits.keep(wished);
    response.json(await habits.read());
  });
  return router;
}
