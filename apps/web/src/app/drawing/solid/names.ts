import { said, type Said, type SolidCase, type SolidPiece } from '@zabble/core';
import { begun } from '../../words/speech';
import type { Stopped } from './opening';

/** A name that stands in the picture on a piece. */
export interface Named {
  readonly key: string;
  readonly text: string;
  /** Its place among the pieces. */
  readonly piece: number;
  readonly lit: boolean;
}

/** More of a kind than these are named once, with their number. */
const FEW = 4;

/** Of the stage that is taken out: each part's own name, or how many where there are more than a few of a kind. */
export function partNames({ pieces }: SolidCase, stage: number, say: (what: Said) => string): readonly Named[] {
  const alike = new Map<SolidPiece['role'], number[]>();
  pieces.forEach((piece, index) => {
    if (piece.stage === stage) alike.set(piece.role, [...(alike.get(piece.role) ?? []), index]);
  });
  return [...alike].flatMap(([role, all]): readonly Named[] => {
    const [count, first] = [all.length, all[0] ?? 0];
    if (count > FEW)
      return [{ key: role, text: `${count} ${say(said(`part/${role}`, { count }))}`, piece: first, lit: false }];
    const name = begun(say(said(`part/${role}`, { count: 1 })));
    return all.map((piece, nth) => {
      return { key: `${role} ${piece}`, text: count > 1 ? `${name} ${nth + 1}` : name, piece, lit: false };
    });
  });
}

/** On what was stopped, by what it was. */
export function stopNames(
  { pieces }: SolidCase,
  stopped: readonly Stopped[],
  called: (address: string) => string,
): readonly Named[] {
  return stopped.flatMap(({ name, by }): readonly Named[] => {
    const piece = pieces.findIndex(({ moves }) => moves === name);
    return piece < 0
      ? []
      : [{ key: `stop ${name}`, text: $localize`stopped by ${called(by)}:what:`, piece, lit: true }];
  });
}
