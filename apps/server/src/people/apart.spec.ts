import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROLES, ROUTES, type Role } from '@zabble/contract';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase } from '../own-server.spec-data';
import type { ShopId } from '../whose/shop';
import { newShop, person, sharedOn, type Shared } from './shared.spec-data';

const DATABASE = 'zabble_apart';
const METHODS = ['get', 'post', 'put', 'patch', 'delete'] as const;
/** In every row of the one shop, and nowhere else. */
const MARK = 'Mizzen';
const document = JSON.parse(readFileSync(join(__dirname, '../../../../examples/notions-bank.json'), 'utf8')) as Record<
  string,
  unknown
>;

/** Ids of what the one shop has, by what they are of. */
interface Ids {
  readonly job: string;
  readonly row: string;
}

/** Every path the server is asked at, with ids of the one shop in it. */
function paths({ job, row }: Ids): readonly string[] {
  const given = (route: (...ids: never[]) => string): readonly string[] => {
    const call = route as unknown as (...ids: unknown[]) => string;
    return [call(job, row), call(row, row), call(job, 1), call(row, 'arrived'), call('width'), call('labels')];
  };
  const all = Object.values(ROUTES).flatMap((route) => (typeof route === 'string' ? [route] : given(route)));
  const more = ['not-arrived', 'asked', 'off', 'order.pdf'].map((what) => ROUTES.order(row, what as 'off'));
  const files = ['week.pdf', 'week.ics', 'week.csv'].map((file) => ROUTES.calendarFile(file));
  return [...new Set([...all, ...more, ...files])];
}

/** Not asked who is there: what is before signing in, and what a balancer looks at. */
const isOpen = (path: string): boolean => /^\/api\/(?:session|health|metrics)(?:\/|$)/.test(path);

describe('shops apart', () => {
  let pool: Pool;
  let shared: Shared;
  let [one, other] = ['', ''] as unknown as [ShopId, ShopId];
  let ids: Ids;
  const cookies = new Map<string, string>();

  const ask = (method: (typeof METHODS)[number], path: string, cookie = '') =>
    request(shared.app)[method](path).set('cookie', cookie).timeout(5000);

  /** Everything the one shop has, row by row; but for what counts how often something was asked. */
  async function kept(): Promise<string> {
    const [tables] = await pool.query<RowDataPacket[]>(
      `SELECT table_name AS name FROM information_schema.columns
       WHERE table_schema = DATABASE() AND column_name = 'shop' ORDER BY 1`,
    );
    const text = [];
    for (const { name } of tables) {
      const [rows] = await pool.query<RowDataPacket[]>(`SELECT * FROM ${String(name)} WHERE shop = ?`, [one]);
      text.push(
        `${String(name)}: ${rows
          .map((row) => JSON.stringify(row))
          .sort()
          .join('\n')}`,
      );
    }
    return text.join('\n');
  }

  beforeAll(async () => {
    pool = await ownDatabase(DATABASE);
    await migrate(pool, join(__dirname, '../../migrations'));
    shared = sharedOn(pool, DATABASE);
    [one, other] = [await newShop(pool, MARK), await newShop(pool, 'Tern Rock')];
    for (const role of ROLES) {
      cookies.set(role, await person(shared, pool, { shop: one, role, email: `${role}@loft.example` }));
      cookies.set(`other ${role}`, await person(shared, pool, { shop: other, role, email: `${role}@rock.example` }));
    }
    const owner = cookies.get('owner');
    const send = (method: 'post' | 'put' | 'patch', path: string, sent: object) =>
      ask(method, path, owner)
        .send(sent)
        .expect((answer) => {
          if (answer.status >= 300) throw new Error(`${method} ${path}: ${answer.status} ${answer.text}`);
        });
    const made = await send('post', ROUTES.jobs, { id: randomUUID(), document: { ...document, name: MARK } });
    ids = { job: (made.body as { id: string }).id, row: randomUUID() };
    await send('post', ROUTES.log(ids.job), {
      entries: [{ id: 'n1', kind: 'note', at: '2026-11-29T09:00:00Z', note: MARK, by: 'somebody else' }],
    });
    const item = { material: MARK, kind: 'sheet', length: '96 in', width: '48 in', count: 3 };
    await send('put', ROUTES.stockItem(ids.row), { item });
    await send('patch', ROUTES.habits, { ease: '1 mm' });
    await send('put', ROUTES.calendar, { calendar: { people: [{ id: 'p1', name: MARK }] }, revision: 0 });
    await send('put', ROUTES.calendarJob(ids.job), { atWork: true });
    await send('put', ROUTES.drawer, { key: 'pin', what: MARK, unit: 'piece', was: 0, count: 9 });
    await send('put', ROUTES.suppliers, { row: { name: MARK, leadDays: 2, by: 'hand' } });
    const line = { key: 'hook', what: MARK, unit: 'piece', pack: 10, packs: 1, for: [{ job: ids.job, count: 4 }] };
    const { body } = await ask('get', ROUTES.buying, owner);
    const { revision } = body as { revision: number };
    await send('post', ROUTES.orders, { id: ids.row, revision, supplier: MARK, lines: [line] });
  });
  afterAll(() => pool.end());

  it('what is written down says who did it, whatever was sent', async () => {
    const { text } = await ask('get', ROUTES.log(ids.job), cookies.get('looker')).expect(200);
    expect(text).toContain('"by":"owner"');
    expect(text).not.toContain('somebody else');
  });

  it('nobody but its people sees or changes anything of a shop, on whatever route, by whatever method', async () => {
    const before = await kept();
    expect(before).toContain(MARK);
    const removed = await person(shared, pool, { shop: one, role: 'owner', email: 'former@loft.example' });
    const { body } = await ask('get', ROUTES.crew, cookies.get('owner')).expect(200);
    const former = (body as { members: { id: string; email: string }[] }).members.find(({ email }) =>
      email.startsWith('former'),
    );
    await ask('delete', ROUTES.member(former?.id ?? ''), cookies.get('owner')).expect(200);
    const strangers = new Map([
      ['nobody', ''],
      ['a made-up session', `__Host-zabble=${'A'.repeat(43)}`],
      ['a former owner', removed],
      ['the owner of another shop', cookies.get('other owner') ?? ''],
    ]);
    // What the one who was removed left behind is a row of the audit.
    const now = await kept();
    // What was made is asked for by a name; to put back what nobody laid aside leaves all as it is. Both are answered with
    // the asker’s own.
    const isOfOurs = (path: string) =>
      (path.includes(ids.job) || path.includes(ids.row)) &&
      !path.startsWith(ROUTES.putBack('')) &&
      !path.startsWith(ROUTES.madeReadings(''));
    const wrong: string[] = [];
    for (const [who, cookie] of strangers)
      for (const path of paths(ids))
        for (const method of METHODS) {
          // Whoever signs out is nobody from then on.
          if (path === ROUTES.session && method === 'delete') continue;
          const sent = method === 'get' ? undefined : { shop: one, id: ids.row, job: ids.job };
          const { status, text } = await ask(method, path, cookie).send(sent);
          const isTheirs = isOpen(path) || (who === 'the owner of another shop' && !isOfOurs(path));
          if ((!isTheirs && status < 400) || text?.includes(MARK) || (status >= 500 && status !== 504))
            wrong.push(`${who}: ${method} ${path}: ${status} ${text?.slice(0, 80)}`);
        }
    expect(wrong).toEqual([]);
    expect(await kept()).toBe(now);
    await ask('put', ROUTES.sessionShop, cookies.get('other owner')).send({ shop: one }).expect(404);
    await ask('get', ROUTES.crew, cookies.get('other owner')).expect(200);
  });

  const least: readonly (readonly [Role, (typeof METHODS)[number], string])[] = [
    ['owner', 'get', ROUTES.crew],
    ['owner', 'get', ROUTES.audit],
    ['owner', 'post', ROUTES.invitations],
    ['owner', 'put', '/api/shop/CREW/members/x/'],
    ['maker', 'put', '/api/jobs/:job'],
    ['maker', 'post', ROUTES.jobs],
    ['maker', 'delete', '/api/jobs/:job'],
    ['maker', 'put', ROUTES.costing],
    ['maker', 'put', ROUTES.calendar],
    ['maker', 'patch', ROUTES.habits],
    ['maker', 'post', ROUTES.bookings],
    ['helper', 'post', '/api/jobs/:job/log'],
    ['helper', 'put', '/api/jobs/:job/photos/:row'],
    ['looker', 'get', '/api/jobs/:job'],
    ['looker', 'get', ROUTES.calendar],
    ['looker', 'post', '/api/calendar/week.csv'],
    ['looker', 'post', '/api/print/labels.pdf'],
  ];

  it.each(least)('%s is the least that may %s %s', async (role, method, path) => {
    const at = path.replace(':job', ids.job).replace(':row', ids.row);
    for (const each of ROLES) {
      const { status, body } = await ask(method, at, cookies.get(each)).send(method === 'get' ? undefined : {});
      const may = ROLES.indexOf(each) <= ROLES.indexOf(role);
      const refused = status === 403 && (body as { said: { code: string } }).said.code === 'not-your-role';
      expect([each, refused]).toEqual([each, !may]);
    }
  });

  it('whoever may no longer do something can’t from then on; a shop keeps an owner', async () => {
    const cookie = await person(shared, pool, { shop: other, role: 'owner', email: 'second@rock.example' });
    const { body } = await ask('get', ROUTES.crew, cookie).expect(200);
    const { members } = body as { members: { id: string; email: string }[] };
    const idOf = (email: string) => members.find((each) => each.email === email)?.id ?? '';
    // Two owners demote each other at once: one of them is too late.
    const both = await Promise.all([
      ask('put', ROUTES.member(idOf('second@rock.example')), cookies.get('other owner')).send({ role: 'looker' }),
      ask('put', ROUTES.member(idOf('owner@rock.example')), cookie).send({ role: 'looker' }),
    ]);
    const statuses = both.map(({ status }) => status).sort();
    expect([`${statuses}`]).toEqual([expect.stringMatching(/^200,(?:403|409)$/)]);
    const [[row]] = await pool.query<RowDataPacket[]>(
      "SELECT COUNT(*) AS owners FROM members WHERE shop = ? AND role = 'owner'",
      [other],
    );
    expect(row?.['owners']).toBe(1);
  });

  it('what was done is told to its owners, the newest first', async () => {
    // However the path is written that it is done by.
    await ask('post', `/api/Jobs/${ids.job}/Restore/`, cookies.get('maker')).expect(200);
    const { body } = await ask('get', ROUTES.audit, cookies.get('owner')).expect(200);
    const { rows } = body as { rows: { id: number; by: string; what: string; of: string }[] };
    const told = rows.map(({ by, what, of }) => `${by}: ${what} ${of}`);
    expect(told).toContain('owner: crew/removed former');
    expect(rows.map(({ id }) => id)).toEqual(rows.map(({ id }) => id).toSorted((one, other) => other - one));
    expect(told).toContain('owner: job/made ');
    expect(told).toContain(`maker: job/restored ${ids.job}`);
    expect(told).toContain(`owner: job/recorded ${ids.job}`);
    expect(told).toContain('looker: crew/joined ');
    expect(told.every((each) => !each.includes('rock.example'))).toBe(true);
  });
});
