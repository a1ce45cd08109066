import { newParts } from './known-parts';

const part = (name: string, length = '10 in') => ({ name, material: 'ply', length, width: '4 in', count: 2 });
const had = (name: string, length?: string) => ({ id: name, ...part(name, length) });

describe('a list brought in again', () => {
  it('has nothing new where the job has every line of it', () => {
    expect(newParts([part('Ledge'), part('Rib')], [had('rib '), had('Ledge')])).toEqual([]);
  });

  it('has those that are other, and of two alike the second', () => {
    expect(newParts([part('Ledge', '11 in'), part('Rib')], [had('Ledge'), had('Rib')])).toEqual([
      part('Ledge', '11 in'),
    ]);
    expect(newParts([part('Ledge'), part('Ledge')], [had('Ledge')])).toHaveLength(1);
    expect(newParts([part('Ledge')], [])).toHaveLength(1);
  });
});
