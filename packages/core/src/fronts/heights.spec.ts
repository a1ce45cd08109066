import type { Bank } from '../job';
import { millimetres as mm, nm, plus, tally, type Length, type Tally } from '../length';
import { frontBottomsOf, frontHeightsOf } from './heights';

type Division = Parameters<typeof frontBottomsOf>[2];
const drawers = (...all: readonly object[]) => all.map((each, index) => ({ id: `d${index + 1}`, ...each }));
const bank = (all: readonly object[], division: object = { scheme: 'equal' }, front: object = {}): Bank =>
  ({
    drawers: drawers(...all),
    division,
    front: { mount: 'overlay', gap: mm(3), top: mm(10), bottom: mm(8), left: mm(10), right: mm(10), ...front },
  }) as unknown as Bank;
const divided = (heights: readonly number[], more: object = {}): Division =>
  ({
    ...{ ok: true, heights: heights.map((each) => mm(each)), held: [], makeups: [], ideals: [], stretches: [] },
    ...more,
  }) as unknown as Division;
/** Each as the terms of its sum, in millimetres. */
const told = (heights: readonly Tally[]) =>
  heights.map(({ terms }) => terms.map(({ label: { code }, amount }) => [code, amount / 1e6]));
const heights = (of: Bank, division: Division, needs: readonly (Tally | undefined)[] = []) =>
  told(frontHeightsOf(of, 'b', division, needs));
const need = (length: Length): Tally => tally(plus('length', length));

describe('the height of a front, by how it came about', () => {
  it('is locked, its own or by the one it is tied to', () => {
    const of = bank([{ height: mm(150) }, { sameAs: 'd1' }]);
    const made = frontHeightsOf(of, 'b', divided([150, 150], { held: ['locked', 'locked'] }), []);
    expect(told(made)).toEqual([[['locked', 150]], [['locked', 150]]]);
    expect(made.map(({ terms: [term] }) => term?.from)).toEqual([
      { kind: 'field', path: 'b.drawers[0].height' },
      { kind: 'field', path: 'b.drawers[0].height' },
    ]);
  });

  it('is left by a line, or held up or down', () => {
    const division = divided([100, 120, 140], { held: ['line', 'least', 'most'] });
    expect(heights(bank([{}, {}, {}]), division)).toEqual([
      [['left-by-line', 100]],
      [['held-up-at-least', 120]],
      [['held-down-at-most', 140]],
    ]);
  });

  it('is what its contents want, and what the increment or one it is tied to wants more', () => {
    const held = { held: ['contents', 'contents', 'contents'] };
    const all = [need(mm(118)), need(mm(120)), undefined];
    expect(heights(bank([{}, {}, {}]), divided([120, 120, 130], held), all)).toEqual([
      [
        ['length', 118],
        ['to-increment', 2],
      ],
      [['length', 120]],
      [['held-up-by-contents', 130]],
    ]);
    expect(heights(bank([{}, { sameAs: 'd1' }, {}]), divided([120, 120, 130], held), all)[0]).toEqual([
      ['length', 118],
      ['tied-and-to-increment', 2],
    ]);
  });

  it('is what the others of its stretch leave', () => {
    const stretch = { places: [0, 1], total: mm(300) };
    const one = divided([100, 200], { makeups: [1], ideals: [mm(100), mm(200)], stretches: [stretch] });
    expect(heights(bank([{}, {}]), one)).toEqual([
      [['equal-share', 100]],
      [
        ['height-to-share', 300],
        ['front-of', -100],
      ],
    ]);
    const two = { ...one, stretches: [stretch, { places: [2], total: mm(50) }] } as unknown as Division;
    expect(heights(bank([{}, {}]), two)[1]?.[0]).toEqual(['height-between-lines', 300]);
  });

  it('is what the scheme asks for, to the increment', () => {
    const division = divided([101, 151], { ideals: [nm(100_500_000), mm(151)] });
    for (const [scheme, code] of [
      ['equal', 'equal-share'],
      ['ratio', 'by-ratio'],
      ['contents', 'by-contents'],
      ['manual', 'equal-share'],
    ] as const)
      expect(heights(bank([{}, {}], { scheme }), division)).toEqual([
        [
          [code, 100.5],
          ['to-increment', 0.5],
        ],
        [[code, 151]],
      ]);
    expect(heights(bank([{}, { sameAs: 'd1' }], { scheme: 'ratio' }), division)[0]?.[1]).toEqual([
      'tied-and-to-increment',
      0.5,
    ]);
  });

  it('is the top one’s and so many steps, where they grow by steps', () => {
    const division = divided([100, 125, 151], { ideals: [mm(100), mm(125), mm(150)] });
    expect(heights(bank([{}, {}, {}], { scheme: 'step', step: mm(25) }), division)).toEqual([
      [['top-front-by-scheme', 100]],
      [
        ['top-front-by-scheme', 100],
        ['step', 25],
      ],
      [
        ['top-front-by-scheme', 100],
        ['step', 50],
        ['to-increment', 1],
      ],
    ]);
  });
});

describe('the lower edge of a front', () => {
  it('is lapped by the lowest, and over it by what is below and the gaps between', () => {
    const division = divided([100, 120, 140]);
    expect(told(frontBottomsOf(bank([{}, {}, {}]), 'b', division))).toEqual([
      [
        ['lap-at', -8],
        ['front-of', 120],
        ['front-of', 140],
        ['gap', 6],
      ],
      [
        ['lap-at', -8],
        ['front-of', 140],
        ['gap', 3],
      ],
      [['lap-at', -8]],
    ]);
    const inset = frontBottomsOf(bank([{}, {}], {}, { mount: 'inset' }), 'b', divided([100, 120]));
    expect(inset.map(({ total }) => total / 1e6)).toEqual([131, 8]);
    expect(inset[1]?.terms[0]?.label.code).toBe('gap-at');
  });
});
