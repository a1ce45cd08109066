import { inject, Injectable, signal } from '@angular/core';
import type { HabitTexts } from '@zabble/contract';
import type { HabitName, Habits } from '@zabble/core';
// The list of jobs needs no more of core than this: from the whole of it the planner would come along.
import { readFileLength } from '@zabble/core/length';
import { asking } from '../server-api/asking';
import { RecordApi } from '../server-api/record-api';

/** What the shop’s habits are called. */
export const HABIT_WORDS: Readonly<Record<HabitName, { readonly name: string; readonly says: string }>> = {
  ease: { name: $localize`Ease`, says: $localize`taken off the width of every box` },
  play: { name: $localize`Play`, says: $localize`of bottoms in their grooves, over the whole size` },
  gap: { name: $localize`Gap`, says: $localize`between fronts` },
  kerf: { name: $localize`Kerf`, says: $localize`of the saw` },
};
export const HABITS = Object.keys(HABIT_WORDS) as HabitName[];

/** What the shop does as a matter of course; new jobs start from it. */
@Injectable({ providedIn: 'root' })
export class ShopHabits {
  private readonly api = inject(RecordApi);
  readonly texts = signal<HabitTexts>({});
  readonly says = signal('');
  private readonly ask = asking(this.says);
  private readonly quiet = asking({ set: () => undefined });

  fetch(): void {
    this.ask(this.api.habits(), (texts) => this.texts.set(texts));
  }

  /** How they stand now; what is said of a refusal stays said. */
  private look(): void {
    this.quiet(this.api.habits(), (texts) => this.texts.set(texts));
  }

  /** One of them said anew; empty takes it out. */
  keep(name: HabitName, length: string): void {
    this.ask(
      this.api.keepHabits({ [name]: length }, { [name]: this.texts()[name] ?? '' }),
      (texts) => this.texts.set(texts),
      () => this.look(),
    );
  }
}

export function habitLengths(texts: HabitTexts): Habits {
  const read = Object.entries(texts).flatMap(([name, text]: [string, unknown]) => {
    const length = readFileLength(String(text));
    return length.ok ? [[name, length.value] as const] : [];
  });
  return Object.fromEntries(read);
}
