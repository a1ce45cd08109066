import { said } from '@zabble/core';
import express, { type RequestHandler } from 'express';
import { refuse } from './refusal';

/** Nothing anybody sends is nested deeper: a job takes a dozen. Deeper JSON is meant to break what walks through it. */
const DEEPEST = 64;
/** What a text of JSON is told apart by. */
const [QUOTE, BEGINS, ENDS] = [1, 2, 3] as const;
const WHAT = new Uint8Array(256);
WHAT[0x22] = QUOTE;
WHAT[0x5b] = WHAT[0x7b] = BEGINS;
WHAT[0x5d] = WHAT[0x7d] = ENDS;

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
  const end = sent.length;
  let depth = 0;
  for (let at = 0; at < end; at += 1) {
    const what = WHAT[sent[at] ?? 0];
    if (what === 0) continue;
    if (what === QUOTE) {
      for (at += 1; at < end && sent[at] !== 0x22; at += 1) if (sent[at] === 0x5c) at += 1;
    } else if (what === BEGINS) {
      depth += 1;
      if (depth > DEEPEST) throw refuse(400, said('too-deep', { most: DEEPEST }));
    } else depth -= 1;
  }
}
