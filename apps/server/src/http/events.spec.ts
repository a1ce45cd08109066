import { EventEmitter } from 'node:events';
import type { Response } from 'express';
import { events } from './events';

/** As much of an answer as is written to. */
class Written extends EventEmitter {
  writableLength = 0;
  destroyed = false;
  readonly headers: Record<string, string> = {};
  readonly text: string[] = [];
  flushed = 0;
  set(headers: Record<string, string>): void {
    Object.assign(this.headers, headers);
  }
  flushHeaders(): void {
    this.flushed += 1;
  }
  write(text: string): void {
    this.text.push(text);
  }
  destroy(): void {
    this.destroyed = true;
  }
}

describe('events told one after the other', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  const begun = () => {
    const to = new Written();
    return { to, send: events(to as unknown as Response) };
  };

  it('are an answer that begins at once and is neither kept nor changed on the way', () => {
    const { to } = begun();
    expect(to.headers).toEqual({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform' });
    expect(to.flushed).toBe(1);
  });

  it('have their number where there is one, and something is heard though there is nothing to tell', () => {
    const { to, send } = begun();
    expect([send({ a: 1 }, 7), send({ a: 'x\ny' }), send({}, 0)]).toEqual([true, true, true]);
    expect(to.text).toEqual(['id: 7\ndata: {"a":1}\n\n', 'data: {"a":"x\\ny"}\n\n', 'id: 0\ndata: {}\n\n']);
    jest.advanceTimersByTime(45_000);
    expect(to.text.slice(3)).toEqual([':\n\n', ':\n\n', ':\n\n']);
    to.emit('close');
    jest.advanceTimersByTime(45_000);
    expect(to.text).toHaveLength(6);
  });

  it('let go of who does not listen, before more is written to them', () => {
    const { to, send } = begun();
    to.writableLength = 4_000_000;
    expect([send({ a: 1 }), to.destroyed]).toEqual([true, false]);
    to.writableLength = 4_000_001;
    expect([send({ a: 2 }), to.destroyed, to.text.length]).toEqual([false, true, 1]);
  });
});
