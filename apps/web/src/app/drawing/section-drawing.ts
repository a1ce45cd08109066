import { Say } from '../words/say';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { drawSection, type BankPlan, type Shape } from '@zabble/core';
import { Size } from '../fields/size';
import { outside, roomOutside } from './section-lanes';

/** As wide as the step panel leaves it, and no higher than this, in pixels. */
const WIDE = 640;
const HIGH = 300;
const MARGIN = 14;
/** Above the drawing the letters of its sizes stand. */
const HEAD = 24;

const FILLS: Readonly<
  Partial<Record<string, { readonly fill: string; readonly stroke: string; readonly dash?: string }>>
> = {
  bay: { fill: 'var(--well)', stroke: 'var(--edge)' },
  'box-side': { fill: 'var(--ply)', stroke: 'var(--line)' },
  'box-end': { fill: 'var(--board)', stroke: 'var(--ink)' },
  'box-bottom': { fill: 'var(--board)', stroke: 'var(--ink)' },
  slide: { fill: 'none', stroke: 'var(--edge)', dash: '5 3' },
  notch: { fill: 'var(--well)', stroke: 'var(--lead)' },
  bore: { fill: 'var(--lead)', stroke: 'var(--lead)' },
  front: { fill: 'var(--ochre-wash)', stroke: 'var(--ink)' },
};

/** The chosen drawer cut from front to back, with every clearance, groove, notch and bore and its sizes. */
@Component({
  selector: 'z-section-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, Size],
  template: `@if (drawn(); as d) {
    <figure class="flex flex-col gap-1">
      <div class="overflow-x-auto">
        <svg
          class="h-auto w-full min-w-[30rem]"
          [attr.viewBox]="'0 0 ' + d.width + ' ' + d.height"
          role="img"
          i18n-ariaLabel
          ariaLabel="Section of drawer {{ number() }}, front at the left"
        >
          @for (box of d.boxes; track $index) {
            <rect
              [attr.x]="box.x"
              [attr.y]="box.y"
              [attr.width]="box.width"
              [attr.height]="box.height"
              [attr.fill]="box.look.fill"
              [attr.stroke]="box.look.stroke"
              [attr.stroke-dasharray]="box.look.dash ?? null"
            />
          }
          @for (size of d.sizes; track size.letter) {
            <path [attr.d]="size.leads" fill="none" stroke="var(--edge)" stroke-width="0.6" />
            <path [attr.d]="size.ends" fill="none" stroke="var(--chalk)" stroke-width="1.4" />
            <text
              text-anchor="middle"
              [attr.x]="size.letterX"
              [attr.y]="size.letterY"
              font-size="15"
              font-weight="600"
              fill="var(--chalk)"
            >
              {{ size.letter }}
            </text>
          }
        </svg>
      </div>
      <ul class="grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-x-4">
        @for (size of d.sizes; track size.letter) {
          <li class="flex items-baseline gap-2 border-b border-line py-0.5">
            <b class="w-4 text-chalk">{{ size.letter }}</b>
            <span class="caption flex-1">{{ size.measure.label | say }}</span>
            <z-size class="font-medium" [kind]="size.measure.of" [length]="size.measure.length" />
          </li>
        }
      </ul>
      <figcaption i18n class="caption">Drawer {{ number() }} cut from front to back; its slide dashed.</figcaption>
    </figure>
  }`,
})
export class SectionDrawing {
  readonly bank = input.required<BankPlan>();
  readonly drawer = input.required<string>();
  protected readonly number = computed(() => this.bank().drawers.findIndex(({ id }) => id === this.drawer()) + 1);
  protected readonly drawn = computed(() => {
    const drawing = drawSection(this.bank(), this.drawer());
    if (!drawing) return undefined;
    const measures = drawing.shapes.flatMap((shape) => (shape.kind === 'measure' ? [shape] : []));
    const room = roomOutside(measures);
    const scale = Math.min((WIDE - room.right) / drawing.width, HIGH / drawing.height);
    const x = (mm: number): number => MARGIN + (mm - drawing.x) * scale;
    const y = (mm: number): number => HEAD + (drawing.y + drawing.height - mm) * scale;
    const [right, foot] = [x(drawing.x + drawing.width), y(drawing.y)];
    return {
      width: right + room.right + MARGIN,
      height: foot + room.below + MARGIN,
      boxes: drawing.shapes.flatMap((shape) => boxOf(shape, x, y, scale)),
      sizes: outside(measures, { x, y, right, top: HEAD, foot }),
    };
  });
}

type Axis = (mm: number) => number;

function boxOf(shape: Shape, x: Axis, y: Axis, scale: number) {
  const look = FILLS[shape.role];
  if (shape.kind !== 'box' || !look) return [];
  const { width, height } = shape;
  return [{ look, x: x(shape.x), y: y(shape.y + height), width: width * scale, height: height * scale }];
}
