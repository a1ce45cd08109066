import { said } from '@zabble/core';
import type { RequestHandler } from 'express';
import { refuse } from './refusal';

/**
 * Lets so many of a heavy kind of request in at once, before their bodies are read; so many more wait for their turn, and
 * the rest are told to come again (503). One whose client is gone meanwhile is not begun.
 */
export function few(atOnce: number, mostWaiting: number): RequestHandler {
  const waiting: (() => void)[] = [];
  let inside = 0;
  const next = (): void => {
    while (inside < atOnce && waiting.length > 0) waiting.shift()?.();
  };
  return (_request, response, go) => {
    if (inside >= atOnce && waiting.length >= mostWaiting) throw refuse(503, said('too-busy'));
    let begun = false;
    const begin = (): void => {
      begun = true;
      inside += 1;
      go();
    };
    waiting.push(begin);
    response.once('close', () => {
      const at = waiting.indexOf(begin);
      if (at >= 0) waiting.splice(at, 1);
      if (begun) inside -= 1;
      next();
    });
    next();
  };
}
