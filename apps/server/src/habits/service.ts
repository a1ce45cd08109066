import type { ShopId } from '../whose/shop';
import type { HabitTexts } from '@zabble/contract';
import { readFileLength, said } from '@zabble/core';
import { refuse } from '../http/refusal';
import type { HabitRepository } from './repository';

/** What the shop does as a matter of course. */
export class HabitService {
  constructor(private readonly habits: HabitRepository) {}

  read(shop: ShopId): Promise<HabitTexts> {
    return this.habits.read(shop);
  }

  /**
   * Those given in place of what was said before, each a length that can be read; an empty one is taken out. One changed
   * elsewhere since it `was` so is not overwritten.
   */
  async keep(shop: ShopId, wished: HabitTexts, was?: HabitTexts): Promise<HabitTexts> {
    for (const [habit, text] of Object.entries(wished) as [string, string | undefined][]) {
      const read = text === undefined || text === '' ? undefined : readFileLength(text);
      if (read && !read.ok) throw refuse(422, said('habit-refused', { habit, why: read.wrong }));
    }
    const outcome = await this.habits.keep(shop, wished, was);
    if (outcome.kept) return outcome.habits;
    throw refuse(409, said('habit-changed', { habit: outcome.habit, stands: outcome.stands }));
  }
}
