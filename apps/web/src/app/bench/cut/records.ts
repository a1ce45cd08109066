import {
  valueAt,
  writeExact,
  type CutRecordOf,
  type Deed,
  type JobDocument,
  type Patch,
  type ReleasedPart,
  type Tally,
  type Unit,
} from '@zabble/core';

/** A part with the size it is cut in. */
interface Sized {
  readonly name: string;
  readonly length: Pick<Tally, 'total'>;
  readonly width: Pick<Tally, 'total'>;
}

/** Parts marked as cut, in their planned size or as they came out. */
export function cutPatch(
  document: JobDocument,
  parts: readonly Sized[],
  deed: Deed,
  unit: Unit,
  came: { readonly length?: string; readonly width?: string; readonly wrong?: string } = {},
): Patch {
  const records = parts.map(({ name, length, width }): CutRecordOf<string> => ({
    part: name,
    length: came.length ?? writeExact(length.total, unit),
    width: came.width ?? writeExact(width.total, unit),
    ...(came.wrong ? { wrong: came.wrong } : {}),
    ...deed,
  }));
  const before = (valueAt(document, 'cutting.cut') ?? []) as readonly CutRecordOf<string>[];
  return { path: 'cutting.cut', value: [...before, ...records] };
}

/** Parts released before their turn, with the reason. */
export function releasePatch(document: JobDocument, names: readonly string[], reason: string, deed: Deed): Patch {
  const before = (valueAt(document, 'cutting.released') ?? []) as readonly ReleasedPart[];
  const kept = before.filter(({ part }) => !names.includes(part));
  return { path: 'cutting.released', value: [...kept, ...names.map((part) => ({ part, reason, ...deed }))] };
}
