import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cutCommand } from './cut';

const demo = (name: string): string => join(__dirname, '../../../examples', `${name}.json`);

interface Cut {
  readonly materials: readonly {
    readonly material: string;
    readonly parts: readonly { readonly count: number }[];
    readonly sheets?: {
      readonly used: number;
      readonly fewest: number;
      readonly left: readonly string[];
      readonly layouts: readonly object[];
    };
  }[];
}

/** Names of the parts in a layout, however deep. */
function partsIn(value: unknown): readonly string[] {
  if (typeof value !== 'object' || value === null) return [];
  const { kind, piece } = value as { kind?: string; piece?: string };
  return kind === 'part' && piece !== undefined ? [piece] : Object.values(value).flatMap(partsIn);
}

describe('cut JOB.json', () => {
  it.each(['notions-bank', 'flag-chest', 'rope-bench'])(
    'lays out every part of %s once, on no more sheets than area asks and one',
    (name) => {
      const { out, err, code } = cutCommand(['--tries', '400', demo(name)]);
      expect([err, code]).toEqual(['', 0]);
      const { materials } = JSON.parse(out) as Cut;
      for (const { parts, sheets } of materials) {
        if (!sheets) continue;
        const laid = partsIn(sheets.layouts);
        expect(laid).toHaveLength(parts.reduce((sum, { count }) => sum + count, 0));
        expect(new Set(laid).size).toBe(laid.length);
        expect(sheets.used).toBeLessThanOrEqual(sheets.fewest + 1);
        expect(sheets.left).toEqual([]);
      }
    },
  );

  it('gives the same answer for the same seed', () => {
    const args = ['--tries', '300', '--seed', '7', demo('rope-bench')];
    expect(cutCommand(args).out).toBe(cutCommand(args).out);
  });

  it.each([[[]], [['--tries', 'many', 'x.json']], [['--loud', '1', 'x.json']], [['a.json', 'b.json']]])(
    'refuses %j in one line',
    (args) => {
      expect(cutCommand(args)).toMatchObject({
        out: '',
        code: 2,
        err: expect.stringMatching(/^cut wants one job file: .*\n$/) as string,
      });
    },
  );

  it('cuts from the stock there is first, and says which lines of its list can’t be read', () => {
    const folder = mkdtempSync(join(tmpdir(), 'zabble-stock-'));
    const stock = join(folder, 'stock.csv');
    writeFileSync(stock, 'Material,Length (mm),Width (mm),Count\r\n12 mm birch plywood,1500,900,2\r\n');
    const { out, code } = cutCommand(['--stock', stock, '--tries', '200', demo('notions-bank')]);
    expect(code).toBe(0);
    const layouts = (JSON.parse(out) as Cut).materials[0]?.sheets?.layouts as { stock: string }[];
    expect(layouts.map((each) => each.stock)).toContain('line 2');
    writeFileSync(stock, 'Material,Length,Width\nply,96,a lot\n,1,1\n');
    const { err } = cutCommand(['--stock', stock, demo('notions-bank')]);
    expect(err).toMatch(/^\(stock\) line 2: width: Read "a lot".*\n\(stock\) line 3: material is empty\n$/);
    expect(cutCommand(['--stock', join(folder, 'none.csv'), demo('notions-bank')])).toMatchObject({
      code: 2,
      err: expect.stringContaining('no such file') as string,
    });
    rmSync(folder, { recursive: true });
  });

  it('says what is wrong with a file, field by field', () => {
    expect(cutCommand([join(__dirname, 'no-such.json')])).toMatchObject({ out: '', code: 2 });
  });
});
