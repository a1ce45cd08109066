import { inflateSync } from 'node:zlib';

const SIGNATURE = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
/** No side of a picture is longer, in dots. */
const LONGEST = 8192;
/** Bytes of a dot at the most. */
const DEEP = 8;
/** Values of a dot by its kind of colour: grey, colours, one of a table, grey and colours with how much is seen through. */
const VALUES: Readonly<Record<number, number>> = { 0: 1, 2: 3, 3: 1, 4: 2, 6: 4 };

/** A PNG that can be read to its end. */
export interface Png {
  readonly data: Buffer;
  readonly width: number;
  readonly height: number;
}

/** The picture, or nothing where it is none, broken off, or larger than can be. Bound by its size. */
export function readPng(text: string): Png | undefined {
  const data = Buffer.from(text, 'base64');
  const [head, ...rest] = chunksOf(data);
  if (head?.kind !== 'IHDR' || head.body.length !== 13 || rest.at(-1)?.kind !== 'IEND') return undefined;
  const packed = rest.filter(({ kind }) => kind === 'IDAT').map(({ body }) => body);
  const [width, height] = [head.body.readUInt32BE(0), head.body.readUInt32BE(4)];
  const drawn = [width, height].every((side) => side > 0 && side <= LONGEST);
  return drawn && fills(packed, head.body, width, height) ? { data, width, height } : undefined;
}

interface Chunk {
  readonly kind: string;
  readonly body: Buffer;
}

/** Its pieces to the last; nothing of what is no PNG. One that is broken off is not there. */
function chunksOf(data: Buffer): readonly Chunk[] {
  const found: Chunk[] = [];
  if (!data.subarray(0, 8).equals(SIGNATURE)) return found;
  for (let at = 8; at + 12 <= data.length && found.at(-1)?.kind !== 'IEND';) {
    const length = data.readUInt32BE(at);
    const body = data.subarray(at + 8, at + 8 + length);
    if (body.length < length) return found;
    found.push({ kind: data.toString('latin1', at + 4, at + 8), body });
    at += length + 12;
  }
  return found;
}

/** Whether what is packed is every row of it: with a byte for how it is written. Not interlaced. */
function fills(packed: readonly Buffer[], head: Buffer, width: number, height: number): boolean {
  const bits = head.readUInt8(8) * (VALUES[head.readUInt8(9)] ?? 0);
  if (bits === 0 || bits > DEEP * 8 || head.readUInt8(12) !== 0) return false;
  const wanted = height * (1 + Math.ceil((width * bits) / 8));
  try {
    return inflateSync(Buffer.concat(packed), { maxOutputLength: wanted }).length === wanted;
  } catch {
    return false;
  }
}
