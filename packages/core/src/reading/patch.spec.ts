import { patched, valueAt } from './patch';

const job = { name: 'a', banks: [{ id: 'b1', box: { sides: 'ply', corner: { joint: 'rabbet' } } }, { id: 'b2' }] };

describe('a patch', () => {
  it('writes what stands at a path, making what leads to it', () => {
    const after = patched(job, [{ path: 'banks[1].box.corner.back.joint', value: 'through' }]);
    expect(after.banks[1]).toEqual({ id: 'b2', box: { corner: { back: { joint: 'through' } } } });
    expect(after.banks[0]).toBe(job.banks[0]);
    expect(valueAt(after, 'banks[1].box.corner.back.joint')).toBe('through');
  });

  it('takes a field away, and with it what it leaves with nothing in it', () => {
    expect(patched(job, [{ path: 'banks[0].box.corner.joint', value: undefined }]).banks[0]).toEqual({
      id: 'b1',
      box: { sides: 'ply' },
    });
    const both = ['banks[0].box.corner.joint', 'banks[0].box.sides'].map((path) => ({ path, value: undefined }));
    expect(patched(job, both).banks[0]).toEqual({ id: 'b1' });
  });

  it('takes an entry of a list away, but no entry for being empty', () => {
    expect(patched({ a: { list: [1] } }, [{ path: 'a.list[0]', value: undefined }])).toEqual({ a: { list: [] } });
    expect(patched({ a: {} }, [{ path: 'a.case-side-left', value: 1 }])).toEqual({ a: { 'case-side-left': 1 } });
    expect(valueAt({ a: { 'fixed-shelf': 2 } }, 'a.fixed-shelf')).toBe(2);
    expect([valueAt({ a: null }, 'a.b'), valueAt({ a: 'b' }, 'a.length'), valueAt(7, 'a')]).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
    expect(patched(job, [{ path: 'banks[0]', value: undefined }]).banks).toEqual([{ id: 'b2' }]);
    expect(patched({ list: [{ a: 1 }] }, [{ path: 'list[0].a', value: undefined }])).toEqual({ list: [{}] });
  });

  it('leaves an object that is given empty', () => {
    expect(patched({ a: 1 }, [{ path: 'gates', value: {} }])).toEqual({ a: 1, gates: {} });
  });
});
