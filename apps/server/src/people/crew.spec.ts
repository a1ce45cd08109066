import { join } from 'node:path';
import { ROUTES, type AuditPage, type Crew, type InvitationMade, type Role } from '@zabble/contract';
import type { Pool } from 'mysql2/promise';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase } from '../own-server.spec-data';
import type { ShopId } from '../whose/shop';
import { cookieOf, newShop, PASSWORD, person, sharedOn, type Shared } from './shared.spec-data';

const DATABASE = 'zabble_crew';

describe('the people of a shop', () => {
  let pool: Pool;
  let shared: Shared;
  let shop: ShopId;
  let owner: string;
  beforeAll(async () => {
    pool = await ownDatabase(DATABASE);
    await migrate(pool, join(__dirname, '../../migrations'));
    shared = sharedOn(pool, DATABASE);
  });
  beforeEach(async () => {
    await pool.query('DELETE FROM mailbox');
    shop = await newShop(pool, 'Skerry Point');
    owner = await person(shared, pool, { shop, role: 'owner', email: `${randomUUID()}@loft.example`, name: 'Runa' });
  });
  afterAll(() => pool.end());

  const ask = (method: 'get' | 'post' | 'put' | 'delete', path: string, cookie = owner) =>
    request(shared.app)[method](path).set('cookie', cookie);
  const crew = async (): Promise<Crew> => (await ask('get', ROUTES.crew).expect(200)).body as Crew;
  const invite = (email: string, role: Role = 'maker', by = owner) =>
    ask('post', ROUTES.invitations, by).send({ email, role });
  const says = ({ body }: { body: unknown }): string => (body as { says: string }).says;
  const idOf = async (name: string): Promise<string> => (await crew()).members.find((each) => each.name === name)!.id;
  const audit = async (): Promise<readonly (readonly [string, string, string])[]> =>
    ((await ask('get', ROUTES.audit).expect(200)).body as AuditPage).rows.map(
      ({ by, what, of }) => [by, what, of] as const,
    );

  it('are invited by a letter, whose link is shown too where mail goes nowhere', async () => {
    const made = (await invite('Oli@Loft.example').expect(201)).body as InvitationMade;
    expect(made.members.map(({ name, role, secondFactor }) => [name, role, secondFactor])).toEqual([
      ['Runa', 'owner', false],
    ]);
    expect(made.invitations).toMatchObject([{ email: 'oli@loft.example', role: 'maker', by: 'Runa' }]);
    const week = (Date.parse(made.invitations[0]!.until) - Date.now()) / 86_400_000;
    expect(week).toBeGreaterThan(6.9);
    expect(week).toBeLessThanOrEqual(7.01);
    expect(made.link).toMatch(/^https:\/\/zabble\.example\/join#[\w-]{43}$/);
    const [letter] = await shared.mailbox.letters();
    expect(letter).toMatchObject({ to: 'oli@loft.example' });
    expect(letter?.subject).toContain('Skerry Point');
    expect(letter?.text).toContain('Runa');
    expect(letter?.text).toContain(made.link);
    expect(await audit()).toContainEqual(['Runa', 'crew/invited', 'oli@loft.example']);
  });

  it('a newer invitation is in place of the older, and one that was taken back is good for nothing', async () => {
    const tokenIn = ({ body }: { body: unknown }): string => (body as InvitationMade).link?.split('#')[1] ?? '';
    const first = tokenIn(await invite('oli@loft.example', 'helper').expect(201));
    const second = tokenIn(await invite('oli@loft.example', 'looker').expect(201));
    await ask('post', ROUTES.invitation, '').send({ token: first }).expect(404);
    const told = await ask('post', ROUTES.invitation, '').send({ token: second }).expect(200);
    expect(told.body).toMatchObject({ role: 'looker' });
    const { invitations } = await crew();
    expect(invitations).toHaveLength(1);
    const left = (await ask('delete', ROUTES.withdrawInvitation(invitations[0]!.id)).expect(200)).body as Crew;
    expect(left.invitations).toEqual([]);
    await ask('post', ROUTES.invitation, '').send({ token: second }).expect(404);
    expect(says(await ask('delete', ROUTES.withdrawInvitation(invitations[0]!.id)).expect(404))).toContain(
      'no such invitation',
    );
    expect(await audit()).toContainEqual(['Runa', 'crew/withdrawn', 'oli@loft.example']);
  });

  it('who belongs to it already is not invited, nor are more than it may have', async () => {
    const { email } = (await crew()).members[0]!;
    expect(says(await invite(email.toUpperCase()).expect(409))).toBe(
      `${email} belongs to the shop already. Nobody was invited.`,
    );
    const rows = Array.from({ length: 198 }, (_, n) => [
      shop,
      randomUUID(),
      `${n}`.padStart(64, '0'),
      `n${n}@x.example`,
    ]);
    await pool.query(
      `INSERT INTO invitations (shop, id, token, email, role, invited_by, until) VALUES ${rows
        .map(() => "(?, 'looker', 'Runa', UTC_TIMESTAMP(3) + INTERVAL 1 HOUR)")
        .join()}`,
      rows,
    );
    await invite('last@loft.example').expect(201);
    expect(says(await invite('one-more@loft.example').expect(409))).toContain('at most 200');
    await invite('not an address').expect(400);
  });

  it('only owners see them, invite and change', async () => {
    const maker = await person(shared, pool, { shop, role: 'maker', email: `${randomUUID()}@loft.example` });
    await ask('get', ROUTES.crew, maker).expect(403);
    await invite('oli@loft.example', 'maker', maker).expect(403);
    await ask('get', ROUTES.audit, maker).expect(403);
    await ask('get', ROUTES.crew, '').expect(401);
  });

  it('what a member may do is changed at once, and who is taken out sees nothing from then on', async () => {
    const helper = await person(shared, pool, {
      ...{ shop, role: 'helper' as const, name: 'Ben' },
      email: `${randomUUID()}@loft.example`,
    });
    const make = () => ask('post', ROUTES.jobs, helper).send({ document: {} });
    await make().expect(403);
    const id = await idOf('Ben');
    const changed = (await ask('put', ROUTES.member(id)).send({ role: 'maker' }).expect(200)).body as Crew;
    expect(changed.members.find(({ name }) => name === 'Ben')?.role).toBe('maker');
    await make().expect(422);
    await ask('put', ROUTES.member(id)).send({ role: 'king' }).expect(400);
    await ask('delete', ROUTES.member(id)).expect(200);
    await ask('get', ROUTES.jobs, helper).expect(403);
    expect(says(await ask('delete', ROUTES.member(id)).expect(404))).toContain('Nobody like that belongs');
    expect((await audit()).filter(([, what]) => what.startsWith('crew/'))).toEqual([
      ['Runa', 'crew/removed', 'Ben'],
      ['Runa', 'crew/now-maker', 'Ben'],
      ['Ben', 'crew/joined', ''],
      ['', 'crew/invited', expect.any(String)],
      ['Runa', 'crew/joined', ''],
      ['', 'crew/invited', expect.any(String)],
    ]);
  });

  it('keep an owner, also where two demote one another at once', async () => {
    const runa = await idOf('Runa');
    expect(says(await ask('put', ROUTES.member(runa)).send({ role: 'maker' }).expect(409))).toContain('keeps an owner');
    expect(says(await ask('delete', ROUTES.member(runa)).expect(409))).toContain('keeps an owner');
    await ask('put', ROUTES.member(runa)).send({ role: 'owner' }).expect(200);
    const email = `${randomUUID()}@loft.example`;
    const other = await person(shared, pool, { shop, role: 'owner', email, name: 'Oli' });
    const oli = await idOf('Oli');
    const both = await Promise.all([
      ask('put', ROUTES.member(oli)).send({ role: 'maker' }),
      ask('put', ROUTES.member(runa), other).send({ role: 'maker' }),
    ]);
    expect(both.filter(({ status }) => status === 200)).toHaveLength(1);
    const [rows] = await pool.query("SELECT role FROM members WHERE shop = ? AND role = 'owner'", [shop]);
    expect(rows).toHaveLength(1);
  });

  it('what they did is read from its end, a page at a time', async () => {
    for (let n = 1; n <= 51; n += 1)
      await shared.people.crewRows.audited(shop, { person: { id: null, name: 'Ada' }, what: 'job/saved', of: `${n}` });
    const page = async (before?: number) =>
      (await ask('get', `${ROUTES.audit}${before === undefined ? '' : `?before=${before}`}`).expect(200))
        .body as AuditPage;
    const first = await page();
    expect(first.rows.map(({ of }) => of)).toEqual(Array.from({ length: 50 }, (_, n) => String(51 - n)));
    expect(first.rows[0]).toMatchObject({ by: 'Ada', what: 'job/saved' });
    expect(first.next).toBe(first.rows[49]!.id);
    const second = await page(first.next);
    expect(second.rows.map(({ what }) => what)).toEqual(['job/saved', 'crew/joined', 'crew/invited']);
    expect(second.next).toBeUndefined();
    // The memory of it is bounded, whatever it was done to.
    await shared.people.crewRows.audited(shop, { person: { id: null, name: '' }, what: 'x', of: 'é'.repeat(300) });
    expect((await page()).rows[0]?.of).toHaveLength(254);
  });

  it('with a mail server nobody but whom it is for gets the link', async () => {
    const sent: { to: string; text: string }[] = [];
    const mail = {
      real: true,
      send: (letter: { to: string; text: string }) => Promise.resolve(void sent.push(letter)),
    };
    const limits = { points: 1, duration: 60 };
    const plenty = { points: 1000, duration: 60 };
    const other = sharedOn(pool, DATABASE, {
      mail,
      limits: { account: plenty, address: plenty, upload: plenty, mail: limits },
    });
    const to = `${randomUUID()}@loft.example`;
    const asked = () =>
      request(other.app).post(ROUTES.invitations).set('cookie', owner).send({ email: to, role: 'looker' });
    expect((await asked().expect(201)).body).not.toHaveProperty('link');
    expect(sent).toMatchObject([
      { to, text: expect.stringMatching(/https:\/\/zabble\.example\/join#[\w-]{43}/) as string },
    ]);
    await asked().expect(429);
    expect(sent).toHaveLength(1);
  });

  it('a letter that can’t be sent hinders nothing, and is told to whoever operates the server', async () => {
    const told: unknown[] = [];
    const away = new Error('no mail server');
    const other = sharedOn(pool, DATABASE, {
      mail: { real: false, send: () => Promise.reject(away) },
      failed: (problem) => void told.push(problem),
    });
    const { body } = await request(other.app)
      .post(ROUTES.invitations)
      .set('cookie', owner)
      .send({ email: 'oli@loft.example', role: 'looker' })
      .expect(201);
    expect((body as Crew).invitations).toHaveLength(1);
    expect(told).toEqual([away]);
  });

  it('one who belongs to it comes in with the password they have', async () => {
    const email = `${randomUUID()}@loft.example`;
    await person(shared, pool, { shop, role: 'helper', email });
    const answer = await ask('post', ROUTES.session, '').send({ email, password: PASSWORD }).expect(204);
    await ask('get', ROUTES.jobs, cookieOf(answer)).expect(200);
  });
});
