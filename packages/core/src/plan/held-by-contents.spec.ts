import { plan, readJobDocument } from './plan';
import { demo } from './plan.spec-data';
import { shownSum } from './shown-sum';
import { kindOfAsked } from './size-kinds';
import type { BankPlan } from './types';
import { patched } from '../reading';
import { millimetres } from '../length';

describe('a front held up by what is stored', () => {
  const BANK = 'cases[0].banks[0]';
  const stored = (name: string, height: string): BankPlan => {
    const reading = readJobDocument(
      patched(demo('notions-bank'), [{ path: `${BANK}.drawers[4].contents`, value: [{ name, height }] }]),
    );
    if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
    return plan(reading.job).cases[0]!.banks[0]!;
  };

  it('shows the sum that makes it: the thing, air, what lies under it and what the front covers', () => {
    const drawer = stored('grommet press', '6 in').drawers[4]!;
    const height = drawer.dimensions['front.height']!;
    expect(drawer.held).toBe('contents');
    expect(height.terms.length).toBeGreaterThan(3);
    expect(height.terms[0]).toMatchObject({
      label: { code: 'stored', params: { name: 'grommet press' } },
      amount: millimetres(152.4),
      from: { path: `${BANK}.drawers[4].contents[0].height` },
    });
    expect(height.terms.map(({ label }) => label.code)).toContain('air-above-stored');
    // What it holds clear is the thing and its air, and what the increment gave besides.
    const clear = drawer.dimensions['inside.clearHeight']!.total;
    const given = height.terms.find(({ label }) => label.code === 'to-increment')?.amount ?? 0;
    expect(clear).toBe(millimetres(152.4) + millimetres(6.35) + given);
  });

  it('adds up as it is shown', () => {
    const height = stored('grommet press', '151 mm').drawers[4]!.dimensions['front.height']!;
    const kind = kindOfAsked({ kind: 'dimension', drawer: 'd5', dimension: 'front.height' });
    expect(shownSum(height, kind, { unit: 'in', step: millimetres(0.396875) }).terms).toHaveLength(height.terms.length);
  });
});
