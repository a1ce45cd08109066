import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import { said, type DayTask } from '@zabble/core';
import { Say } from '../words/say';
import { Speech } from '../words/speech';
import { cautionOf } from './cautions';
import { minutesSaid, ShopClock, whenSaid } from './clock';
import type { TaskDeed } from './task-log';
import { whereDone } from './where-done';

/** One task as it is done: large enough to be read from a step away, with what is pressed when it begins and ends. */
@Component({
  selector: 'z-now-task',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Say],
  template: `<article
    class="flex flex-col gap-3 border-l-4 border-ink bg-sheet px-5 py-4 max-sm:px-4"
    [class.border-chalk]="inHand()"
  >
    <p class="text-lg text-soft">{{ task().jobName }}</p>
    <h2 class="text-4xl leading-tight font-semibold break-words">{{ task().task.called | say }}</h2>
    <p class="flex flex-wrap gap-x-5 gap-y-1 text-2xl">
      @if (place(); as where) {
        <span>{{ where | say }}</span>
      }
      <span>{{ takes() }}</span>
      @if (with(); as names) {
        <span>{{ names }}</span>
      }
    </p>
    <p class="text-lg">
      @if (inHand()) {
        <span i18n class="font-medium">Under way since {{ since() }}.</span>
      } @else {
        <span>{{ begins() }}</span>
        @if (task().held !== 'nothing') {
          <span class="text-soft"> · {{ task().why | say }}</span>
        }
      }
    </p>
    @if (parts().length > 1) {
      <ul class="flex flex-wrap gap-x-4 text-lg">
        @for (part of parts(); track part.operation) {
          <li>{{ part.called | say }}</li>
        }
      </ul>
    }
    @if (hand().length > 0) {
      <p class="text-lg"><span i18n class="text-soft">In hand:</span> {{ hand().join(', ') }}</p>
    }
    @if (masked(); as bare) {
      <p class="text-lg">{{ bare | say }}</p>
    }
    @if (caution(); as code) {
      <p class="border-l-4 border-lead bg-lead-wash px-3 py-2">{{ code | say }}</p>
    }
    <div class="flex flex-wrap gap-3 pt-1">
      @if (inHand()) {
        <button i18n type="button" class="press press-main min-h-16 grow px-6 text-xl" (click)="did.emit('done')">
          Done
        </button>
        <button i18n type="button" class="press min-h-16 px-6 text-xl" (click)="did.emit('pause')">Pause</button>
      } @else {
        <button i18n type="button" class="press press-main min-h-16 grow px-6 text-xl" (click)="did.emit('begin')">
          Begin
        </button>
        <button i18n type="button" class="press min-h-16 px-6 text-xl" (click)="did.emit('done')">Done</button>
      }
      <a i18n class="press min-h-16 px-5 text-lg" [routerLink]="where().path" [queryParams]="where().query ?? {}"
        >Its sizes</a
      >
    </div>
  </article>`,
  host: { class: 'block' },
})
export class NowTask {
  readonly task = input.required<DayTask>();
  /** Names of those who do it; empty where there is but one. */
  readonly names = input.required<readonly string[]>();
  /** Whether it is in hand by the record: an order of work made of it may still be on its way. */
  readonly inHand = input.required<boolean>();
  readonly did = output<TaskDeed>();
  private readonly clock = inject(ShopClock);
  private readonly speech = inject(Speech);
  protected readonly place = computed(() => {
    const { place } = this.task().task;
    return place && said('task/place', { place });
  });
  protected readonly takes = computed(() => $localize`about ${minutesSaid(this.task().minutes)}`);
  protected readonly with = computed(() => this.names().filter(Boolean).join(' + '));
  protected readonly since = computed(() =>
    whenSaid(this.task().stands.begun ?? this.clock.now().now, this.clock.now().now),
  );
  protected readonly begins = computed(() => {
    const { start } = this.task();
    const { now } = this.clock.now();
    return start <= now ? $localize`Now` : $localize`From ${whenSaid(start, now)}`;
  });
  protected readonly parts = computed(() =>
    this.task().task.parts.flatMap(({ operation, minutes }) =>
      minutes >= 1
        ? [{ operation, called: said('task/operation', { id: operation, minutes: Math.round(minutes) }) }]
        : [],
    ),
  );
  protected readonly hand = computed(() => this.task().task.hand.map((each) => this.speech.say(each)));
  protected readonly masked = computed(() => {
    const { masked } = this.task().task;
    return masked === undefined ? undefined : said('task/masked', { area: masked });
  });
  protected readonly caution = computed(() => {
    const code = cautionOf(this.task());
    return code && said(code);
  });
  protected readonly where = computed(() => whereDone(this.task()));
}
