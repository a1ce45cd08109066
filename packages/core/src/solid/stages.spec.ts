import { ROLES, type PartRole } from '../box';
import { MEMBERS, type MemberRole } from '../casework';
import { offOf, stageOf } from './stages';

const WHOLE = { x: 1000, y: 2000, z: 500 };
const BOX = { x: 400, y: 100, z: 300 };
const out = (role: PartRole | MemberRole, nth = 0): number[] => {
  const { x, y, z } = offOf(role, nth, WHOLE, BOX);
  return [x, y, z];
};

describe('a case taken apart', () => {
  it('boxes come out farther than wood for slides, fronts farther than boxes', () => {
    expect(out('drawer-front')).toEqual([0, 0, -1050]);
    const carriers = (Object.keys(ROLES) as PartRole[]).filter((role) => ROLES[role].of === 'carrier');
    expect(carriers.length).toBeGreaterThan(0);
    for (const role of carriers) expect([role, ...out(role)]).toEqual([role, 0, 0, -125]);
  });

  it('a box comes apart: its sides to either side, its front and back along it, its bottom down', () => {
    // Out by 1.35 of 500; the rest in parts of a box of 400 × 100 × 300.
    expect([out('side', 0), out('side', 1)]).toEqual([
      [-56, 0, -675],
      [56, 0, -675],
    ]);
    expect([out('box-front'), out('back')]).toEqual([
      [0, 0, -729],
      [0, 0, -621],
    ]);
    // Two halves of a bottom part at its muntin.
    expect([out('bottom', 0), out('bottom', 1), out('muntin')]).toEqual([
      [0, -60, -675],
      [8, -60, -675],
      [0, -90, -675],
    ]);
    expect(out('pull')[2]).toBe(-36 + 500 * (ROLES.pull.of === 'front' ? -2.1 : -1.35));
  });

  it('a case by its own size: what faces away from it the most goes that way', () => {
    for (const role of Object.keys(MEMBERS) as MemberRole[]) {
      const [x = 0, y = 0, z = 0] = out(role);
      expect([role, Math.abs(x) <= 2 * WHOLE.x, Math.abs(y) <= 2 * WHOLE.y, Math.abs(z) <= 3 * WHOLE.z]).toEqual([
        role,
        true,
        true,
        true,
      ]);
    }
    expect([out('case-side-left'), out('case-side-right')]).toEqual([
      [-280, 0, 0],
      [280, 0, 0],
    ]);
  });

  it('it goes together: wood for slides before boxes, those before their fronts', () => {
    expect(stageOf('runner')).toBeLessThan(stageOf('side'));
    expect(stageOf('side')).toBe(stageOf('bottom'));
    expect(stageOf('side')).toBeLessThan(stageOf('drawer-front'));
  });
});
