import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { JobDocument } from '../job';
import { patched, type Patch } from '../reading';
import { BANK, sample } from '../job/sample.spec-data';
import { saidOf, type Finding } from '../findings';
import { inMillimetres, millimetres } from '../length';
import { ENGLISH, wordsIn } from '../words';
import { plan, readJobDocument } from './plan';
import type { BankPlan, DrawerPlan } from './types';

export const demo = (name: string): JobDocument =>
  JSON.parse(readFileSync(join(__dirname, '../../../../examples', `${name}.json`), 'utf8')) as JobDocument;

export function banks(document: JobDocument, ...patches: Patch[]): BankPlan[] {
  const reading = readJobDocument(patched(document, patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job).cases.flatMap((each) => [...each.banks]);
}
export const one = (...patches: Patch[]): BankPlan =>
  banks(sample, ...patches.map(({ path, value }) => ({ path: path.replace('BANK', BANK), value })))[0]!;
export const inch = (value: number): number => Math.round(value * 25_400_000) / 1e6;
export const mm = (drawer: DrawerPlan | undefined, name: keyof DrawerPlan['dimensions']): number | undefined => {
  const size = drawer?.dimensions[name];
  return size && inMillimetres(size.total);
};
export const part = (drawer: DrawerPlan | undefined, role: string): number[] => {
  const found = drawer?.parts.find((each) => each.role === role);
  return [found?.length, found?.width].map((size) => (size ? inMillimetres(size.total) : NaN));
};
/** English for a job in millimetres, to half a millimetre: as the sample is. */
export const IN_ENGLISH = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) });
export const told = (finding: Finding | undefined): string => (finding ? IN_ENGLISH.say(saidOf(finding)) : '');
export const codes = (bank: BankPlan): string[] => bank.findings.map(({ code }) => code);
