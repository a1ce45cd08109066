import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { caseworkOf, drawCase, inMillimetres, type Job, type Shape } from '@zabble/core';
import type { WayGroup } from './case-way';

type Box = Shape & { kind: 'box' };

/** Part of a case as it would be made, to scale, small. */
@Component({
  selector: 'z-way-picture',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<svg
    class="block h-16 w-24"
    [attr.viewBox]="window()"
    preserveAspectRatio="xMidYMid meet"
    aria-hidden="true"
    focusable="false"
  >
    <g transform="scale(1 -1)">
      @for (box of boxes(); track $index) {
        <rect
          [attr.x]="box.x"
          [attr.y]="box.y"
          [attr.width]="box.width"
          [attr.height]="box.height"
          [attr.fill]="box.role === 'cut-member' ? 'var(--edge)' : 'var(--ply)'"
          stroke="var(--ink)"
          stroke-width="1.2"
          vector-effect="non-scaling-stroke"
        />
      }
    </g>
  </svg>`,
  host: { class: 'block shrink-0 overflow-hidden' },
})
export class WayPicture {
  /** A job whose case of this place is made so. */
  readonly job = input.required<Job>();
  readonly place = input.required<number>();
  readonly group = input.required<WayGroup>();
  private readonly casework = computed(() => {
    const owner = this.job().cases[this.place()];
    return owner && caseworkOf(this.job(), owner, `cases[${this.place()}]`);
  });
  protected readonly boxes = computed(() => {
    const [casework, { view, without = [] }] = [this.casework(), this.group()];
    if (!casework) return [];
    return drawCase(casework, view).shapes.filter(
      (shape): shape is Box => shape.kind === 'box' && !without.some((role) => role === shape.member),
    );
  });
  protected readonly window = computed(() => {
    const casework = this.casework();
    if (!casework) return '0 0 1 1';
    const { view, crop } = this.group();
    const [wide, high, deep] = [casework.outline.width.total, casework.outline.height, casework.outline.depth].map(
      inMillimetres,
    ) as [number, number, number];
    const [across, up] = [view === 'section' ? deep : wide, view === 'plan' ? deep : high];
    const [x, y, w, h] = [crop.x * across, crop.y * up, crop.width * across, crop.height * up];
    return `${x} ${-(y + h)} ${w} ${h}`;
  });
}
