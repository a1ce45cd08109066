import express, { type Express } from 'express';
import { pino } from 'pino';
import request from 'supertest';
import { answer } from './answer';
import { jsonBody, textBody } from './body';
import { sayErrors } from './errors';
import { logRequests } from './log-requests';
import { together } from './together';

const MOST = 200;
const app: Express = express().use(logRequests(pino({ level: 'silent' })));
app.post('/json', jsonBody(MOST), (asked, response) => answer(response, { read: asked.body as unknown }, 201));
app.post('/text', textBody(MOST), (asked, response) =>
  answer(response, JSON.stringify({ read: asked.body as unknown })),
);
const seen: string[] = [];
const step = (name: string) => (): void => void seen.push(name);
app.get('/steps/:how', (asked, response) => {
  seen.length = 0;
  together(
    (_request, _response, next) => setImmediate(() => (step('one')(), next())),
    (_request, _response, next) => {
      step('two')();
      if (asked.params['how'] === 'thrown') throw new RangeError('thrown');
      next(asked.params['how'] === 'told' ? new RangeError('told') : undefined);
    },
    (_request, _response, next) => (step('three')(), next()),
  )(asked, response, (problem?: unknown) => {
    if (problem === undefined) answer(response, { seen });
    else answer(response, { seen, problem: (problem as Error).message }, 500);
  });
});
app.use(sayErrors);

const send = (path: string, text: string, type = 'application/json') =>
  request(app).post(path).set('Content-Type', type).send(text);
const says = (status: number, text: string) => ({ status, body: expect.objectContaining({ says: text }) as unknown });

describe('a body', () => {
  it('is read as the JSON it is, told how in whatever way', async () => {
    for (const type of ['application/json', 'application/json; charset=utf-8', 'Application/JSON;charset=UTF-8'])
      expect((await send('/json', '{"a":[1,"½"]}', type)).body).toEqual({ read: { a: [1, '½'] } });
    // Without its length told, in parts.
    const asked = request(app)
      .post('/json')
      .set('Content-Type', 'application/json')
      .set('Transfer-Encoding', 'chunked');
    asked.write('{"a":');
    asked.write('2}');
    expect((await asked).body).toEqual({ read: { a: 2 } });
  });

  it('is refused where it is none, too long, or nested too deep; not where it is just so', async () => {
    expect(await send('/json', '{"a":')).toMatchObject({ status: 400 });
    const long = (letters: number) => send('/json', `{"a":"${'x'.repeat(letters)}"}`);
    expect([(await long(MOST - 8)).status, (await long(MOST - 7)).status]).toEqual([201, 413]);
    const deep = (levels: number) => '['.repeat(levels) + ']'.repeat(levels);
    for (const path of ['/json', '/text']) {
      expect((await send(path, deep(64))).status).toBeLessThan(300);
      expect((await send(path, deep(65))).status).toBe(400);
    }
    expect(await send('/json', deep(65))).toMatchObject(
      says(400, ((await send('/text', deep(65))).body as { says: string }).says),
    );
  });

  it('of text is as it was sent, and only of the kind no form sends', async () => {
    expect((await send('/text', ' {"a": 1} ')).body).toEqual({ read: ' {"a": 1} ' });
    expect((await send('/text', '{"a":1}', 'text/plain')).body).toEqual({});
  });
});

describe('several steps as one', () => {
  const steps = async (how: string): Promise<object> => (await request(app).get(`/steps/${how}`)).body as object;

  it('are gone one after the other, and end where one throws or tells of a problem', async () => {
    expect(await steps('well')).toEqual({ seen: ['one', 'two', 'three'] });
    expect(await steps('thrown')).toEqual({ seen: ['one', 'two'], problem: 'thrown' });
    expect(await steps('told')).toEqual({ seen: ['one', 'two'], problem: 'told' });
  });
});

describe('an answer', () => {
  it('is told in its length and kind, as JSON or the text of it', async () => {
    const { status, headers, text } = await send('/json', '"½"');
    expect([status, text, headers['content-type'], headers['content-length']]).toEqual([
      201,
      '{"read":"½"}',
      'application/json; charset=utf-8',
      '13',
    ]);
    expect((await send('/text', '1')).status).toBe(200);
  });
});
