import { inflateSync } from 'node:zlib';

/** Bytes of the headers and of a table's entry, packed and unpacked. */
const WOFF = { header: 44, entry: 20 } as const;
const SFNT = { header: 12, entry: 16 } as const;

/**
 * A font as it was before it was packed for the web, its tables unpacked. Layout of the file: W3C, WOFF File Format 1.0
 * (2012), sections 3 to 5. Not for WOFF 2.
 */
export function unpacked(woff: Buffer): Buffer {
  const count = woff.readUInt16BE(12);
  const entries = Array.from({ length: count }, (_, index) => {
    const at = WOFF.header + index * WOFF.entry;
    const [offset, packed, length] = [woff.readUInt32BE(at + 4), woff.readUInt32BE(at + 8), woff.readUInt32BE(at + 12)];
    const data = woff.subarray(offset, offset + packed);
    const tag = woff.subarray(at, at + 4);
    return { tag, checksum: woff.readUInt32BE(at + 16), table: packed < length ? inflateSync(data) : data };
  });
  const start = SFNT.header + count * SFNT.entry;
  const whole = Buffer.alloc(entries.reduce((sum, { table }) => sum + padded(table.length), start));
  woff.copy(whole, 0, 4, 8);
  const power = 2 ** Math.floor(Math.log2(count));
  [count, power * 16, Math.log2(power), count * 16 - power * 16].forEach((n, i) => whole.writeUInt16BE(n, 4 + i * 2));
  let to = start;
  entries.forEach(({ tag, checksum, table }, index) => {
    const at = SFNT.header + index * SFNT.entry;
    tag.copy(whole, at);
    [checksum, to, table.length].forEach((n, i) => whole.writeUInt32BE(n, at + 4 + i * 4));
    table.copy(whole, to);
    to += padded(table.length);
  });
  return whole;
}

/** Tables begin at whole fours. */
function padded(length: number): number {
  return Math.ceil(length / 4) * 4;
}
