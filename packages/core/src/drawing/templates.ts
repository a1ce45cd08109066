import { inMillimetres, millimetres, nm, subtract, ZERO, type Length, type Said } from '../length';
import type { PartCut } from '../box';
import { BRACKET_PILOT } from '../pullouts';
import type { BankPlan, DrawerPlan } from '../plan';
import { said, saidKey, type Words } from '../words';
import type { Drawing, Shape } from './shapes';
import { LETTERS, line, note } from './strokes';

/** A template at full size, and the drawers it serves. */
export interface Template {
  readonly title: Said;
  readonly places: readonly number[];
  readonly drawing: Drawing;
  /** How it is laid on, and the sizes it carries: told beside it. */
  readonly says: readonly Said[];
}

/** Round what a template shows, in millimetres. */
const ROUND = 30;
/** A bore a pull's screw goes through; common practice. */
const PULL_BORE = 5;
/** Width of the strip that carries a row of screw holes. */
const STRIP = 50;

/** Templates at full size for a bank: its pulls, the backs of undermount boxes, and its slides' screws; alike ones once. */
export function drawTemplates(plan: BankPlan, words: Words): readonly Template[] {
  const all = plan.drawers.flatMap((drawer) =>
    [
      pullTemplate(drawer, words),
      bracketTemplate(drawer, words),
      backTemplate(drawer, words),
      screwTemplate(drawer, words),
    ].flatMap((each) => each ?? []),
  );
  const alike = new Map<string, Template>();
  for (const template of all) {
    const key = JSON.stringify([saidKey(template.title), template.drawing]);
    const known = alike.get(key);
    alike.set(key, known ? { ...known, places: [...known.places, ...template.places] } : template);
  }
  return [...alike.values()];
}

/**
 * One pull's bores, hung on the front's top edge; its centre line goes on the front's own, or at its distance from the
 * left edge where a front has two pulls.
 */
function pullTemplate({ bores, dimensions, place }: DrawerPlan, words: Words): Template | undefined {
  const [width, height] = [dimensions['front.width'], dimensions['front.height']];
  const [first] = bores;
  if (!first || !width || !height) return undefined;
  const half = inMillimetres(width.total) / 2;
  const left = bores.filter(({ x }) => inMillimetres(x.total) <= half);
  const pairs = bores.length === 4 || (bores.length === 2 && left.length === 1 && twoKnobs(bores, half));
  const own = pairs ? left : bores;
  const xs = own.map(({ x }) => inMillimetres(x.total));
  const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
  const down = inMillimetres(height.total) - inMillimetres(first.y.total);
  const reach = Math.max(...xs) - middle + ROUND;
  const low = -down - ROUND;
  const where = pairs ? said('template/pair', { in: Math.round(middle * 1e6) as Length }) : said('template/middle');
  const shapes: readonly Shape[] = [
    line('edge', -reach, 0, reach, 0),
    note(words.say(said('template/top-edge')), -reach, LETTERS),
    line('centre-line', 0, low, 0, 0),
    ...xs.map((x): Shape => ({ kind: 'circle', role: 'bore', x: x - middle, y: -down, diameter: PULL_BORE })),
    ...xs.map((x): Shape => line('centre-line', x - middle - 8, -down, x - middle + 8, -down)),
  ];
  const drawing = { x: -reach, y: low, width: 2 * reach, height: -low + 2 * LETTERS, shapes };
  const sizes = {
    down: subtract(height.total, first.y.total),
    diameter: millimetres(PULL_BORE),
    apart: own.length > 1 ? nm(Math.round((Math.max(...xs) - Math.min(...xs)) * 1e6)) : undefined,
  };
  return { title: said('template/pull'), places: [place + 1], drawing, says: [where, said('template/bores', sizes)] };
}

/**
 * The holes of one bracket, from the front's lower left corner seen from behind; turned over for the other side. What it
 * carries was measured over the opening's floor.
 */
function bracketTemplate({ brackets, dimensions, place }: DrawerPlan, words: Words): Template | undefined {
  const [width, bottom] = [dimensions['front.width'], dimensions['front.bottomY']];
  const [first] = brackets;
  if (!first || !width || !bottom) return undefined;
  const own = brackets.filter(({ x }) => x.total === first.x.total);
  const x = inMillimetres(first.x.total);
  const ys = own.map(({ y }) => inMillimetres(y.total));
  const [wide, high] = [x + ROUND, Math.max(...ys) + ROUND];
  const floor = -inMillimetres(bottom.total);
  const shapes: readonly Shape[] = [
    line('edge', 0, 0, wide, 0),
    line('edge', 0, 0, 0, high),
    ...(floor > 0
      ? [line('tick', 0, floor, wide, floor), note(words.say(said('template/opening-floor')), 2, floor + 2)]
      : []),
    ...ys.map((y): Shape => ({ kind: 'circle', role: 'bore', x, y, diameter: inMillimetres(BRACKET_PILOT) })),
    ...ys.map((y): Shape => line('centre-line', x - 8, y, x + 8, y)),
  ];
  const drawing = { x: 0, y: -2 * LETTERS, width: wide, height: high + 3 * LETTERS, shapes };
  const sizes = { in: first.x.total, up: own.map(({ y }) => y.total) };
  return {
    title: said('template/brackets'),
    places: [place + 1],
    drawing,
    says: [said('template/bracket-holes', sizes)],
  };
}

/** Two bores far apart are two knobs, not the two screws of a bar. */
function twoKnobs(bores: DrawerPlan['bores'], half: number): boolean {
  const [a, b] = bores.map(({ x }) => inMillimetres(x.total));
  return a !== undefined && b !== undefined && Math.abs(a - b) > half * 0.6;
}

/** Both lower corners of a back for undermount slides: the notch, and the hook's bore. */
function backTemplate({ machining, place, dimensions }: DrawerPlan, words: Words): Template | undefined {
  const notch = machining.find(({ role, kind }) => role === 'back' && kind === 'notch');
  const bore = machining.find(({ role, kind }) => role === 'back' && kind === 'bore');
  if ((!notch && !bore) || !dimensions['box.height']) return undefined;
  const mm = (cut: typeof notch, name: string): number => (cut?.sizes[name] ? inMillimetres(cut.sizes[name].total) : 0);
  const [across, up] = [mm(notch, 'width'), mm(notch, 'height')];
  const wide = Math.max(across, mm(bore, 'in')) + ROUND;
  const high = Math.max(up, mm(bore, 'up')) + ROUND;
  const corner = (x: (at: number) => number, title: string, start: number): readonly Shape[] => [
    line('edge', x(0), 0, x(wide), 0),
    line('edge', x(0), 0, x(0), high),
    ...(notch ? [line('tick', x(across), 0, x(across), up), line('tick', x(0), up, x(across), up)] : []),
    ...(bore
      ? [
          {
            kind: 'circle',
            role: 'bore',
            x: x(mm(bore, 'in')),
            y: mm(bore, 'up'),
            diameter: mm(bore, 'diameter'),
          } as const,
        ]
      : []),
    note(title, start, high + LETTERS),
  ];
  const shapes: readonly Shape[] = [
    ...corner((at) => at, words.say(said('template/lower-left')), 0),
    ...corner((at) => 2 * wide + ROUND - at, words.say(said('template/lower-right')), wide + ROUND),
  ];
  const drawing = { x: 0, y: -2 * LETTERS, width: 2 * wide + ROUND, height: high + 4 * LETTERS, shapes };
  const says = backSizes(notch, bore);
  return { title: said('template/back'), places: [place + 1], drawing, says };
}

/** What its notch and its hook's bore measure. */
function backSizes(notch: PartCut | undefined, bore: PartCut | undefined): readonly Said[] {
  const size = (cut: PartCut, name: string): Length => cut.sizes[name]?.total ?? ZERO;
  return [
    ...(notch ? [said('template/notch', { wide: size(notch, 'width'), high: size(notch, 'height') })] : []),
    ...(bore
      ? [
          said('template/hook', {
            diameter: size(bore, 'diameter'),
            depth: bore.sizes['depth']?.total,
            inwards: size(bore, 'in'),
            up: size(bore, 'up'),
          }),
        ]
      : []),
  ];
}

/** The row of screw holes of a slide, upright: its upper end is the case's front edge. */
function screwTemplate({ holes, nominal, place, family }: DrawerPlan, words: Words): Template | undefined {
  if (!holes || nominal === undefined) return undefined;
  const [first, pitch] = [inMillimetres(holes.first.total), inMillimetres(holes.pitch)];
  const at = Array.from({ length: Math.max(1, holes.count) }, (_, index) => first + index * pitch);
  const low = -(at.at(-1) ?? first) - ROUND;
  const shapes: readonly Shape[] = [
    line('edge', 0, 0, STRIP, 0),
    note(words.say(said('template/case-edge')), 2, 2),
    line('centre-line', STRIP / 2, low, STRIP / 2, 0),
    ...at.map((y): Shape => ({ kind: 'circle', role: 'bore', x: STRIP / 2, y: -y, diameter: 4 })),
    ...at.map((y): Shape => line('tick', STRIP / 2 - 8, -y, STRIP / 2 + 8, -y)),
    ...at.map((y, index) =>
      note(words.bare(nm(holes.first.total + index * holes.pitch), 'reading'), STRIP / 2 + 10, -y + LETTERS / 2),
    ),
  ];
  const drawing = { x: 0, y: low, width: STRIP, height: -low + 2 * LETTERS, shapes };
  const says = [said('template/holes', { first: holes.first.total, pitch: holes.pitch })];
  return { title: said('template/screws', { family: family.called }), places: [place + 1], drawing, says };
}
