import { Injectable, signal } from '@angular/core';

/** A view of a case as a picture, for paper. */
export interface TakenPicture {
  /** Id of the job, and of the case it is of. */
  readonly job: string;
  readonly owner: string;
  /** PNGs in base 64, in colours and in their greys. */
  readonly colour: string;
  readonly grey: string;
}

/** The view that was taken last, until another is. */
@Injectable({ providedIn: 'root' })
export class SolidPictures {
  readonly taken = signal<TakenPicture | undefined>(undefined);
}

/** A name as it stands in a picture, in pixels of the page. */
export interface NameOn {
  readonly text: string;
  readonly lit: boolean;
  readonly x: number;
  readonly y: number;
}

const LETTERS = 14;

/** Writes names on a picture that is so many times as fine as the page. */
export function writeNames(sheet: HTMLCanvasElement, names: readonly NameOn[], times: number): void {
  const pen = sheet.getContext('2d');
  if (!pen) return;
  pen.font = `500 ${LETTERS * times}px Barlow, sans-serif`;
  pen.textBaseline = 'middle';
  for (const { text, lit, x, y } of names) {
    const [left, top, high] = [x * times, y * times, 20 * times];
    const wide = pen.measureText(text).width + 12 * times;
    pen.fillStyle = lit ? '#f6e0db' : '#ffffff';
    pen.strokeStyle = lit ? '#a12b1d' : '#7d867b';
    pen.lineWidth = times;
    pen.beginPath();
    pen.rect(left, top, wide, high);
    pen.fill();
    pen.stroke();
    pen.fillStyle = lit ? '#a12b1d' : '#232a27';
    pen.fillText(text, left + 6 * times, top + high / 2);
  }
}

/** The sheet as a PNG, as it is or in the greys of its colours. */
export function asPng(sheet: HTMLCanvasElement, grey = false): Promise<Blob | undefined> {
  const from = grey ? inGrey(sheet) : sheet;
  return new Promise((resolve) => from.toBlob((blob) => resolve(blob ?? undefined), 'image/png'));
}

function inGrey(sheet: HTMLCanvasElement): HTMLCanvasElement {
  const made = Object.assign(document.createElement('canvas'), { width: sheet.width, height: sheet.height });
  const pen = made.getContext('2d');
  if (pen) {
    pen.filter = 'grayscale(1)';
    pen.drawImage(sheet, 0, 0);
  }
  return made;
}

/** A file as text, in base 64. */
export function asText(file: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result).replace(/^data:[^,]*,/, ''));
    reader.onerror = () => reject(new Error('a picture could not be read'));
    reader.readAsDataURL(file);
  });
}
