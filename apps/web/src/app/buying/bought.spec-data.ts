import { TestBed } from '@angular/core/testing';
import type { BuyingKept, Order } from '@zabble/contract';
import { plan, readJobDocument, said, type Job, type JobDocument, type Plan, type Said } from '@zabble/core';
import { BuyingState } from './buying-state';
import { ChosenJobs } from './chosen-jobs';

const AT = '2026-11-02T08:00:00Z';
const FOR = [{ job: 'j', count: 3 }];

/** An order in a state; its words are of nobody’s language. */
export const orderOf = (number: number, state: Order['state'], answer?: Said, more: Partial<Order> = {}): Order => ({
  ...{ id: `o${number}`, number, supplier: '№ 1', byService: true, state, madeAt: AT, madeBy: '№ 2' },
  ...(answer ? { answer } : {}),
  expectedOn: '2026-12-04',
  lines: [
    { line: 1, key: 'catch', what: '№ 3', unit: 'piece', pack: 10, packs: 2, cents: 1200, for: FOR },
    { line: 2, key: 'pin', what: '№ 4', unit: 'piece', pack: 1, packs: 4, for: FOR, arrivedOn: '2026-11-29' },
  ],
  ...more,
});

const supplier = '№ 1';
const PRICES = [{ key: 'catch', what: '№ 3', was: 1200, is: 1300 }];

/** Something of everything a shop buys. */
export const KEPT: BuyingKept = {
  revision: 7,
  drawer: [{ key: 'foot', what: '№ 5', unit: 'piece', count: 8 }],
  aside: [{ id: 'a1', job: 'j', key: 'foot', count: 2, at: AT }],
  orders: [
    orderOf(1, 'ordered', said('buy/late', { supplier, date: '2026-12-24', usual: '2026-12-04' })),
    orderOf(2, 'asked', said('buy/no-answer', { supplier })),
    orderOf(3, 'refused', said('buy/wrong-price', { supplier, prices: PRICES })),
    orderOf(4, 'off', said('buy/called-off')),
  ],
};

/** A job is bought for, and something of everything was ordered. */
export function bought(document: JobDocument): void {
  const [state, jobs] = [TestBed.inject(BuyingState), TestBed.inject(ChosenJobs)];
  state.kept.set(KEPT);
  state.answered.set(true);
  state.by.set('2026-11-30');
  chosen(jobs, document);
}

/** The job is chosen, and was fetched. */
export function chosen(jobs: ChosenJobs, document: JobDocument): void {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error('a job that can’t be read');
  const { job } = reading;
  jobs.ids.set(['j']);
  const fetched = jobs as unknown as {
    take: (of: { id: string; name: string; planned: { job: Job; plan: Plan } }) => void;
  };
  fetched.take({ id: 'j', name: document.name, planned: { job, plan: plan(job) } });
}
