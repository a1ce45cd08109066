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
const STILE: Readonly<Record<Unit, Length>> = { in: 38_100_000 as Length, mm: 40_000_000 as Length };

/** How a case is made until somebody says: a carcass of panels in dados, a back in a rabbet. Common practice. */
export function usualBuild(
  unit: Unit,
  panel: string,
  back: string,
  sizes: Pick<WrittenBuild, 'width' | 'height' | 'depth'>,
): WrittenBuild {
  const size = (inches: string, metric: string): string => (unit === 'in' ? inches : metric);
  return {
    ...sizes,
    panel,
    bottom: { kind: 'between' },
    top: { kind: 'between' },
    joint: { kind: 'dado', depth: size('1/4 in', '6 mm'), fixing: 'glue' },
    back: { kind: 'rabbeted', material: back, depth: size('3/8 in', '9 mm') },
  };
}

/** A face frame until somebody says. */
export function usualFrame(unit: Unit, material: string): NonNullable<WrittenBuild['frame']> {
  const wide = unit === 'in' ? '1 1/2 in' : '40 mm';
  return {
    ...{ material, stile: wide, middle: wide, topRail: wide, bottomRail: wide },
    ...{
      rail: unit === 'in' ? '3/4 in' : '20 mm',
      over: unit === 'in' ? '1/8 in' : '3 mm',
      tenon: unit === 'in' ? '0 in' : '0 mm',
    },
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
  const thick = thicknessOf(document, panel);
  const framed = owner.style === 'face-frame';
  const member = framed ? Math.max(STILE[unit], thick) : thick;
  const clear = banks.map(({ opening }) => opening.width.total);
  const high = Math.max(...banks.map(({ opening }) => opening.height.total));
  const deep = Math.max(...banks.map(({ opening }) => opening.depth.total));
  const frame = framed
    ? { ...usualFrame(unit, banks[0]?.bank.front.material ?? panel), over: unit === 'in' ? '0 in' : '0 mm' }
    : undefined;
  const across =
    clear.reduce<number>((sum, each) => sum + each, 0) + (clear.length - 1) * member + 2 * (framed ? member : thick);
  const up = high + 2 * (framed ? member : thick);
  const written = (length: number): string => writeExact(length as Length, unit);
  const build = usualBuild(unit, panel, back, {
    width: written(across),
    height: written(up),
    depth: written(deep + thicknessOf(document, back)),
  });
  const { divider: _divider, ...rest } = owner;
  return {
    ...rest,
    build: { ...build, ...(frame ? { frame } : {}) },
    layout: layoutOf(clear.map(written)),
    banks: owner.banks.map(({ divider: _own, ...bank }, index) => {
      const compartment = letter(index);
      const { opening, aside: _aside, ...planned } = bank;
      return bank.basis === 'as-built'
        ? { ...bank, compartment, ...(opening ? { opening } : {}) }
        : { ...planned, compartment };
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
