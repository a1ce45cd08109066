import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { kindOfAsked, tallyIn, writeLength, type Asked } from '@zabble/core';
import { selectPlan, selectShowing } from '../store/job/job.selectors';
import { TrailingBank } from '../store/session/trailing-bank';
import { SessionActions, sessionFeature } from '../store/session/session';
import { Size } from './size';

/** A derived number of the plan; touched or focused, its sum is shown in the reckoning. */
@Component({
  selector: 'z-figure',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Size],
  template: `@if (tally(); as t) {
      <button
        type="button"
        class="inline-flex min-h-11 min-w-11 items-center justify-end rounded px-1.5 font-medium hover:bg-chalk-wash"
        [class.bg-chalk-wash]="shown()"
        [attr.aria-label]="spoken()"
        [attr.aria-pressed]="shown()"
        (click)="ask()"
        (focus)="ask()"
      >
        <z-size [kind]="kind()" [length]="t.total" [unit]="unit()" />
      </button>
    } @else {
      <span class="px-1.5 text-soft" i18n-title title="can’t be worked out yet">–</span>
    }`,
})
export class Figure {
  readonly asked = input.required<Asked>();
  readonly label = input.required<string>();
  readonly unit = input(false);
  protected readonly kind = computed(() => kindOfAsked(this.asked()));
  private readonly store = inject(Store);
  private readonly bank = inject(TrailingBank).bank;
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly current = this.store.selectSignal(sessionFeature.selectAsked);
  protected readonly tally = computed(() => {
    return tallyIn(this.plan(), this.bank(), this.asked());
  });
  private readonly showing = this.store.selectSignal(selectShowing);
  /** What it is and how much, for who can't see it. */
  protected readonly spoken = computed(() => {
    const [tally, showing] = [this.tally(), this.showing()];
    const amount = tally && showing && writeLength(tally.total, this.kind(), showing, { unit: true });
    return `${this.label()}, ${amount ?? $localize`not known yet`}`;
  });
  protected readonly shown = computed(() => JSON.stringify(this.current()) === JSON.stringify(this.asked()));

  protected ask(): void {
    if (!this.shown()) this.store.dispatch(SessionActions.asked({ asked: this.asked() }));
  }
}
