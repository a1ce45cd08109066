import type { Response } from 'express';

/** Answers with server-sent events, one for each call. */
export function events(response: Response): (data: object, id?: number) => void {
  response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform' });
  response.flushHeaders();
  return (data, id) => {
    const named = id === undefined ? '' : `id: ${id}\n`;
    response.write(`${named}data: ${JSON.stringify(data)}\n\n`);
  };
}
