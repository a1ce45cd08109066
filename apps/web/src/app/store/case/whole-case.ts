import {
  readFileLength,
  writeExact,
  type BankPlan,
  type BuildOf,
  type JobDocument,
  type Length,
  type Unit,
} from '@zabble/core';
import type { WrittenCase, WrittenNode } from './nodes';

type WrittenBuild = BuildOf<string>;

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

type Size = (inches: string, metric: string) => string;
export const sizeIn =
  (unit: Unit): Size =>
  (inches, metric) =>
    unit === 'in' ? inches : metric;

/** How a case is made until somebody says: a carcass of panels in dados, a back in a rabbet. Common practice. */
function usualBuild(size: Size, panel: string, back: string): Omit<WrittenBuild, 'width' | 'height' | 'depth'> {
  return {
    panel,
    bottom: { kind: 'between' },
    top: { kind: 'between' },
    joint: { kind: 'dado', depth: size('1/4 in', '6 mm'), fixing: 'glue' },
    back: { kind: 'rabbeted', material: back, depth: size('3/8 in', '9 mm') },
  };
}

/** A face frame until somebody says, all its outer members of one width. */
export function usualFrame(size: Size, material: string): NonNullable<WrittenBuild['frame']> {
  const wide = size('1 1/2 in', '40 mm');
  return {
    ...{ material, stile: wide, middle: wide, topRail: wide, bottomRail: wide },
    ...{ rail: size('3/4 in', '20 mm'), over: size('1/8 in', '3 mm'), tenon: size('0 in', '0 mm') },
  };
}

/** Thickest sheet of a job for panels, thinnest for a back. */
export function panelsOf({ materials }: Pick<JobDocument, 'materials'>): {
  readonly panel: string;
  readonly back: string;
} {
  const thick = [...materials].sort((one, other) => lengthOf(other.thickness) - lengthOf(one.thickness));
  const sheets = thick.filter(({ sheet }) => sheet);
  const of = sheets.length > 0 ? sheets : thick;
  return { panel: of[0]?.id ?? '', back: of.at(-1)?.id ?? '' };
}

/**
 * A case around the banks that stand in openings of their own, so large that its compartments are just those openings:
 * what was measured stays measured, what was planned follows from the case.
 */
export function caseAround(document: JobDocument, owner: WrittenCase, banks: readonly BankPlan[]): WrittenCase {
  const { unit } = document;
  const { panel, back } = panelsOf(document);
  const size = sizeIn(unit);
  const thick = thicknessOf(document, panel);
  const frame =
    owner.style === 'face-frame'
      ? { ...usualFrame(size, banks[0]?.bank.front.material ?? panel), over: size('0 in', '0 mm') }
      : undefined;
  // What stands beside and between openings: the frame's members, as wide as a panel at least, or the panels.
  const member = frame ? Math.max(lengthOf(frame.stile), thick) : thick;
  const clear = banks.map(({ opening }) => opening.width.total);
  const high = Math.max(...banks.map(({ opening }) => opening.height.total));
  const deep = Math.max(...banks.map(({ opening }) => opening.depth.total));
  const written = (length: number): string => writeExact(length as Length, unit);
  const sizes = {
    width: written(clear.reduce<number>((sum, each) => sum + each + member, member)),
    height: written(high + 2 * member),
    depth: written(deep + thicknessOf(document, back)),
  };
  const { divider: _divider, ...rest } = owner;
  return {
    ...rest,
    build: { ...usualBuild(size, panel, back), ...sizes, ...(frame ? { frame } : {}) },
    layout: layoutOf(clear.map(written)),
    banks: owner.banks.map(({ divider: _own, ...bank }, index) => {
      const compartment = letter(index);
      const { opening: _opening, aside: _aside, ...planned } = bank;
      return { ...(bank.basis === 'as-built' ? bank : planned), compartment };
    }),
  };
}

function letter(index: number): string {
  return LETTERS[index] ?? `A${index}`;
}

/** Columns from the left, the last with what is left. */
function layoutOf(widths: readonly string[]): WrittenNode {
  if (widths.length === 1) return { id: letter(0) };
  const last = widths.length - 1;
  return {
    id: 'front',
    across: widths.map((size, index) => ({ id: letter(index), ...(index === last ? {} : { size }) })),
  };
}

function thicknessOf({ materials }: JobDocument, id: string): number {
  return lengthOf(materials.find((each) => each.id === id)?.thickness ?? '');
}

function lengthOf(written: string): number {
  const read = readFileLength(written);
  return read.ok ? read.value : 0;
}
