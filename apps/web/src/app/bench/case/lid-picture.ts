import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { drawLid, type Lid } from '@zabble/core';
import { fromSide } from './from-side';

const WIDE = 300;
const HIGH = 200;

/** A lid from its side, shut and open, with the way of its front edge and what it hangs on. */
@Component({
  selector: 'z-lid-picture',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<svg
    class="block h-auto w-full max-w-80"
    [attr.viewBox]="'0 0 ' + wide + ' ' + high"
    role="img"
    i18n-aria-label
    aria-label="The lid from its side, shut and open"
  >
    @let d = drawn();
    @let s = side();
    <polygon [attr.points]="s.points(d.case)" fill="none" stroke="var(--soft)" stroke-width="1.2" />
    <polygon
      [attr.points]="s.points(d.shut)"
      fill="none"
      stroke="var(--soft)"
      stroke-width="1.2"
      stroke-dasharray="6 4"
    />
    <polygon [attr.points]="s.points(d.open)" fill="var(--ply)" stroke="var(--ink)" stroke-width="1.6" />
    <polygon [attr.points]="s.points(d.strip)" fill="var(--line)" stroke="var(--ink)" stroke-width="1.2" />
    <polyline
      [attr.points]="s.points(d.way)"
      fill="none"
      [attr.stroke]="short() ? 'var(--lead)' : 'var(--chalk)'"
      stroke-width="2.5"
    />
    <circle [attr.cx]="s.x(0)" [attr.cy]="s.y(0)" r="4" fill="var(--sheet)" stroke="var(--ink)" stroke-width="2" />
  </svg>`,
  host: { class: 'block' },
})
export class LidPicture {
  readonly lid = input.required<Lid>();
  /** Degrees it comes to. */
  readonly reach = input.required<number>();
  /** Of its case, in millimetres. */
  readonly depth = input.required<number>();
  protected readonly wide = WIDE;
  protected readonly high = HIGH;
  protected readonly drawn = computed(() => drawLid(this.lid(), this.reach(), this.depth()));
  protected readonly short = computed(() => this.reach() < this.lid().opens - 1e-6);
  protected readonly side = computed(() => {
    const { shut, open, way, strip, case: under } = this.drawn();
    return fromSide([...shut, ...open, ...way, ...strip, ...under], { width: WIDE, height: HIGH });
  });
}
