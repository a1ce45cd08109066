import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { doorLap, type DoorPlan, type HingeServing } from '@zabble/core';

const MM = 1e6;
/** Millimetres drawn of the wall and of the leaf. */
const DEEP = 60;
const WIDE = 84;

/** One corner of the case from above: the wall, the leaf shut before (in) it, cup and plate, and what stands in it open. */
@Component({
  selector: 'z-hinge-picture',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<svg class="h-14 w-28" viewBox="-24 -26 108 84" aria-hidden="true">
    <rect class="fill-line stroke-edge" x="-18" y="0" width="18" [attr.height]="deep" />
    <rect
      class="fill-sheet stroke-ink"
      [attr.x]="leaf().x"
      [attr.y]="leaf().y"
      [attr.width]="wide - leaf().x"
      [attr.height]="leaf().thick"
    />
    @if (cup(); as bored) {
      <rect class="fill-none stroke-ink" [attr.x]="bored.x" [attr.y]="bored.y" width="35" [attr.height]="bored.deep" />
      <rect class="fill-edge" x="0" y="24" [attr.width]="bored.plate" height="26" />
    } @else {
      <circle class="fill-edge" [attr.cx]="leaf().x" [attr.cy]="leaf().y + leaf().thick" r="4" />
    }
    @if (serving().protrusion > 0) {
      <rect
        class="fill-none stroke-lead [stroke-dasharray:4_3]"
        x="0"
        [attr.y]="leaf().y + leaf().thick"
        [attr.width]="stands()"
        height="34"
      />
    }
  </svg>`,
})
export class HingePicture {
  readonly serving = input.required<HingeServing>();
  readonly door = input.required<DoorPlan>();
  protected readonly deep = DEEP;
  protected readonly wide = WIDE;
  protected readonly leaf = computed(() => {
    const { door, thickness, leaves } = this.door();
    const overlay = doorLap(door, leaves[0]?.hinged ?? 'left') / MM;
    const thick = thickness / MM;
    return { x: -Math.min(overlay, 22), thick, y: door.mount === 'inset' ? 0 : -thick };
  });
  protected readonly cup = computed(() => {
    const { tab, hinge, plate = 0 } = this.serving();
    const { x, y, thick } = this.leaf();
    if (!hinge.bore) return undefined;
    const deep = hinge.bore.depth / MM;
    return { x: x + (tab ?? 4 * MM) / MM, y: y + thick - deep, deep, plate: 3 + plate / MM };
  });
  protected readonly stands = computed(() => this.serving().protrusion / MM);
}
