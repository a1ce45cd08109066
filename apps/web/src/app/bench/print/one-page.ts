import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  inject,
  input,
  viewChild,
} from '@angular/core';
import type { PdfPages } from '../../workers/pdf-pages';

/** A page of a paper, as wide as there is room, sharp on the screen it is on. */
@Component({
  selector: 'z-one-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<canvas #canvas class="block h-auto w-full" role="img" [attr.aria-label]="label()"></canvas>`,
  host: { class: 'block' },
})
export class OnePage {
  readonly pages = input.required<PdfPages>();
  readonly page = input.required<number>();
  readonly label = input.required<string>();
  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);

  constructor() {
    afterRenderEffect(() => {
      const dots = Math.round((this.host.nativeElement.clientWidth || NARROW) * SHARP);
      void this.pages().draw(this.page(), this.canvas().nativeElement, dots);
    });
  }
}

/** Where it is not laid out yet. */
const NARROW = 600;
/** Dots of the page to one of the screen, at least: small letters on paper are small. */
const SHARP = Math.max(2, globalThis.devicePixelRatio || 1);
