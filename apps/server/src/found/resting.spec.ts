import { LOOK, isBusy, restAfter } from './resting';

describe('how long settling rests', () => {
  it('looks again after a while where all is settled', () => {
    expect(restAfter({ took: 40, since: 3040, asked: 0, more: undefined })).toBe(LOOK);
    expect(restAfter({ took: 0, since: 3000, asked: 9000, more: undefined })).toBe(LOOK);
  });

  it('takes half the time for what is to be found, a ninth for how it is shown', () => {
    expect(restAfter({ took: 40, since: 80, asked: 0, more: 'words' })).toBe(40);
    expect(restAfter({ took: 40, since: 80, asked: 0, more: 'summaries' })).toBe(320);
  });

  it('rests no longer than until it looks again', () => {
    expect(restAfter({ took: 2000, since: 4000, asked: 0, more: 'summaries' })).toBe(LOOK);
  });

  it('gives way where a hundred a second are asked', () => {
    expect(restAfter({ took: 40, since: 1000, asked: 100, more: 'words' })).toBe(40);
    expect(restAfter({ took: 40, since: 1000, asked: 101, more: 'words' })).toBe(LOOK);
    expect(restAfter({ took: 40, since: 200, asked: 21, more: 'summaries' })).toBe(LOOK);
    expect([isBusy(0, 0), isBusy(10, 100), isBusy(11, 100)]).toEqual([false, false, true]);
  });
});
