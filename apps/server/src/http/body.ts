import { said } from '@zabble/core';
import express, { type RequestHandler } from 'express';
import { refuse } from './refusal';

/** Nothing anybody sends is nested deeper: a job takes a dozen. Deeper JSON is meant to break what walks through it. */
const DEEPEST = 64;
const CODES = { quote: 0x22, escape: 0x5c, open: [0x5b, 0x7b], close: [0x5d, 0x7d] } as const;

/** A body of JSON up to so many bytes; 400 where it is nested too deep. */
export function jsonBody(limit: number): RequestHandler {
  return express.json({ limit, verify: (_request, _response, sent) => assertShallow(sent) });
}

/** The text of a body of JSON, to be read elsewhere. */
export function textBody(limit: number): RequestHandler {
  // Only application/json: a page from elsewhere can't send that here without asking first.
  return express.text({ type: 'application/json', limit, verify: (_request, _response, sent) => assertShallow(sent) });
}

/** Looks at every byte once; brackets in strings are none. */
export function assertShallow(sent: Uint8Array): void {
  let [depth, quoted] = [0, false];
  for (let at = 0; at < sent.length; at += 1) {
    const byte = sent[at] ?? 0;
    if (quoted) {
      if (byte === CODES.escape) at += 1;
      else if (byte === CODES.quote) quoted = false;
    } else if (byte === CODES.quote) quoted = true;
    else if (byte === CODES.open[0] || byte === CODES.open[1]) {
      depth += 1;
      if (depth > DEEPEST) throw refuse(400, said('too-deep', { most: DEEPEST }));
    } else if (byte === CODES.close[0] || byte === CODES.close[1]) depth -= 1;
  }
}
