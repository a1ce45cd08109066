import type { BankOf, JobDocument, Unit } from '@zabble/core';

/** A size in the job's own unit: the first in inches, the second in millimetres. */
type InUnit = (inches: string, metric: string) => string;

/** The materials of a new job, by what they are for. */
const NEW = { box: 'box', bottom: 'bottom', front: 'front' };

/** A sound bank to begin with: planned sizes, side-mount slides, overlay fronts. */
export function newJob(unit: Unit): JobDocument {
  const size: InUnit = (inches, metric) => (unit === 'in' ? inches : metric);
  const sheet = { length: size('96 in', '2440 mm'), width: size('48 in', '1220 mm') };
  return {
    format: 'zabble-job',
    version: 1,
    name: $localize`New bank`,
    unit,
    materials: [
      { id: 'box', name: $localize`12 mm birch plywood`, kind: 'plywood', thickness: '11.8 mm', sheet, grain: true },
      { id: 'bottom', name: $localize`9 mm birch plywood`, kind: 'plywood', thickness: '8.7 mm', sheet, grain: true },
      {
        id: 'front',
        name: $localize`18 mm plywood for fronts`,
        kind: 'plywood',
        thickness: '17.8 mm',
        sheet,
        grain: true,
      },
    ],
    cases: [{ id: 'c1', name: $localize`Case`, style: 'frameless', banks: [newBank(size)] }],
  };
}

/** A bank of planned sizes, of these materials. */
export function newBank(
  size: InUnit,
  of: { readonly box: string; readonly bottom: string; readonly front: string } = NEW,
): BankOf<string> {
  const lap = size('1/2 in', '12 mm');
  return {
    id: 'b1',
    basis: 'planned',
    opening: { width: [size('24 in', '600 mm')], height: [size('30 in', '760 mm')], depth: [size('22 in', '560 mm')] },
    slide: { family: 'side-ball-bearing' },
    front: {
      mount: 'overlay',
      top: lap,
      bottom: lap,
      left: lap,
      right: lap,
      gap: size('1/8 in', '3 mm'),
      material: of.front,
    },
    division: { scheme: 'step', step: size('1/2 in', '15 mm'), increment: size('1/16 in', '1 mm'), makeup: 'bottom' },
    box: {
      sides: of.box,
      ends: of.box,
      bottom: of.bottom,
      corner: { joint: 'butt-sides-run' },
      bottomFit: 'captured',
      groove: { depth: size('7/32 in', '5.5 mm'), offset: lap },
      play: size('1/16 in', '1.5 mm'),
    },
    drawers: [{ id: 'd1' }, { id: 'd2' }, { id: 'd3' }, { id: 'd4' }],
  };
}
