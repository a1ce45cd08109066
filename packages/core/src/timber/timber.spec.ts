import type { Material, MaterialKind } from '../job';
import { inches, millimetres, type Length } from '../length';
import { densityOf, weightOf } from './density';
import { moistureContent } from './moisture';
import { growth, moistureRise, movementOf, USUAL_RISE } from './movement';
import { grainPlateSag, plateCoefficient, plateSag, stripSag } from './plate';
import { bottomSag, TEST_LOAD } from './sag';
import { SPECIES, speciesOf, UNLISTED } from './species';

const material = (kind: MaterialKind, thickness: number, more: Partial<Material> = {}): Material => ({
  id: 'm',
  name: 'm',
  kind,
  thickness: millimetres(thickness),
  ...more,
});

describe('moisture', () => {
  // Wood Handbook (USDA Forest Products Laboratory, FPL-GTR-282), table 4-2 at 70 °F; values from memory, within 0.1.
  it.each([
    [20, 4.5],
    [25, 5.4],
    [30, 6.2],
    [40, 7.7],
    [50, 9.2],
    [60, 11.0],
    [65, 12.0],
    [70, 13.1],
    [80, 16.0],
    [90, 20.5],
  ])('at 70 °F and %i %% the table has %f', (humidity, expected) => {
    expect(Math.abs(moistureContent({ temperature_c: 21.11, humidity }) - expected)).toBeLessThanOrEqual(0.1);
  });

  // The same equation in degrees Fahrenheit, with its own coefficients (from memory), as a second way to the same answer.
  it('agrees with the Fahrenheit form of eq. 4-5', () => {
    for (let f = 35; f <= 100; f += 5)
      for (let humidity = 10; humidity <= 90; humidity += 10) {
        const h = humidity / 100;
        const w = 330 + 0.452 * f + 0.00415 * f * f;
        const k = 0.791 + 0.000463 * f - 0.000000844 * f * f;
        const k1 = 6.34 + 0.000775 * f - 0.0000935 * f * f;
        const k2 = 1.09 + 0.0284 * f - 0.0000904 * f * f;
        const both = k1 * k2 * (k * h) ** 2;
        const m = (1800 / w) * ((k * h) / (1 - k * h) + (k1 * k * h + 2 * both) / (1 + k1 * k * h + both));
        expect(Math.abs(moistureContent({ temperature_c: (f - 32) / 1.8, humidity }) - m)).toBeLessThan(0.08);
      }
  });

  it('rises with humidity, and not at all from bone dry', () => {
    expect(moistureContent({ temperature_c: 20, humidity: 0 })).toBe(0);
    for (let humidity = 1; humidity < 99; humidity += 1)
      expect(moistureContent({ temperature_c: 20, humidity: humidity + 1 })).toBeGreaterThan(
        moistureContent({ temperature_c: 20, humidity }),
      );
  });
});

describe('movement', () => {
  // Wood Handbook, table 13-5 (from memory), per 1 % for 6 to 14 %.
  it.each([
    ['cherry-black', 0.00126, 0.00248],
    ['maple-sugar', 0.00165, 0.00353],
    ['oak-red', 0.00158, 0.00369],
    ['oak-white', 0.0018, 0.00365],
    ['walnut-black', 0.0019, 0.00274],
    ['yellow-poplar', 0.00158, 0.00289],
    ['pine-eastern-white', 0.00071, 0.00212],
  ])('%s moves %f radially, %f tangentially', (id, radial, tangential) => {
    expect(speciesOf(id)).toMatchObject({ radial, tangential });
  });

  // Common practice: width × coefficient of the species and cut × change of moisture; 10 in of front for 4 %.
  it.each([
    ['cherry-black', 'flat-sawn', 0.099],
    ['oak-red', 'flat-sawn', 0.148],
    ['oak-red', 'quarter-sawn', 0.063],
    ['pine-eastern-white', 'flat-sawn', 0.085],
  ] as const)('10 in of %s, %s, grows %f in', (species, cut, expected) => {
    const { coefficient } = movementOf(material('solid', 20, { species, cut }));
    expect(growth(inches(10), coefficient, 4) / 25_400_000).toBeCloseTo(expected, 3);
  });

  it('every row moves more across the rays than along them, by what its shrinkage allows', () => {
    expect(new Set(SPECIES.map(({ id }) => id)).size).toBe(SPECIES.length);
    for (const { radial, tangential, density } of SPECIES) {
      expect(tangential).toBeGreaterThan(radial);
      expect(tangential).toBeLessThan(0.005);
      expect(density).toBeGreaterThan(300);
      expect(density).toBeLessThan(900);
    }
  });

  it('knows a wood by id or name and takes others on the careful side', () => {
    expect(speciesOf('Cherry, black').id).toBe('cherry-black');
    expect(speciesOf('black cherry').id).toBe('cherry-black');
    expect(speciesOf('moonwood')).toBe(UNLISTED);
    expect(movementOf(material('solid', 20))).toMatchObject({ listed: false, coefficient: 0.0035 });
  });

  it('counts the rise from the season of fitting to the wettest', () => {
    const at = (humidity: number) => ({ temperature_c: 21.11, humidity });
    expect(moistureRise(undefined)).toBe(USUAL_RISE);
    expect(moistureRise({ fitting: at(25), wettest: at(65) })).toBeCloseTo(12.0 - 5.4, 1);
    expect(moistureRise({ fitting: at(65), wettest: at(25) })).toBe(0);
  });
});

/** Navier's double series for a simply supported plate under a uniform load: `β` of `w = β·q·a⁴/D`. */
function navier(ratio: number): number {
  let sum = 0;
  for (let m = 1; m <= 199; m += 2)
    for (let n = 1; n <= 199; n += 2) {
      const sign = ((m - 1) / 2 + (n - 1) / 2) % 2 === 0 ? 1 : -1;
      sum += sign / (m * n * (m * m + (n * n) / (ratio * ratio)) ** 2);
    }
  return (16 / Math.PI ** 6) * sum;
}

describe('plates', () => {
  // Timoshenko and Woinowsky-Krieger, Theory of Plates and Shells, table 8; values from memory.
  it.each([
    [1.0, 0.00406],
    [1.2, 0.00564],
    [1.4, 0.00705],
    [1.6, 0.0083],
    [1.8, 0.00931],
    [2.0, 0.01013],
    [3.0, 0.01223],
    [1e6, 0.01302],
  ])('b/a %f: the table has %f', (ratio, expected) => {
    // The table itself is off by up to half a per cent (1.4 should be 0.00708), as both series show.
    expect(Math.abs(plateCoefficient(ratio) / expected - 1)).toBeLessThan(0.0055);
  });

  it('agrees with Navier’s double series', () => {
    for (let ratio = 1; ratio <= 4; ratio += 0.25)
      expect(Math.abs(plateCoefficient(ratio) / navier(ratio) - 1)).toBeLessThan(1e-5);
  });

  const panel = { across: 0.4, long: 0.45, thickness: 0.006, load: 718, stiffAcross: 4.5e9, stiffLong: 4.5e9 };

  it('is a strip when it is very long, a beam 5qL⁴/384EI wide as it may be', () => {
    const inertia = panel.thickness ** 3 / 12;
    const beam = (5 * panel.load * panel.across ** 4) / (384 * panel.stiffAcross * inertia);
    expect(stripSag(panel)).toBeCloseTo(beam, 9);
    // A long plate can't narrow sideways, so it is stiffer by 1 − ν².
    expect(plateSag({ ...panel, long: 400 }) / beam).toBeCloseTo(0.91, 3);
  });

  it('sags with the load, the cube of the thickness and the fourth power of the span', () => {
    for (const sag of [plateSag, grainPlateSag, stripSag]) {
      expect(sag({ ...panel, load: 2 * panel.load }) / sag(panel)).toBeCloseTo(2, 9);
      expect(sag(panel) / sag({ ...panel, thickness: 2 * panel.thickness })).toBeCloseTo(8, 9);
      expect(sag({ ...panel, across: 0.8, long: 0.9 }) / sag(panel)).toBeCloseTo(16, 9);
    }
  });

  // Common practice: sag in mm under 15 lb/ft² (ANSI/KCMA A161.1, from memory), calculated by hand as a strip or a plate.
  it.each<[MaterialKind, number, number, number, number]>([
    ['plywood', 5.2, 400, 450, 2.1],
    ['plywood', 5.2, 550, 450, 5.6],
    ['plywood', 6.4, 550, 450, 1.8],
    ['plywood', 6.4, 700, 450, 2.4],
    ['plywood', 9.0, 860, 500, 1.35],
    ['plywood', 12.0, 550, 450, 0.26],
    ['hardboard', 6.0, 400, 450, 1.1],
    ['hardboard', 3.2, 550, 450, 12.7],
    ['mdf', 6.0, 700, 450, 4.1],
    ['mdf', 9.5, 860, 500, 1.8],
  ])('%s of %f mm, %i × %i: the table has %f mm', (kind, thickness, across, long, expected) => {
    const { sag, withCreep } = bottomSag({
      material: material(kind, thickness),
      across: millimetres(across),
      long: millimetres(long),
    });
    expect(withCreep).toBe(false);
    // The table rounds to a tenth and takes one term for plywood.
    expect(Math.abs(sag / 1e6 / expected - 1)).toBeLessThan(0.1);
  });

  it('lets what lies there for years creep, and half a span with half the load hold far more', () => {
    const ply = { material: material('plywood', 6), across: millimetres(600), long: millimetres(500) };
    const area = 0.6 * 0.5;
    const weight = (718.2 * area) / 9.81;
    expect(bottomSag({ ...ply, weight }).sag / bottomSag(ply).sag).toBeCloseTo(1.8, 6);
    const half = bottomSag({ ...ply, across: millimetres(290), weight: weight / 2 });
    expect(half.sag).toBeLessThan(bottomSag({ ...ply, weight }).sag / 4);
  });

  it('takes 15 lb/ft² where nothing is known: ANSI/KCMA A161.1 (from memory), in pascals', () => {
    // 1 lb = 0.45359237 kg and 1 ft = 0.3048 m exactly; standard gravity 9.80665 m/s² (NIST SP 811).
    expect(TEST_LOAD).toBeCloseTo((15 * 0.45359237 * 9.80665) / 0.3048 ** 2, 1);
  });

  it('limits by the span: a two-hundredth of it, and never over 3 mm', () => {
    const limit = (across: number) =>
      bottomSag({ material: material('mdf', 6), across: millimetres(across), long: millimetres(900) }).limit / 1e6;
    expect([limit(400), limit(600), limit(800)]).toEqual([2, 3, 3]);
  });

  it('takes a stiffness and a weight of its own where the job gives one', () => {
    const given = (stiffness_gpa: number): Length =>
      bottomSag({
        material: material('mdf', 6, { stiffness_gpa }),
        across: millimetres(400),
        long: millimetres(400),
      }).sag;
    expect(given(2.9) / given(5.8)).toBeCloseTo(2, 4);
    expect(densityOf(material('plywood', 12, { density_kg_m3: 700 }))).toBe(700);
    expect(densityOf(material('solid', 20, { species: 'oak-white' }))).toBe(speciesOf('oak-white').density);
    // A cubic metre.
    const metre = millimetres(1000);
    expect(weightOf(material('mdf', 18), metre, metre, metre)).toBe(750);
  });
});
