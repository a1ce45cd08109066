export type NumberReading =
  | { readonly ok: true; readonly value: number | undefined }
  | { readonly ok: false; readonly says: string };

/**
 * A plain number as it is written, `1.25` or `1,25`; nothing where nothing is. A comma before three digits may part
 * thousands as well: that is asked. `wanted` says what a number is wanted for.
 */
export function readNumber(text: string, wanted: string): NumberReading {
  const plain = text.trim();
  if (plain === '') return { ok: true, value: undefined };
  const [, whole, rest] = /^(\d{1,3}),(\d{3})$/.exec(plain) ?? [];
  if (rest !== undefined)
    return {
      ok: false,
      says: $localize`Read ${JSON.stringify(text)}\: that may be ${whole}${rest} or ${whole}.${rest}\: write which.`,
    };
  if (/^\d+(?:[.,]\d+)?$/.test(plain)) return { ok: true, value: Number(plain.replace(',', '.')) };
  return { ok: false, says: $localize`Read ${JSON.stringify(text)}\: ${wanted}.` };
}

/** A price, by the same rule. */
export function readMoney(text: string): NumberReading {
  return readNumber(text, $localize`a price is a number like 74.50`);
}
