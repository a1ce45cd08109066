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
    expect(guessPriceColumns([' PART no ', 'UNIT_PRICE', 'Valid..from'])).toMatchObject({ date: 2 });
    expect(guessPriceColumns(['key', 'net price', 'price'])).toEqual({ key: 0, price: 2 });
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

  it('has its columns in any order, and tells each row that can’t be read by its line and what is wrong there', () => {
    const head = ['date', 'price', 'unit', 'key', 'pack', 'supplier'];
    const rows = [
      head,
      ['2026-11-02', '2', 'sheet', ' ply ', '0.5', ' Holm '],
      [' ', '', ''],
      ['2026-11-02', '2', '', '', '1', ''],
      ['', '2', '', 'pin', '0', ''],
      ['', '2', '', 'pin', 'x', ''],
      ['2026-13-02', '2', '', 'pin', '', ''],
      ['2. 11. 2026', '2', '', 'pin', '', ''],
      ['', '2', '', 'short'],
    ];
    const { prices, wrong } = readPriceRows(rows);
    expect(prices).toMatchObject([{ key: 'ply', cents: 200, supplier: 'Holm', date: '2026-11-02' }, { key: 'short' }]);
    expect(shown(prices[0]!.pack)).toBe(0.5);
    expect(Object.keys(prices[1]!).sort()).toEqual(['cents', 'key', 'pack', 'unit']);
    expect(wrong.map(({ line, said }) => [line, said.params])).toEqual([
      [4, { column: 'key', read: '' }],
      [5, { column: 'pack', read: '0' }],
      [6, { column: 'pack', read: 'x' }],
      [7, { column: 'date', read: '2026-13-02' }],
      [8, { column: 'date', read: '2. 11. 2026' }],
    ]);
  });

  it('wants both of the columns nothing is without', () => {
    for (const [head, lacking] of [
      [['key'], ['price']],
      [['price'], ['key']],
      [[], ['key', 'price']],
    ] as const)
      expect(readPriceRows([[...head], ['1']])).toMatchObject({
        prices: [],
        wrong: lacking.map((column) => ({ line: 1, said: { params: { column } } })),
      });
  });
});
