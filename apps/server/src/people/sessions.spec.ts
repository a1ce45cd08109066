import { EventEmitter } from 'node:events';
import type { Request, Response } from 'express';
import type { ShopId } from '../whose/shop';
import type { PeopleRepository } from './people-repository';
import type { Session, SessionRepository } from './session-repository';
import { Sessions } from './sessions';

const SESSION: Session = {
  id: 's',
  person: { id: 'p', name: 'Runa', email: 'runa@loft.example' },
  at: { shop: 'one' as ShopId, role: 'maker' },
  secondFactor: false,
  seenAt: Date.now(),
};

class FakeResponse extends EventEmitter {
  destroyed = false;

  destroy(): void {
    this.destroyed = true;
    this.emit('close');
  }
}

describe('what is being answered for long', () => {
  let now: Session | undefined;
  let response: FakeResponse;
  beforeEach(async () => {
    jest.useFakeTimers();
    now = SESSION;
    response = new FakeResponse();
    const rows = { find: () => Promise.resolve(now) } as unknown as SessionRepository;
    const request = { get: () => `__Host-zabble=${'a'.repeat(43)}` } as unknown as Request;
    await new Sessions(rows, {} as PeopleRepository).asking(request, response as unknown as Response);
  });
  afterEach(() => jest.useRealTimers());
  const soon = () => jest.advanceTimersByTimeAsync(16_000);

  it('goes on as long as its session does, and is looked after no longer than it goes on', async () => {
    await soon();
    expect([response.destroyed, jest.getTimerCount()]).toEqual([false, 1]);
    response.emit('close');
    expect(jest.getTimerCount()).toBe(0);
  });

  it.each([
    ['is ended, by whichever server', undefined],
    ['may do something else', { ...SESSION, at: { shop: 'one' as ShopId, role: 'looker' as const } }],
    ['belongs to the shop no more', { ...SESSION, at: undefined } as unknown as Session],
    ['looks at a shop that is deleted', { ...SESSION, deletedAt: new Date() }],
  ])('ends where its session %s', async (_, then) => {
    now = then;
    await soon();
    expect(response.destroyed).toBe(true);
  });
});
