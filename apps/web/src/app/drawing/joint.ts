import { ChangeDetectionStrategy, Component, inject, input, output, signal, type OnDestroy } from '@angular/core';
import { JointDrag } from './joint-drag';

/** Room above and below a joint in which it is taken hold of, in pixels. */
const REACH = 13;

/** The joint between two fronts: dragged up and down, or moved by the arrow keys. */
@Component({
  selector: '[zJoint]',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<svg:rect
      class="cursor-ns-resize touch-none"
      [attr.x]="left()"
      [attr.y]="zJoint() - reach"
      [attr.width]="width()"
      [attr.height]="2 * reach"
      fill="transparent"
    />
    <svg:rect
      class="pointer-events-none"
      [attr.x]="left() + width() / 2 - 22"
      [attr.y]="zJoint() - 4"
      width="44"
      height="8"
      rx="4"
      [attr.fill]="held() ? 'var(--chalk)' : 'var(--sheet)'"
      [attr.stroke]="held() ? 'var(--chalk)' : 'var(--edge)'"
    />
    @if (held()) {
      <svg:line
        class="pointer-events-none"
        [attr.x1]="left()"
        [attr.x2]="left() + width()"
        [attr.y1]="zJoint()"
        [attr.y2]="zJoint()"
        stroke="var(--chalk)"
        stroke-width="2"
      />
    }`,
  host: {
    class: 'touch-none',
    '(pointerdown)': 'take($event)',
    '(pointerup)': 'drop($event)',
    '(pointercancel)': 'drop($event)',
    '(keydown)': 'key($event)',
  },
})
export class JointHandle implements OnDestroy {
  /** Where the joint is, in pixels from the top. */
  readonly zJoint = input.required<number>();
  readonly left = input.required<number>();
  readonly width = input.required<number>();
  readonly perMm = input.required<number>();
  readonly taken = output();
  readonly dropped = output();
  /** Increments down. */
  readonly nudged = output<number>();
  protected readonly reach = REACH;
  protected readonly held = signal(false);
  private readonly hand = inject(JointDrag);
  private from = 0;

  /** Taken away in mid-drag, as a step gone to by its key does: the joint stays where it is. */
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
    this.from = event.clientY;
    this.held.set(true);
    this.taken.emit();
  }

  private readonly drag = (event: PointerEvent): void => {
    if (this.held()) this.hand.moveTo((event.clientY - this.from) / this.perMm());
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
    const way = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (way === undefined || event.altKey || event.ctrlKey || event.metaKey) return;
    this.nudged.emit(event.shiftKey ? 4 * way : way);
    event.preventDefault();
  }
}
