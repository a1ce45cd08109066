import { inches, millimetres } from '@zabble/core';
import { IN_ENGLISH } from '../../words/words.spec-data';
import { materialSaid, type MaterialSaid } from './material-said';

const ply: MaterialSaid = {
  name: ' 12 mm birch plywood ',
  kind: 'plywood',
  thickness: millimetres(11.8),
  price: '71,5',
  species: '',
};

describe('a material as it is said', () => {
  it('has its measured thickness exactly, a usual sheet, its price and its grain', () => {
    expect(materialSaid(ply, 'mm', true, IN_ENGLISH)).toEqual({
      name: '12 mm birch plywood',
      kind: 'plywood',
      thickness: '11.8 mm',
      sheet: { length: '2440 mm', width: '1220 mm' },
      grain: true,
      price: 71.5,
    });
    expect(materialSaid({ ...ply, thickness: inches(15, 32), price: '' }, 'in', false, IN_ENGLISH)).toEqual({
      name: '12 mm birch plywood',
      kind: 'plywood',
      thickness: '15/32 in',
      sheet: { length: '96 in', width: '48 in' },
    });
  });

  it('of solid wood has its species by its id and no sheet', () => {
    const boards = { ...ply, kind: 'solid', price: '', thickness: millimetres(19.2) } as const;
    expect(materialSaid({ ...boards, species: 'white ash' }, 'mm', true, IN_ENGLISH)).toEqual({
      name: '12 mm birch plywood',
      kind: 'solid',
      thickness: '19.2 mm',
      grain: true,
      species: 'ash-white',
    });
    expect(materialSaid({ ...boards, species: 'ashes' }, 'mm', true, IN_ENGLISH)).toMatch(
      /^Read "ashes": no wood .* Ash, white/,
    );
  });

  it.each<[string, Partial<MaterialSaid>, string]>([
    ['no name', { name: ' ' }, 'What is it called?'],
    ['no thickness', { thickness: undefined }, 'How thick is it?'],
    ['a price that may be two', { price: '1,200' }, 'Read "1,200"'],
    ['a price in words', { price: 'dear' }, 'a price is a number'],
  ])('with %s is answered in one sentence', (_, over, says) => {
    expect(materialSaid({ ...ply, ...over }, 'mm', true, IN_ENGLISH)).toContain(says);
  });
});
