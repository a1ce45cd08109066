import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { boxFits, nm, type BankPlan, type BoxFit } from '@zabble/core';
import { selectJob, selectPlan } from '../../store/job/job.selectors';
import { Speech } from '../../words/speech';
import { Size } from '../../fields/size';

/** Every box of the bank that is made or cut: whether it goes into the opening as it was measured, and what to do. */
@Component({
  selector: 'z-box-fits',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Size],
  template: `@if (fits().length > 0) {
    <section
      class="flex flex-col gap-1 border-t border-line pt-3"
      i18n-aria-label
      aria-label="Boxes that are made or cut"
    >
      <h3 i18n class="text-lg font-semibold">Boxes that are made or cut</h3>
      <ul class="flex flex-col">
        @for (each of fits(); track each.drawer) {
          <li class="flex flex-wrap items-baseline gap-x-3 border-b border-line py-2">
            <b i18n class="min-w-24 font-semibold">Drawer {{ each.place + 1 }}</b>
            <span
              class="font-medium"
              [class.text-lead]="each.verdict === 'again'"
              [class.text-ochre]="each.verdict !== 'again' && each.verdict !== 'fits'"
              >{{ says(each) }}</span
            >
            <span i18n class="caption ml-auto">
              @if (each.known === 'made') {
                made
              } @else {
                ends cut for
              }
              <z-size kind="reading" [length]="each.width" /> · takes <z-size kind="opening" [length]="each.takes"
            /></span>
          </li>
        }
      </ul>
    </section>
  }`,
})
export class BoxFits {
  readonly bank = input.required<BankPlan>();
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly speech = inject(Speech);
  protected readonly fits = computed(() => {
    const [job, plan, { path }] = [this.job(), this.plan(), this.bank()];
    return job && plan ? boxFits(job, plan).filter(({ bank }) => bank === path) : [];
  });

  protected says({ verdict, over, by }: BoxFit): string {
    // A difference under the step is told finer: nought would say there is none.
    const size = (length: number): string => this.speech.words().size(nm(Math.abs(length)));
    switch (verdict) {
      case 'fits':
        if (over === 0) return $localize`fits`;
        return over > 0 ? $localize`fits, ${size(over)} wider` : $localize`fits, ${size(over)} narrower`;
      case 'pack':
        return $localize`${size(over)} too narrow: pack each slide out by ${size(by)}`;
      case 'trim':
        return $localize`too wide by ${size(over)}\: trim its front and back by ${size(by)}`;
      case 'plane':
        return $localize`too wide by ${size(over)}\: plane ${size(by)} off each side`;
      case 'again':
        return $localize`${over > 0 ? $localize`too wide` : $localize`too narrow`} by ${size(over)}\: make it again`;
    }
  }
}
