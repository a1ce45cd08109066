import type { Response } from 'express';

/** So often something is written though there is nothing to tell, in milliseconds: a wire that is dead shows then. */
const HEARTBEAT = 15_000;
/** A listener that has so much unread is let go of, in bytes; it comes back by itself and is told from where it was. */
const MOST_UNREAD = 4_000_000;

/** Writes an event; false where the listener is too slow and was let go of. */
export type SendEvent = (data: object, id?: number) => boolean;

/** Answers with server-sent events, one for each call. */
export function events(response: Response): SendEvent {
  response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform' });
  response.flushHeaders();
  const beat = setInterval(() => response.write(':\n\n'), HEARTBEAT);
  response.on('close', () => clearInterval(beat));
  return (data, id) => {
    if (response.writableLength > MOST_UNREAD) {
      response.destroy();
      return false;
    }
    const named = id === undefined ? '' : `id: ${id}\n`;
    response.write(`${named}data: ${JSON.stringify(data)}\n\n`);
    return true;
  };
}
