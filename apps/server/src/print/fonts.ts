import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as fontkit from 'fontkit';
import type PDFDocument from 'pdfkit';
import { unpacked } from './woff';

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

/** So many texts of a font are remembered as they were laid out; more begin anew. */
const MOST_TEXTS = 4000;
/** Every font of this process, unpacked when it is first asked for: that takes longer than to set a page. */
const opened = new Map<string, Opened>();

interface Opened {
  readonly font: fontkit.Font;
  readonly texts: Map<string, fontkit.GlyphRun>;
}

/** What PDFKit keeps of a font that is in use: it lays texts out, in thousandths of their size. */
interface InUse {
  layoutRun(text: string, features?: object): fontkit.GlyphRun;
}

function openedFont(path: string): Opened {
  const known = opened.get(path);
  if (known) return known;
  const font = fontkit.create(unpacked(readFileSync(path))) as fontkit.Font;
  const now = { font, texts: new Map<string, fontkit.GlyphRun>() };
  opened.set(path, now);
  return now;
}

/** What was laid out once is laid out no second time: papers say the same words again and again. */
function remembering(inUse: InUse, texts: Map<string, fontkit.GlyphRun>): void {
  const layOut = inUse.layoutRun.bind(inUse);
  inUse.layoutRun = (text, features) => {
    const key = features ? `${Object.values(features).join(' ')} ${text}` : text;
    const known = texts.get(key);
    if (known) return known;
    const run = layOut(text, features);
    if (texts.size >= MOST_TEXTS) texts.clear();
    texts.set(key, run);
    return run;
  };
}

/** The fonts of a paper: a text is set in runs, each in the first font that has its letters. */
export class Fonts {
  private readonly paths = new Map<string, string>();
  private readonly set = new Set<string>();

  /** `folder` holds the font packages. */
  constructor(
    private readonly doc: PDFKit.PDFDocument & InstanceType<typeof PDFDocument>,
    folder: string,
  ) {
    for (const [weight, number] of Object.entries(WEIGHTS))
      for (const [family, subset] of SUBSETS)
        this.paths.set(
          nameOf(weight, family, subset),
          join(folder, family, 'files', `${family}-${subset}-${number}-normal.woff`),
        );
  }

  /** Sets what follows in this font. */
  use(name: string): PDFKit.PDFDocument {
    if (this.set.has(name)) return this.doc.font(name);
    this.set.add(name);
    const { font, texts } = this.fontOf(name);
    this.doc.registerFont(name, font as unknown as string);
    this.doc.font(name);
    remembering((this.doc as unknown as { readonly _font: InUse })._font, texts);
    return this.doc;
  }

  /** Letters no font has stay with the first: they are seen to be missing. */
  runs(text: string, weight: Weight): readonly Run[] {
    if (PLAIN.test(text)) return [{ font: nameOf(weight, ...SUBSETS[0]), text }];
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

  private has(name: string, code: number): boolean {
    return this.fontOf(name).font.hasGlyphForCodePoint(code);
  }

  private fontOf(name: string): Opened {
    return openedFont(this.paths.get(name) ?? '');
  }
}

/** Letters the first font surely has. */
const PLAIN = /^[\x20-\x7e]+$/;

function nameOf(weight: string, family: string, subset: string): string {
  return `${weight} ${family} ${subset}`;
}
