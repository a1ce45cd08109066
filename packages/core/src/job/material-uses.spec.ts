import { millimetres } from '../length';
import { ENGLISH, wordsIn } from '../words';
import { materialUses } from './material-uses';
import { patched } from '../reading';
import { BANK, sample } from './sample.spec-data';
import type { JobDocument } from './types';

const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(1) });
const uses = (document: JobDocument, material: string) => materialUses(document, material).map(words.say);

describe('where a material is used', () => {
  it('names every use, of the bank and of one drawer, and parts from a list', () => {
    const document = patched(sample, [
      { path: `${BANK}.box.muntin`, value: { material: 'front', width: '40 mm' } },
      { path: `${BANK}.drawers[1].box`, value: { back: 'front' } },
      { path: `${BANK}.drawers[2].front`, value: { material: 'ply12' } },
      { path: `${BANK}.buildOut`, value: { left: '18 mm', right: '18 mm', from: ['front'] } },
      {
        path: 'cutting',
        value: { extra: [{ id: 'e', name: 'ledge', material: 'front', length: '1 mm', width: '1 mm', count: 1 }] },
      },
    ]);
    expect(uses(document, 'front')).toEqual([
      'muntins of Rack',
      'drawer fronts of Rack',
      'build-outs of Rack',
      'backs of drawer 2 of Rack',
      'the part ledge',
    ]);
    expect(uses(document, 'ply12')).toEqual([
      'sides of Rack',
      'box fronts and backs of Rack',
      'front of drawer 3 of Rack',
    ]);
    expect(uses(document, 'ply99')).toEqual([]);
  });

  it('names the bank where there are several', () => {
    const [owner] = sample.cases;
    const [bank] = owner!.banks;
    const banks = [bank!, { ...bank!, id: 'b2', name: 'By the window' }];
    const document = { ...sample, cases: [{ ...owner!, banks }] };
    expect(uses(document, 'ply6')).toEqual(['bottoms of Rack, bank b1', 'bottoms of Rack, By the window']);
  });
});
