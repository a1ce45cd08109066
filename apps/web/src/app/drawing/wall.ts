import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { SmallFace } from '@zabble/core';

/** Millimetres to the pixel: every job on the wall is drawn to this one scale where it fits. */
const PER_PIXEL = 3.6;
/** Between neighbouring banks, in millimetres. */
const BETWEEN = 60;

/** Banks as small faces standing side by side on one floor, to a common scale where they fit. */
@Component({
  selector: 'z-wall',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@let w = wall();
    <svg
      [attr.width]="w.width"
      [attr.height]="w.height"
      [attr.viewBox]="'0 0 ' + w.width + ' ' + w.height"
      aria-hidden="true"
      class="overflow-visible"
    >
      @for (box of w.boxes; track $index) {
        <rect
          [attr.x]="box.x"
          [attr.y]="box.y"
          [attr.width]="box.width"
          [attr.height]="box.height"
          [attr.fill]="box.role === 'front' ? (planned() ? 'var(--sheet)' : 'var(--ply)') : 'var(--line)'"
          stroke="var(--ink)"
          [attr.stroke-width]="box.role === 'front' ? 1.3 : 1"
          [attr.stroke-dasharray]="planned() && box.role === 'front' ? '5 3' : null"
        />
      }
    </svg>`,
  host: { class: 'block' },
})
export class Wall {
  readonly faces = input.required<readonly SmallFace[]>();
  readonly room = input({ width: 330, height: 250 });
  protected readonly planned = computed(() => this.faces().some(({ planned }) => planned));
  /** Every bank's case and fronts, side by side, in pixels from the floor up. */
  protected readonly wall = computed(() => {
    const faces = this.faces();
    const width = faces.reduce((sum, face) => sum + face.width + BETWEEN, -BETWEEN);
    const height = Math.max(0, ...faces.map((face) => face.height));
    const per = Math.max(PER_PIXEL, width / this.room().width, height / this.room().height);
    let left = 0;
    const boxes = faces.flatMap((face) => {
      const start = left - face.x;
      left += face.width + BETWEEN;
      return face.boxes.map((box) => ({
        role: box.role,
        x: (start + box.x) / per,
        y: (height + face.y - box.y - box.height) / per,
        width: box.width / per,
        height: box.height / per,
      }));
    });
    return { boxes, width: width / per, height: height / per };
  });
}
