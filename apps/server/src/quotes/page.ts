import { createHash } from 'node:crypto';
import type { QuoteShown } from '@zabble/contract';
import { said, type QuoteFace, type Said } from '@zabble/core';
import { escaped } from '../http/escaped';
import { inWords } from '../http/refusal';
import { dayInWords, moneyIn } from '../http/told';

/** How the page looks; what is allowed to it is told by this one's fingerprint. */
const STYLE = `
  :root { color-scheme: light dark; font: 1.0625rem/1.5 system-ui, sans-serif; }
  body { margin: 0; background: #e6e9e1; color: #232a27; }
  main { max-width: 44rem; margin: 0 auto; padding: 2rem 1.25rem 3rem; background: #f6f7f2; min-height: 100vh; box-sizing: border-box; }
  h1 { font-size: 1.8rem; line-height: 1.2; margin: 0; }
  h2 { font-size: 1.15rem; margin: 1.75rem 0 0.4rem; }
  p, ul { margin: 0.25rem 0; }
  ul { padding: 0; list-style: none; }
  figure { margin: 1.25rem 0 0; }
  svg { width: 100%; max-height: 22rem; }
  rect { fill: #f6f7f2; stroke: #232a27; vector-effect: non-scaling-stroke; }
  rect.front { fill: #ece4d2; }
  table { width: 100%; border-collapse: collapse; font-variant-numeric: tabular-nums; }
  td, th { text-align: left; font-weight: 400; padding: 0.35rem 0; border-bottom: 1px solid #cfd4cb; }
  td:last-child { text-align: right; white-space: nowrap; }
  tr.total > * { font-weight: 600; font-size: 1.25rem; border-bottom: 0; border-top: 2px solid #232a27; }
  .soft { color: #566159; }
  a { color: #1c5a8c; display: inline-block; min-height: 2.75rem; line-height: 2.75rem; }
  @media (prefers-color-scheme: dark) {
    body, main { background: #191e1c; color: #e8ebe4; }
    rect { fill: #191e1c; stroke: #e8ebe4; }
    rect.front { fill: #2c322c; }
    td, th { border-color: #3b433e; }
    tr.total > * { border-color: #e8ebe4; }
    .soft { color: #aab3ac; }
    a { color: #8fc1ea; }
  }
`;

/** What the page may do: nothing but look so. */
export const QUOTE_POLICY = `default-src 'none'; style-src 'sha256-${createHash('sha256').update(STYLE).digest('base64')}'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'`;

const say = (what: Said): string => escaped(inWords(what));

/** A quote as its customer reads it: on any device, without signing in, to be looked at alone. */
export function quotePage({ body, number, madeAt, validUntil, terms, excluded, currency }: QuoteShown): string {
  const money = moneyIn(currency);
  const row = (what: string, cents: number, kind = ''): string =>
    `<tr${kind}><th scope="row">${what}</th><td>${escaped(money(cents))}</td></tr>`;
  const whom = body.customer ? ` ${say(said('quote/for', { customer: body.customer }))}` : '';
  const taxed =
    body.tax === 0
      ? []
      : body.taxed === 'included'
        ? [row(say(said('quote/tax-in-it')), body.tax)]
        : [row(say(said('quote/net')), body.net), row(say(said('quote/tax')), body.tax)];
  const lines = body.lines.map(({ what, count, cents }) =>
    row(
      `${escaped(what.charAt(0).toUpperCase() + what.slice(1))}${count === undefined ? '' : `, ${escaped(count)}`}`,
      cents,
    ),
  );
  return page(
    `${body.job}: ${inWords(said('quote/number', { number }))}`,
    `<h1>${escaped(body.job)}</h1>
      <p>${say(said('quote/number', { number }))}${whom}, ${say(said('quote/of-day', { date: dayInWords(madeAt) }))}</p>
      ${body.faces.map(figure).join('')}
      ${list(said('quote/is-made'), body.made)}
      ${list(said('quote/holds'), body.holds)}
      <h2>${say(said('quote/price'))}</h2>
      <table>${[...lines, ...taxed, row(say(said('quote/total')), body.total, ' class="total"')].join('')}</table>
      <p>${say(said('quote/valid', { date: dayInWords(validUntil) }))}</p>
      ${body.stage === 'as-built' ? '' : `<p class="soft">${say(said('quote/rough'))}</p>`}
      ${body.without > 0 ? `<p class="soft">${say(said('quote/without', { count: body.without }))}</p>` : ''}
      ${list(said('quote/excluded'), linesOf(excluded))}
      ${list(said('quote/terms'), linesOf(terms))}`,
  );
}

/** Instead of one that was withdrawn, or never was: nobody is told which. */
export const goneQuotePage = (): string => page('Zabble', `<h1>${say(said('quote/gone'))}</h1>`);

function page(title: string, inside: string): string {
  return `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <meta name="robots" content="noindex, nofollow" />
    <title>${escaped(title)}</title>
    <style>${STYLE}</style>
  </head>
  <body>
    <main>
      ${inside}
    </main>
  </body>
</html>
`;
}

function list(heading: Said, all: readonly string[]): string {
  if (all.length === 0) return '';
  return `<h2>${say(heading)}</h2><ul>${all.map((each) => `<li>${escaped(each)}</li>`).join('')}</ul>`;
}

function figure({ name, sizes, face }: QuoteFace): string {
  const up = (y: number, height: number): string => (2 * face.y + face.height - y - height).toFixed(1);
  const boxes = face.boxes.map(
    ({ role, x, y, width, height }) =>
      `<rect class="${role}" x="${x}" y="${up(y, height)}" width="${width}" height="${height}"/>`,
  );
  return `<figure><svg role="img" aria-label="${escaped(`${name}: ${sizes}`)}" viewBox="${face.x} ${face.y} ${face.width} ${face.height}">${boxes.join('')}</svg><figcaption>${escaped(name)}: ${escaped(sizes)}</figcaption></figure>`;
}

const linesOf = (text: string): readonly string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
