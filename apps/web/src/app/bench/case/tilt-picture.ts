import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { drawTiltOut, type TiltOut } from '@zabble/core';
import { fromSide } from './from-side';

const WIDE = 300;
const HIGH = 220;

/** A tilt-out from its side, shut and open: its far edge on its way, what it must stay under, the block that stops it. */
@Component({
  selector: 'z-tilt-picture',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<svg
    class="block h-auto w-full max-w-80"
    [attr.viewBox]="'0 0 ' + wide + ' ' + high"
    role="img"
    i18n-aria-label
    aria-label="The tilt-out from its side, shut and open"
  >
    @let d = drawn();
    @let s = side();
    <line
      x1="0"
      [attr.x2]="s.x(d.behind)"
      [attr.y1]="s.y(d.over)"
      [attr.y2]="s.y(d.over)"
      stroke="var(--ink)"
      stroke-width="1.5"
      stroke-dasharray="6 4"
    />
    <line
      [attr.x1]="s.x(d.behind)"
      [attr.x2]="s.x(d.behind)"
      [attr.y1]="s.y(0)"
      [attr.y2]="s.y(d.over)"
      stroke="var(--ink)"
      stroke-width="1.5"
      stroke-dasharray="6 4"
    />
    <polygon [attr.points]="s.points(d.shut.bin)" fill="none" stroke="var(--soft)" stroke-width="1" />
    <polygon [attr.points]="s.points(d.shut.door)" fill="var(--line)" stroke="var(--soft)" stroke-width="1" />
    <polygon [attr.points]="s.points(d.open.bin)" fill="var(--sheet)" stroke="var(--ink)" stroke-width="1.6" />
    <polygon [attr.points]="s.points(d.open.door)" fill="var(--ply)" stroke="var(--ink)" stroke-width="1.6" />
    <polyline
      [attr.points]="s.points(d.way)"
      fill="none"
      [attr.stroke]="fouls() ? 'var(--lead)' : 'var(--chalk)'"
      stroke-width="2.5"
    />
    <circle [attr.cx]="s.x(d.stop.x)" [attr.cy]="s.y(d.stop.y)" r="5" fill="var(--ink)" />
    <circle [attr.cx]="s.x(0)" [attr.cy]="s.y(0)" r="4" fill="var(--sheet)" stroke="var(--ink)" stroke-width="2" />
  </svg>`,
  host: { class: 'block' },
})
export class TiltPicture {
  readonly tilt = input.required<TiltOut>();
  protected readonly wide = WIDE;
  protected readonly high = HIGH;
  protected readonly drawn = computed(() => drawTiltOut(this.tilt()));
  protected readonly fouls = computed(() => this.tilt().rise > this.tilt().most);
  protected readonly side = computed(() => {
    const { shut, open, way, over, behind, stop } = this.drawn();
    // The hinge line is seen whatever stands over it.
    const rings = [...shut.bin, ...shut.door, ...open.bin, ...open.door, ...way];
    return fromSide([...rings, stop, { x: behind, y: over }, { x: 0, y: 0 }], { width: WIDE, height: HIGH });
  });
}
