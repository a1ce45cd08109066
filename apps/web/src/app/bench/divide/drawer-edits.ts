import {
  said,
  valueAt,
  writeExact,
  type BankPlan,
  type JobDocument,
  type Patch,
  type Unit,
  type Words,
} from '@zabble/core';
import { firstFree } from '../../store/job/first-free';

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
  const taken = bank.drawers.map(({ id }) => id);
  return firstFree(taken, (number) => `d${number}`, bank.drawers.length + 1);
}

/** What a line may be carried from: a height, or the drawers of the case's other banks. */
export interface LineChoice {
  readonly value: string;
  readonly label: string;
}

export function lineChoices(bank: BankPlan, others: readonly BankPlan[], words: Words): readonly LineChoice[] {
  const owner = bank.path.replace(/\.banks\[\d+\]$/, '');
  const beside = others.filter(({ path }) => path.startsWith(`${owner}.`));
  return [
    { value: '', label: $localize`nothing` },
    { value: 'y', label: $localize`a height above the floor` },
    ...beside.flatMap(({ id, bank: written, drawers }) =>
      drawers.map(({ id: drawer, name, place }) => ({
        value: `${id}/${drawer}`,
        label: $localize`${words.say(said('bank', written))}, drawer ${place + 1}${name ? `, ${name}` : ''}`,
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
