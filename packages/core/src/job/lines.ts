import { said } from '../words';
import { readWrong, type Report } from '../reading';
import type { WrittenBank, WrittenCase } from './types';

/** The banks whose drawers a bank carries lines across from. */
function leaders(bank: WrittenBank): readonly string[] {
  return bank.drawers.flatMap(({ line }) => (line?.bank === undefined ? [] : [line.bank]));
}

/** A case's banks so that each stands after those it carries lines across from. Assumes `checkLines` found nothing. */
export function inLineOrder<B extends WrittenBank>(banks: readonly B[]): readonly B[] {
  const placed = new Set<B>();
  const place = (bank: B): void => {
    if (placed.has(bank)) return;
    for (const id of leaders(bank)) {
      const leader = banks.find((each) => each.id === id);
      if (leader) place(leader);
    }
    placed.add(bank);
  };
  banks.forEach(place);
  return [...placed];
}

/** Says lines from banks and drawers that aren't there, from the bank itself, and banks that wait for one another. */
export function checkLines(owner: WrittenCase, path: string, report: Report): void {
  let sound = true;
  owner.banks.forEach((bank, b) =>
    bank.drawers.forEach(({ line }, d) => {
      const wrong = line?.bank === undefined ? undefined : wrongWith(owner, bank, line.bank, line.drawer ?? '');
      if (!wrong) return;
      report.add(`${path}.banks[${b}].drawers[${d}].line.${wrong.field}`, wrong.said);
      sound = false;
    }),
  );
  if (!sound) return;
  owner.banks.forEach((bank, b) => {
    if (waitsFor(owner, bank, bank.id)) report.add(`${path}.banks[${b}]`, said('lines-in-circle'));
  });
}

function wrongWith({ banks }: WrittenCase, bank: WrittenBank, id: string, drawer: string) {
  const leader = banks.find((each) => each.id === id);
  if (!leader) return { field: 'bank', said: readWrong(id, said('no-bank')) };
  if (leader === bank) return { field: 'bank', said: readWrong(id, said('line-from-itself')) };
  if (leader.drawers.some((each) => each.id === drawer)) return undefined;
  return { field: 'drawer', said: readWrong(drawer, said('no-drawer-of', { bank: leader.id })) };
}

/** Whether the lines of `bank` come, however far round, from the bank of this id. */
function waitsFor({ banks }: WrittenCase, bank: WrittenBank, id: string): boolean {
  const seen = new Set<string>();
  const queue = [...leaders(bank)];
  for (let next = queue.pop(); next !== undefined; next = queue.pop()) {
    if (next === id) return true;
    if (seen.has(next)) continue;
    seen.add(next);
    const leader = banks.find((each) => each.id === next);
    if (leader) queue.push(...leaders(leader));
  }
  return false;
}
