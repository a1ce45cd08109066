import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { showLength, type Length, type SizeKind } from '@zabble/core';
import { selectShowing } from '../store/job/job.selectors';
import { BothUnits, inOtherUnit } from './both-units';

/** A length in the job's unit and step, with a real fraction; `≈` stands before a rounded one. */
@Component({
  selector: 'z-size',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (shown(); as s) {
    @if (!s.exact) {
      <span class="mr-[0.12em] opacity-70" i18n-title title="rounded for showing">≈</span>
    }
    @if (s.sign || s.whole) {
      <span [class]="s.fraction ? 'mr-[0.17em]' : ''">{{ s.sign }}{{ s.fraction ? s.whole + ' ' : s.whole }}</span>
    }
    @if (s.fraction; as f) {
      <span class="frac">{{ f.top }}/{{ f.bottom }}</span>
    }
    @if (unit()) {
      <span class="ml-[0.25em] text-[0.8em] font-normal">{{ s.unit }}</span>
    }
    @if (twin(); as other) {
      <span class="ml-[0.4em] text-[0.78em] font-normal opacity-80">{{ other }}</span>
    }
  }`,
  // A row of parts: white space between them in the template does not show.
  host: { class: 'inline-flex items-baseline whitespace-nowrap' },
})
export class Size {
  readonly length = input.required<Length>();
  /** What it is decides how it is rounded. */
  readonly kind = input.required<SizeKind>();
  readonly unit = input(false);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  protected readonly shown = computed(() => {
    const showing = this.showing();
    return showing && showLength(this.length(), this.kind(), showing);
  });
  private readonly both = inject(BothUnits);
  /** The same in the other unit, where both are asked for. */
  protected readonly twin = computed(() => {
    const showing = this.showing();
    return showing && this.both.shown() ? inOtherUnit(this.length(), this.kind(), showing) : '';
  });
}
