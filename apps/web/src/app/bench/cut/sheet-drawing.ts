import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { drawSheet, stepsOf, writeLength, type Blade, type Length, type Lying, type SheetLayout } from '@zabble/core';
import { Store } from '@ngrx/store';
import { selectShowing } from '../../store/job/job.selectors';
import { CutState } from './cut-state';

interface Laid {
  readonly name: string | undefined;
  readonly kind: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly says: string;
  /** How large it is, where there is room to say it. */
  readonly size: string;
  readonly letters: number;
}

/** Letters stay readable, in pixels. */
const LARGEST = 14;
const SMALLEST = 8;

/** A sheet with its parts, to scale; the cut that is shown stands out. */
@Component({
  selector: 'z-sheet-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (drawn(); as d) {
    <svg
      class="block h-auto w-full [contain:content] max-lg:max-h-64"
      [attr.viewBox]="'-2 -2 ' + (d.width + 4) + ' ' + (d.height + 4)"
      role="group"
      [attr.aria-label]="label()"
    >
      @for (each of d.shapes; track $index) {
        @if (each.kind === 'part' || each.kind === 'held-part') {
          <g
            class="cursor-pointer"
            role="button"
            tabindex="0"
            [attr.aria-label]="each.says"
            [attr.aria-pressed]="each.name === state.part()"
            (click)="chosen.emit(each.name ?? '')"
            (keydown.enter)="chosen.emit(each.name ?? '')"
            (keydown.space)="chosen.emit(each.name ?? ''); $event.preventDefault()"
          >
            <rect
              [attr.x]="each.x"
              [attr.y]="each.y"
              [attr.width]="each.width"
              [attr.height]="each.height"
              [attr.fill]="each.name === state.part() ? 'var(--chalk-wash)' : 'var(--ply)'"
              [attr.stroke]="each.name === state.part() ? 'var(--chalk)' : 'var(--ink)'"
              [attr.stroke-width]="each.name === state.part() ? 2 : 1"
              [attr.stroke-dasharray]="each.kind === 'held-part' ? '5 4' : null"
            />
            @if (each.letters > 0 && each.size) {
              <text
                class="pointer-events-none"
                [attr.x]="each.x + each.width / 2"
                [attr.y]="each.y + each.height / 2 + each.letters * 0.55"
                [attr.font-size]="each.letters"
                text-anchor="middle"
                dominant-baseline="central"
                fill="var(--ink)"
              >
                {{ each.size }}
              </text>
            }
            @if (each.letters > 0) {
              <text
                class="pointer-events-none"
                [attr.x]="each.x + each.width / 2"
                [attr.y]="each.y + each.height / 2 - (each.size ? each.letters * 0.55 : 0)"
                [attr.font-size]="each.letters"
                text-anchor="middle"
                dominant-baseline="central"
                fill="var(--ink)"
              >
                {{ each.says }}
              </text>
            }
          </g>
        } @else {
          @if (each.kind === 'off-cut' && each.letters > 0) {
            <text
              [attr.x]="each.x + each.width / 2"
              [attr.y]="each.y + each.height / 2"
              [attr.font-size]="each.letters"
              text-anchor="middle"
              dominant-baseline="central"
              fill="var(--soft)"
            >
              {{ each.says }}
            </text>
          }
          <rect
            [attr.x]="each.x"
            [attr.y]="each.y"
            [attr.width]="each.width"
            [attr.height]="each.height"
            [attr.fill]="each.kind === 'sheet' ? 'var(--board)' : 'none'"
            [attr.stroke]="each.kind === 'sheet' ? 'var(--ink)' : 'var(--edge)'"
            [attr.stroke-width]="each.kind === 'sheet' ? 2 : 1"
            [attr.stroke-dasharray]="each.kind === 'off-cut' ? '2 3' : null"
          />
        }
      }
      @if (d.cut; as cut) {
        <rect
          class="pointer-events-none"
          [attr.x]="cut.panel.x"
          [attr.y]="cut.panel.y"
          [attr.width]="cut.panel.width"
          [attr.height]="cut.panel.height"
          fill="none"
          stroke="var(--chalk)"
          stroke-width="3"
        />
        @for (line of cut.lines; track $index) {
          <line
            class="pointer-events-none"
            [attr.x1]="line.x1"
            [attr.y1]="line.y1"
            [attr.x2]="line.x2"
            [attr.y2]="line.y2"
            stroke="var(--lead)"
            stroke-width="3"
            stroke-dasharray="8 4"
          />
        }
      }
    </svg>
  }`,
})
export class SheetDrawing {
  readonly sheet = input.required<SheetLayout>();
  /** What it is cut with. */
  readonly blade = input.required<Blade>();
  readonly label = input.required<string>();
  /** Width it is drawn for, in pixels. */
  readonly wide = input(520);
  readonly chosen = output<string>();
  protected readonly state = inject(CutState);
  private readonly showing = inject(Store).selectSignal(selectShowing);

  protected readonly drawn = computed(() => {
    const [saw, plan] = [this.state.saw(), this.state.plan()];
    if (!saw || !plan) return undefined;
    const parts = this.state.byName();
    const say = this.say();
    const label = (name: string) => {
      const part = parts.get(name);
      const held = part !== undefined && part.release !== 'now';
      return { says: `${held ? $localize`HOLD ` : ''}${part ? this.state.titleOf(part) : name}`, held };
    };
    const drawing = drawSheet(this.sheet(), { ...saw, ...this.blade() }, label, say);
    const scale = this.wide() / drawing.width;
    const words = new Map(
      drawing.shapes.flatMap((shape) => (shape.kind === 'words' ? [[shape.part ?? '', shape.text] as const] : [])),
    );
    const shapes = drawing.shapes.flatMap((shape): readonly Laid[] => {
      if (shape.kind !== 'box') return [];
      const at = {
        x: shape.x * scale,
        y: (drawing.height - shape.y - shape.height) * scale,
        width: shape.width * scale,
        height: shape.height * scale,
      };
      const says = words.get(shape.part ?? '') ?? '';
      const size = shape.part === undefined ? '' : (shape.size ?? '');
      const off = shape.role === 'off-cut' ? (shape.size ?? '') : says;
      const both = size === '' ? 0 : lettersFor(off, at, size);
      const told = both > 0 ? { size, letters: both } : { size: '', letters: lettersFor(off, at) };
      return [{ name: shape.part, kind: shape.role, ...at, says: off, ...told }];
    });
    return {
      shapes,
      width: drawing.width * scale,
      height: drawing.height * scale,
      cut: this.cut(scale, drawing.height),
    };
  });

  /** The panel the shown step cuts, and where the blade goes. */
  /** Sizes on the sheet, down to the step: what is written is never longer than the part. */
  private readonly say = computed(() => {
    const showing = this.showing();
    return (length: Length): string => (showing ? writeLength(length, 'part', showing) : '');
  });

  private cut(scale: number, high: number) {
    const [saw, at] = [this.state.saw(), this.state.step()];
    const step = saw && at !== undefined ? stepsOf(this.sheet(), this.blade())[at] : undefined;
    if (!step) return undefined;
    const place = ({ x, y, long, wide }: Lying) => ({
      x: (x / 1e6) * scale,
      y: (high - (y + wide) / 1e6) * scale,
      width: (long / 1e6) * scale,
      height: (wide / 1e6) * scale,
    });
    const lines = step.pieces.flatMap((piece) => {
      const { x, y, width, height } = place(piece);
      if (step.trims)
        return step.direction === 'rip'
          ? [line(x, y, width, 0), line(x, y + height, width, 0)]
          : [line(x, y, 0, height), line(x + width, y, 0, height)];
      return step.direction === 'rip' ? [line(x, y, width, 0)] : [line(x + width, y, 0, height)];
    });
    return { panel: place(step.panel), lines };
  }
}

function line(x1: number, y1: number, width: number, height: number) {
  return { x1, y1, x2: x1 + width, y2: y1 + height };
}

/** Nothing where not even small letters fit; two lines where its size is told too. */
function lettersFor(says: string, { width, height }: { width: number; height: number }, size = ''): number {
  const lines = size === '' ? 1 : 2.2;
  const long = Math.max(1, says.length, size.length);
  const room = Math.min((height - 2) / lines, (1.9 * width) / long, LARGEST);
  return room < SMALLEST ? 0 : room;
}
