import { shown } from './amount';
import { guessPriceColumns, readPriceRows } from './price-rows';

const told = (rows: string[][], mapping?: ReturnType<typeof guessPriceColumns>) => {
  const { prices, wrong } = readPriceRows(rows, mapping);
  return {
    prices: prices.map(({ key, cents, pack }) => [key, cents, shown(pack)]),
    wrong: wrong.map(({ line }) => line),
  };
};

describe('a list of prices', () => {
  it('of somebody else is read by what its columns are called, or said to be', () => {
    const head = ['Article No.', 'Text', 'Qty', 'Net price'];
    const rows = [head, ['catch', 'a catch', '10', '12,50 €'], ['pin', 'a pin', '', '$1,234.50']];
    expect(guessPriceColumns(head)).toEqual({ key: 0, pack: 2, price: 3 });
    expect(told(rows, guessPriceColumns(head))).toEqual({
      prices: [
        ['catch', 1250, 10],
        ['pin', 123_450, 1],
      ],
      wrong: [],
    });
    // Another column is said to be the key.
    expect(told(rows, { key: 1, price: 3 }).prices[0]).toEqual(['a catch', 1250, 1]);
    // By our own names alone it has no key.
    expect(readPriceRows(rows).wrong.map(({ said }) => said.code)).toEqual(['prices/no-column', 'prices/no-column']);
  });

  it.each([
    ['1.234,50', 123_450],
    ['1’234.50', 123_450],
    ['12,5', 1250],
    ['12', 1200],
    ['£ 7.05', 705],
  ])('reads %s as %i cents', (price, cents) => {
    expect(
      told([
        ['key', 'price'],
        ['catch', price],
      ]).prices,
    ).toEqual([['catch', cents, 1]]);
  });

  it.each(['1,234', '12.345', 'twelve', '-3', '1.2.3', '12,50 or 13', ''])(
    'refuses %j, and takes the others',
    (price) => {
      const rows = [['key', 'price'], ['catch', price], [''], ['pin', '1']];
      expect(told(rows)).toEqual({ prices: [['pin', 100, 1]], wrong: [2] });
    },
  );
});
