import type { BuyLine } from './list';
import { bySupplier } from './suppliers';

const line = (key: string, supplier: string | undefined, packs: number, total?: number): BuyLine =>
  ({
    ...{ key, packs },
    ...(total === undefined ? {} : { total }),
    ...(supplier === '' ? {} : { price: { supplier } }),
  }) as unknown as BuyLine;
const told = (lines: readonly BuyLine[], leads: readonly { name: string; leadDays?: number }[] = []) =>
  bySupplier(lines, leads).map(({ lines: own, ...rest }) => ({ ...rest, keys: own.map(({ key }) => key) }));

describe('what is short, by who sells it', () => {
  it('comes by name, each line with its own; what nobody is known for comes last', () => {
    const lines = [
      line('pin', '', 1),
      line('ply', 'Timber', 2, 500),
      line('catch', 'Hardware', 1, 100),
      line('hook', undefined, 1, 7),
      line('glue', 'Timber', 1),
    ];
    expect(told(lines)).toEqual([
      { supplier: 'Hardware', keys: ['catch'], total: 100, without: 0 },
      { supplier: 'Timber', keys: ['ply', 'glue'], total: 500, without: 1 },
      { keys: ['pin', 'hook'], total: 7, without: 1 },
    ]);
    expect(told([...lines].reverse()).map(({ supplier }) => supplier)).toEqual(['Hardware', 'Timber', undefined]);
  });

  it('leaves out what is not short, and who sells none of the rest', () => {
    expect(told([line('ply', 'Timber', 0, 0), line('catch', 'Hardware', 1, 1), line('pin', 'Hardware', 0)])).toEqual([
      { supplier: 'Hardware', keys: ['catch'], total: 1, without: 0 },
    ]);
    expect(told([])).toEqual([]);
  });

  it('tells how long they take where that is known', () => {
    const leads = [{ name: 'Hardware', leadDays: 5 }, { name: 'Timber' }];
    const of = told([line('a', 'Hardware', 1), line('b', 'Timber', 1), line('c', 'Loft', 1)], leads);
    expect(of.map((each) => [each.supplier, 'leadDays' in each ? each.leadDays : 'unknown'])).toEqual([
      ['Hardware', 5],
      ['Loft', 'unknown'],
      ['Timber', 'unknown'],
    ]);
  });
});
