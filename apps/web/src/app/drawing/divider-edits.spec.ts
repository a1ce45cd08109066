import { nm, patched, type Boundary } from '@zabble/core';
import { dividerEdge } from './divider-edits';

const mm = (value: number) => nm(value * 1_000_000);
const boundary: Boundary = {
  ...{ kind: 'column', path: 'layout.across', place: 0, node: 'A', x: mm(400), y: mm(0), long: mm(700), thick: mm(18) },
  ...{ before: mm(400), after: mm(300) },
};
const of = (...children: object[]) => ({ layout: { across: children } });
const moved = (document: object, by: number) => {
  const edge = dividerEdge(document, boundary, 'mm')!;
  return (patched(document as never, edge.patches(edge.snapped(mm(by)), 'mm')) as unknown as ReturnType<typeof of>)
    .layout.across;
};

describe('a divider that is dragged', () => {
  it('sets the compartment before it; the one that shared the rest goes on doing so', () => {
    expect(moved(of({ id: 'A' }, { id: 'B' }), 20.4)).toEqual([{ id: 'A', size: '420 mm' }, { id: 'B' }]);
    expect(moved(of({ id: 'A' }, { id: 'B', size: '300 mm' }), -10)).toEqual([
      { id: 'A' },
      { id: 'B', size: '310 mm' },
    ]);
  });

  it('sets both where another takes the rest', () => {
    expect(moved(of({ id: 'A', share: 2 }, { id: 'B', fit: true }, { id: 'C' }), 20)).toEqual([
      { id: 'A', size: '420 mm' },
      { id: 'B', size: '280 mm' },
      { id: 'C' },
    ]);
  });

  it('leaves room on both sides', () => {
    expect(moved(of({ id: 'A' }, { id: 'B' }), 900)[0]).toEqual({ id: 'A', size: '670 mm' });
    expect(moved(of({ id: 'A' }, { id: 'B' }), -900)[0]).toEqual({ id: 'A', size: '30 mm' });
  });
});
