import type { Response } from 'express';

/** Answers with JSON as it is, or with a text of it: for what is asked most, where looking for what else might be wanted takes its time. */
export function answer(response: Response, value: object | string, status = 200): void {
  const text = typeof value === 'string' ? value : JSON.stringify(value);
  response.statusCode = status;
  response.setHeader('Content-Type', 'application/json; charset=utf-8');
  response.setHeader('Content-Length', Buffer.byteLength(text));
  response.end(text);
}
