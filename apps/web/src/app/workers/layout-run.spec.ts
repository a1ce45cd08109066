import { millimetres, type LayoutTask } from '@zabble/core';
import { LayoutRun } from './layout-run';
import type { LayoutNews } from './layout-messages';

const task: LayoutTask = {
  pieces: Array.from({ length: 24 }, (_, index) => ({
    id: `p${index}`,
    length: millimetres(300 + 17 * index),
    width: millimetres(90 + 5 * index),
    mayTurn: true,
  })),
  stock: [{ id: 'sheet', length: millimetres(2440), width: millimetres(1220) }],
  rules: { kerf: millimetres(3.2), trim: millimetres(5), stages: 4, ripFirst: true },
  likes: { fewerSettings: 1, biggerOffcuts: 1 },
};

/** News until it rests. */
function told(patience: number, materials = ['ply']): Promise<readonly LayoutNews[]> {
  return new Promise((resolve) => {
    const all: LayoutNews[] = [];
    const run = new LayoutRun((news) => {
      all.push(news);
      if (news.kind === 'resting') resolve(all);
    });
    run.take({ kind: 'begin', tasks: materials.map((material) => ({ material, task })), seed: 1, patience });
  });
}

describe('looking for layouts by turns', () => {
  it('gives every material a layout, even without time, then rests', async () => {
    const news = await told(0, ['ply', 'board']);
    expect(new Set(news.flatMap((each) => (each.kind === 'found' ? [each.material] : [])))).toEqual(
      new Set(['ply', 'board']),
    );
    expect(news.at(-1)).toEqual({ kind: 'resting' });
  });

  it('tells a layout once, however long it stays the best', async () => {
    const news = await told(300);
    const layouts = news.flatMap((each) => (each.kind === 'found' ? [each.found.layout] : []));
    expect(new Set(layouts).size).toBe(layouts.length);
    expect(news.some(({ kind }) => kind === 'tried')).toBe(true);
  });

  it('stops when it is told to, and goes on from there when asked for more', async () => {
    const all: LayoutNews[] = [];
    const rested: (() => void)[] = [];
    const run = new LayoutRun((news) => {
      all.push(news);
      if (news.kind === 'resting') rested.shift()?.();
    });
    const rest = () => new Promise<void>((resolve) => rested.push(resolve));
    const first = rest();
    run.take({ kind: 'begin', tasks: [{ material: 'ply', task }], seed: 1, patience: 60_000 });
    setTimeout(() => run.take({ kind: 'stop' }), 60);
    await first;
    const tried = () => Math.max(...all.map((each) => (each.kind === 'tried' ? each.tried : 0)));
    const before = tried();
    const second = rest();
    run.take({ kind: 'more', patience: 120 });
    await second;
    expect(tried()).toBeGreaterThan(before);
  });
});
