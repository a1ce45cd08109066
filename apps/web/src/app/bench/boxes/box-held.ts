import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { bankHardware, boxFixingRows, boxFixings, fixingSaid, hardwareSaid, type BankPlan } from '@zabble/core';
import { selectJob } from '../../store/job/job.selectors';
import { Say } from '../../words/say';

/** What holds the boxes of a bank and the fronts on them, joint by joint, and what is to be bought for it. */
@Component({
  selector: 'z-box-held',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say],
  template: `<h3 i18n class="text-lg font-semibold">What holds them</h3>
    <ul class="mt-1 grid gap-x-8 gap-y-0.5 sm:grid-cols-2">
      @for (row of rows(); track $index) {
        <li class="first-letter:uppercase">{{ row | say }}</li>
      }
    </ul>
    <p class="caption pt-2">
      <ng-container i18n>To buy for it:</ng-container>
      @for (each of needed(); track $index; let last = $last) {
        {{ each | say }}{{ last ? '.' : ';' }}
      }
    </p>
    @if (byHand().length > 0) {
      <p i18n class="caption">
        Screws of the front of {byHand().length, plural, =1 {box} other {boxes}} {{ byHand().join(', ') }} have no place
        25 mm (1 in) clear of groove, slide, pull and panel: set them by hand.
      </p>
    }`,
  host: { class: 'block' },
})
export class BoxHeld {
  readonly bank = input.required<BankPlan>();
  private readonly job = inject(Store).selectSignal(selectJob);
  private readonly held = computed(() => {
    const job = this.job();
    const { drawers } = this.bank();
    return job ? drawers.map((drawer) => ({ drawer, fixings: boxFixings(job, this.bank(), drawer) })) : [];
  });
  protected readonly rows = computed(() =>
    boxFixingRows(this.held().flatMap(({ fixings }) => fixings)).map(fixingSaid),
  );
  protected readonly needed = computed(() => hardwareSaid(bankHardware(this.bank())));
  /** Numbers of the boxes whose front has no clear place for its screws. */
  protected readonly byHand = computed(() =>
    this.held()
      .filter(({ fixings }) =>
        fixings.some(({ one, other, marks }) => one === 'drawer-front' && other === 'box-front' && marks.length === 0),
      )
      .map(({ drawer }) => drawer.place + 1),
  );
}
