import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  drawPart,
  inMillimetres,
  nm,
  ordinatesOf,
  writeLength,
  type CutPart,
  type Length,
  type Shape,
} from '@zabble/core';
import { selectShowing } from '../store/job/job.selectors';
import { Speech } from '../words/speech';
import { paneSize } from './pane-size';

/** Round the part, for its sizes: beside it and under it, in pixels; a line of them, and room one of them takes. */
const LEFT = 8;
const RIGHT = 78;
const LANE = 17;
/** Sizes near the upper edge stand over one another there. */
const OVER = 2 * LANE;
const APART = 62;
const HIGHEST = 320;

interface Placed {
  readonly text: string;
  readonly at: number;
  readonly lane: number;
}

/** A part as it is worked, with where everything lies: from its left end, and from its lower edge. */
@Component({
  selector: 'z-part-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@let d = drawn();
    <svg [attr.width]="size().width" [attr.height]="d.height" role="img" [attr.aria-label]="name()">
      @for (box of d.boxes; track $index) {
        <rect
          [attr.x]="box.x"
          [attr.y]="box.y"
          [attr.width]="box.width"
          [attr.height]="box.height"
          [attr.fill]="box.fill"
          stroke="var(--ink)"
          [attr.stroke-width]="box.part ? 1.2 : 0.7"
          [attr.stroke-dasharray]="box.far ? '4 3' : null"
        />
      }
      @for (line of d.outlines; track $index) {
        <polygon [attr.points]="line" fill="var(--well)" stroke="var(--ink)" stroke-width="0.9" />
      }
      @for (hole of d.holes; track $index) {
        <circle
          [attr.cx]="hole.x"
          [attr.cy]="hole.y"
          [attr.r]="hole.r"
          fill="none"
          stroke="var(--ink)"
          [attr.stroke-dasharray]="hole.far ? '2 2' : null"
        />
      }
      @for (mark of d.across; track $index) {
        <line
          [attr.x1]="mark.at"
          [attr.x2]="mark.at"
          [attr.y1]="d.foot + 2"
          [attr.y2]="d.foot + 6 + mark.lane * lane"
          stroke="var(--soft)"
        />
        <text
          [attr.x]="mark.at"
          [attr.y]="d.foot + 18 + mark.lane * lane"
          font-size="13"
          text-anchor="middle"
          fill="var(--ink)"
        >
          {{ mark.text }}
        </text>
      }
      @for (mark of d.up; track $index) {
        <line
          [attr.x1]="d.right + 2"
          [attr.x2]="d.right + 8"
          [attr.y1]="mark.at"
          [attr.y2]="mark.lane"
          stroke="var(--soft)"
        />
        <text [attr.x]="d.right + 11" [attr.y]="mark.lane + 4" font-size="13" fill="var(--ink)">{{ mark.text }}</text>
      }
    </svg>
    <p class="caption">{{ says() }}</p>`,
  // As wide as there is room, whatever was drawn in it before.
  host: { class: 'block w-full [contain:inline-size]' },
})
export class PartDrawing {
  readonly part = input.required<CutPart>();
  private readonly speech = inject(Speech);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  protected readonly size = paneSize();
  protected readonly lane = LANE;
  protected readonly name = computed(() => $localize`The part as it is worked`);
  private readonly shapes = computed(() => drawPart(this.part(), '', this.speech.words()));
  /** Which face is seen, and what is only written. */
  protected readonly says = computed(() => {
    const noted = this.shapes().shapes.flatMap((shape) => (shape.kind === 'words' ? [shape.text] : []));
    const places = $localize`Places from its left end and from its lower edge; dashed: worked from the other face.`;
    return [...noted.map((text) => text.replace(/^; /, '')).filter((text) => text !== ''), places].join('. ');
  });

  protected readonly drawn = computed(() => {
    const drawing = this.shapes();
    const scale = Math.min((this.size().width - LEFT - RIGHT) / drawing.width, HIGHEST / drawing.height);
    const [right, foot] = [LEFT + drawing.width * scale, OVER + drawing.height * scale];
    const at = (x: number, y: number) => ({ x: LEFT + x * scale, y: foot - y * scale });
    const { across, up } = ordinatesOf(drawing);
    const whole = [nm(Math.round(drawing.width * 1e6)), nm(Math.round(drawing.height * 1e6))] as const;
    const below = inLanes([...across, whole[0]].map((each) => this.mark(each, LEFT + inMillimetres(each) * scale)));
    const beside = [...up, whole[1]].map((each) => this.mark(each, foot - inMillimetres(each) * scale));
    return {
      ...{ right, foot, across: below, up: apart(beside) },
      height: foot + 24 + LANE * Math.max(0, ...below.map(({ lane }) => lane)),
      boxes: drawing.shapes.flatMap((shape) => boxOf(shape, at, scale)),
      outlines: drawing.shapes.flatMap((shape) =>
        shape.kind === 'outline'
          ? [shape.points.map(([x, y]) => `${at(x, y).x.toFixed(1)},${at(x, y).y.toFixed(1)}`).join(' ')]
          : [],
      ),
      holes: drawing.shapes.flatMap((shape) =>
        shape.kind === 'circle'
          ? [{ ...at(shape.x, shape.y), r: Math.max(1.5, (shape.diameter * scale) / 2), far: shape.far === true }]
          : [],
      ),
    };
  });

  private mark(length: Length, at: number): { readonly text: string; readonly at: number } {
    const showing = this.showing();
    return { text: showing ? writeLength(length, 'part', showing) : '', at };
  }
}

type At = (x: number, y: number) => { readonly x: number; readonly y: number };

function boxOf(shape: Shape, at: At, scale: number) {
  if (shape.kind !== 'box') return [];
  const part = shape.role === 'part';
  return [
    {
      ...at(shape.x, shape.y + shape.height),
      ...{ width: shape.width * scale, height: shape.height * scale, part, far: shape.far === true },
      fill: part ? 'var(--board)' : shape.far ? 'none' : 'var(--line)',
    },
  ];
}

/** Under one another where they would lie on one another. */
function inLanes(marks: readonly { readonly text: string; readonly at: number }[]): readonly Placed[] {
  const ends: number[] = [];
  return marks.map((mark) => {
    const free = ends.findIndex((end) => end <= mark.at - APART);
    const lane = free < 0 ? ends.length : free;
    ends[lane] = mark.at;
    return { ...mark, lane };
  });
}

/** From below up, each a line higher than the one before where they would lie on one another; `lane` is its height. */
function apart(marks: readonly { readonly text: string; readonly at: number }[]): readonly Placed[] {
  let last = Infinity;
  return marks.map((mark) => {
    last = Math.min(mark.at, last - LANE);
    return { ...mark, lane: last };
  });
}
