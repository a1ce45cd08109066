import express from 'express';
import { pino } from 'pino';
import { pinoHttp } from 'pino-http';
import request from 'supertest';
import { sayErrors } from './errors';
import { guard } from './guard';
import { cameThroughDoor } from './near';

const app = express();
app.use(pinoHttp({ logger: pino({ level: 'silent' }) }));
app.use(guard(['zabble.loft.example']));
app.all('/{*any}', (_request, response) => void response.json({ done: true }));
app.use(sayErrors);

type Ask = (ask: ReturnType<typeof request>) => request.Test;

describe('a request', () => {
  it.each<[string, Ask]>([
    ['that looks, at a name of this machine', (ask) => ask.get('/').set('host', 'localhost:4870')],
    ['that looks, at its own address', (ask) => ask.get('/').set('host', 'Zabble.loft.example')],
    ['that looks, by the other way round the machine', (ask) => ask.get('/').set('host', '[::1]:4870')],
    [
      'that changes, from its own page',
      (ask) => ask.post('/').set({ host: 'localhost:4870', origin: 'http://localhost:4870', 'x-zabble': '1' }),
    ],
    [
      'that changes, with a kind of content of its own',
      (ask) => ask.put('/').set({ 'content-type': 'application/json', 'sec-fetch-site': 'same-origin' }).send('{}'),
    ],
    [
      'that changes, from nowhere: an address that was typed',
      (ask) => ask.post('/').set({ 'sec-fetch-site': 'none', 'x-zabble': '1' }),
    ],
  ])('%s is answered', async (_, ask) => {
    await ask(request(app)).expect(200);
  });

  it.each<[string, Ask]>([
    ['at a foreign name that leads here', (ask) => ask.get('/api/jobs').set('host', 'attacker.example:4870')],
    ['at a name that only begins like its own', (ask) => ask.get('/').set('host', 'localhost.attacker.example')],
    ['without a name', (ask) => ask.get('/').set('host', '')],
    ['of a form of any page', (ask) => ask.post('/').type('form').send('a=1')],
    ['of a form that says it is text', (ask) => ask.post('/').set('content-type', 'text/plain').send('{}')],
    ['that changes and says nothing', (ask) => ask.delete('/api/jobs/1')],
    [
      'from another page, whatever else it says',
      (ask) => ask.post('/').set({ origin: 'http://attacker.example', 'x-zabble': '1' }).type('json').send('{}'),
    ],
    [
      'from another port of this machine',
      (ask) => ask.post('/').set({ origin: 'http://127.0.0.1:9', 'x-zabble': '1' }),
    ],
    ['from a page that hides where it is', (ask) => ask.post('/').set({ origin: 'null', 'x-zabble': '1' })],
    ['a browser knows as another’s', (ask) => ask.post('/').set({ 'sec-fetch-site': 'cross-site', 'x-zabble': '1' })],
    ['of a sister site', (ask) => ask.post('/').set({ 'sec-fetch-site': 'same-site', 'x-zabble': '1' })],
  ])('%s is refused', async (_, ask) => {
    const { body } = (await ask(request(app)).expect(403)) as { body: { says: string } };
    expect(body.says).toMatch(/Nothing was (?:changed|shown)/);
  });

  it('through the door for the network is answered at a bare address of either kind, at no name', async () => {
    const door = express();
    door.use((asked, _response, next) => {
      cameThroughDoor(asked);
      next();
    });
    door.use(app);
    const status = async (host: string): Promise<number> => (await request(door).get('/').set('host', host)).status;
    for (const host of ['192.0.2.7:4880', '[fd00::7]:4880', '[fd00::7]'])
      expect([host, await status(host)]).toEqual([host, 200]);
    for (const host of ['loft.example:4880', '[loft]:4880', '192.0.2:1'])
      expect([host, await status(host)]).toEqual([host, 403]);
    // By no door it is at no address.
    await request(app).get('/').set('host', '192.0.2.7:4880').expect(403);
  });
});
