import { plan, readJobDocument, writeExact, type BankOf, type JobDocument, type Length } from '@zabble/core';
import { caseAround } from '../store/case/whole-case';

/** What a new job is asked; what is blank, or can’t be read, is as the way of building has it. */
export interface Asked {
  readonly name: string;
  readonly customer: string;
  readonly width: Length | undefined;
  readonly height: Length | undefined;
  readonly depth: Length | undefined;
  readonly drawers: string;
}

const NO_SIZE = { width: undefined, height: undefined, depth: undefined };
export const NOTHING_ASKED: Asked = { name: '', customer: '', ...NO_SIZE, drawers: '' };
const MOST_DRAWERS = 60;

/** The way of building made over to what was answered; beside it what the number of drawers can’t be. */
export function jobBegun(
  way: JobDocument,
  basis: 'planned' | 'as-built',
  asked: Asked,
): { readonly document: JobDocument; readonly wrong: { readonly drawers?: string } } {
  const size = (
    name: 'width' | 'height' | 'depth',
    usual: NonNullable<BankOf<string>['opening']>['width'] | undefined,
  ) => {
    const length = asked[name];
    return length === undefined ? (usual ?? []) : [writeExact(length, way.unit)];
  };
  const count = countOf(asked.drawers);
  const made = (bank: BankOf<string>): BankOf<string> => ({
    ...bank,
    basis,
    opening: {
      width: size('width', bank.opening?.width),
      height: size('height', bank.opening?.height),
      depth: size('depth', bank.opening?.depth),
    },
    ...(typeof count === 'number'
      ? { drawers: Array.from({ length: count }, (_, place) => ({ id: `d${place + 1}` })) }
      : {}),
  });
  const begun = { ...way, cases: way.cases.map((owner) => ({ ...owner, banks: owner.banks.map(made) })) };
  return { document: named(begun, asked), wrong: typeof count === 'string' ? { drawers: count } : {} };
}

/**
 * The way of building with a whole case around its bank, only planned; sizes are the case's outer ones. What is blank is
 * so large that the opening is as the way has it.
 */
export function wholeBegun(
  way: JobDocument,
  asked: Asked,
): { readonly document: JobDocument; readonly wrong: { readonly drawers?: string } } {
  const { document, wrong } = jobBegun(way, 'planned', { ...asked, ...NO_SIZE });
  const reading = readJobDocument(document);
  const banks = reading.ok ? (plan(reading.job).cases[0]?.banks ?? []) : [];
  const cases = document.cases.map((owner) => {
    const around = caseAround(document, owner, banks);
    const sizes = Object.fromEntries(
      (['width', 'height', 'depth'] as const).flatMap((name) =>
        asked[name] === undefined ? [] : [[name, writeExact(asked[name], way.unit)] as const],
      ),
    );
    return around.build ? { ...around, build: { ...around.build, ...sizes } } : around;
  });
  return { document: { ...document, cases }, wrong };
}

function named(document: JobDocument, asked: Asked): JobDocument {
  const [name, customer] = [asked.name.trim(), asked.customer.trim()];
  return { ...document, ...(name === '' ? {} : { name }), ...(customer === '' ? {} : { customer }) };
}

function countOf(text: string): number | string | undefined {
  const plain = text.trim();
  if (plain === '') return undefined;
  const count = /^\d{1,3}$/.test(plain) ? Number(plain) : NaN;
  return count >= 1 && count <= MOST_DRAWERS
    ? count
    : $localize`Read ${JSON.stringify(text)}\: a bank has 1 to ${MOST_DRAWERS} drawers.`;
}
