/** A wood: how much of its width it gains for one per cent of moisture, along the rays and across them, and its weight. */
export interface Species {
  readonly id: string;
  readonly name: string;
  /** Change per 1 % moisture content, for 6 to 14 %: quarter-sawn boards move by this. */
  readonly radial: number;
  /** The same of flat-sawn boards. */
  readonly tangential: number;
  /** In kg/m³, air-dry. */
  readonly density: number;
}

const row = (id: string, name: string, radial: number, tangential: number, density: number): Species => ({
  id,
  name,
  radial,
  tangential,
  density,
});

/**
 * The woods, one row each. Movement: Wood Handbook (USDA Forest Products Laboratory, FPL-GTR-282), table 13-5, from
 * memory; the European ones: differential shrinkage of DIN 68100, from memory. Densities from memory, within a tenth.
 */
export const SPECIES: readonly Species[] = [
  row('alder-red', 'Alder, red', 0.00151, 0.00256, 410),
  row('ash-white', 'Ash, white', 0.00169, 0.00274, 640),
  row('ash-black', 'Ash, black', 0.00172, 0.00274, 530),
  row('ash-oregon', 'Ash, Oregon', 0.00141, 0.00285, 600),
  row('aspen', 'Aspen', 0.00119, 0.00234, 390),
  row('basswood', 'Basswood', 0.0023, 0.0033, 390),
  row('beech-american', 'Beech, American', 0.0019, 0.00431, 700),
  row('birch-paper', 'Birch, paper', 0.00219, 0.00304, 600),
  row('birch-yellow', 'Birch, yellow', 0.00256, 0.00338, 680),
  row('butternut', 'Butternut', 0.00116, 0.00223, 420),
  row('catalpa', 'Catalpa', 0.00085, 0.00169, 450),
  row('cherry-black', 'Cherry, black', 0.00126, 0.00248, 550),
  row('chestnut', 'Chestnut', 0.00116, 0.00234, 460),
  row('cottonwood-eastern', 'Cottonwood, eastern', 0.00133, 0.00327, 440),
  row('elm-american', 'Elm, American', 0.00144, 0.00338, 560),
  row('elm-rock', 'Elm, rock', 0.00165, 0.00285, 700),
  row('hackberry', 'Hackberry', 0.00165, 0.00315, 590),
  row('hickory', 'Hickory, true', 0.00259, 0.00411, 800),
  row('holly', 'Holly', 0.00165, 0.00353, 600),
  row('locust-black', 'Locust, black', 0.00158, 0.00252, 760),
  row('madrone', 'Madrone', 0.00194, 0.00451, 700),
  row('magnolia-southern', 'Magnolia, southern', 0.00187, 0.0023, 560),
  row('maple-bigleaf', 'Maple, bigleaf', 0.00126, 0.00248, 540),
  row('maple-red', 'Maple, red', 0.00137, 0.00289, 600),
  row('maple-silver', 'Maple, silver', 0.00102, 0.00252, 520),
  row('maple-sugar', 'Maple, sugar', 0.00165, 0.00353, 700),
  row('oak-red', 'Oak, northern red', 0.00158, 0.00369, 700),
  row('oak-white', 'Oak, white', 0.0018, 0.00365, 750),
  row('pecan', 'Pecan', 0.00169, 0.00315, 740),
  row('persimmon', 'Persimmon', 0.00278, 0.00403, 830),
  row('sassafras', 'Sassafras', 0.00137, 0.00216, 500),
  row('sweetgum', 'Sweetgum', 0.00183, 0.00365, 590),
  row('sycamore-american', 'Sycamore, American', 0.00172, 0.00296, 540),
  row('tanoak', 'Tanoak', 0.00169, 0.00423, 690),
  row('walnut-black', 'Walnut, black', 0.0019, 0.00274, 610),
  row('willow-black', 'Willow, black', 0.00112, 0.00308, 430),
  row('yellow-poplar', 'Yellow-poplar', 0.00158, 0.00289, 460),
  row('baldcypress', 'Baldcypress', 0.0013, 0.00216, 510),
  row('cedar-alaska', 'Cedar, Alaska', 0.00095, 0.00208, 490),
  row('cedar-eastern-red', 'Cedar, eastern red', 0.00106, 0.00162, 530),
  row('cedar-incense', 'Cedar, incense', 0.00112, 0.0018, 400),
  row('cedar-port-orford', 'Cedar, Port-Orford', 0.00158, 0.00241, 470),
  row('cedar-western-red', 'Cedar, western red', 0.00111, 0.00234, 370),
  row('douglas-fir', 'Douglas-fir, coast', 0.00165, 0.00267, 530),
  row('fir-white', 'Fir, white', 0.00112, 0.00245, 430),
  row('hemlock-western', 'Hemlock, western', 0.00144, 0.00274, 480),
  row('larch-western', 'Larch, western', 0.00155, 0.00323, 590),
  row('pine-eastern-white', 'Pine, eastern white', 0.00071, 0.00212, 390),
  row('pine-loblolly', 'Pine, loblolly', 0.00165, 0.00259, 570),
  row('pine-longleaf', 'Pine, longleaf', 0.00176, 0.00263, 650),
  row('pine-lodgepole', 'Pine, lodgepole', 0.00148, 0.00234, 460),
  row('pine-ponderosa', 'Pine, ponderosa', 0.00133, 0.00216, 450),
  row('pine-sugar', 'Pine, sugar', 0.00099, 0.00194, 400),
  row('pine-western-white', 'Pine, western white', 0.00141, 0.00259, 420),
  row('redwood', 'Redwood, old growth', 0.0012, 0.00205, 450),
  row('spruce-sitka', 'Spruce, Sitka', 0.00148, 0.00263, 420),
  row('mahogany', 'Mahogany, true', 0.00172, 0.00238, 540),
  row('teak', 'Teak', 0.00101, 0.00186, 650),
  row('meranti-dark', 'Meranti, dark', 0.00133, 0.00267, 640),
  row('oak-european', 'Oak, European', 0.0016, 0.0036, 710),
  row('beech-european', 'Beech, European', 0.002, 0.0041, 720),
  row('ash-european', 'Ash, European', 0.0021, 0.0038, 690),
  row('walnut-european', 'Walnut, European', 0.0018, 0.0029, 650),
  row('spruce-european', 'Spruce, European', 0.0019, 0.0039, 460),
  row('pine-scots', 'Pine, Scots', 0.0019, 0.0036, 520),
  row('larch-european', 'Larch, European', 0.0014, 0.003, 590),
];

/** For a wood the table does not hold: on the careful side of most. */
export const UNLISTED: Species = row('unlisted', 'wood not in the table', 0.0018, 0.0035, 650);

const byName = new Map(SPECIES.flatMap((each) => [[each.id, each] as const, [plain(each.name), each] as const]));

/** The wood of this id or name; the careful row where the table has none. */
export function speciesOf(name: string | undefined): Species {
  return (name === undefined ? undefined : (byName.get(name) ?? byName.get(plain(name)))) ?? UNLISTED;
}

/** Whether the table holds a wood of this id or name. */
export function isListed(name: string): boolean {
  return byName.has(name) || byName.has(plain(name));
}

/** `White ash`, `Ash, white` and `ash-white` are one wood. */
function plain(name: string): string {
  const words = name.toLowerCase().match(/[a-z]+/g) ?? [];
  return words.sort().join(' ');
}
