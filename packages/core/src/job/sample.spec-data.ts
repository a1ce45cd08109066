import type { JobDocument } from './types';

/** A small sound job in millimetres for tests: one bank of three drawers, invented. */
export const sample: JobDocument = {
  format: 'zabble-job',
  version: 1,
  name: 'Batten rack',
  unit: 'mm',
  materials: [
    { id: 'ply12', name: '12 mm plywood', kind: 'plywood', thickness: '11.8 mm' },
    { id: 'ply6', name: '9 mm plywood', kind: 'plywood', thickness: '8.7 mm' },
    { id: 'front', name: '18 mm plywood', kind: 'plywood', thickness: '17.6 mm' },
  ],
  cases: [
    {
      id: 'c1',
      name: 'Rack',
      style: 'frameless',
      banks: [
        {
          id: 'b1',
          basis: 'as-built',
          opening: { width: ['600 mm', '600.5 mm'], height: ['500 mm'], depth: ['560 mm'] },
          slide: { family: 'side-ball-bearing' },
          front: {
            mount: 'overlay',
            top: '10 mm',
            bottom: '10 mm',
            left: '10 mm',
            right: '10 mm',
            gap: '3 mm',
            material: 'front',
          },
          division: { scheme: 'step', step: '20 mm', increment: '1 mm' },
          box: {
            sides: 'ply12',
            ends: 'ply12',
            bottom: 'ply6',
            corner: { joint: 'butt-sides-run' },
            bottomFit: 'captured',
            groove: { depth: '5.9 mm', offset: '12 mm' },
            play: '1.5 mm',
          },
          drawers: [{ id: 'd1' }, { id: 'd2' }, { id: 'd3' }],
        },
      ],
    },
  ],
};

/** Path of the sample's one bank. */
export const BANK = 'cases[0].banks[0]';
