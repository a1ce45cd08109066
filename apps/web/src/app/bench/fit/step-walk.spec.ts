import type { LogEntryDocument } from '@zabble/core';
import { TestBed } from '@angular/core/testing';
import { jobFeature } from '../../store/job/job.reducer';
import { builtJob, onTheBench } from './on-the-bench.spec-data';
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
    expect(text()).toContain('Step 1 of 24');
    expect(text()).toContain('Cut the spacerdrawer 1');
    await press('Done, next');
    expect(entries()).toMatchObject([{ kind: 'step', bank: 'c1/b1', step: 'd1/spacer' }]);
    expect(text()).toContain('Left slidedrawer 1');
  });

  it('goes on by itself when another at the case does the step', async () => {
    const { hear, text } = await onTheBench(StepWalk, { which: 'hang' });
    await hear(step('d1/spacer'));
    expect(text()).toContain('Step 2 of 24');
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
    expect(text()).toContain('0 of 24 done');
  });

  it('looks ahead and back without doing anything; done only by its own press', async () => {
    const { press, text, entries, settle } = await onTheBench(StepWalk, { which: 'hang' });
    const arrow = async (key: string): Promise<void> => {
      document.dispatchEvent(new KeyboardEvent('keydown', { key }));
      await settle();
    };
    await arrow('ArrowRight');
    expect(text()).toContain('Step 2 of 24');
    await press('Ahead');
    expect(text()).toContain('Step 3 of 24');
    await arrow('ArrowLeft');
    expect(text()).toContain('Step 2 of 24');
    for (let i = 0; i < 30; i += 1) await arrow('ArrowRight');
    // The last is not done by having looked at it.
    expect(text()).toContain('Step 24 of 24');
    expect(text()).not.toContain('Every slide hangs');
    expect(entries()).toEqual([]);
  });

  it('what was just done is taken back at once', async () => {
    const { press, text, entries } = await onTheBench(StepWalk, { which: 'hang' });
    await press('Done, next');
    expect(text()).toContain('Done: Cut the spacer, drawer 1.');
    await press('Take it back');
    expect(text()).toContain('Step 1 of 24');
    expect(text()).toContain('0 of 24 done');
    expect(entries().map((each) => ('undone' in each ? each.undone : false))).toEqual([false, true]);
  });

  const gates = { path: 'cases[0].banks[0].gates', value: { hung: { at: '2026-11-20T09:00:00Z' } } };

  it('hangs the fronts from the bottom up, each when it is cut', async () => {
    const { press, text, element, store } = await onTheBench(StepWalk, { which: 'fronts' }, [gates]);
    expect(text()).toContain('Cut spacers for the gaps');
    await press('Done, next');
    expect(text()).toContain('Hold the frontdrawer 4 Ledge or line at 12.0mm below the opening’s floor');
    expect(text()).toContain('Its front is not cut yet.');
    const done = [...element.querySelectorAll('button')].find((each) => each.textContent?.includes('Done, next'));
    expect(done!.disabled).toBe(true);
    await press('It is cut as planned');
    expect(store.selectSignal(jobFeature.selectDocument)()?.cutting?.cut).toMatchObject([{ part: 'c1/b1/d4/face' }]);
    await press('Done, next');
    expect(text()).toContain('Screw it homedrawer 4');
  });

  it('no front goes on before its box hangs, and nothing is hung by sizes never measured', async () => {
    expect((await onTheBench(StepWalk, { which: 'fronts' })).text()).toContain('Held until the boxes are hung');
    const opening = builtJob().cases[0]!.banks[0]!.opening;
    const aside = { path: 'cases[0].banks[0].aside', value: opening };
    for (const which of ['hang', 'fronts']) {
      TestBed.resetTestingModule();
      const { text, element } = await onTheBench(StepWalk, { which }, [gates, aside]);
      expect(text()).toContain('Held until the opening is measured as built');
      expect(element.querySelectorAll('button')).toHaveLength(0);
    }
  });
});
