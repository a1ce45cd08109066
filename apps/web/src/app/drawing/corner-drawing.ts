import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { drawCorner, type BankPlan } from '@zabble/core';

/** How each part of a corner looks: wood by its tone, metal dark, what lies under the box dashed. */
const LOOKS: Readonly<Record<string, { readonly fill: string; readonly dash?: string }>> = {
  case: { fill: 'var(--line)' },
  rail: { fill: 'var(--line)' },
  spacer: { fill: 'var(--well)' },
  front: { fill: 'var(--ply)' },
  'box-side': { fill: 'var(--sheet)' },
  'box-end': { fill: 'var(--sheet)' },
  slide: { fill: 'var(--ink)' },
  'hung-slide': { fill: 'none', dash: '3 2' },
};
const WIDE = 150;
const HIGH = 108;

/** The left front corner of a drawer from above: how case, frame, front, box and slide meet. Front at the foot. */
@Component({
  selector: 'z-corner-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (drawn(); as d) {
    <svg
      [attr.width]="d.width"
      [attr.height]="d.height"
      [attr.viewBox]="'0 0 ' + d.width + ' ' + d.height"
      aria-hidden="true"
    >
      @for (box of d.boxes; track $index) {
        <rect
          [attr.x]="box.x"
          [attr.y]="box.y"
          [attr.width]="box.width"
          [attr.height]="box.height"
          [attr.fill]="box.look.fill"
          [attr.stroke-dasharray]="box.look.dash ?? null"
          stroke="var(--ink)"
        />
      }
    </svg>
  }`,
  host: { class: 'block' },
})
export class CornerDrawing {
  readonly bank = input.required<BankPlan>();
  readonly built = input.required<'face-frame' | 'frameless'>();
  protected readonly drawn = computed(() => {
    const drawing = drawCorner(this.bank(), this.built());
    if (!drawing) return undefined;
    const scale = Math.min((WIDE - 2) / drawing.width, (HIGH - 2) / drawing.height);
    return {
      width: drawing.width * scale + 2,
      height: drawing.height * scale + 2,
      boxes: drawing.shapes.flatMap((shape) => {
        const look = LOOKS[shape.role];
        if (shape.kind !== 'box' || !look) return [];
        return [
          {
            look,
            x: 1 + (shape.x - drawing.x) * scale,
            y: 1 + (drawing.y + drawing.height - shape.y - shape.height) * scale,
            width: shape.width * scale,
            height: shape.height * scale,
          },
        ];
      }),
    };
  });
}
