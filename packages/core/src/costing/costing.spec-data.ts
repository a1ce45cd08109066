import { sample } from '../job/sample.spec-data';
import type { JobDocument } from '../job';
import { plan, readJobDocument } from '../plan';
import { patched, type Patch } from '../reading';
import { centsOf } from './money';
import { pieces } from './amount';
import { costOf, type Cost } from './cost';
import { costFindings } from './cost-findings';
import { costed, type Costed } from './costed';
import type { Price, PriceBook } from './price';
import { NO_SETTINGS, type CostSettings } from './settings';

export function counted(document: JobDocument = sample, ...patches: readonly Patch[]): Costed {
  const reading = readJobDocument(patched(document, patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return costed(reading.job, plan(reading.job));
}

export const priced = (rows: readonly (readonly [key: string, price: number, more?: Partial<Price>])[]): PriceBook =>
  new Map(rows.map(([key, price, more]) => [key, { key, unit: '', pack: pieces(1), cents: centsOf(price), ...more }]));

export function costs(of: Costed, prices: PriceBook, more: Partial<CostSettings> = {}): Cost {
  return costOf(of.job, of.plan, { ...NO_SETTINGS, prices, ...more });
}

export const codesOf = (of: Costed, cost: Cost, today?: string): string[] =>
  costFindings(of.job, of.plan, cost, today).map(({ code }) => code);
