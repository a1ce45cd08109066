import { readLength, writeExact, type BankOf, type JobDocument, type Unit, type Words } from '@zabble/core';

/** What a new job is asked, as it is written; what is blank is as the way of building has it. */
export interface Asked {
  readonly name: string;
  readonly customer: string;
  readonly width: string;
  readonly height: string;
  readonly depth: string;
  readonly drawers: string;
}

export const NOTHING_ASKED: Asked = { name: '', customer: '', width: '', height: '', depth: '', drawers: '' };
const MOST_DRAWERS = 60;

/** The way of building made over to what was answered; beside it what could not be read, by its question. */
export function jobBegun(
  way: JobDocument,
  basis: 'planned' | 'as-built',
  asked: Asked,
  words: Words,
): { readonly document: JobDocument; readonly wrong: Readonly<Partial<Record<keyof Asked, string>>> } {
  const wrong: Partial<Record<keyof Asked, string>> = {};
  const size = (name: 'width' | 'height' | 'depth', usual: BankOf<string>['opening']['width']) => {
    const read = lengthOf(asked[name], way.unit, words);
    if (typeof read === 'string') wrong[name] = read;
    return typeof read === 'object' ? [read.exact] : usual;
  };
  const count = countOf(asked.drawers);
  if (typeof count === 'string') wrong.drawers = count;
  const made = (bank: BankOf<string>): BankOf<string> => ({
    ...bank,
    basis,
    opening: {
      width: size('width', bank.opening.width),
      height: size('height', bank.opening.height),
      depth: size('depth', bank.opening.depth),
    },
    ...(typeof count === 'number'
      ? { drawers: Array.from({ length: count }, (_, place) => ({ id: `d${place + 1}` })) }
      : {}),
  });
  const [name, customer] = [asked.name.trim(), asked.customer.trim()];
  const document: JobDocument = {
    ...way,
    ...(name === '' ? {} : { name }),
    ...(customer === '' ? {} : { customer }),
    cases: way.cases.map((owner) => ({ ...owner, banks: owner.banks.map(made) })),
  };
  return { document, wrong };
}

/** The length as the document writes it, a sentence, or undefined where nothing is written. */
function lengthOf(text: string, unit: Unit, words: Words): { readonly exact: string } | string | undefined {
  if (text.trim() === '') return undefined;
  const read = readLength(text, unit);
  if (!read.ok) return words.say(read.wrong);
  return read.value === 0
    ? $localize`Read ${JSON.stringify(text)}\: it must be more than nothing.`
    : { exact: writeExact(read.value, unit) };
}

function countOf(text: string): number | string | undefined {
  const plain = text.trim();
  if (plain === '') return undefined;
  const count = /^\d{1,3}$/.test(plain) ? Number(plain) : NaN;
  return count >= 1 && count <= MOST_DRAWERS
    ? count
    : $localize`Read ${JSON.stringify(text)}\: a bank has 1 to ${MOST_DRAWERS} drawers.`;
}
