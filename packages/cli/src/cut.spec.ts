import { join } from 'node:path';
import { cutCommand } from './cut';

const demo = (name: string): string => join(__dirname, '../../../apps/server/demo', `${name}.json`);

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

  it('says what is wrong with a file, field by field', () => {
    expect(cutCommand([join(__dirname, 'no-such.json')])).toMatchObject({ out: '', code: 2 });
  });
});
