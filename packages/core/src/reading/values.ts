import { said } from '../words';
import {
  FILE_LENGTH,
  POSITIVE_FILE_LENGTH,
  readFileLength,
  readSignedFileLength,
  SIGNED_FILE_LENGTH,
  type Length,
} from '../length';
import { isObject, listed, named, reader, refuse, type Reader } from './reader';
import type { Schema } from './schema';

const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/;
const NO_CONTROL = '^[^\\u0000-\\u0008\\u000b\\u000c\\u000e-\\u001f\\u007f]*$';

/** Text of at most `most` characters, without control characters; `least` 1 refuses a blank one. */
export function text(most: number, least: 0 | 1 = 0): Reader<string> {
  const schema: Schema = {
    type: 'string',
    maxLength: most,
    pattern: NO_CONTROL,
    ...(least ? { allOf: [{ pattern: '\\S' }] } : {}),
  };
  return reader(schema, (value, path, report) => {
    if (typeof value !== 'string') return refuse(report, path, value, said('text-wanted'));
    if (value.trim().length < least) return refuse(report, path, value, said('not-empty'));
    if (value.length > most && [...value].length > most)
      return refuse(report, path, value, said('text-too-long', { most }));
    if (CONTROL.test(value)) return refuse(report, path, value, said('control-characters'));
    return value;
  });
}

const LENGTHS = {
  zero: named('length', lengthBy('zero', FILE_LENGTH)),
  positive: named('size', lengthBy('positive', POSITIVE_FILE_LENGTH)),
  signed: named('offset', lengthBy('signed', SIGNED_FILE_LENGTH)),
};

/** A length with its unit; `positive` is more than nothing, `signed` may be under it. */
export function length(least: keyof typeof LENGTHS): Reader<Length> {
  return LENGTHS[least];
}

/** So many texts are known again at most: a job writes the same few sizes over and over. */
const MOST_KNOWN = 2000;

function lengthBy(least: 'zero' | 'positive' | 'signed', { source }: RegExp): Reader<Length> {
  const known = new Map<string, Length>();
  return reader({ type: 'string', maxLength: 120, pattern: source }, (value, path, report) => {
    if (typeof value !== 'string') return refuse(report, path, value, said('length-is-text'));
    const before = known.get(value);
    if (before !== undefined) return before;
    const read = (least === 'signed' ? readSignedFileLength : readFileLength)(value);
    if (!read.ok) {
      report.add(path, read.wrong);
      return undefined;
    }
    if (least === 'positive' && !POSITIVE_FILE_LENGTH.test(value))
      return refuse(report, path, value, said('more-than-nothing'));
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(value, read.value);
    return read.value;
  });
}

const MOMENT = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(\.\d{1,6})?Z$/;

/** A moment as ISO 8601 writes it, in UTC. */
export const moment: Reader<string> = named(
  'moment',
  reader({ type: 'string', pattern: MOMENT.source }, (value, path, report) =>
    typeof value === 'string' && MOMENT.test(value) ? value : refuse(report, path, value, said('moment-wanted')),
  ),
);

/** A plain number from `least` to `most`; `whole` refuses decimals. */
export function number(least: number, most: number, whole?: 'whole'): Reader<number> {
  const schema: Schema = { type: whole ? 'integer' : 'number', minimum: least, maximum: most };
  return reader(schema, (value, path, report) => {
    if (typeof value !== 'number' || !Number.isFinite(value))
      return refuse(report, path, value, said('number-is-wanted'));
    if (whole && !Number.isInteger(value)) return refuse(report, path, value, said('whole-number-wanted'));
    if (value < least || value > most) return refuse(report, path, value, said('from-to', { least, most }));
    return value;
  });
}

export const yesNo: Reader<boolean> = reader({ type: 'boolean' }, (value, path, report) =>
  typeof value === 'boolean' ? value : refuse(report, path, value, said('true-or-false')),
);

/** One of these values. */
export function oneOf<const T extends string | number>(...allowed: readonly T[]): Reader<T> {
  return reader(
    { enum: allowed },
    (value, path, report) =>
      allowed.find((each) => each === value) ??
      refuse(report, path, value, said('one-of', { allowed: listed(allowed) })),
  );
}

/** One of these words, or what `other` reads. */
export function wordOr<const W extends string, T>(allowed: readonly W[], other: Reader<T>): Reader<W | T> {
  return reader<W | T>(
    { anyOf: [{ enum: allowed }, other.schema] },
    (value, path, report) => allowed.find((each) => each === value) ?? other(value, path, report),
  );
}

/** What `plain` reads, or an object. */
export function orObject<A, B extends object>(plain: Reader<A>, fields: Reader<B>): Reader<A | B> {
  return reader<A | B>({ anyOf: [plain.schema, fields.schema] }, (value, path, report) =>
    isObject(value) ? fields(value, path, report) : plain(value, path, report),
  );
}
