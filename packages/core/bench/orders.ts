import { bestOrder, schedule } from '../src/scheduling/better';
import { chanceFrom } from '../src/chance';
import { shopOf } from '../src/scheduling/keeps.spec-data';

const SHOPS = 4;
const QUARTER = 200_000;
const SEED = 104_729;

const taken = <T>(work: () => T): readonly [T, number] => {
  const start = performance.now();
  const value = work();
  return [value, performance.now() - start];
};

const median = (all: readonly number[]): number =>
  [...all].sort((one, other) => one - other)[Math.floor(all.length / 2)] ?? 0;

/** Orders of work: the first of 10 jobs and 600 tasks; of 3 jobs and 60 tasks what the search betters, and what a quarter of it would. */
export function orderLines(): readonly (readonly [string, string])[] {
  const large = shopOf(chanceFrom(SEED), { jobs: 10, tasks: 600, grain: 5 });
  const [, first] = taken(() => schedule(large));
  const shops = Array.from({ length: SHOPS }, (_, at) => {
    const problem = shopOf(chanceFrom((at + 1) * SEED), { jobs: 3, tasks: 60, grain: 5 });
    const [begun, quick] = taken(() => schedule(problem));
    const [found, slow] = taken(() => bestOrder(problem, { rows: 1 }));
    const quarter = bestOrder(problem, { tries: QUARTER });
    return { begun, found, quarter, times: slow / quick };
  });
  const late = (which: 'begun' | 'found' | 'quarter'): number => shops.reduce((sum, each) => sum + each[which].late, 0);
  return [
    ['first order, 10 jobs, 600 tasks', `${first.toFixed(0)} ms`],
    ['search against first, 3 jobs, 60 tasks', `${Math.round(median(shops.map(({ times }) => times)))} times as long`],
    ['lateness after the search', `${(late('found') / late('begun')).toFixed(3)} of the first’s`],
    ['lateness after a quarter of the tries', `${(late('quarter') / late('found')).toFixed(3)} of the search’s`],
  ];
}
