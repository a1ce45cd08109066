import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { showLength, type Length, type SizeKind } from '@zabble/core';
import { selectShowing } from '../store/job/job.selectors';
import { BothUnits, inOtherUnit } from '../fields/both-units';

/** A length as text inside a drawing: the same figures as `z-size`, in SVG. */
@Component({
  selector: '[zSizeText]',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (shown(); as s) {
    <svg:tspan>{{ lead() }}{{ s.exact ? '' : '≈' }}{{ s.sign }}{{ whole() }}</svg:tspan>
    @if (s.fraction; as f) {
      <svg:tspan class="frac" [attr.dx]="s.whole ? '0.15em' : null">{{ f.top }}/{{ f.bottom }}</svg:tspan>
    }
    @if (other(); as text) {
      <svg:tspan dx="0.35em" font-size="0.72em" font-weight="400">{{ text }}</svg:tspan>
    }
  }`,
})
export class SizeText {
  readonly zSizeText = input.required<Length>();
  readonly kind = input.required<SizeKind>();
  readonly lead = input('');
  /** With the other unit beside it, where both are asked for. */
  readonly twin = input(false);
  private readonly both = inject(BothUnits);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  /** Whole millimetres stand bare in a drawing; in columns they keep their decimals. */
  protected readonly whole = computed(() => this.shown()?.whole.replace(/\.0+$/, ''));
  protected readonly shown = computed(() => {
    const showing = this.showing();
    return showing && showLength(this.zSizeText(), this.kind(), showing);
  });
  protected readonly other = computed(() => {
    const showing = this.showing();
    return showing && this.twin() && this.both.shown() ? inOtherUnit(this.zSizeText(), this.kind(), showing) : '';
  });
}
