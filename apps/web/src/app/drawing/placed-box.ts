import { computed, Directive, input } from '@angular/core';
import type { Scale } from './layout';

/** A box of a drawing, in its millimetres. */
export interface BoxInMm {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The box in the pixels of the screen; `y` is its upper edge. */
export function placed(box: BoxInMm, scale: Scale): BoxInMm {
  return {
    x: scale.x(box.x),
    y: scale.y(box.y + box.height),
    width: box.width * scale.perMm,
    height: box.height * scale.perMm,
  };
}

/** Sets a rectangle where a box of the drawing stands. */
@Directive({
  selector: '[zPlacedBox]',
  host: {
    '[attr.x]': 'at().x',
    '[attr.y]': 'at().y',
    '[attr.width]': 'at().width',
    '[attr.height]': 'at().height',
  },
})
export class PlacedBox {
  readonly zPlacedBox = input.required<BoxInMm>();
  readonly scale = input.required<Scale>();
  protected readonly at = computed(() => placed(this.zPlacedBox(), this.scale()));
}
