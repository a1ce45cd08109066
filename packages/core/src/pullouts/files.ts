import type { FilesKind } from '../job';
import { inches, millimetres, type Length } from '../length';

/** How far apart the rails of hanging files stand, and how high they hang over the bottom. From memory: measure yours. */
export const FILES: Readonly<Record<FilesKind, { readonly rails: Length; readonly clear: Length }>> = {
  letter: { rails: inches(49, 4), clear: inches(21, 2) },
  legal: { rails: inches(61, 4), clear: inches(21, 2) },
  a4: { rails: millimetres(330), clear: millimetres(270) },
};
