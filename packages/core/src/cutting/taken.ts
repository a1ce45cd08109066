import type { Job } from '../job';
import { lyingIn, stepsOf, type Blade } from '../sheets';
import type { CutPart } from './cut-part';
import type { MaterialLayout } from './read-layouts';
import { sawOf } from './saw';
import { isPieceOf } from './piece';

/** A sheet of a layout that was taken, as it stands now. */
export interface TakenHere extends MaterialLayout {
  readonly id: string;
  /** Path of the sheet in the job document. */
  readonly path: string;
  /** The blade and the trim it was laid out for. */
  readonly blade: Blade;
  /** What a piece of the rack was booked in at. */
  readonly price?: number;
  /** How many of its steps are done, of how many. */
  readonly done: number;
  readonly steps: number;
  /** Something of it is cut: it stays as it is. */
  readonly begun: boolean;
  /** Nothing of it is left to cut. */
  readonly finished: boolean;
  /** Parts in it that are not in the plan (any more) in this size and not cut. */
  readonly amiss: readonly string[];
}

/** Every sheet that was taken, in the order it was; untouched ones that no longer hold the plan among them. */
export function takenSheets(job: Job, parts: readonly CutPart[]): readonly TakenHere[] {
  const byName = new Map(parts.map((part) => [part.name, part]));
  const { over } = sawOf(job);
  return (job.cutting?.layouts ?? []).flatMap(({ material, kerf, trim, sheets }, l) =>
    sheets.map(({ id, stock, length, width, panel, price, begun, done = 0 }, s): TakenHere => {
      const sheet = { stock, length, width, panel };
      const blade = { kerf, trim };
      const lying = lyingIn(sheet, blade).flatMap(({ piece, ...at }) =>
        piece === undefined ? [] : [{ piece, ...at }],
      );
      const cut = lying.filter(({ piece }) => byName.get(piece)?.standing !== undefined);
      const amiss = lying.filter(({ piece, turned, long, wide }) => {
        const part = byName.get(piece);
        const [along, across] = turned ? [wide, long] : [long, wide];
        const fits = part?.material.id === material && isPieceOf(part, along, across, over);
        return !fits && part?.standing === undefined;
      });
      const steps = stepsOf(sheet, blade).length;
      return {
        id,
        path: `cutting.layouts[${l}].sheets[${s}]`,
        material,
        sheet,
        blade,
        done: Math.min(done, steps),
        steps,
        begun: begun !== undefined || done > 0 || cut.length > 0,
        finished: done >= steps || (lying.length > 0 && cut.length === lying.length),
        amiss: amiss.map(({ piece }) => piece),
        ...(price === undefined ? {} : { price }),
      };
    }),
  );
}

/** Whether a taken sheet is still cut by: begun, or as the plan has it. */
export function holds({ begun, amiss }: TakenHere): boolean {
  return begun || amiss.length === 0;
}

/** Parts that lie in a sheet that is taken and holds; those that came out wrong are laid out anew. */
export function laidAlready(taken: readonly TakenHere[], parts: readonly CutPart[]): ReadonlySet<string> {
  const again = new Set(parts.filter(({ standing }) => standing?.fits === 'again').map(({ name }) => name));
  const amiss = new Set(taken.flatMap((each) => each.amiss));
  return new Set(
    taken
      .filter(holds)
      .flatMap(({ sheet, blade }) => lyingIn(sheet, blade).flatMap(({ piece }) => piece ?? []))
      .filter((name) => !again.has(name) && !amiss.has(name)),
  );
}
