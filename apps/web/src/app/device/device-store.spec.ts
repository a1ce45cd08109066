import 'fake-indexeddb/auto';
import { DeviceStore } from './device-store';

// The browser's own way to copy what is kept; not in jsdom.
globalThis.structuredClone ??= (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

describe('what this device keeps', () => {
  it('is there for another page, and gone when it is dropped', async () => {
    const store = new DeviceStore();
    expect(await store.write('a', { n: 1 })).toBe(true);
    expect(await new DeviceStore().read('a')).toEqual({ n: 1 });
    await store.drop('a');
    expect(await new DeviceStore().read('a')).toBeUndefined();
  });

  it('is what was written last, however quickly', async () => {
    const store = new DeviceStore();
    const all = [1, 2, 3].map((n) => store.write('q', n));
    expect(await store.read('q')).toBe(3);
    expect(await Promise.all(all)).toEqual([true, true, true]);
    expect(await new DeviceStore().read('q')).toBe(3);
  });

  it('is taken over from where an older Zabble kept it', async () => {
    localStorage.setItem('zabble.draft.j', '{"revision":3}');
    const store = new DeviceStore();
    expect(await store.read('zabble.draft.j')).toEqual({ revision: 3 });
    await store.write('zabble.draft.j', { revision: 4 });
    expect(localStorage.getItem('zabble.draft.j')).toBeNull();
    expect(await store.read('zabble.draft.j')).toEqual({ revision: 4 });
    localStorage.setItem('zabble.draft.k', '{"revision":');
    expect(await store.read('zabble.draft.k')).toBeUndefined();
  });

  describe('where the browser keeps nothing', () => {
    const own = indexedDB.open.bind(indexedDB);
    afterEach(() => (indexedDB.open = own));

    it('says so, and holds it while the page is open', async () => {
      indexedDB.open = () => {
        throw new DOMException('storage is switched off', 'SecurityError');
      };
      const store = new DeviceStore();
      expect(await store.write('a', 1)).toBe(false);
      expect(store.keeps()).toBe(false);
      expect(await store.read('a')).toBe(1);
      await store.drop('a');
      expect(await store.read('a')).toBeUndefined();
    });

    it('does not wait for a browser that never answers', async () => {
      jest.useFakeTimers();
      indexedDB.open = () => ({}) as IDBOpenDBRequest;
      const store = new DeviceStore();
      const written = store.write('a', 1);
      await jest.advanceTimersByTimeAsync(5000);
      expect(await written).toBe(false);
      jest.useRealTimers();
    });
  });
});
