import type { HabitTexts } from '@zabble/contract';
import { readFileLength, said } from '@zabble/core';
import { refuse } from '../http/refusal';
import type { HabitRepository } from './repository';

/** What the shop does as a matter of course. */
export class HabitService {
  constructor(private readonly habits: HabitRepository) {}

  read(): Promise<HabitTexts> {
    return this.habits.read();
  }

  /** These in place of all; each is a length that can be read. */
  async keep(wished: HabitTexts): Promise<HabitTexts> {
    for (const [habit, text] of Object.entries(wished) as [string, string | undefined][]) {
      const read = text === undefined ? undefined : readFileLength(text);
      if (read && !read.ok) throw refuse(422, said('habit-refused', { habit, why: read.wrong }));
    }
    await this.habits.keep(wished);
    return this.habits.read();
  }
}
