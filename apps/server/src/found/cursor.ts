/** Where a page ended, as its moments and its id; the contract has seen to it that it can be read. */
export function readCursor(cursor: string): { readonly moments: readonly Date[]; readonly id: string } {
  const parts = cursor.split('~');
  return { moments: parts.slice(0, -1).map((moment) => new Date(moment)), id: parts.at(-1) ?? '' };
}

export function writeCursor(moments: readonly Date[], id: string | number): string {
  return [...moments.map((moment) => moment.toISOString()), id].join('~');
}
