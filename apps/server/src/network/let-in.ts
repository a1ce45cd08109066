import { createHash } from 'node:crypto';
import { LET_IN_PAGE } from '@zabble/contract';
import express, { Router, type Request, type Response } from 'express';
import { OWN_SHOP } from '../whose/shop';
import { deviceOf } from '../http/device';
import { isNear } from '../http/near';
import { LET_IN_STYLE, letInPage, type LetInPage } from './let-in-page';
import { givePass } from './pass';
import type { NetworkService } from './service';

const STYLE = `'sha256-${createHash('sha256').update(LET_IN_STYLE).digest('base64')}'`;
const FIELDS = 2000;

/** The page where a device that is not known says its code, and what takes the code. */
export function letIn(network: NetworkService): Router {
  const router = Router();
  router.get(LET_IN_PAGE, (request, response) => {
    if (isNear(request)) response.redirect(303, '/');
    else show(request, response, { code: textOf(request.query['code']), to: textOf(request.query['to']) }, 200);
  });
  router.post(LET_IN_PAGE, express.urlencoded({ extended: false, limit: FIELDS }), async (request, response) => {
    const { code, name, to } = (request.body ?? {}) as Readonly<Record<string, unknown>>;
    const called = textOf(name).trim() === '' ? deviceOf(request) : textOf(name);
    const pass = await network.letIn(OWN_SHOP, textOf(code), called);
    if (pass === undefined) {
      show(request, response, { code: '', name: called, to: textOf(to), wrong: true }, 403);
      return;
    }
    givePass(response, pass, isOverTls(request));
    response.redirect(303, ownPath(textOf(to)));
  });
  return router;
}

/** Instead of any other page. */
export function showLetIn(request: Request, response: Response): void {
  show(request, response, { to: request.method === 'GET' ? request.originalUrl : '/' }, 401);
}

function show(request: Request, response: Response, page: Partial<LetInPage>, status: number): void {
  response
    .status(status)
    .set('Cache-Control', 'no-store')
    .set(
      'Content-Security-Policy',
      `default-src 'none'; style-src ${STYLE}; form-action 'self'; frame-ancestors 'none'`,
    )
    // Without it the form would not say which page it is of, and would be refused.
    .set('Referrer-Policy', 'same-origin')
    .type('html')
    .send(letInPage({ code: '', name: deviceOf(request), to: '/', wrong: false, ...page }));
}

/** Only a path of this application: nobody is sent elsewhere from here. */
function ownPath(to: string): string {
  return /^\/(?![/\\])[\x21-\x7e]*$/.test(to) && !to.startsWith(LET_IN_PAGE) ? to : '/';
}

function isOverTls(request: Request): boolean {
  return (request.get('origin') ?? '').startsWith('https:');
}

function textOf(sent: unknown): string {
  return typeof sent === 'string' ? sent.slice(0, FIELDS) : '';
}
