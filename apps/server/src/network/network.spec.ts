import { readFile } from 'node:fs/promises';
import { get as httpGet, type IncomingMessage } from 'node:http';
import { join } from 'node:path';
import { createServer } from 'node:net';
import type { AddressInfo } from 'node:net';
import { once } from 'node:events';
import type { LetInCode, NetworkState, Problem } from '@zabble/contract';
import { said } from '@zabble/core';
import express, { type Express } from 'express';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { sayErrors } from '../http/errors';
import { escaped } from '../http/escaped';
import { inWords } from '../http/refusal';
import { appWith, ownDatabase } from '../own-server.spec-data';
import { decideWhose, OWN_DEVICE } from '../whose/decide';
import { OWN_SHOP } from '../whose/shop';
import { Door, ownAddresses } from './door';
import { NetworkRepository } from './repository';
import { networkRouter } from './router';
import { NetworkService } from './service';

/** The door answers at this address; by its name the machine is another’s, as for a phone. */
const LAN = '192.0.2.7';
const OWN = { 'x-zabble': '1' };

async function freePort(): Promise<number> {
  const server = createServer().listen(0);
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  server.close();
  return port;
}

describe('the network of the shop', () => {
  let pool: Pool;
  let app: Express;
  let door: Door;
  let service: NetworkService;
  let now = Date.parse('2026-11-28T09:00:00Z');

  beforeAll(async () => {
    pool = await ownDatabase('zabble_network');
    await migrate(pool, join(__dirname, '../../migrations'));
    door = new Door(await freePort());
    service = new NetworkService(
      new NetworkRepository(pool),
      door,
      undefined,
      () => now,
      () => [LAN, '[fd00::7]'],
    );
    app = appWith(pool, { network: service, names: ['zabble.example'] });
    door.answer(app);
  });
  afterAll(async () => {
    await door.set(false);
    await pool.end();
  });

  const near = (what: { open: boolean; address?: string }) => request(app).put('/api/network').set(OWN).send(what);
  /** What a phone asks: through the door, by the address it is called by. */
  const far = (pass?: string) => {
    const agent = request.agent(`http://127.0.0.1:${door.port}`).set('host', `${LAN}:${door.port}`);
    return pass === undefined ? agent : agent.set('cookie', `other=1; ${pass}`);
  };
  const newCode = async () => (await request(app).post('/api/network/code').set(OWN).expect(200)).body as LetInCode;
  const say = (code: string, to = '/jobs') =>
    far()
      .post('/let-in')
      .set('origin', `http://${LAN}:${door.port}`)
      .type('form')
      .send({ code, name: 'The tablet at the saw', to });
  const letIn = async (): Promise<string> => {
    const { headers } = await say((await newCode()).code).expect(303);
    return (headers['set-cookie'] as unknown as string[])[0]!.split(';')[0]!;
  };
  const devices = async () =>
    ((await request(app).get('/api/network').expect(200)).body as NetworkState).devices.map(({ id, name }) => ({
      id,
      name,
    }));

  it('is not let in until it is opened, by a port of its own; and it stays as it was left', async () => {
    expect((await request(app).get('/api/network').expect(200)).body).toEqual({
      ...{ near: true, open: false, address: null, addresses: [], devices: [] },
    });
    await expect(far().get('/')).rejects.toThrow('ECONNREFUSED');
    await request(app).post('/api/network/code').set(OWN).expect(409);

    const address = `http://${LAN}:${door.port}`;
    expect((await near({ open: true }).expect(200)).body).toMatchObject({
      ...{ open: true, address, addresses: [address, `http://[fd00::7]:${door.port}`] },
    });
    await far().get('/').expect(401);
    const { body } = await near({ open: true, address: `http://[fd00::7]:${door.port}` }).expect(200);
    expect(body).toMatchObject({ address: `http://[fd00::7]:${door.port}` });
    const elsewhere = (await near({ open: true, address: 'http://elsewhere.example' }).expect(422)).body as Problem;
    expect(elsewhere.said).toEqual(said('address-not-ours', { address: 'http://elsewhere.example' }));
    await near({ open: true, address }).expect(200);

    await door.set(false);
    expect(await service.begin(OWN_SHOP)).toBe(true);
    await far().get('/').expect(401);
    await near({ open: false }).expect(200);
    await expect(far().get('/')).rejects.toThrow('ECONNREFUSED');
    await near({ open: true }).expect(200);
  });

  it('says in a sentence where its port is another’s', async () => {
    const other = createServer().listen(0);
    await once(other, 'listening');
    const { port } = other.address() as AddressInfo;
    const stuck = new NetworkService(new NetworkRepository(pool), new Door(port), undefined);
    await expect(stuck.set(OWN_SHOP, { open: true })).rejects.toThrow(`Port ${port} is taken by another program`);
    expect(await stuck.begin(OWN_SHOP)).toBe(false);
    other.close();
  });

  it('shows everybody who is not let in one page and nothing else', async () => {
    for (const path of ['/', '/jobs/1/boxes', '/main.js', '/ngsw.json']) {
      const { text, headers } = await far().get(path).expect(401);
      expect(text).toContain('This device is not let in yet');
      for (const word of ['title', 'heading', 'how', 'code', 'name', 'do'] as const)
        expect(text).toContain(escaped(inWords(said(`let-in/${word}`))));
      expect(text).not.toContain('role="alert"');
      expect(headers['cache-control']).toBe('no-store');
      expect(headers['content-security-policy']).toContain("default-src 'none'");
    }
    for (const path of ['/api/jobs', '/api/health', '/api/network', '/api/shop/stock']) {
      const { body } = await far().get(path).expect(401);
      expect((body as { says: string }).says).toContain('not let in');
    }
    await far()
      .get('/api/jobs')
      .set('cookie', `zabble-pass=${'x'.repeat(43)}`)
      .expect(401);
    await far().delete('/api/jobs/1').set(OWN).expect(401);
  });

  it('never takes what is passed on, or comes by another name, for a person at this machine', async () => {
    const passedOn: Record<string, string>[] = [
      { 'x-forwarded-for': '127.0.0.1' },
      { forwarded: 'for=127.0.0.1' },
      { via: '1.1 proxy' },
      { 'x-real-ip': '127.0.0.1' },
      { 'x-forwarded-proto': 'https' },
      { host: 'zabble.example' },
    ];
    for (const headers of passedOn) {
      await request(app).get('/api/jobs').set(headers).expect(401);
      await request(app)
        .post('/api/network/code')
        .set({ ...OWN, ...headers })
        .expect(401);
    }
    // By the door: whatever it calls itself.
    await request(`http://127.0.0.1:${door.port}`).get('/api/jobs').expect(401);
  });

  it('lets one device in by a code, which is used up by it', async () => {
    const { code, page, outline, across } = await newCode();
    expect(page).toBe(`http://${LAN}:${door.port}/let-in?code=${code}`);
    expect([code.length, across > 20, outline.startsWith('M')]).toEqual([6, true, true]);
    expect((await far().get(`/let-in?code=${code}`).expect(200)).text).toContain(`value="${code}"`);

    const { headers } = await say(`${code.slice(0, 3)} ${code.slice(3)}`, '/jobs/1/cut?part=b1').expect(303);
    expect(headers['location']).toBe('/jobs/1/cut?part=b1');
    const cookie = (headers['set-cookie'] as unknown as string[])[0]!;
    expect(cookie).toMatch(/^zabble-pass=[\w-]{43}; Max-Age=31536000; Path=\/; .*HttpOnly; SameSite=Lax/);
    const pass = cookie.split(';')[0]!;
    await far(pass).get('/api/jobs').expect(200);
    await far(pass).get('/no-such.js').expect(404);
    expect((await say(code).expect(403)).text).toContain('That code lets nobody in');
    expect((await devices()).at(-1)?.name).toBe('The tablet at the saw');
    // It sees where it is, and neither who else is there nor the means to let others in.
    expect((await far(pass).get('/api/network').expect(200)).body).toMatchObject({ near: false, devices: [] });
    await far(pass).post('/api/network/code').set(OWN).expect(403);
    await far(pass).put('/api/network').set(OWN).send({ open: false }).expect(403);
    await far(pass)
      .delete(`/api/network/devices/${(await devices())[0]?.id ?? ''}`)
      .set(OWN)
      .expect(403);
  });

  it('takes no code that is too old, guessed at, replaced, or sent by a page from elsewhere', async () => {
    const old = (await newCode()).code;
    now += 10 * 60_000;
    await say(old).expect(403);

    const guessed = (await newCode()).code;
    for (let tries = 0; tries < 5; tries += 1) await say(guessed === '000000' ? '000001' : '000000').expect(403);
    await say(guessed).expect(403);

    const [replaced, newer] = [(await newCode()).code, (await newCode()).code];
    if (replaced !== newer) await say(replaced).expect(403);
    const { code } = await newCode();
    const elsewhere = far().post('/let-in').type('form').send({ code, name: 'x' });
    await elsewhere.set('origin', 'http://attacker.example').expect(403);
    await far().post('/let-in').type('form').send({ code, name: 'x' }).expect(403);
    // Nobody is sent to a page from elsewhere by it either.
    for (const to of ['//attacker.example', 'https://attacker.example', '/\\attacker.example', '/a b', '/let-in']) {
      const { headers } = await say((await newCode()).code, to).expect(303);
      expect(headers['location']).toBe('/');
    }
  });

  it('sends a device away again, with whatever is under way for it', async () => {
    const pass = await letIn();
    const mine = (await devices()).at(-1)!;
    const { body } = (await request(app)
      .post('/api/jobs/import')
      .set(OWN)
      .type('json')
      .send(await demo())
      .expect(201)) as { body: { id: string } };
    const stream = httpGet({
      ...{ host: '127.0.0.1', port: door.port, path: `/api/jobs/${body.id}/log/stream` },
      headers: { host: `${LAN}:${door.port}`, cookie: pass, accept: 'text/event-stream' },
    });
    const [response] = (await once(stream, 'response')) as [IncomingMessage];
    expect(response.statusCode).toBe(200);
    response.on('error', () => undefined);
    response.resume();
    const ended = new Promise((resolve) => response.on('close', resolve));
    await request(app).delete(`/api/network/devices/${mine.id}`).set(OWN).expect(204);
    await ended;
    await far(pass).get('/api/jobs').expect(401);
    expect(await devices()).not.toContainEqual(mine);
    await request(app).delete(`/api/network/devices/${mine.id}`).set(OWN).expect(404);
  });

  it('forgets a code once it is closed, and writes down now and then that a device is there', async () => {
    const { code } = await newCode();
    await near({ open: false }).expect(200);
    await near({ open: true }).expect(200);
    await say(code).expect(403);

    const pass = await letIn();
    const { id } = (await devices()).at(-1)!;
    const seenAt = async () => {
      const [[row]] = await pool.query<RowDataPacket[]>('SELECT seen_at FROM devices WHERE id = ?', [id]);
      return (row?.['seen_at'] as Date).getTime();
    };
    await pool.query("UPDATE devices SET seen_at = '2026-01-01' WHERE id = ?", [id]);
    const [before, seen] = [await seenAt(), jest.spyOn(NetworkRepository.prototype, 'seen')];
    const asks = () => far(pass).get('/api/jobs').expect(200);
    await asks();
    expect(seen).toHaveBeenCalledTimes(1);
    await seen.mock.results[0]?.value;
    expect(await seenAt()).toBeGreaterThan(before);
    now += 15 * 60_000 - 1;
    await asks();
    expect(seen).toHaveBeenCalledTimes(1);
    now += 1;
    await asks();
    expect(seen).toHaveBeenCalledTimes(2);
    expect(seen).toHaveBeenLastCalledWith(id);
    seen.mockRestore();
  });

  it('is nothing to be opened or seen by others where people sign in', async () => {
    const shared = express().use(
      decideWhose(() => Promise.resolve(OWN_DEVICE)),
      networkRouter(service, true),
      sayErrors,
    );
    const state = await request(shared).get('/');
    expect(state.body).toMatchObject({ near: false, addresses: [], devices: [] });
    await request(shared).put('/').set(OWN).send({ open: false }).expect(404);
    await request(shared).post('/code').set(OWN).expect(404);
  });

  it('keeps of a pass only what it is known again by', async () => {
    const pass = (await letIn()).split('=')[1]!;
    const [rows] = await pool.query('SELECT * FROM devices');
    expect(JSON.stringify(rows)).not.toContain(pass);
  });
});

function demo(): Promise<string> {
  return readFile(join(__dirname, '../../../../examples/flag-chest.json'), 'utf8');
}

it('of the addresses a machine has, those others reach it by are told, IPv4 first', () => {
  const at = (address: string, more: object = {}) => ({ address, internal: false, ...more });
  const networks = {
    lo: [at('127.0.0.1', { internal: true }), at('::1', { internal: true })],
    wire: [at('fd00::7'), at('fe80::7', { scopeid: 3 }), at('192.0.2.7', { scopeid: 0 })],
    air: [at('169.254.9.9'), at('198.51.100.4')],
    none: undefined,
  };
  expect(ownAddresses(networks as never)).toEqual(['192.0.2.7', '198.51.100.4', '[fd00::7]']);
  expect(ownAddresses({})).toEqual([]);
});

it('a machine’s own addresses are written as they stand in an address of a page, none that only it can reach', () => {
  for (const address of ownAddresses()) {
    expect(URL.canParse(`http://${address}:4871`)).toBe(true);
    expect(address).not.toMatch(/^127\.|^169\.254\.|%|^\[fe80/);
  }
});
