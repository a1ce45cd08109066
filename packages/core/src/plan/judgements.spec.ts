import type { Patch } from '../reading';
import { JUDGEMENTS, at, job, stored, undermount } from './judgements.spec-data';
import { one, IN_ENGLISH, told } from './plan.spec-data';

describe('judgements', () => {
  it.each(JUDGEMENTS)('%s (%s) fires at its limit and not just inside; each remedy takes it away', (...row) => {
    const [code, severity, fires, doesNot, remedies] = row;
    const [finding] = one(...fires).findings.filter((each) => each.code === code);
    expect(finding).toMatchObject({ severity });
    expect(told(finding)).toMatch(/^[A-Z0-9].*[.?]$/);
    expect(one(...doesNot).findings.map((each) => each.code)).not.toContain(code);
    expect(finding!.remedies ?? []).toHaveLength(remedies);
    for (const remedy of finding!.remedies ?? []) {
      const after = one(...fires, ...remedy.patches).findings;
      expect(after.filter((each) => each.code === code && each.drawer === finding!.drawer)).toEqual([]);
    }
  });

  it('none of them fires on the sound sample', () => {
    expect(one().findings).toEqual([]);
  });

  const found = (code: string, ...patches: Patch[]) => one(...patches).findings.find((each) => each.code === code);
  const mended = (code: string, ...patches: Patch[]): void => {
    const finding = found(code, ...patches);
    expect(finding?.remedies?.length).toBeGreaterThan(0);
    for (const { patches: more } of finding?.remedies ?? [])
      expect(
        one(...patches, ...more).findings.filter((each) => each.code === code && each.drawer === finding?.drawer),
      ).toEqual([]);
  };

  it('LOAD_OVER warns over 80 % of the pair’s rating and stops over all of it', () => {
    const { box, front } = one().drawers[0]!.load;
    const holding = (total: number): Patch => stored({ weight_kg: total - box - front });
    expect(found('LOAD_OVER', holding(36))).toBeUndefined();
    expect(found('LOAD_OVER', holding(36.01))).toMatchObject({ severity: 'warn' });
    expect(found('LOAD_OVER', holding(45))).toMatchObject({ severity: 'warn' });
    expect(found('LOAD_OVER', holding(45.01))).toMatchObject({ severity: 'stop', drawer: 'd1' });
    mended('LOAD_OVER', holding(45.01));
  });

  it('BOTTOM_SAGS over a two-hundredth of the span: the thickness it names would hold, a hair less not', () => {
    const thick = (mm: number): Patch => job('materials[1].thickness', `${mm.toFixed(2)} mm`);
    const sags = (mm: number): boolean => found('BOTTOM_SAGS', thick(mm)) !== undefined;
    let [low, high] = [5.5, 9];
    while (high - low > 0.015) {
      const middle = Math.round(((low + high) / 2) * 100) / 100;
      if (sags(middle)) low = middle;
      else high = middle;
    }
    expect([sags(low), sags(high)]).toEqual([true, false]);
    // The cube of the thickness: what the sentence at 5.5 names.
    const named = /About ([\d.]+) mm/.exec(told(found('BOTTOM_SAGS', thick(5.5))))?.[1];
    expect(Math.abs(Number(named) - high)).toBeLessThan(0.3);
    mended('BOTTOM_SAGS', thick(5.5));
  });

  it('BOTTOM_SAGS offers no muntin where the slide runs under the box', () => {
    const says = (...patches: Patch[]) =>
      (found('BOTTOM_SAGS', job('materials[1].thickness', '5.5 mm'), ...patches)?.remedies ?? []).map((each) =>
        IN_ENGLISH.say(each),
      );
    expect(says().some((each) => each.includes('muntin'))).toBe(true);
    expect(says(...undermount).some((each) => each.includes('muntin'))).toBe(false);
  });

  it('TIPS warns under 1.5 and stops under 1, by the weight of the case', () => {
    const stand = (weight_kg: number, more: object = {}): Patch =>
      job('cases[0].stand', { weight_kg, depth: '580 mm', frontFeet: '20 mm', ...more });
    const lightest = (ratio: number): number => {
      let [low, high] = [0.1, 500];
      for (let i = 0; i < 60; i += 1) {
        const middle = (low + high) / 2;
        const finding = found('TIPS', stand(middle));
        const under = ratio === 1 ? finding?.severity === 'stop' : finding !== undefined;
        if (under) low = middle;
        else high = middle;
      }
      return high;
    };
    const [steady, upright] = [lightest(1.5), lightest(1)];
    expect(found('TIPS', stand(steady + 0.01))).toBeUndefined();
    expect(found('TIPS', stand(steady - 0.01))).toMatchObject({ severity: 'warn' });
    expect(found('TIPS', stand(upright + 0.01))).toMatchObject({ severity: 'warn' });
    expect(found('TIPS', stand(upright - 0.01))).toMatchObject({ severity: 'stop' });
    // Half again the moment: the case's own weight is all there is behind the feet.
    expect(steady / upright).toBeCloseTo(1.5, 3);
    expect(told(found('TIPS', stand(upright - 0.01)))).toMatch(/Anchor it to the wall; local rules/);
    expect(found('TIPS', stand(1, { anchored: true }))).toBeUndefined();
    mended('TIPS', stand(steady - 0.01));
  });

  it('DIVISION_REVERSED can be set right by the odd rest, or kept', () => {
    const reversed = [at('division', { scheme: 'equal', increment: '5 mm', makeup: 'top' })];
    mended('DIVISION_REVERSED', ...reversed);
    expect(found('DIVISION_REVERSED', ...reversed)?.remedies).toHaveLength(2);
  });

  it.each<[string, Patch[], RegExp[]]>([
    [
      'a least over a most',
      [at('drawers[0].least', '200 mm'), at('drawers[0].most', '100 mm')],
      [/Drop the most of drawer 1/, /Drop the least/],
    ],
    [
      'a lock over its most',
      [at('drawers[0].most', '100 mm'), at('drawers[0].height', '120 mm')],
      [/Free drawer 1/, /Drop the most/],
    ],
    [
      'leasts over all there is',
      [at('drawers[0].least', '400 mm'), at('drawers[1].least', '300 mm')],
      [/least of drawer 1/, /least of drawer 2/],
    ],
    [
      'a line that leaves the drawers below nothing',
      [at('drawers[1].line', { y: '0 mm' }), at('drawers[2].least', '300 mm')],
      [/Drop the (line|least)/],
    ],
    ['a line over the top', [at('drawers[0].line', { y: '600 mm' })], [/Drop the line of drawer 1/]],
    [
      'two wishes at once',
      [at('drawers[0].height', '300 mm'), at('drawers[1].least', '300 mm'), at('drawers[2].least', '600 mm')],
      [/, and /],
    ],
    [
      'a tie that drags another along',
      [at('drawers[2].sameAs', 'd1'), at('drawers[0].least', '280 mm')],
      [/Drop the least of drawer 1|Untie drawer 3/],
    ],
  ])('DIVISION_IMPOSSIBLE says which wish to drop: %s', (_, patches, expected) => {
    const finding = found('DIVISION_IMPOSSIBLE', ...patches);
    const says = (finding?.remedies ?? []).map(IN_ENGLISH.say).join('; ');
    for (const each of expected) expect(says).toMatch(each);
    mended('DIVISION_IMPOSSIBLE', ...patches);
  });

  it('says sizes smaller than the step in hundredths', () => {
    expect(told(found('GROOVE_TOO_DEEP', at('box.groove.depth', '5.95 mm')))).toContain('0.05 mm over half');
  });
});
