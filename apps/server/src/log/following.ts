import type { ShopId } from '../whose/shop';
import type { LogService } from './service';

/** How soon entries that another process kept are seen, in milliseconds. */
const LOOK = 700;
/** So many follow at once at most, and so many pages of one person. */
const MOST = 1000;
const MOST_OF_ONE = 30;

/** Someone who hears of a job's log as it grows. */
export interface Follower {
  readonly shop: ShopId;
  readonly job: string;
  /** The number of the last entry they know. */
  readonly after: number;
  /** Whose page it is, where people sign in. */
  readonly person?: string;
  /** False where they are gone. */
  readonly send: (entry: object, seq: number) => boolean;
}

/** With how far they have heard, and whether they are being told. */
type Followed = { -readonly [K in keyof Follower]: Follower[K] } & { busy?: boolean; due?: boolean };

/**
 * All who follow a log of this process: the database is asked once in a while how far the logs go that anybody follows,
 * and only a log that grew is read.
 */
export class Following {
  private readonly followers = new Set<Followed>();
  private timer: NodeJS.Timeout | undefined;
  private looking = false;

  constructor(
    private readonly log: LogService,
    private readonly told: (problem: unknown) => void,
  ) {
    log.grown.on('grown', (job: string) => void this.tell((each) => each.job === job));
  }

  /** So many follow now. */
  get count(): number {
    return this.followers.size;
  }

  /** Nobody more is taken, or no more pages of this person. */
  isFull(person: string | undefined): boolean {
    if (this.followers.size >= MOST) return true;
    return person !== undefined && [...this.followers].filter((each) => each.person === person).length >= MOST_OF_ONE;
  }

  /** Answers what lets go of it again. */
  add(follower: Follower): object {
    const added = { ...follower };
    this.followers.add(added);
    this.timer ??= setInterval(() => void this.look(), LOOK).unref();
    void this.tell((each) => each === added);
    return added;
  }

  remove(follower: object): void {
    this.followers.delete(follower as Followed);
    if (this.followers.size > 0) return;
    clearInterval(this.timer);
    this.timer = undefined;
  }

  private async look(): Promise<void> {
    if (this.looking) return;
    this.looking = true;
    try {
      const ends = await this.log.endsOf([...new Set([...this.followers].map(({ job }) => job))]);
      await this.tell((each) => (ends.get(each.job) ?? 0) > each.after);
    } catch (problem) {
      this.told(problem);
    } finally {
      this.looking = false;
    }
  }

  /** Everything there is after what they know, however much: a page at a time. */
  private async tell(whom: (each: Followed) => boolean): Promise<void> {
    await Promise.all([...this.followers].filter(whom).map((each) => this.catchUp(each)));
  }

  private async catchUp(follower: Followed): Promise<void> {
    follower.due = true;
    if (follower.busy) return;
    follower.busy = true;
    try {
      while (follower.due && this.followers.has(follower)) {
        follower.due = false;
        const { entries, more } = await this.log.after(follower.shop, follower.job, follower.after);
        for (const kept of entries) {
          if (!follower.send(kept, kept.seq)) return this.remove(follower);
          follower.after = kept.seq;
        }
        follower.due ||= more;
      }
    } catch (problem) {
      this.told(problem);
    } finally {
      follower.busy = false;
    }
  }
}
