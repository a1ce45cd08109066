import { said } from '../words';
import type { BottomFit } from '../job';
import { inches, millimetres, ZERO, type Length } from '../length';
import type { LengthList, SlideFamily } from './family';

const mm = millimetres;
const ALL: readonly BottomFit[] = ['captured', 'slid-in', 'applied', 'rabbeted'];

function every(from: number, to: number, by: number, unit: (value: number) => Length): readonly Length[] {
  return Array.from({ length: (to - from) / by + 1 }, (_, index) => unit(from + index * by));
}

function lengths(list: readonly Length[], rear: Length, boxShorter: Length = ZERO): LengthList {
  return { list, rear, boxShorter };
}

/** Cut from stock to whatever the case asks for. */
const anyLength: LengthList = { rear: inches(1, 4), boxShorter: ZERO };

/** No. 6 × 1/2 in into the box at most; first case hole at 37 mm, then every 32 mm. Common practice. */
const sideScrews = { firstHole: mm(37), pitch: mm(32), box: inches(1, 2), shortOfSide: mm(1.5) };

const side = {
  basis: 'outside',
  parallel: mm(1.6),
  square: mm(3),
  setback: mm(2),
  lengths: { in: lengths(every(10, 28, 2, inches), mm(3)), mm: lengths(every(250, 700, 50, mm), mm(3)) },
  bottoms: ALL,
  seat: 'side',
  runnerBelow: false,
  sideFixed: true,
  screws: sideScrews,
  origin: 'built-in',
} as const;

const undermount = {
  basis: 'inside',
  parallel: mm(1),
  square: mm(1),
  narrowBy: mm(1.5),
  top: mm(6),
  bottom: mm(14),
  recess: mm(13),
  profile: mm(28),
  setback: mm(3),
  lengths: { in: lengths(every(9, 24, 3, inches), mm(18)), mm: lengths(every(250, 600, 50, mm), ZERO, mm(10)) },
  extension: 1,
  minBox: mm(68),
  minBottom: mm(5.5),
  maxWidth: inches(36),
  bottoms: ['captured', 'slid-in'],
  cuts: {
    notch: { width: mm(35), height: mm(13) },
    hook: { diameter: mm(6), depth: mm(10), fromSide: mm(7), aboveUnderside: mm(11) },
  },
  seat: 'bay',
  runnerBelow: false,
  sideFixed: false,
  origin: 'built-in',
} as const;

const wooden = {
  basis: 'outside',
  parallel: mm(1),
  square: mm(3),
  setback: ZERO,
  extension: 0.65,
  lengths: { in: anyLength, mm: anyLength },
  bottoms: ALL,
  sideFixed: true,
  origin: 'built-in',
} as const;

const ballBearing = {
  ...side,
  side: inches(1, 2),
  narrowBy: inches(1, 16),
  top: inches(1, 4),
  bottom: inches(1, 2),
  profile: mm(45),
  extension: 1,
  minBox: mm(52),
  maxWidth: inches(24),
} as const;

/**
 * The built-in rows. All figures are common practice or from memory, without source, and all prices are made up; the
 * sheet supplied with the slide in hand always wins.
 */
export const BUILT_IN: readonly SlideFamily[] = [
  {
    ...ballBearing,
    id: 'side-ball-bearing',
    called: said('slide/side-ball-bearing'),
    load_kg: 45,
    price: 18,
  },
  {
    ...side,
    id: 'side-light',
    called: said('slide/side-light'),
    side: mm(10),
    narrowBy: mm(1),
    top: mm(5),
    bottom: mm(8),
    profile: mm(27),
    load_kg: 20,
    extension: 0.75,
    minBox: mm(35),
    maxWidth: inches(18),
    price: 9,
  },
  {
    ...side,
    id: 'side-heavy',
    called: said('slide/side-heavy'),
    side: inches(3, 4),
    narrowBy: inches(1, 16),
    top: mm(8),
    bottom: inches(1, 2),
    profile: mm(76),
    load_kg: 120,
    extension: 1,
    minBox: mm(85),
    maxWidth: inches(42),
    price: 64,
  },
  {
    ...side,
    id: 'roller-corner',
    called: said('slide/roller-corner'),
    side: inches(1, 2),
    narrowBy: mm(2),
    parallel: mm(2),
    top: mm(17),
    bottom: mm(6),
    profile: mm(40),
    lengths: { in: lengths(every(10, 24, 2, inches), mm(3)), mm: lengths(every(250, 600, 50, mm), mm(3)) },
    load_kg: 25,
    extension: 0.75,
    minBox: mm(60),
    maxWidth: inches(24),
    seat: 'corner',
    price: 7,
  },
  {
    ...undermount,
    id: 'undermount-16',
    called: said('slide/undermount-16', {}),
    insideDeduction: mm(42),
    maxSide: mm(16),
    load_kg: 30,
    price: 34,
  },
  {
    ...undermount,
    id: 'undermount-19',
    called: said('slide/undermount-19', {}),
    insideDeduction: mm(49),
    maxSide: mm(19),
    load_kg: 45,
    price: 41,
  },
  {
    ...side,
    id: 'centre-mount',
    called: said('slide/centre-mount'),
    side: inches(1, 8),
    narrowBy: mm(2),
    parallel: mm(5),
    top: inches(1, 4),
    bottom: mm(5),
    recess: mm(14),
    profile: mm(12),
    lengths: { in: lengths(every(12, 24, 2, inches), mm(6)), mm: lengths(every(300, 600, 50, mm), mm(6)) },
    load_kg: 15,
    extension: 0.75,
    minBox: mm(50),
    maxWidth: inches(24),
    bottoms: ['captured', 'slid-in', 'rabbeted'],
    seat: 'bottom',
    sideFixed: false,
    screws: undefined,
    price: 6,
  },
  {
    ...wooden,
    id: 'wood-runner',
    called: said('slide/wood-runner'),
    side: inches(1, 16),
    narrowBy: inches(1, 16),
    top: inches(1, 16),
    bottom: inches(3, 4),
    profile: inches(3, 4),
    load_kg: 15,
    minBox: mm(40),
    maxWidth: inches(30),
    seat: 'bay',
    runnerBelow: true,
    cuts: { bearing: inches(1) },
    price: 0,
  },
  {
    ...wooden,
    id: 'side-hung',
    called: said('slide/side-hung'),
    side: mm(0.8),
    narrowBy: mm(0.8),
    top: mm(3),
    bottom: mm(3),
    profile: mm(16),
    load_kg: 10,
    minBox: mm(60),
    maxWidth: inches(24),
    seat: 'side',
    runnerBelow: false,
    cuts: { batten: { thickness: mm(8), over: mm(0.5) } },
    price: 0,
  },
  {
    ...side,
    id: 'tray-base',
    called: said('slide/tray-base'),
    side: mm(5),
    // Whatever the box is narrower by: it stands on its slides.
    narrowBy: mm(1000),
    top: mm(6),
    bottom: mm(16),
    profile: mm(16),
    setback: mm(3),
    load_kg: 35,
    extension: 1,
    minBox: mm(40),
    maxWidth: inches(42),
    seat: 'bay',
    sideFixed: false,
    onFloor: true,
    screws: undefined,
    price: 22,
  },
  {
    ...ballBearing,
    id: 'side-over-travel',
    called: said('slide/side-over-travel'),
    overTravel: inches(1),
    load_kg: 40,
    price: 27,
  },
];
