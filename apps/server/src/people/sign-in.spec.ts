import { join } from 'node:path';
import type { SessionRow, SessionState } from '@zabble/contract';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { Secret, TOTP } from 'otpauth';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase } from '../own-server.spec-data';
import type { ShopId } from '../whose/shop';
import { cookieOf, invitation, newShop, PASSWORD, person, sharedOn, type Shared } from './shared.spec-data';

const DATABASE = 'zabble_sign_in';
const EMAIL = 'ada@loft.example';

describe('signing in', () => {
  let pool: Pool;
  let shared: Shared;
  let shop: ShopId;
  let now = Date.parse('2026-11-29T09:00:00Z');
  const clock = () => now;

  beforeAll(async () => {
    pool = await ownDatabase(DATABASE);
    await migrate(pool, join(__dirname, '../../migrations'));
    shared = sharedOn(pool, DATABASE, { clock });
    shop = await newShop(pool, 'Skerry Point');
  });
  afterAll(() => pool.end());

  const ask = (cookie = '') => request.agent(shared.app).set('cookie', cookie);
  const signIn = (sent: object) => ask().post('/api/session').send(sent);
  const state = async (cookie?: string) => (await ask(cookie).get('/api/session').expect(200)).body as SessionState;

  it('is by an invitation first, good once; then by e-mail, however it is written, and password', async () => {
    expect(await state()).toEqual({ mode: 'shared' });
    await ask().get('/api/jobs').expect(401);
    const token = await invitation(pool, shop, EMAIL, 'owner');
    const told = await ask().post('/api/session/invitation').send({ token }).expect(200);
    expect(told.body).toEqual({ shop: 'Skerry Point', email: EMAIL, role: 'owner' });
    const sent = { token, name: ' Ada ', password: PASSWORD };
    await ask()
      .post('/api/session/join')
      .send({ ...sent, password: 'password1!' })
      .expect(422);
    const both = await Promise.all([sent, sent].map((each) => ask().post('/api/session/join').send(each)));
    expect(both.map(({ status }) => status).sort()).not.toEqual([204, 204]);
    const joined = both.find(({ status }) => status === 204);
    expect(joined?.headers['set-cookie']?.[0]).toMatch(
      /^__Host-zabble=[\w-]{43}; Max-Age=\d+; Path=\/; Expires=.+; HttpOnly; Secure; SameSite=Strict$/,
    );
    await ask().post('/api/session/join').send(sent).expect(404);
    const again = await signIn({ email: 'ADA@Loft.example ', password: PASSWORD }).expect(204);
    expect((await state(cookieOf(again))).person).toMatchObject({
      name: 'Ada',
      email: EMAIL,
      secondFactor: false,
      shop: { id: shop, name: 'Skerry Point', role: 'owner' },
    });
    await ask(cookieOf(again)).get('/api/jobs').expect(200);
  });

  it('tells by nothing whether there is an account', async () => {
    const wrong = await signIn({ email: EMAIL, password: 'not this one at all' }).expect(401);
    const nobody = await signIn({ email: 'nobody@loft.example', password: 'not this one at all' }).expect(401);
    expect(nobody.body).toEqual(wrong.body);
    expect(Object.keys(nobody.headers).sort()).toEqual(Object.keys(wrong.headers).sort());
    for (const email of [EMAIL, 'nobody@loft.example'])
      await ask().post('/api/session/forgotten').send({ email }).expect(202, {});
  });

  it('ends where it is signed out, by whichever device, and a secret that was good is good no more', async () => {
    const [one, other] = [
      cookieOf(await signIn({ email: EMAIL, password: PASSWORD }).set('user-agent', 'Some Mobile')),
      cookieOf(await signIn({ email: EMAIL, password: PASSWORD })),
    ];
    const rows = (await ask(other).get('/api/session/all').expect(200)).body as SessionRow[];
    expect(rows.filter(({ own }) => own)).toHaveLength(1);
    const phone = rows.findLast(({ device }) => device === 'Phone');
    await ask(other).delete(`/api/session/all/${phone?.id}`).expect(200);
    await ask(one).get('/api/jobs').expect(401);
    await ask(other).delete(`/api/session/all/${phone?.id}`).expect(404);
    const out = await ask(other).delete('/api/session').expect(204);
    expect(out.headers['set-cookie']?.[0]).toMatch(/^__Host-zabble=;/);
    await ask(other).get('/api/jobs').expect(401);
    expect(await state(other)).toEqual({ mode: 'shared' });
  });

  it('a session that nobody uses for a month is over', async () => {
    const cookie = cookieOf(await signIn({ email: EMAIL, password: PASSWORD }));
    await pool.query('UPDATE sessions SET seen_at = seen_at - INTERVAL 31 DAY');
    await ask(cookie).get('/api/jobs').expect(401);
  });

  it('a forgotten password is replaced by a link, once; whoever was signed in is out', async () => {
    const cookie = cookieOf(await signIn({ email: EMAIL, password: PASSWORD }));
    await ask().post('/api/session/forgotten').send({ email: EMAIL }).expect(202);
    // The answer did not wait for the letter, which is the second; the link of the first is good no more.
    let letters: string[] = [];
    while (letters.length < 2)
      letters = (await shared.mailbox.letters()).filter(({ to }) => to === EMAIL).map(({ text }) => text);
    const [token, older] = letters.map((text) => /https:\/\/zabble\.example\/new-password#([\w-]{43})/.exec(text)?.[1]);
    await ask().post('/api/session/new-password').send({ token: older, password: 'mast and boom' }).expect(404);
    await ask().post('/api/session/new-password').send({ token, password: 'Ada' }).expect(422);
    await ask().post('/api/session/new-password').send({ token, password: 'mast and boom' }).expect(204);
    await ask().post('/api/session/new-password').send({ token, password: 'mast and boom' }).expect(404);
    await ask(cookie).get('/api/jobs').expect(401);
    await signIn({ email: EMAIL, password: PASSWORD }).expect(401);
    const back = cookieOf(await signIn({ email: EMAIL, password: 'mast and boom' }).expect(204));
    const other = cookieOf(await signIn({ email: EMAIL, password: 'mast and boom' }).expect(204));
    await ask(back).put('/api/session/password').send({ was: 'boom', password: PASSWORD }).expect(422);
    await ask(back).put('/api/session/password').send({ was: 'mast and boom', password: PASSWORD }).expect(204);
    await ask(back).get('/api/jobs').expect(200);
    await ask(other).get('/api/jobs').expect(401);
  });

  it('with a second factor: a code is good once, and so is each of those for when it is lost', async () => {
    const cookie = await person(shared, pool, { shop, role: 'maker', email: 'bo@loft.example' });
    await ask(cookie).post('/api/session/second-factor').send({ password: 'wrong' }).expect(422);
    const begun = (await ask(cookie).post('/api/session/second-factor').send({ password: PASSWORD }).expect(200))
      .body as {
      secret: string;
      outline: string;
    };
    expect(begun.outline).toMatch(/^M/);
    const codeAt = (at: number) => new TOTP({ secret: Secret.fromBase32(begun.secret) }).generate({ timestamp: at });
    // Not on until a code was said.
    const sent = { email: 'bo@loft.example', password: PASSWORD };
    await signIn(sent).expect(204);
    await ask(cookie).put('/api/session/second-factor').send({ code: '000000' }).expect(422);
    const { body } = await ask(cookie)
      .put('/api/session/second-factor')
      .send({ code: codeAt(now) })
      .expect(200);
    const { codes } = body as { codes: string[] };
    expect(new Set(codes).size).toBe(10);

    expect((await signIn(sent).expect(401)).body).toMatchObject({ said: { code: 'second-factor-wanted' } });
    // The password comes first: whoever does not know it is not told of a second factor.
    expect((await signIn({ ...sent, password: 'wrong one' }).expect(401)).body).toMatchObject({
      said: { code: 'not-signed-in-so' },
    });
    await signIn({ ...sent, code: codeAt(now) }).expect(401);
    now += 30_000;
    const code = codeAt(now);
    await signIn({ ...sent, code: `${code.slice(0, 3)} ${code.slice(3)}` }).expect(204);
    await signIn({ ...sent, code }).expect(401);
    await signIn({ ...sent, code: codes[3]?.toUpperCase() }).expect(204);
    await signIn({ ...sent, code: codes[3] }).expect(401);
    await ask(cookie).delete('/api/session/second-factor').send({ password: PASSWORD }).expect(204);
    await signIn(sent).expect(204);
  });

  it('one person may belong to several shops; what a page does for one is not done to another', async () => {
    const cookie = await person(shared, pool, { shop, role: 'maker', email: 'cy@loft.example' });
    const other = await newShop(pool, 'Tern Rock');
    const token = await invitation(pool, other, 'cy@loft.example', 'looker');
    await ask().post('/api/session/join').send({ token, name: 'Cy', password: 'not the one they have' }).expect(401);
    await ask().post('/api/session/join').send({ token, name: 'Cy', password: PASSWORD }).expect(204);
    const set = (id: string) => ask(cookie).put('/api/session/shop').send({ shop: id });
    await set(other).expect(200);
    expect((await state(cookie)).person?.shop).toEqual({ id: other, name: 'Tern Rock', role: 'looker' });
    await ask(cookie).patch('/api/shop/habits').send({ ease: '1 mm' }).expect(403);
    await set(shop).expect(200);
    const late = await ask(cookie).patch('/api/shop/habits').set('x-zabble', other).send({ ease: '1 mm' });
    expect([late.status, (late.body as { said: { code: string } }).said.code]).toEqual([409, 'another-shop']);
    await set('99999999-9999-4999-8999-999999999999').expect(404);
  });

  it('counts attempts, by account and by address, whatever comes of them', async () => {
    const limits = {
      account: { points: 3, duration: 900 },
      address: { points: 8, duration: 900 },
      mail: { points: 1, duration: 900 },
      upload: { points: 2, duration: 900 },
    };
    await pool.query('DELETE FROM attempts');
    const strict = sharedOn(pool, DATABASE, { limits });
    const attempt = (email: string) => request(strict.app).post('/api/session').send({ email, password: 'guess' });
    const statuses = [];
    for (let tried = 0; tried < 5; tried += 1) statuses.push((await attempt(EMAIL)).status);
    expect(statuses).toEqual([401, 401, 401, 429, 429]);
    // The right password does not get in either, until it is over.
    const right = await request(strict.app).post('/api/session').send({ email: EMAIL, password: PASSWORD });
    expect([right.status, (right.body as { says: string }).says]).toEqual([
      429,
      'Too many attempts. Nothing was done; try again in 15 minutes.',
    ]);
    const others = [];
    for (const name of ['d', 'e', 'f']) others.push((await attempt(`${name}@loft.example`)).status);
    expect(others).toEqual([401, 401, 429]);
    await pool.query('DELETE FROM attempts');
    const cookie = cookieOf(await signIn({ email: 'cy@loft.example', password: PASSWORD }).expect(204));
    await ask(cookie).put('/api/session/shop').send({ shop });
    const photo = () =>
      request(strict.app).put(`/api/jobs/${shop}/photos/${shop}`).set('cookie', cookie).type('image/png').send('x');
    expect([(await photo()).status, (await photo()).status, (await photo()).status].at(-1)).toBe(429);
    const forgot = () => request(strict.app).post('/api/session/forgotten').send({ email: 'z@loft.example' });
    expect([(await forgot()).status, (await forgot()).status]).toEqual([202, 429]);
  });

  it('keeps no secret as it is', async () => {
    const text: string[] = [];
    for (const table of ['people', 'sessions', 'invitations', 'forgotten', 'recovery_codes', 'attempts']) {
      const [rows] = await pool.query<RowDataPacket[]>(`SELECT * FROM ${table}`);
      text.push(JSON.stringify(rows));
    }
    const cookie = cookieOf(await signIn({ email: 'cy@loft.example', password: PASSWORD }));
    expect(text.join('\n')).not.toContain(PASSWORD);
    expect(text.join('\n')).not.toContain(cookie.split('=')[1]);
    expect(text.join('\n')).toMatch(/scrypt\$4\$8\$1\$/);
  });
});
