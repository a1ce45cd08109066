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

  it('is of one person in one shop: nobody else finds it, and they do again', async () => {
    const of = (whom: string): DeviceStore => {
      const store = new DeviceStore();
      if (whom !== '') store.keepFor(whom);
      return store;
    };
    await of('runa.one').write('draft', 'hers');
    for (const other of ['', 'oli.one', 'runa.two']) expect(await of(other).read('draft')).toBeUndefined();
    expect(await of('runa.one').read('draft')).toBe('hers');
    // What is set down as the page goes, too.
    const going = of('runa.one');
    dispatchEvent(new Event('pagehide'));
    void going.write('last', 'hers');
    expect(await of('oli.one').read('last')).toBeUndefined();
    expect(await of('').read('last')).toBeUndefined();
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

  describe('a page that goes before the browser has kept it', () => {
    const own = indexedDB.open.bind(indexedDB);
    afterEach(() => {
      indexedDB.open = own;
      localStorage.clear();
    });

    async function gone(leave: (store: DeviceStore) => void): Promise<DeviceStore> {
      await new DeviceStore().write('d', 'long ago');
      // What was asked of the browser is never done.
      indexedDB.open = () => ({}) as IDBOpenDBRequest;
      leave(new DeviceStore());
      indexedDB.open = own;
      return new DeviceStore();
    }

    it('finds what was on its way, and what was written as it went, when it comes back', async () => {
      const before = await gone((store) => {
        void store.write('d', { n: 1 });
        window.dispatchEvent(new Event('pagehide'));
      });
      expect(await before.read('d')).toEqual({ n: 1 });
      const after = await gone((store) => {
        window.dispatchEvent(new Event('pagehide'));
        void store.write('d', { n: 2 });
      });
      expect(await after.read('d')).toEqual({ n: 2 });
    });

    it('and lets go of it when something newer is kept', async () => {
      const store = await gone((old) => {
        window.dispatchEvent(new Event('pagehide'));
        void old.write('d', 1);
      });
      await store.write('d', 2);
      expect(localStorage.getItem('d')).toBeNull();
      expect(await new DeviceStore().read('d')).toBe(2);
      await store.drop('d');
      expect(await store.read('d')).toBeUndefined();
    });
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
