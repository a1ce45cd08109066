import type { LogEntryDocument } from '@zabble/core';
import { onTheBench } from './on-the-bench.spec-data';
import { StepWalk } from './step-walk';

const step = (name: string, more: object = {}): LogEntryDocument => ({
  id: `${name} ${JSON.stringify(more)}`,
  kind: 'step',
  at: '2026-11-20T09:00:00Z',
  by: 'Bo',
  bank: 'c1/b1',
  step: name,
  ...more,
});

describe('the hanging, step by step', () => {
  it('writes each step that is done into the log and goes on', async () => {
    const { press, text, entries } = await onTheBench(StepWalk, { which: 'hang' });
    expect(text()).toContain('Step 1 of 20');
    expect(text()).toContain('Cut the spacerdrawer 1');
    await press('Done, next');
    expect(entries()).toMatchObject([{ kind: 'step', bank: 'c1/b1', step: 'd1/spacer' }]);
    expect(text()).toContain('Left slidedrawer 1');
  });

  it('goes on by itself when another at the case does the step', async () => {
    const { hear, text } = await onTheBench(StepWalk, { which: 'hang' });
    await hear(step('d1/spacer'));
    expect(text()).toContain('Step 2 of 20');
    await hear(step('d1/left'));
    expect(text()).toContain('Right slidedrawer 1');
  });

  it('shows who did a step, and takes it back without losing it', async () => {
    const { hear, press, text, entries } = await onTheBench(StepWalk, { which: 'hang' });
    await hear(step('d1/spacer'));
    await press('Back');
    expect(text()).toContain('Done 2026-11-20 09:00, Bo');
    await press('Not done after all');
    expect(entries().map((each) => ('undone' in each ? each.undone : false))).toEqual([false, true]);
    expect(text()).toContain('0 of 20 done');
  });

  it('hangs the fronts from the bottom up', async () => {
    const { press, text } = await onTheBench(StepWalk, { which: 'fronts' });
    expect(text()).toContain('Cut spacers for the gaps');
    await press('Done, next');
    expect(text()).toContain('Hold the frontdrawer 4 Ledge or line at 12.0mm below the opening’s floor');
  });
});
