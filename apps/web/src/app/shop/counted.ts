import { inject, Pipe, type PipeTransform } from '@angular/core';
import { shown, type CostLine } from '@zabble/core';
import { LANGUAGE } from '../words/speech';

type Amount = CostLine['count'];

const UNITS: Readonly<Record<string, { readonly one: string; readonly other: string }>> = {
  sheet: { one: $localize`sheet`, other: $localize`sheets` },
  bdft: { one: $localize`board foot`, other: $localize`board feet` },
  m3: { one: 'm³', other: 'm³' },
  m: { one: 'm', other: 'm' },
  pair: { one: $localize`pair`, other: $localize`pairs` },
  piece: { one: '', other: '' },
  kg: { one: 'kg', other: 'kg' },
  l: { one: $localize`litre`, other: $localize`litres` },
  h: { one: $localize`hour`, other: $localize`hours` },
};

/** What an amount is counted in, in words; what nobody knows as it is written. */
export const unitCalled = (unit: string, many = 1): string => UNITS[unit]?.[many === 1 ? 'one' : 'other'] ?? unit;

/** An amount with what it is counted in: `2.36 m²`, `4 pairs`. */
@Pipe({ name: 'counted' })
export class CountedPipe implements PipeTransform {
  private readonly locale = inject(LANGUAGE).locale;

  transform(amount: Amount, unit = ''): string {
    const number = new Intl.NumberFormat(this.locale, { maximumFractionDigits: 3 });
    const many = shown(amount);
    return `${number.format(many)} ${unitCalled(unit, many)}`.trim();
  }
}
