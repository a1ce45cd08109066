import { LOOK, isBusy, restAfter } from './resting';

describe('how long settling rests', () => {
  it('looks again after a while where all is settled', () => {
    expect(restAfter({ took: 40, busy: false, more: undefined })).toBe(LOOK);
    expect(restAfter({ took: 0, busy: true, more: undefined })).toBe(LOOK);
  });

  it('takes half the time for what is to be found, a ninth for how it is shown', () => {
    expect(restAfter({ took: 40, busy: false, more: 'words' })).toBe(40);
    expect(restAfter({ took: 40, busy: false, more: 'summaries' })).toBe(320);
  });

  it('rests no longer than until it looks again', () => {
    expect(restAfter({ took: 2000, busy: false, more: 'summaries' })).toBe(LOOK);
  });

  it('gives way where more than a hundred a second are asked', () => {
    for (const more of ['words', 'summaries'] as const) expect(restAfter({ took: 40, busy: true, more })).toBe(LOOK);
    expect([isBusy(100, 1000), isBusy(101, 1000), isBusy(21, 200)]).toEqual([false, true, true]);
    expect([isBusy(0, 0), isBusy(10, 100), isBusy(11, 100)]).toEqual([false, false, true]);
  });
});
