import type { QuoteShown } from '@zabble/contract';
import { quotePage } from './page';

const BODY: QuoteShown['body'] = {
  job: 'Chart <drawers>',
  faces: [],
  made: [],
  holds: [],
  lines: [],
  ...{ net: 100_00, tax: 0, total: 100_00, without: 0, stage: 'as-built' },
} as unknown as QuoteShown['body'];

const pageOf = (body: object = {}, more: Partial<QuoteShown> = {}): string =>
  quotePage({
    ...{ number: 3, madeAt: '2026-11-02T10:00:00.000Z', validUntil: '2026-12-29', terms: '', excluded: '' },
    ...{ currency: 'EUR', ...more },
    body: { ...BODY, ...body },
  });
const said = (text = ''): string => text.replace(/&#(\d+);/g, (_, code: string) => String.fromCharCode(Number(code)));
/** What is read on it, without its looks. */
const read = (html: string): string =>
  said(
    html
      .replace(/<style>[^]*?<\/style>/, '')
      .replace(/<[^>]+>/g, ' ')
      .replace(/\s+/g, ' ')
      .trim(),
  );
const rowsOf = (html: string): string[][] =>
  [...html.matchAll(/<th scope="row">(.*?)<\/th><td>(.*?)<\/td>/g)].map(([, what, cents]) => [said(what), said(cents)]);

describe('a quote as its customer reads it', () => {
  it('says what it is of, for whom, of which day and until when, and nothing that is not told', () => {
    expect(read(pageOf())).toBe(
      'Chart <drawers>: Quote 3 Chart <drawers> Quote 3, of 2 November 2026 The price In all €100.00 This price holds until 29 December 2026.',
    );
    expect(read(pageOf({ customer: 'Holm & Co' }))).toContain('Quote 3 for Holm & Co, of 2 November 2026');
  });

  it('has tax that is added between the price before it and the whole, tax that is in it beside the whole', () => {
    const taxed = { net: 100_00, tax: 19_00, total: 119_00 };
    expect(rowsOf(pageOf({ ...taxed, taxed: 'added' }))).toEqual([
      ['Before tax', '€100.00'],
      ['Tax', '€19.00'],
      ['In all', '€119.00'],
    ]);
    expect(rowsOf(pageOf({ ...taxed, taxed: 'included' }))).toEqual([
      ['Tax in it', '€19.00'],
      ['In all', '€119.00'],
    ]);
  });

  it('lists lines with how many, what it is made of, what goes in, what is not in it and its terms, line by line', () => {
    const html = pageOf(
      {
        lines: [
          { what: 'drawer <box>', count: '12', cents: 60_00 },
          { what: 'fitting', cents: 40_00 },
        ],
        ...{ made: ['Oak'], holds: ['Charts & flags'] },
      },
      { terms: ' half now \n\n half then ', excluded: 'Lamps' },
    );
    expect(rowsOf(html).slice(0, 2)).toEqual([
      ['Drawer <box>, 12', '€60.00'],
      ['Fitting', '€40.00'],
    ]);
    expect(
      [...html.matchAll(/<h2>(.*?)<\/h2><ul>(.*?)<\/ul>/g)].map(([, heading, list]) => [heading, said(list)]),
    ).toEqual([
      ['What it is made of', '<li>Oak</li>'],
      ['What goes in', '<li>Charts & flags</li>'],
      ['Not included', '<li>Lamps</li>'],
      ['Terms', '<li>half now</li><li>half then</li>'],
    ]);
  });

  it('says where sizes may still change, and how much has no price in it', () => {
    const [sure, rough] = [pageOf(), pageOf({ stage: 'planned', without: 2 })];
    expect([sure, rough].map((html) => html.includes('may change with the second'))).toEqual([false, true]);
    expect([...rough.matchAll(/class="soft"/g)]).toHaveLength(2);
    expect(sure).not.toContain('class="soft"');
  });

  it('draws its faces with what is low at the foot of the picture', () => {
    const boxes = [
      { role: 'case', x: 0, y: 100, width: 600, height: 700 },
      { role: 'front', x: 3, y: 110.04, width: 594, height: 200 },
    ];
    const face = { x: 0, y: 100, width: 600, height: 700, boxes };
    const html = pageOf({ faces: [{ name: 'Bank "A"', sizes: '600 × 700', face }] });
    expect(html).toContain('<svg role="img" aria-label="Bank &#34;A&#34;: 600 × 700" viewBox="0 100 600 700">');
    // 100 from the picture's top is 800 high; the front stands 10 over the foot of the case and is 200 high.
    expect(html).toContain('<rect class="case" x="0" y="100.0" width="600" height="700"/>');
    expect(html).toContain('<rect class="front" x="3" y="590.0" width="594" height="200"/>');
    expect(html).toContain('<figcaption>Bank &#34;A&#34;: 600 × 700</figcaption>');
  });
});
