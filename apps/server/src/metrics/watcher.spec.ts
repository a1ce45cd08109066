import express from 'express';
import { pino } from 'pino';
import request from 'supertest';
import { sayErrors } from '../http/errors';
import { logRequests } from '../http/log-requests';
import { watcher } from './router';

const TOKEN = 'a-long-token-of-mine';
const status = async (token: string | undefined, headers: Record<string, string>): Promise<number> => {
  const app = express()
    .use(logRequests(pino({ level: 'silent' })))
    .use(watcher(token))
    .use((_request, response) => void response.end())
    .use(sayErrors);
  return (await request(app).get('/').set(headers)).status;
};
const ELSEWHERE = { 'x-forwarded-for': '10.0.0.7' };
const shows = (authorization: string) => ({ ...ELSEWHERE, authorization });

it.each<[string, string | undefined, Record<string, string>, number]>([
  ['who is at this machine', TOKEN, {}, 200],
  ['who is at this machine, where there is no token', undefined, {}, 200],
  ['who is elsewhere, with the token', TOKEN, shows(`Bearer ${TOKEN}`), 200],
  ['who is elsewhere', TOKEN, ELSEWHERE, 401],
  ['who shows another of the same length', TOKEN, shows(`Bearer ${TOKEN.toUpperCase()}`), 401],
  ['who shows the beginning of it', TOKEN, shows(`Bearer ${TOKEN.slice(0, -1)}`), 401],
  ['who shows it as something else', TOKEN, shows(`Basic  ${TOKEN}`), 401],
  ['who shows nothing, where there is none', undefined, shows('Bearer '), 401],
  ['who shows what is not there', undefined, shows('Bearer undefined'), 401],
])('figures: %s', async (_, token, headers, expected) => expect(await status(token, headers)).toBe(expected));
