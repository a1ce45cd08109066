/** Paper in millimetres, upright. */
export const PAPERS = { a4: { width: 210, height: 297 }, letter: { width: 215.9, height: 279.4 } } as const;
export type Paper = keyof typeof PAPERS;
