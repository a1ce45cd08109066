/**
 * What a column of JSON holds. The driver reads it where the database says that it is JSON; where it is sent as the text it is kept
 * as, it is read here.
 */
export const fromJson = <T extends object | null>(kept: T | string): T =>
  typeof kept === 'string' ? (JSON.parse(kept) as T) : kept;
