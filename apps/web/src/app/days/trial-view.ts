import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { readMoment, type DayJob } from '@zabble/core';
import { Say } from '../words/say';
import { ShopClock, whenSaid } from './clock';
import { DaysState } from './days-state';

/** What a change would do, before it is done. */
@Component({
  selector: 'z-trial-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say],
  template: `@if (state.trial(); as trial) {
    <section class="flex flex-col gap-2 border-l-4 border-chalk bg-chalk-wash px-4 py-3" role="status">
      <p class="text-lg font-medium">{{ trial.task.task.called | say }}: {{ wish() }}</p>
      @if (trial.days) {
        @if (missed(); as why) {
          <p class="font-medium text-lead">{{ why }}</p>
        }
        <ul>
          @for (change of changes(); track change.job) {
            <li>
              <span class="font-medium">{{ change.name }}</span> {{ change.says }}
            </li>
          } @empty {
            <li i18n>No job ends earlier or later by it.</li>
          }
        </ul>
        <div class="flex flex-wrap gap-2">
          <button i18n type="button" class="press press-main" (click)="state.fix()">So be it</button>
          <button i18n type="button" class="press" (click)="state.leave()">Leave it as it was</button>
        </div>
      } @else {
        <p i18n class="caption">Looking what it would do…</p>
      }
    </section>
  }`,
})
export class TrialView {
  protected readonly state = inject(DaysState);
  private readonly clock = inject(ShopClock);

  protected readonly wish = computed(() => {
    const at = this.state.trial()?.at ?? '';
    const moment = readMoment(at);
    return moment === undefined ? $localize`whenever it can` : $localize`begun ${this.when(moment)}`;
  });
  /** It can’t begin then: when it can, and what holds it. */
  protected readonly missed = computed(() => {
    const trial = this.state.trial();
    const own = trial?.days?.tasks.find(({ task }) => task.id === trial.task.task.id);
    return own?.missed === undefined ? '' : $localize`It can’t begin before ${this.when(own.start)}.`;
  });
  protected readonly changes = computed(() => {
    const trial = this.state.trial();
    const before = this.state.days()?.jobs ?? [];
    return (trial?.days?.jobs ?? []).flatMap((job) => {
      const was = before.find((each) => each.job === job.job);
      const says = this.changed(was, job);
      return says === '' ? [] : [{ job: job.job, name: job.name, says }];
    });
  });

  private changed(was: DayJob | undefined, is: DayJob): string {
    if (was?.end === undefined || is.end === undefined || was.end === is.end) return '';
    const promised =
      is.due === undefined ? '' : is.late > 0 ? $localize`, later than promised` : $localize`, as promised`;
    return $localize`is done ${this.when(is.end)} in place of ${this.when(was.end)}` + promised;
  }

  private when(at: number): string {
    return whenSaid(at, this.clock.now().now);
  }
}
