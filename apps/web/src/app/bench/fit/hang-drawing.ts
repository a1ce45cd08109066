import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Drawing } from '@zabble/core';

/** As large as this at most, in pixels. */
const HIGH = 300;
const WIDE = 300;

const FILLS: Readonly<Record<string, string>> = {
  opening: 'var(--sheet)',
  'hung-slide': 'var(--line)',
  slide: 'var(--chalk)',
  spacer: 'var(--ochre-wash)',
  'drawer-box': 'var(--ply)',
};

/** A drawing of the hanging: the opening with what hangs and what is in hand, or the slide with its holes. */
@Component({
  selector: 'z-hang-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<svg
    class="max-w-full"
    [attr.width]="drawn().width"
    [attr.height]="drawn().height"
    role="img"
    [attr.aria-label]="label()"
  >
    @for (box of drawn().boxes; track $index) {
      <rect
        [attr.x]="box.x"
        [attr.y]="box.y"
        [attr.width]="box.width"
        [attr.height]="box.height"
        [attr.fill]="box.fill"
        [attr.stroke]="box.role === 'spacer' ? 'var(--ochre)' : 'var(--ink)'"
        [attr.stroke-width]="box.role === 'opening' ? 2 : 1"
        [attr.stroke-dasharray]="box.role === 'spacer' ? '5 3' : null"
      />
    }
    @for (line of drawn().lines; track $index) {
      <line
        [attr.x1]="line.x1"
        [attr.x2]="line.x2"
        [attr.y1]="line.y1"
        [attr.y2]="line.y2"
        stroke="var(--ink)"
        stroke-width="2.5"
      />
    }
    @for (bore of drawn().bores; track $index) {
      <circle [attr.cx]="bore.x" [attr.cy]="bore.y" r="2.4" fill="var(--sheet)" />
    }
  </svg>`,
})
export class HangDrawing {
  readonly drawing = input.required<Drawing>();
  readonly label = input.required<string>();
  protected readonly drawn = computed(() => {
    const { x: left, y: low, width, height, shapes } = this.drawing();
    const scale = Math.min(HIGH / height, WIDE / width);
    const x = (mm: number): number => (mm - left) * scale + 2;
    const y = (mm: number): number => (low + height - mm) * scale + 2;
    return {
      width: width * scale + 4,
      height: height * scale + 4,
      boxes: shapes.flatMap((shape) =>
        shape.kind === 'box'
          ? {
              role: shape.role,
              fill: FILLS[shape.role] ?? 'none',
              x: x(shape.x),
              y: y(shape.y + shape.height),
              width: shape.width * scale,
              height: shape.height * scale,
            }
          : [],
      ),
      lines: shapes.flatMap((shape) =>
        shape.kind === 'line' ? { x1: x(shape.x1), x2: x(shape.x2), y1: y(shape.y1), y2: y(shape.y2) } : [],
      ),
      bores: shapes.flatMap((shape) => (shape.kind === 'circle' ? { x: x(shape.x), y: y(shape.y) } : [])),
    };
  });
}
