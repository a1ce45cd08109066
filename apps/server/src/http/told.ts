import { ENGLISH } from '@zabble/core';

/** Whole cents in a currency, as they are read; with ¤ where the shop has said none. */
export function moneyIn(currency: string | null): (cents: number) => string {
  const style = { minimumFractionDigits: 2, maximumFractionDigits: 2 };
  if (currency === null) return (cents) => `¤${new Intl.NumberFormat(ENGLISH.locale, style).format(cents / 100)}`;
  const format = new Intl.NumberFormat(ENGLISH.locale, {
    style: 'currency',
    currency,
    currencyDisplay: 'narrowSymbol',
  });
  return (cents) => format.format(cents / 100);
}

/** A day or a moment as a day: `29 November 2026`. */
export function dayInWords(moment: string): string {
  return new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' }).format(new Date(moment));
}
