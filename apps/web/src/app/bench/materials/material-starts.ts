import { type MaterialKind, type MaterialOf, type Unit } from '@zabble/core';

/** A common material to begin with, by its nominal name; what it measures is asked. */
export interface MaterialStart {
  readonly name: string;
  readonly kind: MaterialKind;
  /** As it is called; never written unless nobody can measure yet. */
  readonly nominal: string;
  readonly grain: boolean;
}

type Row = readonly [name: string, kind: MaterialKind, inches: string, metric: string, grain: boolean];

/** What most shops have leaning there; common practice. */
const ROWS: readonly Row[] = [
  [$localize`birch plywood`, 'plywood', '1/4 in', '6 mm', true],
  [$localize`birch plywood`, 'plywood', '3/8 in', '9 mm', true],
  [$localize`birch plywood`, 'plywood', '1/2 in', '12 mm', true],
  [$localize`birch plywood`, 'plywood', '5/8 in', '15 mm', true],
  [$localize`birch plywood`, 'plywood', '3/4 in', '18 mm', true],
  [$localize`hardboard`, 'hardboard', '1/8 in', '3 mm', false],
  [$localize`MDF`, 'mdf', '1/4 in', '6 mm', false],
  [$localize`MDF`, 'mdf', '3/4 in', '18 mm', false],
  [$localize`particleboard`, 'particleboard', '5/8 in', '16 mm', false],
  [$localize`boards, planed`, 'solid', '1/2 in', '12 mm', true],
  [$localize`boards, planed`, 'solid', '3/4 in', '20 mm', true],
];

export function materialStarts(unit: Unit): readonly MaterialStart[] {
  return ROWS.map(([name, kind, inches, metric, grain]) => {
    const nominal = unit === 'in' ? inches : metric;
    return { name: `${nominal} ${name}`, kind, nominal, grain };
  });
}

/** A usual sheet, for what comes in sheets. */
export function usualSheet(kind: MaterialKind, unit: Unit): MaterialOf<string>['sheet'] {
  if (kind === 'solid') return undefined;
  return unit === 'in' ? { length: '96 in', width: '48 in' } : { length: '2440 mm', width: '1220 mm' };
}
