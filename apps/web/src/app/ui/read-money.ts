export type MoneyReading =
  { readonly ok: true; readonly value: number | undefined } | { readonly ok: false; readonly says: string };

/** A price as it is written, `74.50` or `74,50`; nothing where nothing is. */
export function readMoney(text: string): MoneyReading {
  const plain = text.trim();
  if (plain === '') return { ok: true, value: undefined };
  if (/^\d{1,7}(?:[.,]\d{1,2})?$/.test(plain)) return { ok: true, value: Number(plain.replace(',', '.')) };
  return { ok: false, says: `Read ${JSON.stringify(text)}: a price is a number like 74.50.` };
}
