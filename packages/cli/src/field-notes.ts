/** What a table of fields says beside what the schema tells of one. */
export interface FieldNote {
  /** What holds where it is left out. */
  readonly without?: string;
  readonly says?: string;
}

/** By the path of the field; `bank.` and `drawer.` stand for the paths of a bank and of a drawer. */
export const FIELD_NOTES: Readonly<Record<string, FieldNote>> = {
  minor: { without: '0', says: 'which fields added since version 1 the file may hold' },
  unit: { says: '`in` or `mm`: how lengths are shown and bare numbers read on the screen' },
  step: { without: '1/64 in or 0.5 mm', says: 'the finest step shown; it rounds nothing' },
  'materials[].thickness': { says: 'as measured, not as named' },
  'materials[].sheet': { says: 'of sheet goods' },
  'cutting.layouts[].sheets[].price': {
    without: 'its share of a sheet',
    says: 'what a piece of the rack was booked in at; 0 is free',
  },
  'materials[].price': { says: 'of a sheet, or of what `price_per` says, in the shop’s currency; 0 is free' },
  'materials[].price_per': {
    without: '`bdft` in inches, `m3` in millimetres',
    says: 'of solid wood: a board foot, a cubic metre, a metre',
  },
  'materials[].board': {
    without: '5 1/2 in or 140 mm',
    says: 'the `width` of the widest board: what is wider is glued up',
  },
  'materials[].species': {
    says: 'with `cut`, how solid wood moves; a species the table does not hold is refused with the nearest names, and without one a careful figure is counted',
  },
  'materials[].density_kg_m3': { without: 'by kind', says: 'weight of a cubic metre' },
  'materials[].stiffness_gpa': { without: 'by kind', says: 'along the grain' },
  slides: {
    without: 'none',
    says: 'own rows: every figure of the built-in row `like`, with those given here in their place; `screws` and `cuts` (notch, hook, batten, bearing) whole',
  },
  'slides[].parallel': { without: 'as `like`', says: 'what the case may be out of parallel front to back' },
  'slides[].square': { without: 'as `like`', says: 'what its diagonals may differ by at the slide' },
  'slides[].adjust': {
    without: 'none',
    says: 'how far its own screws still move the hung drawer: `height`, `sideways`, `depth`, `tilt`',
  },
  room: { without: 'none', says: 'what placed cases stand in: seen from above, x to the right, z down' },
  'room.things[].opens': { without: 'stays shut', says: 'how far it comes out, over its whole front' },
  inTurn: { without: 'none', says: 'pairs that meet, of which one is opened and closed before the other' },
  'cases[].at': {
    without: 'alone',
    says: 'the least x and z of the turned case, its floor over the room’s, the way it faces',
  },
  'cases[].at.post': {
    without: 'two fillers',
    says: 'at an inside corner: the filler of this side runs on behind the other case’s, and the two are glued as one post in an L',
  },
  climate: {
    without: '4 % more moisture to come',
    says: 'air the fronts are fitted in and that of the wettest season: degrees Celsius, per cent',
  },
  saw: {
    without: 'usual',
    says: 'how it is sawn: `kerf` (1/8 in or 3.2 mm), `trim` of every edge (1/4 in, 5 mm), `stages` (4), `ripFirst` (true), least `offcut` kept, `allowance` on boards; `fewerSettings`, `biggerOffcuts` (0.3): what counts besides sheets',
  },
  survey: { without: '`rough`', says: 'how sure the sizes are: the risk in the price, 15 or 5 %; as built none' },
  finish: {
    without: 'not priced',
    says: 'groups of `parts` (roles, as a plan writes them) with a finish: its `row` (`clear`, `oil`, `wax`, `lacquer`, `enamel`, `stain`), `faces`, and `when`: before the piece is put together, or after',
  },
  pricing: {
    without: 'the shop’s',
    says: 'what this job decides of its price: `overhead` (`percent` of labour, or so much an `hour`), `margin` (`percent` `of` cost or price), `discount`, `tax` (`percent`, `how`), `visits` and minutes of `travel` each, minutes to `demolish`, `people`, and what is `bought` in besides',
  },
  'cutting.released': {
    without: 'none',
    says: 'parts released by hand before their turn: `part`, `reason`, `at`, `by`',
  },
  'cutting.cut': {
    without: 'none',
    says: 'parts as they were cut, oldest first, the newest of a part counts: `part`, `length`, `width` as sawn, `wrong` where it came out wrong, `at`, `by`',
  },
  'cutting.extra': {
    without: 'none',
    says: 'parts brought in from a list: `id`, `name`, `material`, `length`, `width`, `count`, `mayTurn`',
  },
  'cutting.layouts': {
    without: 'none',
    says: 'layouts that were taken: `material`, `seed` and `tries` they were found with, `kerf`, `trim`, and `sheets`, each with its `stock`, size, `panel` (a `part`, a `rest`, or `cuts` `rip` or `cross` with `children` of a `size` each; `inOrder` where they keep their order), `begun` and how many steps are `done`; `at`, `by`',
  },
  'bank.gates': {
    without: 'shut',
    says: 'what parts wait for, once it is so: `slides` in hand, `groove` tried (or, under an applied bottom, boxes `glued`), boxes `hung`; each `{ at, by }`',
  },
  log: { without: 'none', says: 'what happened at the case, oldest first, only ever added to: see below' },
  'cases[].divider': { says: 'thickness between neighbouring banks' },
  'cases[].ends': {
    without: 'not said',
    says: 'the most fronts may lap at the `left` and `right` end: the side’s thickness, or less where a wall stands',
  },
  'bank.divider': { without: 'the case’s', says: 'thickness of the divider right of the bank, where it is another' },
  'cases[].alike': { without: 'asked', says: 'what neighbouring banks have alike: `fronts` or `openings`' },
  'cases[].overhang': { without: '0', says: 'how far the top stands out past the case’s front edge' },
  'cases[].run': {
    without: 'none',
    says: 'fronts from one panel across the case: `kerf`, `trim` (both ends together), `strip` cut out between two',
  },
  'bank.front.run': { without: 'none', says: 'fronts from one panel down the bank' },
  'cases[].stand': {
    without: 'not judged',
    says: 'for the tipping ratio: weight, depth, how far the front feet stand back; `interlock`, `anchored`',
  },
  'bank.basis': { says: '`planned` or `as-built`: whether parts are a forecast or may be cut' },
  'bank.name': { without: 'none', says: 'what the bank is called; its id where it has none' },
  'bank.opening': {
    says: 'readings; the smallest of each governs. A reading is a length, or `{ "length": "24 1/16 in", "place": ["top", "back"], "drawer": "d1" }`: where it was taken (`top`, `middle`, `bottom`, `front`, `back`, `left`, `right`) and, where it was, at which drawer’s level. `diagonals`: bottom left to top right, then the other',
  },
  'bank.aside': {
    without: 'none',
    says: 'the readings of the other basis, kept for comparing and turning back: as planned while the built opening is used, and the other way round',
  },
  'bank.buildOut': {
    without: 'none',
    says: 'case wall to face-frame edge, each side; `from`: materials to make it up from (all the job’s that no drawer is made of); `rest`: what they lack is `packed`, or the whole is `planed` from solid',
  },
  'bank.rail': { without: '0', says: 'height of the rails between drawers' },
  'bank.slide.length': { without: 'the longest that fits', says: 'must be on the family’s list, where it has one' },
  'bank.slide.lengths': { without: 'the job’s unit', says: 'which list, `in` or `mm`' },
  'bank.front': { says: '`overlay`: the four sizes are laps over the opening; `inset`: gaps inside it' },
  'bank.front.grain': {
    without: 'across',
    says: 'which way the grain of fronts of one piece runs: `across` or `up`; the cut list, the sheets and the drawings go by it',
  },
  'bank.front.band': { without: 'none', says: 'edge banding: `thickness`, and the `edges` that have it' },
  'bank.front.frame': {
    without: 'none',
    says: 'a framed front: `stile`, `rail` (as the stile), `groove`, `play`, `panel` material',
  },
  'bank.front.pull': {
    without: 'none',
    says: '`school`: `centre`, `from-top` (with `fromTop`), `third-when-low` (with `lowUnder`, above the floor); `centres` of its bores, `height`, `purchase`, `twoOver` (24 in or 600 mm), `count`',
  },
  'bank.division.scheme': {
    says: '`equal`, `step`, `ratio`, `contents` (what each drawer needs, and its `share` of the rest), or `manual`: every height given but one',
  },
  'bank.division.increment': { without: 'by hand', says: 'free heights are multiples of it, but for the makeup’s' },
  'bank.division.makeup': {
    without: '`bottom`',
    says: 'who takes the odd rest: `bottom`, `top` or `{ "drawer": id }`',
  },
  'bank.box.back': { without: 'as `ends`', says: 'the back’s material' },
  'bank.box.corner': {
    says: '`butt-sides-run`, `butt-ends-run`, `pocket-screw`, `rabbet`, `tongue-dado`, `half-blind`, `through`; `depth` for rabbet, tongue and half-blind; `back` where the back corner differs',
  },
  'bank.box.bottomFit': {
    says: '`captured`, `slid-in`, `applied`, `rabbeted`; `groove` and `play` may be left out for an applied bottom',
  },
  'bank.box.ease': { without: 'none', says: 'width taken off' },
  'bank.box.heightStep': { without: 'none', says: 'box heights go down to a multiple of it' },
  'bank.box.muntin': {
    without: 'none',
    says: 'a batten front to back that carries the bottom in two halves: `material`, `width`',
  },
  'bank.mounting': {
    without: 'half, top-first',
    says: '`rise`: `half`, `third` or a length; `order`: `top-first` or `bottom-up`; `fronts`: hung `bottom-up` or `top-down`; `setback`: as marked by hand; `behind`: what slides under the boxes are fixed to behind a face frame, `strips` or `blocking`',
  },
  'drawer.height': { without: 'the scheme’s', says: 'locks the front’s height' },
  'drawer.sameAs': { says: 'ties the front’s height to another drawer’s' },
  'drawer.least': { without: 'none', says: 'least height of its front' },
  'drawer.most': { without: 'none', says: 'most height of its front' },
  'drawer.line': {
    without: 'none',
    says: 'its front’s lower edge at a height `y` above the floor, or level with that of a `drawer` of another `bank` of the case',
  },
  'drawer.share': { without: '1', says: 'its part of what is left over, for `contents`' },
  'drawer.boxHeight': { without: 'the greatest', says: 'box height by hand' },
  'drawer.boxSameAs': { without: 'none', says: 'shares the box height of another drawer: the lowest serves all' },
  'drawer.contents': {
    without: 'none',
    says: 'the tallest thing decides the least front height; weights load the slide and the bottom; footprints (across, front to back) must lie side by side',
  },
  'drawer.slide': {
    without: 'the bank’s',
    says: 'laid over the bank’s values, field by field',
  },
  'drawer.front': { without: 'the bank’s', says: 'laid over the bank’s' },
  'drawer.box': { without: 'the bank’s', says: 'any fields of the bank’s `box`, laid over it' },
};
