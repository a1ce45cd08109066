import { newJob } from '../../jobs/new-job';
import { Histories } from './histories';
import type { JobState } from './job.reducer';

const document = newJob('mm');
const state = (id: string, steps: number): JobState => ({
  id,
  document,
  revision: 1,
  past: Array.from({ length: steps }, (_, index) => ({ name: `step ${index}`, document })),
  future: [],
  sync: 'kept',
  says: undefined,
  kept: undefined,
});

describe('what can be undone after a reload', () => {
  const histories = new Histories();
  beforeEach(() => localStorage.clear());

  it('is there for just the document it leads to', () => {
    histories.write(state('a', 3));
    expect(histories.read('a', document)?.past.map(({ name }) => name)).toEqual(['step 0', 'step 1', 'step 2']);
    expect(histories.read('a', { ...document, name: 'Moved on' })).toBeUndefined();
    expect(histories.read('b', document)).toBeUndefined();
  });

  it('keeps the last steps of the jobs last worked on', () => {
    histories.write(state('a', 90));
    expect(
      histories
        .read('a', document)
        ?.past.map(({ name }) => name)
        .at(0),
    ).toBe('step 50');
    for (const id of ['b', 'c', 'd', 'e']) histories.write(state(id, 1));
    expect(histories.read('a', document)).toBeUndefined();
    expect(histories.read('b', document)).toBeDefined();
  });

  it('does without a browser that keeps nothing, or holds junk', () => {
    localStorage.setItem('zabble.history.a', '{"tip":');
    expect(histories.read('a', document)).toBeUndefined();
    const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('full');
    });
    expect(() => histories.write(state('a', 1))).not.toThrow();
    full.mockRestore();
  });
});
