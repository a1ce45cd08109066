import { InjectionToken } from '@angular/core';

/** A paper that can be looked at, page by page. */
export interface PdfPages {
  /** Width and height of each page, in points. */
  readonly sizes: readonly { readonly width: number; readonly height: number }[];
  /** Draws a page, counted from 0, as wide as the canvas is told to be in dots. */
  draw(page: number, canvas: HTMLCanvasElement, dots: number): Promise<void>;
  end(): void;
}

/** Opens a paper; given by the application, so that a test can look without the reader of PDF. */
export const OPEN_PDF = new InjectionToken<(file: Blob) => Promise<PdfPages>>('reader of PDF');
