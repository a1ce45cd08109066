import type { Patch } from '../job';
import { planDocument } from './document';
import { codes, one } from './plan.spec-data';
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
    expect(finding?.says).toMatch(/^[A-Z].*\.$/);
    expect(codes(one(...doesNot))).not.toContain(code);
  });

  it('keeps what can be worked out when the height can’t be divided', () => {
    const bank = one({ path: 'BANK.drawers[0].height', value: '600 mm' });
    expect(bank.findings.find(({ code }) => code === 'DIVISION_IMPOSSIBLE')).toMatchObject({
      severity: 'stop',
      says: expect.stringContaining('86.0 mm') as string,
    });
    const [drawer] = planDocumentOf(bank);
    expect(drawer).toMatchObject({ box: { width: 574.6, length: 550 }, front: { width: 620 } });
    expect(drawer!.front).not.toHaveProperty('height');
    expect(bank.spacers).toEqual([]);
  });

  const planDocumentOf = (bank: BankPlan) =>
    planDocument({ unit: 'mm', step: 500_000 as never, cases: [{ id: 'c', name: 'c', path: '', banks: [bank] }] })
      .cases[0]!.banks[0]!.drawers;
});
