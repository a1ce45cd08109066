import { said, type PackedAt, type ParamsOf } from '../words';
import { OPENING_SIZES, readingAt, readingLength, type Bank } from '../job';
import { millimetres, nm, type Length } from '../length';
import type { Packing } from '../mounting';
import { doubts, levelPacking, type Opening } from '../opening';
import { present, remedy, type Finding } from './finding';

/** Limits in millimetres; common practice. */
const TAPER = { warn: millimetres(0.8), stop: millimetres(4) };
const RACK = { warn: millimetres(1.5), stop: millimetres(6) };
const DIAGONAL_OFF = millimetres(10);
const READINGS_APART = millimetres(25);
/** More places than these are not packed but built anew. */
const MOST_TOLD = 6;

/** What the readings of a bank's opening say. */
export function openingFindings(
  bank: Bank,
  path: string,
  opening: Opening,
  packing: readonly Packing[],
): readonly Finding[] {
  return present(
    tapered(bank, opening, packing),
    racked(opening),
    ...impossible(bank, opening),
    forecast(bank),
    notYetMeasured(bank, path),
  );
}

/** Where to pack and by how much: by the readings' places, or as they were taken, counted from the first. */
function packedCase(bank: Bank, opening: Opening, packing: readonly Packing[]): readonly PackedAt[] {
  const readings = packing
    .filter(({ total }) => total.total > TAPER.warn)
    .map(({ reading, eachSide }) => ({ eachSide, at: readingAt(bank, 'width', reading) }));
  return [...readings, ...packedLevels(bank, opening, false)].slice(0, MOST_TOLD);
}

/** What is to be packed at the drawers' levels: in the case before slides hang, or behind those that hang. */
function packedLevels(bank: Bank, opening: Opening, hung: boolean): readonly PackedAt[] {
  return bank.drawers.flatMap(({ id }, level) =>
    (levelPacking(opening, id) ?? [])
      .filter((each) => each.hung === hung && 2 * each.eachSide > TAPER.warn)
      .map(({ place: end, eachSide }) => ({ eachSide, level, end })),
  );
}

function tapered(bank: Bank, opening: Opening, packing: readonly Packing[]): Finding | undefined {
  const { taper, caseTaper, width } = opening;
  if (taper.total <= TAPER.warn) return undefined;
  const ofCase = caseTaper.total > TAPER.warn;
  return {
    ...said('OPENING_TAPERED', {
      width: width.total,
      taper: ofCase ? caseTaper.total : undefined,
      packing: ofCase ? packedCase(bank, opening, packing) : [],
      slides: packedLevels(bank, opening, true).slice(0, MOST_TOLD),
    }),
    severity: taper.total > TAPER.stop ? 'stop' : 'warn',
    step: 'measure',
    because: ofCase ? caseTaper : taper,
  };
}

function racked({ rack }: Opening): Finding | undefined {
  const size = nm(Math.abs(rack ?? 0));
  if (rack === undefined || size <= RACK.warn) return undefined;
  return {
    ...said('OPENING_RACKED', { by: size, to: rack > 0 ? 'right' : 'left' }),
    severity: size > RACK.stop ? 'stop' : 'warn',
    step: 'measure',
  };
}

function impossible(bank: Bank, opening: Opening): readonly Finding[] {
  const { diagonalOff, spread } = doubts(bank, opening);
  const finding = (params: ParamsOf<'OPENING_IMPOSSIBLE'>): Finding => ({
    ...said('OPENING_IMPOSSIBLE', params),
    severity: 'stop',
    step: 'measure',
  });
  return present(
    over(diagonalOff, DIAGONAL_OFF) ? finding({ of: 'diagonal', off: diagonalOff }) : undefined,
    over(spread, READINGS_APART) ? finding({ of: 'readings', apart: spread, farthest: farthest(bank) }) : undefined,
  );
}

/** The two readings that are farthest apart, where they were taken. */
function farthest(bank: Bank) {
  const pairs = OPENING_SIZES.map((size) => {
    const readings = bank.opening[size].map((reading, index) => ({
      length: readingLength(reading),
      at: readingAt(bank, size, index),
    }));
    const [least, most] = [readings, [...readings].reverse()].map((list, way) =>
      list.reduce((a, b) => ((way === 0 ? b.length < a.length : b.length > a.length) ? b : a)),
    );
    return { size, least, most, apart: (most?.length ?? 0) - (least?.length ?? 0) };
  });
  const { size, least, most } = pairs.reduce((a, b) => (b.apart > a.apart ? b : a));
  return least && most ? { size, least, most } : undefined;
}

function over(length: Length | undefined, limit: Length): length is Length {
  return length !== undefined && length > limit;
}

function forecast(bank: Bank): Finding | undefined {
  if (bank.basis === 'as-built') return undefined;
  return {
    ...said('FORECAST'),
    severity: 'note',
    step: 'measure',
  };
}

/** Called as built, and every reading is still what was planned. */
function notYetMeasured({ basis, opening, aside }: Bank, path: string): Finding | undefined {
  if (basis !== 'as-built' || !aside || JSON.stringify(opening) !== JSON.stringify(aside)) return undefined;
  return {
    ...said('NOT_YET_MEASURED'),
    severity: 'stop',
    step: 'measure',
    remedies: [
      remedy('call-planned', {}, [{ path: `${path}.basis`, value: 'planned' }]),
      remedy('call-measured', {}, [{ path: `${path}.aside`, value: undefined }]),
    ],
  };
}
