import { millimetres, type JobDocument, type SheetLayout } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import { takePatch } from './taken-edits';

const document: JobDocument = newJob('mm');
const size = { length: millimetres(1200), width: millimetres(600) };
const sheet = (stock: string): SheetLayout => ({ stock, ...size, panel: { kind: 'rest' } });

it('a layout that is taken keeps what pieces of the rack were booked in at', () => {
  const material = document.materials[0]!.id;
  const blade = { kerf: millimetres(3), trim: millimetres(5) };
  const { patch } = takePatch(
    document,
    {
      ...{ material, blade, seed: 1, tries: 60, prices: new Map([['rack-1', 31.5]]) },
      sheets: [sheet('rack-1'), sheet('rack-2'), sheet(material)],
    },
    { at: '2026-11-29T10:00:00Z' },
  );
  const [layout] = patch.value as { sheets: { stock: string; price?: number }[] }[];
  expect(layout!.sheets.map(({ stock, price }) => [stock, price])).toEqual([
    ['rack-1', 31.5],
    ['rack-2', undefined],
    [material, undefined],
  ]);
});
