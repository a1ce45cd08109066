import { setTimeout as wait } from 'node:timers/promises';

/** So often something is done again that another transaction stood in the way of. */
const TRIES = 8;
/** So long, in milliseconds, a node is looked for that answers, while there are several. */
const PATIENCE = 6000;

interface Trouble {
  readonly code?: string;
  readonly errno?: number;
  readonly syscall?: string;
  readonly leftNothing?: boolean;
}

/**
 * Two transactions locked one another, or were done on two nodes at once: one of them is undone, by whichever statement it
 * is noticed, and may be begun again. (Galera tells what does not pass certification so.)
 */
const isConflict = ({ code }: Trouble): boolean => code === 'ER_LOCK_DEADLOCK';

/** The node is not part of the cluster just now: it did nothing. ER_UNKNOWN_COM_ERROR, 1047. */
const isNotReady = ({ errno }: Trouble): boolean => errno === 1047;

/** The connection is gone, or was never made. */
export const isLost = ({ code = '' }: Trouble): boolean =>
  /^(?:ECONN|EPIPE|ETIMEDOUT|PROTOCOL_CONNECTION_LOST|PROTOCOL_ENQUEUE_AFTER|ER_SERVER_SHUTDOWN|ER_CONNECTION_KILLED|EHOSTUNREACH|ENOTFOUND)/.test(
    code,
  );

/** Whoever is asked next must not be this node. */
export const isNodeAway = (problem: unknown): boolean => {
  const trouble = (problem ?? {}) as Trouble;
  return isNotReady(trouble) || isLost(trouble);
};

const neverSent = ({ syscall, code = '' }: Trouble): boolean =>
  syscall === 'connect' || code === 'ECONNREFUSED' || code === 'PROTOCOL_ENQUEUE_AFTER_FATAL_ERROR';

export interface Kind {
  /** There is another node to turn to. */
  readonly several: boolean;
  /** It only looks: to do it twice is no harm. */
  readonly looks: boolean;
}

/** Whether nothing came of it, so that it may be done again. */
function nothingCameOfIt(trouble: Trouble, { several, looks }: Kind): boolean {
  if (isConflict(trouble)) return true;
  if (!several) return false;
  return isNotReady(trouble) || (isLost(trouble) && (looks || neverSent(trouble) || trouble.leftNothing === true));
}

/** Lets so many milliseconds pass. */
type Pause = (milliseconds: number) => Promise<unknown>;

/**
 * Does it again, after a short random pause, as long as nothing came of it and it is worth it. Bound: eight times where
 * others stand in the way; six seconds where nodes are away.
 */
export async function againWhile<T>(work: () => Promise<T>, kind: Kind, pause: Pause = wait): Promise<T> {
  const until = Date.now() + PATIENCE;
  for (let tried = 1; ; tried += 1) {
    try {
      return await work();
    } catch (problem) {
      const trouble = problem as Trouble;
      const more = isConflict(trouble) ? tried < TRIES : Date.now() < until;
      if (!more || !nothingCameOfIt(trouble, kind)) throw problem;
      await pause(Math.random() * Math.min(400, 10 * 2 ** tried));
    }
  }
}
