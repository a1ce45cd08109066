import type { Order } from '@zabble/contract';
import { outcomeOf } from './answers';

const order = (more: Partial<Order> = {}): Order => ({
  ...({ id: 'o1', supplier: 'Loft', state: 'asked', madeAt: '2026-11-30T23:00:00Z' } as Order),
  lines: [{ key: 'catch', what: 'Catches', cents: 1200 }] as unknown as Order['lines'],
  ...more,
});
const taken = (expectedOn: string, delivered = false) => ({ is: 'taken', expectedOn, delivered }) as const;

describe('where an order stands by what its supplier answered', () => {
  it.each([
    ['before its usual time', taken('2026-12-04'), 5, 'buy/acknowledged'],
    ['at its usual time', taken('2026-12-05'), 5, 'buy/acknowledged'],
    ['after it', taken('2026-12-06'), 5, 'buy/late'],
    ['by one whose usual time is not known', taken('2099-12-06'), undefined, 'buy/acknowledged'],
    ['and delivered, however late', taken('2099-12-06', true), 5, 'buy/delivered'],
  ])('taken %s', (_, answer, leadDays, code) => {
    const outcome = outcomeOf(order(), answer, leadDays);
    expect(outcome).toMatchObject({ state: 'ordered', expectedOn: answer.expectedOn, answer: { code } });
    expect(outcome.answer.params).toMatchObject({ supplier: 'Loft', date: answer.expectedOn });
  });

  it('late by what is told beside it', () =>
    expect(outcomeOf(order(), taken('2026-12-09'), 5).answer.params).toMatchObject({ usual: '2026-12-05' }));

  it('refused for what is not there, or is dearer; what nobody knows is called by its key', () => {
    expect(outcomeOf(order(), { is: 'out-of-stock', keys: ['catch', 'hook'] }, 5)).toMatchObject({
      state: 'refused',
      answer: { code: 'buy/out-of-stock', params: { names: ['Catches', 'hook'] } },
    });
    const prices = [
      { key: 'catch', cents: 1300 },
      { key: 'hook', cents: 5 },
    ];
    expect(outcomeOf(order(), { is: 'wrong-price', prices }, 5)).toMatchObject({
      state: 'refused',
      answer: {
        code: 'buy/wrong-price',
        params: {
          prices: [
            { key: 'catch', what: 'Catches', is: 1300, was: 1200 },
            { key: 'hook', what: 'hook', is: 5, was: 0 },
          ],
        },
      },
    });
  });

  it.each(['asked', 'ordered'] as const)('%s as before where nothing is known', (state) => {
    const stands = (answer: Parameters<typeof outcomeOf>[1]) => outcomeOf(order({ state }), answer, 5);
    expect(stands({ is: 'unknown' })).toMatchObject({ state, answer: { code: 'buy/unknown-there' } });
    expect(stands({ is: 'unread', status: 500 })).toMatchObject({
      state,
      answer: { code: 'buy/not-understood', params: { status: 500 } },
    });
    expect(stands({ is: 'silent' })).toMatchObject({
      state,
      answer: { code: state === 'asked' ? 'buy/no-answer' : 'buy/silent-since' },
    });
  });
});
