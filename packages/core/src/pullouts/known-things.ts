import type { ContentOf, FilesKind } from '../job';
import { inches, millimetres, type Length, type Said } from '../length';
import { said, type KnownCode } from '../words';
import { FILES } from './files';

type Id = KnownCode extends `known/${infer Name}` ? Name : never;

/** A kind of thing whose size is near enough the same everywhere. */
export interface KnownThing {
  readonly id: string;
  readonly called: Said;
  readonly height: Length;
  /** Across, and front to back. */
  readonly footprint?: readonly [Length, Length];
  /** Of one. */
  readonly weight_kg?: number;
  readonly count?: number;
  readonly files?: FilesKind;
}

type Row = Omit<KnownThing, 'called' | 'id'> & { readonly id: Id };

/** Hanging files are counted and weighed by the inch. */
const FILES_INCH_KG = 0.8;
const hung = (id: FilesKind): Row => ({
  ...{ id, files: id, height: FILES[id].clear },
  ...{ weight_kg: FILES_INCH_KG, count: 12 },
});
const round = (across: number, high: number) => {
  const side = millimetres(across);
  return { height: millimetres(high), footprint: [side, side] } as const;
};

/** All of it from memory: measure yours. */
const ROWS: readonly Row[] = [
  hung('letter'),
  hung('legal'),
  hung('a4'),
  { id: 'bottle', ...round(90, 320), weight_kg: 1.5 },
  { id: 'small-bottle', ...round(70, 230), weight_kg: 0.8 },
  { id: 'can', ...round(110, 130), weight_kg: 1.3 },
  { id: 'small-can', ...round(75, 110), weight_kg: 0.5 },
  { id: 'folded-cloth', height: millimetres(60), footprint: [millimetres(300), millimetres(400)], weight_kg: 1 },
  { id: 'kit-bag', height: inches(14), footprint: [inches(10), inches(14)], weight_kg: 5 },
  { id: 'bin', height: inches(14), footprint: [inches(10), inches(11)], weight_kg: 6 },
];

/** Things with a known size, as rows: what is put in a drawer from one is its own from then on. */
export const KNOWN_THINGS: readonly KnownThing[] = ROWS.map((row) => ({
  ...row,
  called: said(`known/${row.id}`),
}));

/** A thing as it is put in a drawer, under the name given; `exact` writes its lengths. */
export function contentOf(
  { height, footprint, count, weight_kg, files }: KnownThing,
  name: string,
  exact: (length: Length) => string,
): ContentOf<string> {
  return {
    name,
    height: exact(height),
    ...(count === undefined ? {} : { count }),
    ...(weight_kg === undefined ? {} : { weight_kg }),
    ...(footprint ? { footprint: footprint.map(exact) } : {}),
    ...(files ? { files } : {}),
  };
}
