const DAY = 86_400_000;

/** A day so many days after another, both as `2026-11-01`. */
export const dayAfter = (date: string, days: number): string =>
  new Date(Date.parse(date) + days * DAY).toISOString().slice(0, 10);
