import { join } from 'node:path';
import type PDFDocument from 'pdfkit';

const WEIGHTS = { plain: 400, medium: 500, bold: 600 } as const;
export type Weight = keyof typeof WEIGHTS;

/** The application's own font first, and another for scripts it lacks: each in the parts it is shipped in. */
const SUBSETS = [
  ['barlow', 'latin'],
  ['barlow', 'latin-ext'],
  ['barlow', 'vietnamese'],
  ['noto-sans', 'greek'],
  ['noto-sans', 'greek-ext'],
  ['noto-sans', 'cyrillic'],
  ['noto-sans', 'cyrillic-ext'],
  ['noto-sans', 'devanagari'],
  ['noto-sans', 'latin-ext'],
] as const;

/** Part of a text that one font sets. */
export interface Run {
  readonly font: string;
  readonly text: string;
}

/** What PDFKit keeps of a font that is in use. */
interface Opened {
  readonly font?: { hasGlyphForCodePoint(code: number): boolean };
}

/** The fonts of a paper: a text is set in runs, each in the first font that has its letters. */
export class Fonts {
  private readonly opened = new Map<string, Opened>();

  /** `folder` holds the font packages. */
  constructor(
    private readonly doc: PDFKit.PDFDocument & InstanceType<typeof PDFDocument>,
    folder: string,
  ) {
    for (const [weight, number] of Object.entries(WEIGHTS))
      for (const [family, subset] of SUBSETS)
        doc.registerFont(
          nameOf(weight, family, subset),
          join(folder, family, 'files', `${family}-${subset}-${number}-normal.woff`),
        );
  }

  /** Letters no font has stay with the first: they are seen to be missing. */
  runs(text: string, weight: Weight): readonly Run[] {
    const runs: { font: string; text: string }[] = [];
    for (const letter of text) {
      const font = this.fontFor(letter, weight, runs.at(-1)?.font);
      const last = runs.at(-1);
      if (last?.font === font) last.text += letter;
      else runs.push({ font, text: letter });
    }
    return runs;
  }

  private fontFor(letter: string, weight: Weight, now: string | undefined): string {
    const code = letter.codePointAt(0) ?? 0;
    const own = nameOf(weight, ...SUBSETS[0]);
    if (code < 0x80 || this.has(own, code)) return own;
    // Combining marks stay with their letter.
    if (now !== undefined && this.has(now, code)) return now;
    const found = SUBSETS.map(([family, subset]) => nameOf(weight, family, subset)).find((font) =>
      this.has(font, code),
    );
    return found ?? own;
  }

  private has(font: string, code: number): boolean {
    let opened = this.opened.get(font);
    if (!opened) {
      this.doc.font(font);
      opened = (this.doc as unknown as { readonly _font: Opened })._font;
      this.opened.set(font, opened);
    }
    return opened.font?.hasGlyphForCodePoint(code) ?? false;
  }
}

function nameOf(weight: string, family: string, subset: string): string {
  return `${weight} ${family} ${subset}`;
}
