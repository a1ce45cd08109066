import { Say } from '../words/say';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { drawSection, type BankPlan, type Length, type Shape, type Said, type SizeKind } from '@zabble/core';
import { SizeText } from './size-text';

/** As wide as the step panel leaves it, and no higher than this, in pixels. */
const WIDE = 640;
const HIGH = 300;
const MARGIN = 14;
/** A size shorter than this on the screen has its figure beside it. */
const SHORT = 30;
/** What a label with its figure takes at most. */
const ROOM = 78;

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

interface Placed {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
  readonly anchor: 'start' | 'end';
  readonly textX: number;
  readonly textY: number;
  readonly label: Said;
  readonly length: Length;
  readonly of: SizeKind;
  readonly ends: string;
}

/** The chosen drawer cut from front to back, with every clearance, groove, notch and bore and its sizes. */
@Component({
  selector: 'z-section-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, SizeText],
  template: `@if (drawn(); as d) {
    <figure class="flex flex-col gap-1">
      <svg
        class="h-auto w-full"
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
        @for (size of d.sizes; track $index) {
          <path [attr.d]="size.ends" fill="none" stroke="var(--chalk)" />
          <text
            [kind]="size.of"
            [zSizeText]="size.length"
            [lead]="(size.label | say) + ' '"
            [attr.text-anchor]="size.anchor"
            [attr.x]="size.textX"
            [attr.y]="size.textY"
            font-size="14"
            fill="var(--chalk)"
            stroke="var(--ply)"
            stroke-width="3.5"
            paint-order="stroke"
          ></text>
        }
      </svg>
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
    const scale = Math.min(WIDE / drawing.width, HIGH / drawing.height);
    const x = (mm: number): number => MARGIN + (mm - drawing.x) * scale;
    const y = (mm: number): number => MARGIN + (drawing.y + drawing.height - mm) * scale;
    return {
      width: drawing.width * scale + 2 * MARGIN,
      height: drawing.height * scale + 2 * MARGIN,
      boxes: drawing.shapes.flatMap((shape) => boxOf(shape, x, y, scale)),
      sizes: drawing.shapes.flatMap((shape) => sizeOf(shape, x, y, x(drawing.x + drawing.width))),
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

/** A line with a tick at either end; the figure beside it, or over a long level one. */
function sizeOf(shape: Shape, x: Axis, y: Axis, right: number): readonly Placed[] {
  if (shape.kind !== 'measure') return [];
  const { label, length, of } = shape;
  const at = { x1: x(shape.x1), y1: y(shape.y1), x2: x(shape.x2), y2: y(shape.y2) };
  const level = shape.y1 === shape.y2;
  const tick = level ? 'm0 -4v8' : 'm-4 0h8';
  const ends = `M${at.x1} ${at.y1}${tick}M${at.x1} ${at.y1}L${at.x2} ${at.y2}${tick}`;
  const over = level && Math.abs(at.x2 - at.x1) > 3 * SHORT;
  const textY = level ? at.y1 - 6 : (at.y1 + at.y2) / 2 + 5;
  if (over) return [{ ...at, label, length, of, ends, anchor: 'start', textX: (at.x1 + at.x2) / 2 - 40, textY }];
  // Near the right edge the figure stands on the other side.
  const atEdge = Math.max(at.x1, at.x2) + ROOM > right;
  const textX = level && atEdge ? right : atEdge ? Math.min(at.x1, at.x2) - 7 : Math.max(at.x1, at.x2) + 7;
  return [
    {
      ...at,
      label,
      length,
      of,
      ends,
      anchor: atEdge ? 'end' : 'start',
      textX,
      textY: atEdge || !level ? textY : at.y1 + 5,
    },
  ];
}
