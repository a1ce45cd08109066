import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import { build } from 'esbuild';
import { FONTS } from './prints-here.spec-data';
import type { Following } from './printer';
import { PrinterProcesses } from './printer';
import { wish } from './printed.spec-data';

// Beside the packages it asks for, where what is built is.
const built = join(__dirname, '../../dist');
mkdirSync(built, { recursive: true });
const folder = mkdtempSync(join(built, 'test-'));
const worker = join(folder, 'print-worker.mjs');
const server = JSON.parse(readFileSync(join(__dirname, '../../package.json'), 'utf8')) as {
  dependencies: Record<string, string>;
};
const printers: PrinterProcesses[] = [];
const printer = (longest?: number): PrinterProcesses => {
  const made = new PrinterProcesses(worker, FONTS, longest);
  printers.push(made);
  return made;
};
const following = (signal = new AbortController().signal): Following & { readonly heard: number[] } => {
  const heard: number[] = [];
  return { signal, heard, onPages: (pages) => void heard.push(pages) };
};
const order = (document: object = wish.document) => ({
  name: 'labels.pdf' as const,
  sent: Buffer.from(JSON.stringify({ ...wish, document })),
});

/** A job with so many banks that it takes a while. */
function large(banks: number): object {
  const [owner] = wish.document.cases as readonly { readonly banks: readonly object[] }[];
  return {
    ...wish.document,
    cases: [{ ...owner, banks: Array.from({ length: banks }, (_, n) => ({ ...owner!.banks[0], id: `b${n}` })) }],
  };
}

/** The processes that print beside this one, the newest first. */
const printing = (): readonly number[] =>
  execFileSync('pgrep', ['-P', `${process.pid}`, '-f', worker], { encoding: 'utf8' })
    .trim()
    .split('\n')
    .map(Number)
    .reverse();

beforeAll(async () => {
  await build({
    entryPoints: [join(__dirname, 'worker.ts')],
    outfile: worker,
    bundle: true,
    platform: 'node',
    format: 'esm',
    tsconfig: join(__dirname, '../../tsconfig.json'),
    external: Object.keys(server.dependencies)
      .filter((name) => !name.startsWith('@zabble/'))
      .flatMap((name) => [name, `${name}/*`]),
  });
});
afterAll(async () => {
  await Promise.all(printers.map((each) => each.end()));
  rmSync(folder, { recursive: true, force: true });
});

describe('printing beside the server', () => {
  it('gives the file and tells its pages on the way', async () => {
    const listening = following();
    const printed = await printer().print(order(large(20)), listening);
    if ('refused' in printed) throw new Error(printed.refused.says);
    expect(printed).toMatchObject({ name: 'notions-bank-labels.pdf', type: 'application/pdf' });
    expect(Buffer.from(printed.data).toString('latin1', 0, 5)).toBe('%PDF-');
    expect(listening.heard.length).toBeGreaterThan(0);
    expect([...listening.heard].sort((a, b) => a - b)).toEqual(listening.heard);
  });

  it('says what is wrong with what it is asked', async () => {
    const printed = await printer().print({ ...order(), sent: Buffer.from('{') }, following());
    expect(printed).toMatchObject({ refused: { status: 400, said: { code: 'sent-no-json' } } });
  });

  it('lets go of what nobody waits for, and prints on', async () => {
    const one = printer();
    const gone = new AbortController();
    const given = one.print(order(large(40)), following(gone.signal));
    gone.abort();
    await expect(given).rejects.toMatchObject({ name: 'AbortError' });
    expect(await one.print(order(), following())).toHaveProperty('data');
  });

  it('ends what takes too long, with a sentence', async () => {
    const printed = printer(40).print(order(large(40)), following());
    await expect(printed).rejects.toMatchObject({ problem: { status: 503, said: { code: 'print-too-long' } } });
  });

  it('goes on where the process that prints is lost: at work with a sentence, at rest unnoticed', async () => {
    const one = printer();
    await one.print(order(), following());
    const [resting] = printing();
    process.kill(resting!, 'SIGKILL');
    await setTimeout(200);
    expect(await one.print(order(), following())).toHaveProperty('data');
    const given = one.print(order(large(40)), following());
    process.kill(printing()[0]!, 'SIGKILL');
    await expect(given).rejects.toMatchObject({ problem: { status: 413, said: { code: 'print-too-big' } } });
    expect(await one.print(order(), following())).toHaveProperty('data');
  });

  it('takes no more than can wait', async () => {
    const one = printer();
    const gone = new AbortController();
    const all = Array.from({ length: 40 }, () => one.print(order(large(40)), following(gone.signal)));
    const told = Promise.allSettled(all);
    await expect(all.at(-1)).rejects.toMatchObject({ problem: { status: 503, said: { code: 'print-busy' } } });
    gone.abort();
    expect((await told).every(({ status }) => status === 'rejected')).toBe(true);
  });
});
