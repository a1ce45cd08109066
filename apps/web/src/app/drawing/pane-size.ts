import { DestroyRef, ElementRef, inject, signal, type Signal } from '@angular/core';
import type { Size } from './layout';

/** Before it is laid out, and where nothing tells. */
const USUAL: Size = { width: 560, height: 640 };

/** How much room the component it is asked for has, as it grows and shrinks; called while the component is made. */
export function paneSize(): Signal<Size> {
  const element = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  const size = signal(USUAL);
  if (typeof ResizeObserver === 'undefined') return size;
  const observer = new ResizeObserver(() =>
    size.set({ width: element.clientWidth || USUAL.width, height: element.clientHeight || USUAL.height }),
  );
  observer.observe(element);
  inject(DestroyRef).onDestroy(() => observer.disconnect());
  return size;
}
