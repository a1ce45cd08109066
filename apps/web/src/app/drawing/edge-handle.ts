import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  output,
  signal,
  type OnDestroy,
} from '@angular/core';
import { EdgeDrag } from './edge-drag';

/** Room on both sides of an edge in which it is taken hold of, in pixels. */
const REACH = 13;
/** The grip in the middle of it. */
const GRIP = { long: 44, thick: 8 } as const;

/** An edge between two neighbours: dragged across its length, or moved by the arrow keys. */
@Component({
  selector: '[zEdge]',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@let near = reach();
    @let hold = grip();
    <svg:rect
      class="touch-none"
      [class]="upright() ? 'cursor-ew-resize' : 'cursor-ns-resize'"
      [attr.x]="near.x"
      [attr.y]="near.y"
      [attr.width]="near.width"
      [attr.height]="near.height"
      fill="transparent"
    />
    <svg:rect
      class="pointer-events-none"
      [attr.x]="hold.x"
      [attr.y]="hold.y"
      [attr.width]="hold.width"
      [attr.height]="hold.height"
      rx="4"
      [attr.fill]="held() ? 'var(--chalk)' : 'var(--sheet)'"
      [attr.stroke]="held() ? 'var(--chalk)' : 'var(--edge)'"
    />
    @if (held()) {
      <svg:path class="pointer-events-none" [attr.d]="line()" stroke="var(--chalk)" stroke-width="2" />
    }`,
  host: {
    class: 'touch-none',
    '(pointerdown)': 'take($event)',
    '(pointerup)': 'drop($event)',
    '(pointercancel)': 'drop($event)',
    '(keydown)': 'key($event)',
  },
})
export class EdgeHandle implements OnDestroy {
  /** Where the edge is, in pixels from the top; from the left where it stands upright. */
  readonly zEdge = input.required<number>();
  /** Where it begins along its length, and how long it is. */
  readonly from = input.required<number>();
  readonly long = input.required<number>();
  readonly upright = input(false);
  readonly perMm = input.required<number>();
  readonly taken = output();
  readonly dropped = output();
  /** Increments down, or to the right. */
  readonly nudged = output<number>();
  protected readonly reach = computed(() => this.across(this.from(), this.long(), REACH));
  protected readonly grip = computed(() => {
    const long = Math.min(GRIP.long, this.long() * 0.7);
    return this.across(this.from() + (this.long() - long) / 2, long, GRIP.thick / 2);
  });
  protected readonly line = computed(() => {
    const [at, from, long] = [this.zEdge(), this.from(), this.long()];
    return this.upright() ? `M${at} ${from}v${long}` : `M${from} ${at}h${long}`;
  });
  protected readonly held = signal(false);
  private readonly hand = inject(EdgeDrag);
  private started = 0;

  /** Taken away in mid-drag, as a step gone to by its key does: the edge stays where it is. */
  ngOnDestroy(): void {
    if (this.held()) this.hand.end();
  }

  protected take(event: PointerEvent): void {
    if (event.button !== 0) return;
    const handle = event.currentTarget as SVGGElement;
    handle.setPointerCapture(event.pointerId);
    // Past the template: a listener there would have the page looked over at every move, also where nothing follows.
    handle.addEventListener('pointermove', this.drag);
    event.preventDefault();
    this.started = this.along(event);
    this.held.set(true);
    this.taken.emit();
  }

  private readonly drag = (event: PointerEvent): void => {
    if (this.held()) this.hand.moveTo((this.along(event) - this.started) / this.perMm());
  };

  protected drop(event: PointerEvent): void {
    if (!this.held()) return;
    const handle = event.currentTarget as SVGGElement;
    handle.removeEventListener('pointermove', this.drag);
    handle.releasePointerCapture(event.pointerId);
    this.held.set(false);
    this.dropped.emit();
  }

  protected key(event: KeyboardEvent): void {
    const ways: Readonly<Record<string, number>> = this.upright()
      ? { ArrowRight: 1, ArrowLeft: -1 }
      : { ArrowDown: 1, ArrowUp: -1 };
    const way = ways[event.key];
    if (way === undefined || event.altKey || event.ctrlKey || event.metaKey) return;
    this.nudged.emit(event.shiftKey ? 4 * way : way);
    event.preventDefault();
  }

  private along(event: PointerEvent): number {
    return this.upright() ? event.clientX : event.clientY;
  }

  /** A strip so wide on both sides of the edge. */
  private across(from: number, long: number, half: number) {
    const at = this.zEdge() - half;
    return this.upright()
      ? { x: at, y: from, width: 2 * half, height: long }
      : { x: from, y: at, width: long, height: 2 * half };
  }
}
