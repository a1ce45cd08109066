import { atReading, OPENING_SIZES, readingLength, type Bank } from '../job';
import { millimetres, nm, type Length } from '../length';
import type { Packing } from '../mounting';
import { doubts, levelPacking, type Opening } from '../opening';
import { present, type Finding, type Say } from './finding';

/** Limits in millimetres; common practice. */
const TAPER = { warn: millimetres(0.8), stop: millimetres(4) };
const RACK = { warn: millimetres(1.5), stop: millimetres(6) };
const DIAGONAL_OFF = millimetres(10);
const READINGS_APART = millimetres(25);

/** What the readings of a bank's opening say; `pack` writes what a side is packed out by. */
export function openingFindings(
  bank: Bank,
  path: string,
  opening: Opening,
  packing: readonly Packing[],
  say: Say,
  pack: Say,
): readonly Finding[] {
  return present(
    tapered(bank, opening, packing, say, pack),
    racked(opening, say),
    ...impossible(bank, opening, say),
    forecast(bank),
    notYetMeasured(bank, path),
  );
}

/** Where to pack and by how much: by the readings' places, or as they were taken, counted from the first. */
function packed(bank: Bank, opening: Opening, packing: readonly Packing[], pack: Say): string {
  const over = packing.filter(({ total }) => total.total > TAPER.warn);
  const levels = bank.drawers.flatMap(({ id }, place) =>
    (levelPacking(opening, id) ?? [])
      .filter(({ eachSide }) => 2 * eachSide > TAPER.warn)
      .map(({ place: end, eachSide }) => `${pack(eachSide)} a side at drawer ${place + 1}, ${end}`),
  );
  const each = [
    ...over.map(({ reading, eachSide }) => `${pack(eachSide)} a side ${atReading(bank, 'width', reading)}`),
    ...levels,
  ];
  if (each.length === 0) return 'measure at each drawer’s level, front and back, to know where to pack.';
  return `pack the slides out where it is wider: ${each.slice(0, 6).join('; ')}.`;
}

function tapered(bank: Bank, opening: Opening, packing: readonly Packing[], say: Say, pack: Say): Finding | undefined {
  const { taper, width } = opening;
  if (taper.total <= TAPER.warn) return undefined;
  return {
    code: 'OPENING_TAPERED',
    severity: taper.total > TAPER.stop ? 'stop' : 'warn',
    step: 'measure',
    says: `The opening tapers: the widest reading is ${say(taper.total)} over the narrowest. Boxes are sized to ${say(width.total)}; ${packed(bank, opening, packing, pack)}`,
    because: taper,
  };
}

function racked({ rack }: Opening, say: Say): Finding | undefined {
  const size = nm(Math.abs(rack ?? 0));
  if (rack === undefined || size <= RACK.warn) return undefined;
  return {
    code: 'OPENING_RACKED',
    severity: size > RACK.stop ? 'stop' : 'warn',
    step: 'measure',
    says: `The opening leans: its top stands ${say(size)} to the ${rack > 0 ? 'right' : 'left'} of its floor. Square the case before anything is hung in it.`,
  };
}

function impossible(bank: Bank, opening: Opening, say: Say): readonly Finding[] {
  const { diagonalOff, spread } = doubts(bank, opening);
  const finding = (says: string): Finding => ({ code: 'OPENING_IMPOSSIBLE', severity: 'stop', step: 'measure', says });
  return present(
    over(diagonalOff, DIAGONAL_OFF)
      ? finding(
          `A diagonal is ${say(diagonalOff)} off what this width and height have. Measure it again: a misread tape is likelier than such a case.`,
        )
      : undefined,
    over(spread, READINGS_APART)
      ? finding(
          `Readings of one size differ by ${say(spread)}${farthest(bank, say)}. Measure again: a misread tape is likelier than such a case.`,
        )
      : undefined,
  );
}

/** The two readings that are farthest apart, where they were taken. */
function farthest(bank: Bank, say: Say): string {
  const pairs = OPENING_SIZES.map((size) => {
    const readings = bank.opening[size].map((reading, index) => ({
      length: readingLength(reading),
      where: atReading(bank, size, index),
    }));
    const [least, most] = [readings, [...readings].reverse()].map((list, way) =>
      list.reduce((a, b) => ((way === 0 ? b.length < a.length : b.length > a.length) ? b : a)),
    );
    return { size, least, most, apart: (most?.length ?? 0) - (least?.length ?? 0) };
  });
  const { size, least, most } = pairs.reduce((a, b) => (b.apart > a.apart ? b : a));
  if (!least || !most) return '';
  return ` (${size}: ${say(least.length)} ${least.where}, ${say(most.length)} ${most.where})`;
}

function over(length: Length | undefined, limit: Length): length is Length {
  return length !== undefined && length > limit;
}

function forecast(bank: Bank): Finding | undefined {
  if (bank.basis === 'as-built') return undefined;
  return {
    code: 'FORECAST',
    severity: 'note',
    step: 'measure',
    says: 'These are planned sizes: good for buying and pricing. Nothing is cut by them until the case is built and measured.',
  };
}

/** Called as built, and every reading is still what was planned. */
function notYetMeasured({ basis, opening, aside }: Bank, path: string): Finding | undefined {
  if (basis !== 'as-built' || !aside || JSON.stringify(opening) !== JSON.stringify(aside)) return undefined;
  return {
    code: 'NOT_YET_MEASURED',
    severity: 'stop',
    step: 'measure',
    says: 'These are still the planned sizes, to the last reading. Measure the case as it was built before anything is cut by them.',
    remedies: [
      { says: 'They are planned sizes', patches: [{ path: `${path}.basis`, value: 'planned' }] },
      { says: 'It was measured, and is just so', patches: [{ path: `${path}.aside`, value: undefined }] },
    ],
  };
}
