import { Speech } from '../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { drawOpening, toPack, type BankPlan, type Length, type Shape } from '@zabble/core';
import { selectShowing } from '../store/job/job.selectors';
import { SizeText } from './size-text';

/** As large as this, in pixels. */
const WIDE = 420;
const HIGH = 300;
const MARGIN = { side: 86, top: 24, bottom: 12 };
/** Figures stand clear of where readings cross: those of widths this part along, those of heights this far up. */
const ALONG = 0.28;
const UP = 30;

interface Line {
  readonly shape: Shape & { kind: 'measure' };
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
  readonly textX: number;
  readonly textY: number;
  readonly governs: boolean;
}

/** The opening true to its readings, what is out of true drawn larger than it is, with what governs and where to pack. */
@Component({
  selector: 'z-opening-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [SizeText],
  template: `@if (drawn(); as d) {
    <figure class="flex flex-col gap-1">
      <svg
        class="h-auto w-full max-w-[34rem]"
        [attr.viewBox]="'0 0 ' + d.width + ' ' + d.height"
        role="img"
        [attr.aria-label]="told()"
      >
        <polygon
          [attr.points]="d.built"
          fill="var(--well)"
          stroke="var(--ink)"
          stroke-width="2"
          [attr.stroke-dasharray]="planned() ? '7 5' : null"
        />
        <polygon [attr.points]="d.governs" fill="none" stroke="var(--chalk)" stroke-dasharray="2 4" />
        @for (line of d.readings; track $index) {
          <line
            [attr.x1]="line.x1"
            [attr.y1]="line.y1"
            [attr.x2]="line.x2"
            [attr.y2]="line.y2"
            [attr.stroke]="line.governs ? 'var(--chalk)' : 'var(--edge)'"
            [attr.stroke-width]="line.governs ? 2 : 1"
          />
          <text
            [kind]="line.shape.of"
            [zSizeText]="line.shape.length"
            text-anchor="middle"
            [attr.x]="line.textX"
            [attr.y]="line.textY"
            font-size="15"
            [attr.font-weight]="line.governs ? 600 : 400"
            [attr.fill]="line.governs ? 'var(--chalk)' : 'var(--ink)'"
            stroke="var(--well)"
            stroke-width="6"
            paint-order="stroke"
          ></text>
        }
        @for (line of d.packs; track $index) {
          <line
            [attr.x1]="line.x1"
            [attr.y1]="line.y1"
            [attr.x2]="line.x2"
            [attr.y2]="line.y2"
            stroke="var(--ochre)"
            stroke-width="5"
          />
          <text
            i18n
            [attr.text-anchor]="line.x1 < d.width / 2 ? 'end' : 'start'"
            [attr.x]="line.x1 < d.width / 2 ? line.x1 - 5 : line.x2 + 5"
            [attr.y]="line.y1 + 5"
            font-size="13"
            fill="var(--ochre)"
          >
            pack {{ fine(line.shape.length) }}
          </text>
        }
      </svg>
      <figcaption class="caption">{{ told() }}</figcaption>
    </figure>
  }`,
})
export class OpeningDrawing {
  readonly bank = input.required<BankPlan>();
  private readonly speech = inject(Speech);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  private readonly unit = computed(() => this.showing()?.unit ?? 'mm');
  protected readonly planned = computed(() => this.bank().bank.basis === 'planned');
  private readonly drawing = computed(() => drawOpening(this.bank()));
  protected readonly told = computed(() => {
    const { times } = this.drawing();
    const basis = this.planned() ? $localize`The opening as planned` : $localize`The opening as measured`;
    return times === 1
      ? $localize`${basis}\: every reading agrees.`
      : $localize`${basis}. What is out of true is drawn ${times} times as large; the dotted opening inside is the one that governs.`;
  });
  protected readonly drawn = computed(() => {
    const drawing = this.drawing();
    const scale = Math.min(WIDE / drawing.width, HIGH / drawing.height);
    const x = (mm: number): number => MARGIN.side + (mm - drawing.x) * scale;
    const y = (mm: number): number => MARGIN.top + (drawing.y + drawing.height - mm) * scale;
    const points = (role: string): string =>
      drawing.shapes
        .flatMap((shape) => (shape.kind === 'outline' && shape.role === role ? shape.points : []))
        .map(([px, py]) => `${x(px).toFixed(1)},${y(py).toFixed(1)}`)
        .join(' ');
    const lines = (role: string): readonly Line[] =>
      drawing.shapes.flatMap((shape) =>
        shape.kind === 'measure' && shape.role === role ? { ...placed(shape, x, y), governs: this.governs(shape) } : [],
      );
    return {
      width: drawing.width * scale + 2 * MARGIN.side,
      height: drawing.height * scale + MARGIN.top + MARGIN.bottom,
      built: points('as-measured'),
      governs: points('governs'),
      readings: lines('reading'),
      packs: lines('packing').filter(({ shape }) => toPack(shape.length, this.unit()) > 0),
    };
  });

  /** Packing is finer than what sizes are shown in, and never more than is needed. */
  protected fine(length: Length): string {
    return this.speech.words().size(length, 'packing');
  }

  private governs(shape: Shape & { kind: 'measure' }): boolean {
    const { width, height } = this.bank().opening;
    return shape.length === (isHeight(shape) ? height : width).total;
  }
}

function placed(shape: Shape & { kind: 'measure' }, x: (mm: number) => number, y: (mm: number) => number) {
  const [x1, y1, x2, y2] = [x(shape.x1), y(shape.y1), x(shape.x2), y(shape.y2)];
  const text = isHeight(shape)
    ? { textX: x1 + ((x2 - x1) * UP) / (y1 - y2), textY: y1 - UP }
    : { textX: x1 + ALONG * (x2 - x1), textY: y1 + 5 };
  return { shape, x1, y1, x2, y2, ...text };
}

function isHeight({ label }: Shape & { kind: 'measure' }): boolean {
  return label.code === 'drawn/reading' && label.params.size === 'height';
}
