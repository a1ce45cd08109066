import { said } from '@zabble/core';
import express, { type RequestHandler } from 'express';
import { parsedKnowing, scanned } from './parts';
import { refuse, type Refusal } from './refusal';

/** Nothing anybody sends is nested deeper: a job takes a dozen. Deeper JSON is meant to break what walks through it. */
const DEEPEST = 64;
/**
 * A body of JSON up to so many bytes; 400 where it is nested too deep. What a browser sends as most do (of a length that
 * is told, in UTF-8, as it is) is read here, at a third of what reading whatever there may be takes; the rest as usual.
 */
export function jsonBody(limit: number): RequestHandler {
  const asUsual = express.json({ limit, verify: (_request, _response, sent) => assertShallow(sent) });
  return (request, response, next) => {
    const { headers } = request;
    const length = PLAIN.test(headers['content-type'] ?? '') ? Number(headers['content-length']) : NaN;
    if (!(length > 0 && length <= limit) || headers['content-encoding'] !== undefined) {
      asUsual(request, response, next);
      return;
    }
    const chunks: Buffer[] = [];
    request.on('data', (chunk: Buffer) => chunks.push(chunk));
    request.on('end', () => {
      try {
        request.body = jsonOf(chunks.length === 1 ? (chunks[0] as Buffer) : Buffer.concat(chunks));
      } catch (problem) {
        next(problem);
        return;
      }
      next();
    });
  };
}

const PLAIN = /^application\/json(?:; ?charset=utf-8)?$/i;

function jsonOf(sent: Buffer): unknown {
  const found = scanned(sent, DEEPEST);
  if (found.depth > DEEPEST) throw tooDeep();
  try {
    return parsedKnowing(sent, found);
  } catch {
    throw refuse(400, said('sent-no-json'));
  }
}

/** The text of a body of JSON, to be read elsewhere. */
export function textBody(limit: number): RequestHandler {
  // Only application/json: a page from elsewhere can't send that here without asking first.
  return express.text({ type: 'application/json', limit, verify: (_request, _response, sent) => assertShallow(sent) });
}

export function assertShallow(sent: Uint8Array): void {
  if (scanned(sent, DEEPEST).depth > DEEPEST) throw tooDeep();
}

function tooDeep(): Refusal {
  return refuse(400, said('too-deep', { most: DEEPEST }));
}
