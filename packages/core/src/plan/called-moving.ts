import type { Moves } from '../findings';
import type { Job } from '../job';
import type { Said } from '../length';
import { said } from '../words';
import { leafName } from './movers';
import type { BankPlan, CasePlan } from './types';

interface Drawers {
  readonly owner: string | undefined;
  readonly bank: BankPlan;
  readonly place: number;
}

/** What moves and what it meets, by its address, as a sentence calls it: with its case where the job has several. */
export function calledMoving(job: Job, cases: readonly CasePlan[]): Pick<Moves, 'called' | 'calledAll'> {
  const [names, drawers] = [new Map<string, Said>(), new Map<string, Drawers>()];
  for (const plan of cases) nameCase(names, drawers, plan, cases.length > 1 ? plan.name : undefined);
  nameRoom(names, job);
  const called = (address: string): Said => names.get(address) ?? said('text', { text: address });
  return {
    called,
    calledAll: (addresses) => {
      const found = addresses.flatMap((address) => drawers.get(address) ?? []);
      const [first] = found;
      return first
        ? drawersSaid(
            first,
            found.map(({ place }) => place),
            false,
          )
        : said('text', { text: '' });
    },
  };
}

function drawersSaid({ owner, bank }: Drawers, places: readonly number[], pull: boolean): Said {
  const { name } = bank.bank;
  const called = { id: bank.id, ...(name === undefined ? {} : { name }) };
  return said('moving/drawers', { places, bank: called, owner, pull });
}

function nameCase(
  names: Map<string, Said>,
  drawers: Map<string, Drawers>,
  plan: CasePlan,
  owner: string | undefined,
): void {
  names.set(plan.id, said('moving/case', { owner: plan.name }));
  names.set(`${plan.id}/worktop`, said('moving/worktop', { owner }));
  for (const bank of plan.banks)
    for (const { id, place } of bank.drawers) {
      const [address, drawer] = [`${plan.id}/${bank.id}/${id}`, { owner, bank, place }];
      drawers.set(address, drawer);
      put(names, address, (pull) => drawersSaid(drawer, [place], pull));
    }
  for (const { id: thing, kind } of plan.things)
    put(names, `${plan.id}/${thing}`, (handle) => said('moving/thing', { thing, handle, kind }));
  for (const door of plan.doors)
    for (const { hinged: side } of door.leaves) {
      const params = { owner, door: door.id, side, pair: door.leaves.length > 1 };
      put(names, leafName(plan.id, door, side), (pull) => said('moving/leaf', { ...params, pull }));
    }
}

function nameRoom(names: Map<string, Said>, { room }: Job): void {
  for (const { id: wall, casings = [] } of room?.walls ?? []) {
    names.set(`room/${wall}`, said('moving/wall', { wall }));
    casings.forEach((_, place) => names.set(`room/${wall}/casings/${place}`, said('moving/casing', { wall, place })));
  }
  for (const { id: thing } of room?.things ?? []) {
    names.set(`room/${thing}`, said('moving/thing', { thing, handle: false, kind: undefined }));
    names.set(`room/${thing}/handle`, said('moving/thing', { thing, handle: true, kind: undefined }));
  }
}

function put(names: Map<string, Said>, address: string, called: (pull: boolean) => Said): void {
  names.set(address, called(false));
  names.set(`${address}/pull`, called(true));
}
