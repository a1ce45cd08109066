import { newJob } from '../store/job/new-job';
import { Histories } from './histories';
import type { History } from './undo';

const document = newJob('mm');
const steps = (count: number): History => ({
  past: Array.from({ length: count }, (_, index) => ({ name: `step ${index}`, document })),
  future: [],
});

describe('what can be undone after a reload', () => {
  const histories = new Histories();
  beforeEach(() => localStorage.clear());

  it('is there for just the document it leads to', () => {
    histories.write('a', document, steps(3));
    expect(histories.read('a', document)?.past.map(({ name }) => name)).toEqual(['step 0', 'step 1', 'step 2']);
    expect(histories.read('a', { ...document, name: 'Moved on' })).toBeUndefined();
    expect(histories.read('b', document)).toBeUndefined();
  });

  it('keeps the last steps of the jobs last worked on', () => {
    histories.write('a', document, steps(90));
    expect(
      histories
        .read('a', document)
        ?.past.map(({ name }) => name)
        .at(0),
    ).toBe('step 50');
    for (const id of ['b', 'c', 'd', 'e']) histories.write(id, document, steps(1));
    expect(histories.read('a', document)).toBeUndefined();
    expect(histories.read('b', document)).toBeDefined();
  });

  it('does without a browser that keeps nothing, or holds junk', () => {
    localStorage.setItem('zabble.history.a', '{"tip":');
    expect(histories.read('a', document)).toBeUndefined();
    const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('full');
    });
    expect(() => histories.write('a', document, steps(1))).not.toThrow();
    full.mockRestore();
  });
});
