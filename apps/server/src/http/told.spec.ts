import type { Request } from 'express';
import { deviceOf } from './device';
import { escaped } from './escaped';
import { fingerprint, newSecret } from './secrets';
import { dayInWords, moneyIn } from './told';
import { UnderWay } from './under-way';

describe('what is told in a page', () => {
  it('opens no tag and ends no attribute', () => {
    expect(escaped(`<a href="x" title='y'>&amp;</a>`)).toBe(
      '&#60;a href=&#34;x&#34; title=&#39;y&#39;&#62;&#38;amp;&#60;/a&#62;',
    );
    expect(escaped('Rope & sail, 3/4 in')).toBe('Rope &#38; sail, 3/4 in');
  });

  it('of money has its currency, or the sign for none', () => {
    expect([moneyIn('EUR')(123_456), moneyIn(null)(123_456), moneyIn('JPY')(12_300)]).toEqual([
      '€1,234.56',
      '¤1,234.56',
      '¥123',
    ]);
  });

  it('of a day is the day there, wherever the server stands', () => {
    expect([dayInWords('2026-11-29'), dayInWords('2026-11-29T23:59:59.999Z')]).toEqual([
      '29 November 2026',
      '29 November 2026',
    ]);
  });
});

describe('a device', () => {
  it('is called by what it says of itself', () => {
    const called = (says?: string) => deviceOf({ get: () => says } as unknown as Request);
    expect([
      called('Mozilla/5.0 (Android 14; Tablet; rv:1)'),
      called('… Mobile Safari'),
      called('X11; Linux'),
      called(),
    ]).toEqual(['Tablet', 'Phone', 'Computer', 'Computer']);
  });
});

describe('a secret', () => {
  it('is another each time, and known again by its fingerprint', () => {
    const [one, other] = [newSecret(), newSecret()];
    expect(one).toMatch(/^[\w-]{43}$/);
    expect(one).not.toBe(other);
    expect(fingerprint(one)).toBe(fingerprint(one));
    // FIPS 180-2, appendix B.1, from memory.
    expect(fingerprint('abc')).toBe('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad');
  });
});

describe('what is under way', () => {
  it('ends with who it is for, but for what is done by then', () => {
    const under = new UnderWay();
    const ended: string[] = [];
    const add = (of: string, what: string) => under.add(of, () => ended.push(what));
    const done = add('a', 'first');
    add('a', 'second');
    add('b', 'other');
    done();
    under.end('nobody');
    under.end('a');
    expect(ended).toEqual(['second']);
    // One that begins as the last one ends is kept.
    const last = add('c', 'last');
    last();
    add('c', 'next');
    last();
    under.end('c');
    expect(ended).toEqual(['second', 'next']);
  });
});
