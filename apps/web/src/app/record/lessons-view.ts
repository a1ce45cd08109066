import { Say } from '../words/say';
import { begun, Speech } from '../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import type { MadeList, MadeReadings } from '@zabble/contract';
import {
  lessonsOf,
  millimetres,
  nm,
  trendsOf,
  writeExact,
  writeLength,
  ZERO,
  type FaultKind,
  type Length,
  type Lesson,
  type MadeSize,
  type Measured,
} from '@zabble/core';
import { catchError, map, of, switchMap } from 'rxjs';
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
  private readonly api = inject(RecordApi);
  private readonly list = toSignal(
    this.api.made().pipe(
      catchError((problem: unknown) => {
        this.says.set(sentenceOf(problem));
        return of<MadeList>({ sums: [], faults: [], settling: false });
      }),
    ),
  );
  protected readonly loaded = computed(() => this.list() !== undefined);
  protected readonly settling = computed(() => this.list()?.settling ?? false);
  protected readonly trends = computed(() =>
    trendsOf(
      (this.list()?.sums ?? []).map(({ what, count, sum, squares }) => ({
        what,
        count,
        sum: BigInt(sum),
        squares: BigInt(squares),
      })),
    ),
  );
  protected readonly lessons = computed(() =>
    lessonsOf(this.trends(), this.list()?.faults ?? [], habitLengths(this.habits.texts())),
  );
  private readonly chosen = signal<Measured | undefined>(undefined);
  protected readonly kind = computed(() => this.chosen() ?? this.trends()[0]?.what);
  protected readonly mean = computed(() => this.trends().find(({ what }) => what === this.kind())?.mean ?? ZERO);
  /** The newest of the kind that is looked at. */
  protected readonly shown = toSignal(
    toObservable(this.kind).pipe(
      switchMap((what) =>
        what === undefined
          ? of([])
          : this.api.readings(what).pipe(
              map(({ made }) => made.map((each) => sizeOf(what, each))),
              catchError((problem: unknown) => {
                this.says.set(sentenceOf(problem));
                return of([]);
              }),
            ),
      ),
    ),
    { initialValue: [] },
  );

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

function sizeOf(what: Measured, { at, planned, made }: MadeReadings['made'][number]): MadeSize {
  return { what, at, planned: nm(planned), made: nm(made) };
}

/** A small size as both kinds of builders read it. */
function both(length: Length): string {
  const size = nm(Math.abs(length));
  return `${writeLength(size, 'gap', HUNDREDTHS, { unit: true })} (${writeLength(size, 'gap', SIXTY_FOURTHS, { unit: true, mark: true })})`;
}
