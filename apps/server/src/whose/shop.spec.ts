import { readdirSync, readFileSync } from 'node:fs';
import { cp, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { JobDocument } from '@zabble/core';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { DrawerRepository } from '../buying/drawer-repository';
import { OrderRepository } from '../buying/order-repository';
import { buyingRevision } from '../buying/revision';
import { SettledRepository } from '../costing/settled-repository';
import { HabitRepository } from '../habits/repository';
import { SettlingRepository } from '../found/settling-repository';
import { JobListingRepository } from '../jobs/listing-repository';
import { JobRepository } from '../jobs/repository';
import { RecordFindingRepository } from '../log/finding-repository';
import { MadeRepository } from '../log/made-repository';
import { LogRepository } from '../log/repository';
import { ownDatabase } from '../own-server.spec-data';
import { PhotoRepository } from '../photos/repository';
import { PriceRepository } from '../prices/repository';
import { ShopRepository } from '../shop/repository';
import { StockRepository } from '../stock/repository';
import { migrate } from '../db/migrate';
import { OWN_SHOP, type ShopId } from './shop';

const MIGRATIONS = join(__dirname, '../../migrations');
const document = JSON.parse(
  readFileSync(join(__dirname, '../../../../examples/notions-bank.json'), 'utf8'),
) as JobDocument;
const OTHER = '11111111-1111-4111-8111-111111111111' as ShopId;
const JOB = '22222222-2222-4222-8222-222222222222';
const ROW = '33333333-3333-4333-8333-333333333333';

describe('data of two shops', () => {
  let pool: Pool;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_two_shops');
    await migrate(pool, MIGRATIONS);
  });
  afterAll(() => pool.end());

  it('is never seen or changed by the other: jobs with their log and photographs', async () => {
    const [jobs, log, photos] = [new JobRepository(pool), new LogRepository(pool), new PhotoRepository(pool)];
    const entry = { id: 'e1', kind: 'note', at: '2026-11-20T09:00:00Z', note: 'planed' } as const;
    await jobs.insert(OWN_SHOP, JOB, document, [entry]);
    await photos.keep(OWN_SHOP, JOB, ROW, { width: 1, height: 1, data: Buffer.from('x') });

    const settling = new SettlingRepository(pool);
    const [listing, finding, made] = [
      new JobListingRepository(pool, settling),
      new RecordFindingRepository(pool),
      new MadeRepository(pool),
    ];
    const query = { search: '', size: 12, deleted: false };
    const record = { search: 'planed', size: 10 };
    await settling.some(OWN_SHOP);
    expect((await listing.list(OTHER, query)).items).toEqual([]);
    expect((await listing.list(OTHER, { ...query, search: 'notions' })).items).toEqual([]);
    expect(await jobs.find(OTHER, JOB)).toBeUndefined();
    expect(await jobs.replace(OTHER, JOB, { revision: 1, document, save: undefined })).toBeUndefined();
    expect(await jobs.delete(OTHER, JOB)).toBe(false);
    expect(await log.add(OTHER, JOB, [{ ...entry, id: 'e2' }])).toBeUndefined();
    expect((await log.after(OTHER, JOB, 0)).entries).toEqual([]);
    expect((await finding.find(OTHER, record)).items).toEqual([]);
    expect(await made.sums(OTHER)).toEqual({ sums: [], faults: [] });
    expect(await made.readings(OTHER, 'width')).toEqual([]);
    expect(await photos.find(OTHER, JOB, ROW)).toBeUndefined();

    expect((await listing.list(OWN_SHOP, query)).items).toHaveLength(1);
    expect((await jobs.find(OWN_SHOP, JOB))?.revision).toBe(1);
    expect((await log.after(OWN_SHOP, JOB, 0)).entries).toHaveLength(1);
    expect((await finding.find(OWN_SHOP, record)).items).toHaveLength(1);
    expect(await photos.find(OWN_SHOP, JOB, ROW)).toEqual(Buffer.from('x'));
    await jobs.delete(OWN_SHOP, JOB);
    expect(await jobs.restore(OTHER, JOB)).toBe(false);
    expect(await jobs.restore(OWN_SHOP, JOB)).toBe(true);
  });

  it('is never seen or changed by the other: the rack, its bookings, rows, habits and prices', async () => {
    const stock = new StockRepository(pool);
    const item = { material: 'ply', kind: 'sheet', length: '96 in', width: '48 in', count: 3 } as const;
    await stock.keep(OWN_SHOP, ROW, item);
    const wish = { id: JOB, job: JOB, material: 'ply', taken: [{ stock: ROW, count: 1 }], brought: [] };
    expect(await stock.list(OTHER)).toEqual([]);
    expect(await stock.change(OTHER, ROW, -1)).toBe(false);
    expect(await stock.delete(OTHER, ROW)).toBe('unknown');
    expect(await stock.book(OTHER, wish)).toMatchObject({ booked: false, why: 'no-job' });
    expect(await stock.book(OWN_SHOP, wish)).toEqual({ booked: true });
    expect(await stock.undo(OTHER, JOB)).toBe('unknown');
    expect(await stock.bookings(OTHER, JOB)).toEqual([]);
    expect((await stock.list(OWN_SHOP))[0]?.item.count).toBe(2);

    const slides = new ShopRepository<object>(pool, 'slides');
    const mine = await slides.keep(OWN_SHOP, { id: ROW, name: 'Loft', row: { like: 'a' }, revision: undefined });
    const theirs = await slides.keep(OTHER, { id: JOB, name: 'Loft', row: { like: 'b' }, revision: undefined });
    expect([mine?.row, theirs?.row]).toEqual([{ like: 'a' }, { like: 'b' }]);
    expect(await slides.delete(OTHER, ROW)).toBe('unknown');
    expect(await slides.list(OWN_SHOP)).toHaveLength(1);

    const habits = new HabitRepository(pool);
    await habits.keep(OWN_SHOP, { ease: '1 mm' }, {});
    await habits.keep(OTHER, { ease: '2 mm' }, {});
    expect([await habits.read(OWN_SHOP), await habits.read(OTHER)]).toEqual([{ ease: '1 mm' }, { ease: '2 mm' }]);

    const prices = new PriceRepository(pool);
    const price = { name: 'ply', kind: 'sheet', length: '', width: '', thickness: '', pricedOn: '2026-11-20' } as const;
    await prices.replace(OWN_SHOP, [{ ...price, price: 70 }]);
    await prices.replace(OTHER, [{ ...price, price: 80 }]);
    expect((await prices.list(OWN_SHOP)).map((each) => each.price)).toEqual([70]);
  });

  it('is never seen or changed by the other: the drawer, what is laid aside, orders, and what jobs taught', async () => {
    const [drawer, orders, settled] = [
      new DrawerRepository(pool),
      new OrderRepository(pool),
      new SettledRepository(pool),
    ];
    const pin = { key: 'pin', what: 'pin', unit: 'piece', count: 9 };
    await drawer.count(OWN_SHOP, pin, 0);
    const aside = { id: ROW, of: [{ job: JOB, key: 'pin', count: 2 }] };
    expect(await drawer.layAside(OTHER, aside)).toEqual({ key: 'pin', has: 0, takes: 2 });
    expect(await drawer.layAside(OWN_SHOP, aside)).toBeUndefined();
    await drawer.putBack(OTHER, ROW);
    expect([await drawer.list(OTHER), await drawer.aside(OTHER)]).toEqual([[], []]);
    expect((await drawer.list(OWN_SHOP)).map(({ count }) => count)).toEqual([7]);

    const line = { key: 'hook', what: 'hook', unit: 'piece', pack: 10, packs: 1, for: [{ job: JOB, count: 4 }] };
    const revision = await buyingRevision(pool, OWN_SHOP);
    expect(await orders.make(OWN_SHOP, { id: ROW, revision, supplier: 'S', lines: [line] }, false)).toBe('made');
    expect(await orders.list(OTHER)).toEqual([]);
    expect(await orders.move(OTHER, ROW, ['ordered'], { state: 'off' })).toBe(false);
    await orders.arrive(OTHER, ROW, [1]);
    const [mine] = await orders.list(OWN_SHOP);
    expect([mine?.state, mine?.lines[0]?.arrivedOn]).toEqual(['ordered', undefined]);
    expect(await drawer.list(OTHER)).toEqual([]);

    await settled.keep(OWN_SHOP, JOB, { work: [] });
    expect([await settled.list(OTHER), await settled.list(OWN_SHOP)]).toEqual([[], [{ work: [] }]]);
  });

  it('two people count an item at once, and both counts count', async () => {
    const stock = new StockRepository(pool);
    const id = '44444444-4444-4444-8444-444444444444';
    await stock.keep(OWN_SHOP, id, { material: 'mdf', kind: 'sheet', length: '96 in', width: '48 in', count: 5 });
    await Promise.all([1, 1, -1, 1, -1].map((by) => stock.change(OWN_SHOP, id, by)));
    const count = async () => (await stock.list(OWN_SHOP)).find((each) => each.id === id)?.item.count;
    expect(await count()).toBe(6);
    expect(await stock.change(OWN_SHOP, id, -9)).toBe(true);
    expect(await count()).toBeUndefined();
  });
});

describe('a database from before there were shops', () => {
  it('is the own shop’s, whole', async () => {
    const pool = await ownDatabase('zabble_before_shops');
    const before = await mkdtemp(join(tmpdir(), 'zabble-migrations-'));
    try {
      for (const name of readdirSync(MIGRATIONS).filter((each) => each < '0006'))
        await cp(join(MIGRATIONS, name), join(before, name));
      await migrate(pool, before);
      await pool.execute(
        `INSERT INTO jobs (id, name, customer, document, revision, created_at, updated_at)
         VALUES (?, 'Old', '', ?, 4, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3))`,
        [JOB, JSON.stringify(document)],
      );
      await pool.execute(
        "INSERT INTO shop_habits (name, length, updated_at) VALUES ('ease', '1 mm', UTC_TIMESTAMP(3))",
      );
      expect(await migrate(pool, MIGRATIONS)).toEqual({ wasNew: false });
      expect((await new JobRepository(pool).find(OWN_SHOP, JOB))?.revision).toBe(4);
      expect(await new HabitRepository(pool).read(OWN_SHOP)).toEqual({ ease: '1 mm' });
    } finally {
      await rm(before, { recursive: true });
      await pool.end();
    }
  });

  it('lets no row in that is nobody’s', async () => {
    const pool = await ownDatabase('zabble_whose_rows');
    await migrate(pool, MIGRATIONS);
    const [columns] = await pool.query<RowDataPacket[]>(
      `SELECT table_name AS name, column_default AS given FROM information_schema.columns
       WHERE table_schema = DATABASE() AND column_name = 'shop'`,
    );
    const [tables] = await pool.query<RowDataPacket[]>(
      'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()',
    );
    // A person is of no shop by themselves: which they belong to is told by members, which session looks at which by at_shop.
    const ofPeople = ['people', 'sessions', 'forgotten', 'recovery_codes', 'attempts', 'mailbox'];
    const without = new Set(['migrations', 'migration_lease', 'shops', ...ofPeople]);
    expect(columns.map(({ name }) => String(name)).sort()).toEqual(
      tables
        .map(({ name }) => String(name))
        .filter((name) => !without.has(name))
        .sort(),
    );
    expect(columns.filter(({ given }) => given !== null)).toEqual([]);
    await pool.end();
  });
});
