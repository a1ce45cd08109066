import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Drawing } from '@zabble/core';

/** As large as this, in pixels. */
const HIGH = 220;
const WIDE = 420;
/** A part lower than this has no room for its number. */
const ROOM = 15;

/** A panel and the fronts cut from it, to scale, each with its number. */
@Component({
  selector: 'z-panel-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<svg
    [attr.width]="drawn().width"
    [attr.height]="drawn().height"
    role="img"
    [attr.aria-label]="label()"
    class="max-w-full"
  >
    @for (box of drawn().boxes; track $index) {
      <rect
        [attr.x]="box.x"
        [attr.y]="box.y"
        [attr.width]="box.width"
        [attr.height]="box.height"
        [attr.fill]="box.panel ? 'var(--ochre-wash)' : 'var(--ply)'"
        [attr.stroke]="box.panel ? 'var(--ochre)' : 'var(--ink)'"
      />
      @if (box.number && box.height > room) {
        <text
          [attr.x]="box.x + box.width / 2"
          [attr.y]="box.y + box.height / 2 + 5"
          text-anchor="middle"
          font-size="14"
          fill="var(--ink)"
        >
          {{ box.number }}
        </text>
      }
    }
  </svg>`,
})
export class PanelDrawing {
  readonly drawing = input.required<Drawing>();
  readonly label = input.required<string>();
  /** What stands on each part, by the id of its drawer (`bank/drawer` where several banks are drawn). */
  readonly numbers = input.required<Readonly<Record<string, number | string>>>();
  protected readonly room = ROOM;
  protected readonly drawn = computed(() => {
    const { width, height, shapes } = this.drawing();
    const scale = Math.min(HIGH / height, WIDE / width);
    const boxes = shapes.flatMap((shape) =>
      shape.kind === 'box'
        ? {
            x: shape.x * scale + 1,
            y: (height - shape.y - shape.height) * scale + 1,
            width: shape.width * scale,
            height: shape.height * scale,
            panel: shape.role === 'panel',
            number: this.numbers()[[shape.bank ?? [], shape.drawer ?? []].flat().join('/')],
          }
        : [],
    );
    return { boxes, width: width * scale + 2, height: height * scale + 2 };
  });
}
