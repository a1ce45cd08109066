/** An older version of a job and when it was saved. */
export interface KeptRevision {
  readonly revision: number;
  readonly savedAt: Date;
}

const DAY = 86_400_000;
/** All of the last two days are kept, then the last of each day, after two months the last of each thirty days. */
const ALL = 2 * DAY;
const DAILY = 60 * DAY;
const LONG = 30 * DAY;
/** Of one job never more. */
const MOST = 300;

/** Those that are let go of as they grow old, and the oldest where there are too many. `now` decides how old each is. */
export function thinned(kept: readonly KeptRevision[], now: Date): readonly KeptRevision[] {
  const newest = [...kept].sort((a, b) => b.savedAt.getTime() - a.savedAt.getTime());
  const seen = new Set<string>();
  const staying = newest.filter(({ savedAt }) => {
    const period = periodOf(savedAt, now);
    if (period === undefined) return true;
    const first = !seen.has(period);
    seen.add(period);
    return first;
  });
  const stays = new Set(staying.slice(0, MOST));
  return kept.filter((each) => !stays.has(each));
}

/** What it is the last of; nothing while all are kept. */
function periodOf(savedAt: Date, now: Date): string | undefined {
  const age = now.getTime() - savedAt.getTime();
  if (age < ALL) return undefined;
  const length = age < DAILY ? DAY : LONG;
  return `${length} ${Math.floor(savedAt.getTime() / length)}`;
}
