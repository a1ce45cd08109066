import { millimetres } from '../length';
import { RULES, SHEET } from './cut-up.spec-data';
import { layOut } from './search';
import type { Piece, Stock } from './types';

const piece = (id: string, length: number, width: number): Piece => ({
  ...{ id, length: millimetres(length), width: millimetres(width), mayTurn: false },
});
const first = (pieces: readonly Piece[], stock: readonly Stock[] = [SHEET]) => {
  const { value } = layOut({ pieces, stock, rules: RULES }).next();
  if (!value) throw new Error('It found nothing.');
  return { proven: value.proven, sheets: value.layout.sheets.map((each) => each.stock), left: value.layout.left };
};

describe('that no fewer sheets will do', () => {
  it('is known where there are as few as there can be', () => {
    const [one, other] = [piece('a', 900, 450), piece('b', 900, 450)];
    expect(first([one, other])).toEqual({ proven: true, sheets: [SHEET.id], left: [] });
    // Either fits a sheet, both do not, whatever their area says: how far it is known is the bound’s to say.
    const large = [piece('a', 1300, 700), piece('b', 1300, 700)];
    expect(first(large)).toMatchObject({ proven: true, sheets: [SHEET.id, SHEET.id] });
  });

  it('is not where a piece is left', () => {
    expect(first([piece('a', 100, 100), piece('b', 9000, 100)])).toEqual({
      ...{ proven: false, sheets: [SHEET.id], left: ['b'] },
    });
  });

  it('counts whole sheets alone: what lies in the rack is there already', () => {
    const rest = { id: 'rest', length: millimetres(300), width: millimetres(300), count: 2 };
    const found = first([piece('a', 250, 250), piece('b', 250, 250)], [rest, SHEET]);
    expect(found).toEqual({ proven: true, sheets: ['rest', 'rest'], left: [] });
  });
});
