import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { priceCommand } from './price';

const examples = (name: string): string => join(__dirname, '../../../examples', name);

interface Priced {
  readonly lines: readonly { readonly key: string; readonly count: number; readonly total_cents: number | null }[];
  readonly operations: readonly { readonly id: string; readonly total_cents: number | null }[];
  readonly totals: Readonly<Record<string, number>>;
  readonly findings: readonly { readonly code: string; readonly says: string }[];
}

describe('price JOB.json', () => {
  const folder = mkdtempSync(join(tmpdir(), 'zabble-price-'));
  afterAll(() => rmSync(folder, { recursive: true }));
  const list = (text: string): string => {
    const path = join(folder, 'prices.csv');
    writeFileSync(path, text);
    return path;
  };
  const priced = (...args: readonly string[]): Priced => {
    const { out, err, code } = priceCommand(args, '2026-11-29');
    expect([err, code]).toEqual(['', 0]);
    return JSON.parse(out) as Priced;
  };

  it.each(['flag-chest', 'notions-bank', 'rope-bench', 'signal-locker', 'splicing-bench'])(
    'prices %s whole by the list that goes with it, and its lines add up',
    (name) => {
      const { lines, operations, totals } = priced('--prices', examples('prices.csv'), examples(`${name}.json`));
      const sum = [...lines, ...operations].reduce((all, { total_cents }) => all + (total_cents ?? NaN), 0);
      expect(sum).toBe(totals['cost_cents']);
      const { cost_cents, overhead_cents, risk_cents, margin_cents, discount_cents, net_cents } = totals;
      expect(cost_cents! + overhead_cents! + risk_cents! + margin_cents! - discount_cents!).toBe(net_cents);
      expect(net_cents! + totals['tax_cents']!).toBe(totals['total_cents']);
      expect(totals['without']).toBe(0);
    },
  );

  it('says what has no price, and what is old on the day that is told', () => {
    const path = list('price,key,unit,date\n50,hour,h,2026-08-01\n20,overhead,percent,\n');
    const all = priced('--prices', path, '--date', '2026-11-01', examples('flag-chest.json'));
    const missing = all.lines.filter(({ total_cents }) => total_cents === null).map(({ key }) => key);
    expect(missing).toContain('glue');
    expect(all.totals['without']).toBe(missing.length);
    expect(all.findings.filter(({ code }) => code === 'PRICE_MISSING')).toHaveLength(missing.length);
    expect(all.findings.find(({ code }) => code === 'PRICE_OLD')?.says).toContain('92 days old');
    const fresh = priced('--prices', path, '--date', '2026-08-02', examples('flag-chest.json'));
    expect(fresh.findings.map(({ code }) => code)).not.toContain('PRICE_OLD');
  });

  it.each([
    ['unit,price\nh,50\n', 'a column key'],
    ['key,price\nhour,dear\n', 'line 2: a price with at most two decimals'],
    ['key,price,pack\nhour,50,\npin,1,0\n', 'line 3: a number above nought'],
    ['key,price,date\nhour,50,yesterday\n', 'line 2: a date is wanted'],
  ])('refuses a list of prices with a sentence: %j', (text, says) => {
    const { out, err, code } = priceCommand(['--prices', list(text), examples('flag-chest.json')]);
    expect([out, code]).toEqual(['', 2]);
    expect(err).toContain(says);
  });

  it.each([[[]], [['--date', 'soon', 'a.json']], [['a.json', 'b.json']], [['--price']]])(
    'tells what it wants: %p',
    (args) => {
      expect(priceCommand(args)).toMatchObject({
        code: 2,
        err: expect.stringContaining('price wants one job file') as string,
      });
    },
  );
});
