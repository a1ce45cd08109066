import type { SolidPiece } from '@zabble/core';

/** The colours a solid is drawn in, as the page has them now. */
export interface Looks {
  readonly back: string;
  readonly line: string;
  readonly soft: string;
  readonly lit: string;
  readonly around: string;
  readonly woods: readonly string[];
}

const WOODS = {
  light: ['#e6d3ad', '#d3b07f', '#efe4cb', '#c39a6b', '#dcc39a', '#b98b5e'],
  dim: ['#a58e66', '#8a6d47', '#b7a787', '#77593a', '#96805a', '#6b4d31'],
} as const;

/** Read from the page: they change with its theme. */
export function looksNow(): Looks {
  const style = getComputedStyle(document.documentElement);
  const of = (name: string): string => style.getPropertyValue(`--${name}`).trim() || '#888888';
  const dim = document.documentElement.dataset['theme'] === 'dim';
  return {
    ...{ back: of('board'), line: of('ink'), soft: of('edge'), lit: of('lead'), around: of('line') },
    woods: dim ? WOODS.dim : WOODS.light,
  };
}

/** On paper, whatever the page is. */
export const ON_PAPER: Looks = {
  ...{ back: '#ffffff', line: '#232a27', soft: '#7d867b', lit: '#a12b1d', around: '#c3c9bd' },
  woods: WOODS.light,
};

/** One tone a material, in the order they are met. */
export function toneOf(pieces: readonly SolidPiece[]): (piece: SolidPiece) => number {
  const ids = [...new Set(pieces.map(({ material }) => material.id))];
  return ({ material }) => ids.indexOf(material.id);
}
