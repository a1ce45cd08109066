import { Say } from '../words/say';
import { begun, Speech } from '../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import type { MadeList } from '@zabble/contract';
import {
  lessonsOf,
  millimetres,
  nm,
  readFileLength,
  trendsOf,
  writeExact,
  writeLength,
  type FaultKind,
  type Length,
  type Lesson,
  type MadeSize,
  type Measured,
} from '@zabble/core';
import { catchError, of } from 'rxjs';
import { sentenceOf } from '../server-api/problem';
import { Says } from '../ui/says';
import { HABIT_WORDS, habitLengths, ShopHabits } from '../shop/habits';
import { MadeChart } from './made-chart';
import { RecordApi } from '../server-api/record-api';

const HUNDREDTHS = { unit: 'mm', step: millimetres(0.01) } as const;
const SIXTY_FOURTHS = { unit: 'in', step: nm(396_875) } as const;

/** What came out otherwise than planned, by kind, and the habit that would have prevented it. */
@Component({
  selector: 'z-lessons-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'flex min-w-0 flex-col gap-4' },
  imports: [MadeChart, Say, Says],
  templateUrl: './lessons-view.html',
})
export class LessonsView {
  private readonly habits = inject(ShopHabits);
  private readonly speech = inject(Speech);
  protected readonly says = signal('');
  private readonly list = toSignal(
    inject(RecordApi)
      .made()
      .pipe(
        catchError((problem: unknown) => {
          this.says.set(sentenceOf(problem));
          return of<MadeList>({ made: [], faults: [] });
        }),
      ),
  );
  protected readonly loaded = computed(() => this.list() !== undefined);
  protected readonly made = computed((): readonly MadeSize[] =>
    (this.list()?.made ?? []).flatMap(({ what, at, planned, made }) => {
      const [wished, came] = [readFileLength(planned), readFileLength(made)];
      return wished.ok && came.ok ? [{ what, at, planned: wished.value, made: came.value }] : [];
    }),
  );
  protected readonly trends = computed(() => trendsOf(this.made()));
  protected readonly lessons = computed(() =>
    lessonsOf(this.made(), this.list()?.faults.map(({ fault }) => fault) ?? [], habitLengths(this.habits.texts())),
  );
  private readonly chosen = signal<Measured | undefined>(undefined);
  protected readonly kind = computed(() => this.chosen() ?? this.trends()[0]?.what);
  protected readonly shown = computed(() => this.made().filter(({ what }) => what === this.kind()));
  protected measured(what: Measured): string {
    return this.speech.plain(`measured/${what}`);
  }

  protected show(what: Measured): void {
    this.chosen.set(what);
  }

  /** What came out how, in one sentence. */
  protected told({ about, trend, times = 0 }: Lesson): string {
    if (!trend) {
      return `${begun(this.speech.plain(`fault/${about as FaultKind}`))}: ${this.speech.words().form(times, { one: $localize`once`, other: $localize`${times} times` })}.`;
    }
    const [what, off, { count }] = [begun(this.measured(trend.what)), both(trend.mean), trend];
    return trend.mean > 0
      ? $localize`${what} comes out ${off} over the plan on average, in ${count} readings.`
      : $localize`${what} comes out ${off} under the plan on average, in ${count} readings.`;
  }

  protected proposal({ change }: Lesson): string {
    if (!change) return '';
    const { name } = HABIT_WORDS[change.setting];
    return $localize`${name}\: from ${both(change.from)} to ${both(change.to)}`;
  }

  protected take({ change }: Lesson): void {
    if (change) this.habits.keep(change.setting, writeExact(change.to, 'mm'));
  }

  protected size(length: Length): string {
    return both(length);
  }
}

/** A small size as both kinds of builders read it. */
function both(length: Length): string {
  const size = nm(Math.abs(length));
  return `${writeLength(size, 'gap', HUNDREDTHS, { unit: true })} (${writeLength(size, 'gap', SIXTY_FOURTHS, { unit: true, mark: true })})`;
}
