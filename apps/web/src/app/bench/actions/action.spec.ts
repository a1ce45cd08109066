import { found, keyOf, type Action } from './action';

const action = (name: string, more: Partial<Action> = {}): Action => ({
  name,
  group: 'Divide',
  run: () => undefined,
  ...more,
});
const names = (list: readonly Action[]): readonly string[] => list.map(({ name }) => name);

describe('finding an action', () => {
  const all = [
    action('Undo: lock drawer 3'),
    action('Lock drawer 1'),
    action('Lock drawer 2', { off: true }),
    action('Add a drawer'),
  ];

  it('takes every word, in any order, of the name or its part of the work', () => {
    expect(names(found(all, '1 lock'))).toEqual(['Lock drawer 1']);
    expect(names(found(all, 'DIVIDE add'))).toEqual(['Add a drawer']);
    expect(found(all, 'saw')).toEqual([]);
  });

  it('puts those first that begin so, and leaves out what can’t be done', () => {
    expect(names(found(all, 'lock'))).toEqual(['Lock drawer 1', 'Undo: lock drawer 3']);
    expect(names(found(all, ' '))).toEqual(['Undo: lock drawer 3', 'Lock drawer 1', 'Add a drawer']);
  });

  it('tells its key', () => {
    expect([keyOf(action('a')), keyOf(action('b', { key: 'u' })), keyOf(action('c', { key: '1', alt: true }))]).toEqual(
      ['', 'u', 'Alt 1'],
    );
  });
});
