import type { Length } from '../length';
import type { CutPart } from './cut-part';

/** One setting of the saw, and every part it cuts: set once, all ganged, whatever they are made of. */
export interface Setting {
  readonly size: Length;
  readonly parts: readonly CutPart[];
}

export interface SawSettings {
  /** Distances of the rip fence: the parts' widths. */
  readonly fences: readonly Setting[];
  /** Distances of the stop: the parts' lengths. */
  readonly stops: readonly Setting[];
}

/** Every distinct fence setting and stop once, longest first. */
export function sawSettings(parts: readonly CutPart[]): SawSettings {
  return {
    fences: settingsOf(parts, ({ width }) => width.total),
    stops: settingsOf(parts, ({ length }) => length.total),
  };
}

function settingsOf(parts: readonly CutPart[], sizeOf: (part: CutPart) => Length): readonly Setting[] {
  const bySize = new Map<Length, CutPart[]>();
  for (const part of parts) {
    const ganged = bySize.get(sizeOf(part));
    if (ganged) ganged.push(part);
    else bySize.set(sizeOf(part), [part]);
  }
  return [...bySize].sort(([a], [b]) => b - a).map(([size, ganged]) => ({ size, parts: ganged }));
}
