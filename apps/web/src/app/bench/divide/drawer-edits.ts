import { valueAt, writeExact, type BankPlan, type JobDocument, type Patch, type Unit } from '@zabble/core';

/** Drawers of the document as they are written. */
type Written = Readonly<Record<string, unknown>> & { readonly id: string };

function written(document: JobDocument, bank: BankPlan): readonly Written[] {
  return (valueAt(document, `${bank.path}.drawers`) as readonly Written[] | undefined) ?? [];
}

/** The drawer at another place of the bank; the others close up. */
export function movePatch(document: JobDocument, bank: BankPlan, from: number, to: number): Patch {
  const order = [...written(document, bank)];
  const moved = order.splice(from, 1);
  order.splice(to, 0, ...moved);
  return { path: `${bank.path}.drawers`, value: order };
}

/** Another like it, right below: all it has but its name and what only one can have (a lock, a line, a tie). */
export function duplicatePatch(document: JobDocument, bank: BankPlan, place: number): Patch {
  const order = [...written(document, bank)];
  const { height: _h, line: _l, sameAs: _s, boxSameAs: _b, ...like } = order[place] ?? { id: '' };
  order.splice(place + 1, 0, { ...like, id: freeId(bank) });
  return { path: `${bank.path}.drawers`, value: order };
}

/** `d4`, or the next that no drawer of the bank has. */
export function freeId(bank: BankPlan): string {
  const taken = new Set(bank.drawers.map(({ id }) => id));
  let number = bank.drawers.length + 1;
  while (taken.has(`d${number}`)) number += 1;
  return `d${number}`;
}

/** A bank like this one beside it, with as many drawers and nothing of its own in them. */
export function besidePatches(document: JobDocument, bank: BankPlan): readonly Patch[] {
  const [, owner = '', place = '0'] = /^(.*)\.banks\[(\d+)\]$/.exec(bank.path) ?? [];
  const banks = (valueAt(document, `${owner}.banks`) as readonly { readonly id: string }[] | undefined) ?? [];
  const taken = new Set(banks.map(({ id }) => id));
  let number = banks.length + 1;
  while (taken.has(`b${number}`)) number += 1;
  const like = valueAt(document, bank.path) as object;
  const drawers = bank.drawers.map((_, index) => ({ id: `d${index + 1}` }));
  const added = { ...like, id: `b${number}`, basis: 'planned', drawers, division: plain(bank, document) };
  const order = [...banks];
  order.splice(Number(place) + 1, 0, added);
  return [{ path: `${owner}.banks`, value: order }];
}

/** The division without a makeup named by a drawer the new bank may not have; by hand, equal. */
function plain(bank: BankPlan, document: JobDocument): object {
  const division = valueAt(document, `${bank.path}.division`) as Readonly<Record<string, unknown>>;
  const { makeup, ...rest } = division;
  const kept = typeof makeup === 'string' ? { ...rest, makeup } : rest;
  if (rest['scheme'] !== 'manual') return kept;
  return { ...kept, scheme: 'equal', increment: rest['increment'] ?? '1 mm' };
}

/** What a line may be carried from: a height, or the drawers of the case's other banks. */
export interface LineChoice {
  readonly value: string;
  readonly label: string;
}

export function lineChoices(bank: BankPlan, others: readonly BankPlan[]): readonly LineChoice[] {
  const owner = bank.path.replace(/\.banks\[\d+\]$/, '');
  const beside = others.filter(({ path }) => path.startsWith(`${owner}.`));
  return [
    { value: '', label: 'nothing' },
    { value: 'y', label: 'a height above the floor' },
    ...beside.flatMap(({ id, drawers }) =>
      drawers.map(({ id: drawer, name, place }) => ({
        value: `${id}/${drawer}`,
        label: `bank ${id}, drawer ${place + 1}${name ? `, ${name}` : ''}`,
      })),
    ),
  ];
}

/** The line that a choice stands for; a height begins where the front is now. */
export function linePatch(bank: BankPlan, place: number, choice: string, unit: Unit): Patch {
  const path = `${bank.path}.drawers[${place}].line`;
  if (choice === '') return { path, value: undefined };
  if (choice !== 'y') {
    const cut = choice.indexOf('/');
    return { path, value: { bank: choice.slice(0, cut), drawer: choice.slice(cut + 1) } };
  }
  const now = bank.drawers[place]?.dimensions['front.bottomY']?.total;
  return { path, value: { y: writeExact((now ?? 0) as never, unit) } };
}
