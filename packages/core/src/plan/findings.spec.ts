import type { Patch } from '../reading';
import { planDocument } from './document';
import { codes, one, IN_ENGLISH, told } from './plan.spec-data';
import type { BankPlan } from './types';

describe('findings', () => {
  it.each<[string, Patch[], Patch[]]>([
    [
      'OPENING_TAPERED',
      [{ path: 'BANK.opening.width[1]', value: '600.801 mm' }],
      [{ path: 'BANK.opening.width[1]', value: '600.8 mm' }],
    ],
    [
      'OPENING_RACKED',
      [{ path: 'BANK.opening.diagonals', value: ['784 mm', '779 mm'] }],
      [{ path: 'BANK.opening.diagonals', value: ['781 mm', '781 mm'] }],
    ],
    ['OPENING_IMPOSSIBLE', [{ path: 'BANK.opening.diagonals', value: ['800 mm', '781 mm'] }], []],
    [
      'OPENING_IMPOSSIBLE',
      [{ path: 'BANK.opening.height[1]', value: '525.001 mm' }],
      [{ path: 'BANK.opening.height[1]', value: '525 mm' }],
    ],
    ['FORECAST', [{ path: 'BANK.basis', value: 'planned' }], []],
    [
      'BUILD_OUT_MISSING',
      [{ path: 'cases[0].style', value: 'face-frame' }],
      [
        { path: 'cases[0].style', value: 'face-frame' },
        { path: 'BANK.buildOut', value: { left: '18 mm', right: '18 mm' } },
      ],
    ],
    [
      'DEPTH_TOO_SHORT',
      [{ path: 'BANK.slide.length', value: '600 mm' }],
      [{ path: 'BANK.slide.length', value: '550 mm' }],
    ],
    [
      'DEPTH_TOO_SHORT',
      [{ path: 'BANK.opening.depth[0]', value: '254.999 mm' }],
      [{ path: 'BANK.opening.depth[0]', value: '255 mm' }],
    ],
    [
      'BOX_TOO_HIGH',
      [{ path: 'BANK.drawers[0].boxHeight', value: '400 mm' }],
      [{ path: 'BANK.drawers[0].boxHeight', value: '60 mm' }],
    ],
    [
      'BOX_TOO_LOW',
      [{ path: 'BANK.drawers[0].boxHeight', value: '51.9 mm' }],
      [{ path: 'BANK.drawers[0].boxHeight', value: '52 mm' }],
    ],
    [
      'SIDE_TOO_THICK',
      [
        { path: 'BANK.slide.family', value: 'undermount-16' },
        { path: 'materials[0].thickness', value: '16.1 mm' },
      ],
      [
        { path: 'BANK.slide.family', value: 'undermount-16' },
        { path: 'materials[0].thickness', value: '16 mm' },
      ],
    ],
    [
      'BOTTOM_NOT_ALLOWED',
      [
        { path: 'BANK.slide.family', value: 'undermount-16' },
        { path: 'BANK.box.bottomFit', value: 'applied' },
      ],
      [{ path: 'BANK.slide.family', value: 'undermount-16' }],
    ],
    [
      'RECESS_WRONG',
      [
        { path: 'BANK.slide.family', value: 'undermount-16' },
        { path: 'BANK.box.groove.offset', value: '11.9 mm' },
      ],
      [{ path: 'BANK.slide.family', value: 'undermount-16' }],
    ],
    ['EASE_TOO_MUCH', [{ path: 'BANK.box.ease', value: '1.6 mm' }], [{ path: 'BANK.box.ease', value: '1/16 in' }]],
    [
      'DIVISION_REVERSED',
      [
        { path: 'BANK.division.makeup', value: 'top' },
        { path: 'BANK.division.scheme', value: 'equal' },
        { path: 'BANK.division.increment', value: '5 mm' },
      ],
      [],
    ],
    [
      'DIVISION_IMPOSSIBLE',
      [{ path: 'BANK.drawers[0].height', value: '600 mm' }],
      [{ path: 'BANK.drawers[0].height', value: '200 mm' }],
    ],
    ['SIZE_IMPOSSIBLE', [{ path: 'BANK.opening.width', value: ['25 mm'] }], []],
    [
      'CONTENTS_TOO_TALL',
      [
        {
          path: 'BANK.drawers[0]',
          value: { id: 'd1', height: '150 mm', contents: [{ name: 'roll', height: '140 mm' }] },
        },
      ],
      [{ path: 'BANK.drawers[0]', value: { id: 'd1', contents: [{ name: 'roll', height: '140 mm' }] } }],
    ],
  ])('%s fires where it should and not just inside', (code, fires, doesNot) => {
    const finding = one(...fires).findings.find((each) => each.code === code);
    expect(told(finding)).toMatch(/^[A-Z].*\.$/);
    expect(codes(one(...doesNot))).not.toContain(code);
  });

  it('keeps what can be worked out when the height can’t be divided', () => {
    const bank = one({ path: 'BANK.drawers[0].height', value: '600 mm' });
    const finding = bank.findings.find(({ code }) => code === 'DIVISION_IMPOSSIBLE');
    expect(finding).toMatchObject({ severity: 'stop', params: { by: 86_000_000 } });
    expect(told(finding)).toContain('86.0 mm');
    const [drawer] = planDocumentOf(bank);
    expect(drawer).toMatchObject({ box: { width: 574.6, length: 550 }, front: { width: 620 } });
    expect(drawer!.front).not.toHaveProperty('height');
    expect(bank.spacers).toEqual([]);
  });

  const planDocumentOf = (bank: BankPlan) =>
    planDocument(
      {
        unit: 'mm',
        step: 500_000 as never,
        cases: [{ id: 'c', name: 'c', path: '', findings: [], doors: [], things: [], banks: [bank] }],
        worlds: [],
      },
      IN_ENGLISH,
    ).cases[0]!.banks[0]!.drawers;
});

describe('remedies', () => {
  const at = (field: string, value: unknown): Patch => ({ path: `BANK.${field}`, value });
  const thick: Patch = { path: 'materials[0].thickness', value: '17 mm' };
  const contents = [{ name: 'roll', height: '140 mm' }];

  /** Where the finding stands, and how many ways to mend it are offered. */
  it.each<[string, number, Patch[]]>([
    ['DEPTH_TOO_SHORT', 1, [at('slide.length', '600 mm')]],
    ['DEPTH_TOO_SHORT', 0, [at('opening.depth[0]', '200 mm')]],
    ['DEPTH_TOO_SHORT', 1, [at('drawers[1].slide', { length: '700 mm' })]],
    ['SIDE_TOO_THICK', 1, [at('slide', { family: 'undermount-16', length: '450 mm' }), thick]],
    ['SIDE_TOO_THICK', 0, [at('slide.family', 'undermount-19'), { ...thick, value: '20 mm' }]],
    ['BOTTOM_NOT_ALLOWED', 2, [at('slide.family', 'undermount-16'), at('box.bottomFit', 'applied')]],
    [
      'BOTTOM_NOT_ALLOWED',
      2,
      [
        at('slide.family', 'undermount-16'),
        at('box', {
          sides: 'ply12',
          ends: 'ply12',
          bottom: 'ply6',
          corner: { joint: 'through' },
          bottomFit: 'applied',
        }),
      ],
    ],
    ['RECESS_WRONG', 1, [at('slide.family', 'undermount-16'), at('box.groove.offset', '8 mm')]],
    ['RECESS_WRONG', 1, [at('slide.family', 'centre-mount'), at('drawers[0].box', { groove: { offset: '6 mm' } })]],
    ['EASE_TOO_MUCH', 1, [at('box.ease', '3 mm')]],
    ['BOX_TOO_HIGH', 1, [at('drawers[0].boxHeight', '400 mm')]],
    ['BOX_TOO_LOW', 1, [at('drawers[0].boxHeight', '40 mm')]],
    ['BOX_TOO_LOW', 1, [at('drawers[0].height', '60 mm')]],
    ['CONTENTS_TOO_TALL', 2, [at('drawers[0]', { id: 'd1', height: '150 mm', contents })]],
    [
      'CONTENTS_TOO_TALL',
      0,
      [at('drawers', [{ id: 'd1', height: '150 mm' }, { id: 'd2', sameAs: 'd1', contents }, { id: 'd3' }])],
    ],
    ['DIVISION_IMPOSSIBLE', 1, [at('drawers[0].height', '600 mm')]],
    [
      'DIVISION_IMPOSSIBLE',
      2,
      [at('drawers', [{ id: 'd1', height: '300 mm' }, { id: 'd2', height: '300 mm' }, { id: 'd3' }])],
    ],
    [
      'DIVISION_IMPOSSIBLE',
      2,
      [
        at('drawers', [
          { id: 'd1', height: '100 mm' },
          { id: 'd2', height: '100 mm' },
        ]),
      ],
    ],
    ['DIVISION_IMPOSSIBLE', 1, [at('division.step', '300 mm')]],
    // What is stored asks for more than there is: no lock and no scheme can mend that.
    [
      'DIVISION_IMPOSSIBLE',
      0,
      [
        at('drawers', [
          { id: 'd1', height: '30 mm' },
          { id: 'd2', contents: [{ name: 'mast', height: '900 mm' }] },
        ]),
      ],
    ],
    ['DIVISION_IMPOSSIBLE', 1, [at('division', { scheme: 'manual' })]],
  ])('%s: each of the %i offered takes it away', (code, count, patches) => {
    const found = one(...patches).findings.filter((finding) => finding.code === code);
    expect(found.length).toBeGreaterThan(0);
    const [finding] = found;
    expect(finding!.remedies ?? []).toHaveLength(count);
    for (const remedy of finding!.remedies ?? []) {
      expect(IN_ENGLISH.say(remedy)).toMatch(/^[A-Z]/);
      const after = one(...patches, ...remedy.patches).findings;
      expect(after.filter((each) => each.code === code && each.drawer === finding!.drawer)).toEqual([]);
    }
  });
});
