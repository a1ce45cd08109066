import { said } from '@zabble/core';
import { createHash } from 'node:crypto';
import { Router } from 'express';
import { escaped } from '../http/escaped';
import { hidden } from '../http/hidden';
import { isNear } from '../http/near';
import { inWords } from '../http/refusal';
import type { KeptLetter, Mailbox } from './mailbox-repository';

const STYLE = `
  :root { color-scheme: light dark; font: 1.0625rem/1.5 system-ui, sans-serif; }
  body { margin: 0; background: #e6e9e1; color: #232a27; }
  main { max-width: 44rem; margin: 0 auto; padding: 2rem 1.25rem; }
  article { background: #fff; border-left: 4px solid #7d867b; padding: 0.75rem 1rem; margin: 1rem 0; overflow-wrap: anywhere; }
  h1 { font-size: 1.6rem; margin: 0; } h2 { font-size: 1.1rem; margin: 0; } small { color: #555f59; }
  pre { font: inherit; white-space: pre-wrap; margin: 0.5rem 0 0; }
  @media (prefers-color-scheme: dark) {
    body { background: #191e1c; color: #e8ebe4; } article { background: #232a27; } small { color: #b9c1bb; } a { color: #9cc4ea; }
  }
`;
const PRINT = `'sha256-${createHash('sha256').update(STYLE).digest('base64')}'`;
const POLICY = `default-src 'none'; style-src ${PRINT}; form-action 'none'; frame-ancestors 'none'`;

/** /mailbox: what was sent while there is no mail server; only for who is at this very machine. */
export function mailboxPage(mailbox: Mailbox): Router {
  return Router().get('/mailbox', hidden, async (request, response, next) => {
    if (!isNear(request)) {
      next();
      return;
    }
    response
      .set('Content-Security-Policy', POLICY)
      .type('html')
      .send(pageOf(await mailbox.letters()));
  });
}

function pageOf(letters: readonly KeptLetter[]): string {
  const say = (word: 'title' | 'heading' | 'what' | 'empty'): string => escaped(inWords(said(`mailbox/${word}`)));
  const shown = letters.map(
    ({ to, subject, text, at }) =>
      `<article><h2>${escaped(subject)}</h2><small>${escaped(to)} · ${at.toISOString().slice(0, 16).replace('T', ' ')}</small>` +
      `<pre>${linked(escaped(text))}</pre></article>`,
  );
  return `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <title>${say('title')}</title>
    <style>${STYLE}</style>
  </head>
  <body>
    <main>
      <h1>${say('heading')}</h1>
      <p>${say('what')}</p>
      ${shown.length > 0 ? shown.join('\n') : `<p>${say('empty')}</p>`}
    </main>
  </body>
</html>`;
}

const linked = (text: string): string =>
  text.replaceAll(/https?:\/\/[^\s<]+/g, (link) => `<a href="${link}">${link}</a>`);
