import QRCode from 'qrcode';

/** A text as a code for a camera: the outline of its dark squares as an SVG path, one unit each, and how many across. */
export function outlineOf(text: string): { readonly outline: string; readonly across: number } {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const dark = Array.from({ length: modules.size ** 2 }, (_, at) => ({
    row: Math.floor(at / modules.size),
    column: at % modules.size,
  })).filter(({ row, column }) => modules.get(row, column));
  return { outline: dark.map(({ row, column }) => `M${column} ${row}h1v1h-1z`).join(''), across: modules.size };
}
