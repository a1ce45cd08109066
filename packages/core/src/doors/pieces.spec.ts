import { inMillimetres, millimetres, plus, tally } from '../length';
import { piecesOf, tongueOf, type LeafStock } from './pieces';

const mm = millimetres;
const size = (of: number) => tally(plus('width-leaf', mm(of)));
const material = (id: string, thickness: number) => ({ id, thickness: mm(thickness) });
const stock = (door: object, more: Partial<LeafStock> = {}): LeafStock =>
  ({
    ...{ door: { id: 'o1', ...door }, path: 'here', leaf: 1, size: { width: size(500), height: size(800) } },
    ...{ wood: material('ash', 20), panel: material('ply', 6), play: mm(2), ...more },
  }) as unknown as LeafStock;
const pieces = (door: object, more?: Partial<LeafStock>) =>
  piecesOf(stock(door, more)).map(({ member, x, y, leaf }) => ({
    ...{ role: member.role, material: member.material, leaf, x: inMillimetres(x), y: inMillimetres(y) },
    ...{ long: inMillimetres(member.length.total), wide: inMillimetres(member.width.total) },
    ...(member.blank
      ? { blank: [member.blank.length, member.blank.width].map(({ total }) => inMillimetres(total)) }
      : {}),
  }));
const band = (...edges: string[]) => ({ band: { thickness: mm(1), edges } });
const frame = (more: object = {}) => ({ frame: { stile: mm(60), groove: mm(10), panel: 'ply', ...more } });

describe('the pieces of a leaf', () => {
  it('of one piece: as large as the leaf, sawn so much smaller as its bands are thick', () => {
    const slab = { role: 'door', material: 'ash', leaf: 1, x: 0, y: 0, long: 800, wide: 500 };
    expect(pieces({})).toEqual([slab]);
    expect(pieces(band('top', 'bottom', 'left', 'right'))).toEqual([{ ...slab, blank: [798, 498] }]);
    expect(pieces(band('top'))).toEqual([{ ...slab, blank: [799, 500] }]);
    expect(pieces(band('left', 'right'))).toEqual([{ ...slab, blank: [800, 498] }]);
    // A frame whose panel is nowhere is none.
    expect(pieces(frame(), { panel: undefined })).toEqual([slab]);
  });

  it('of a frame: stiles its full height, rails between them with their tongues, a panel with its play', () => {
    const of = (more?: object) =>
      pieces(frame(more)).map(({ role, material: of, long, wide }) => [role, of, long, wide]);
    // Between stiles 500 − 120 = 380; tongues of 10 at both ends. The panel 10 into every groove, 2 of it play.
    expect(of()).toEqual([
      ['door-stile', 'ash', 800, 60],
      ['door-stile', 'ash', 800, 60],
      ['door-rail', 'ash', 400, 60],
      ['door-rail', 'ash', 400, 60],
      ['door-panel', 'ply', 698, 398],
    ]);
    expect(of({ tenon: mm(30) })[2]).toEqual(['door-rail', 'ash', 440, 60]);
    expect(of({ corner: 'plain' })[2]).toEqual(['door-rail', 'ash', 380, 60]);
    expect(of({ rail: mm(80) })[2]).toEqual(['door-rail', 'ash', 400, 80]);
    expect(of({ rail: mm(80) })[4]).toEqual(['door-panel', 'ply', 658, 398]);
    expect(of({ corner: 'mitre' })[2]![2]).toBe(500);
  });

  it('each stands where it is put together', () => {
    const at = pieces(frame()).map(({ role, x, y }) => [role, x, y]);
    expect(at.slice(0, 2)).toEqual([
      ['door-stile', 0, 0],
      ['door-stile', 440, 0],
    ]);
    expect(
      at
        .slice(2, 4)
        .map(([, x, y]) => [x, y])
        .sort((a, b) => Number(a[1]) - Number(b[1])),
    ).toEqual([
      [50, 0],
      [50, 740],
    ]);
    expect(at[4]).toEqual(['door-panel', 51, 51]);
  });

  it('lights are parted by middle pieces, each with a panel of its own', () => {
    const roles = (across: number, down: number) => pieces(frame({ lights: { across, down } })).map(({ role }) => role);
    const count = (all: readonly string[], role: string) => all.filter((each) => each === role).length;
    for (const [across, down] of [
      [1, 1],
      [2, 1],
      [1, 3],
      [2, 3],
    ] as const) {
      const all = roles(across, down);
      expect([across, down, count(all, 'door-panel')]).toEqual([across, down, across * down]);
      expect(all.filter((role) => role.includes('middle')).length > 0).toBe(across * down > 1);
    }
    const panels = pieces(frame({ lights: { across: 2, down: 1 } })).filter(({ role }) => role === 'door-panel');
    // 380 less a middle of 60: 160 each, 20 into grooves, 2 of it play.
    expect(panels.map(({ wide, long }) => [wide, long])).toEqual([
      [178, 698],
      [178, 698],
    ]);
  });

  it('a tongue goes in as deep as its tenon is, or the groove; not at all where the frame is plain', () => {
    const tongue = (of: object) =>
      inMillimetres(tongueOf({ stile: mm(60), groove: mm(10), panel: 'ply', ...of } as never));
    expect([
      tongue({}),
      tongue({ tenon: mm(30) }),
      tongue({ corner: 'plain', tenon: mm(30) }),
      tongue({ corner: 'mitre' }),
    ]).toEqual([10, 30, 0, 10]);
  });
});
