import type { Said } from '../../length';
import type { Words } from '../words';

const READ = { object: 'an object', list: 'a list' };

/** What was read: a value quoted, or what kind of thing it is. */
export type WasRead = keyof typeof READ | { readonly quoted: string };

const either = (allowed: readonly string[], w: Words): string => w.list(allowed, 'or');

/** What may be wrong in a job file, a row of it or a table; the path stands beside it. */
/** What a cell of a list of prices should hold. */
const PRICE_CELLS = {
  key: 'a key is wanted, as slide:undermount:533.4',
  unit: 'a unit is wanted',
  pack: 'a number above nought is wanted for the pack',
  price: 'a price with at most two decimals is wanted; of very cheap things that of a pack',
  supplier: 'a name is wanted',
  date: 'a date is wanted, as 2026-11-01',
};

export const ERRORS = {
  'read-wrong': (p: { read: WasRead; why: Said }, w: Words) =>
    `read ${typeof p.read === 'string' ? READ[p.read] : p.read.quoted}: ${w.say(p.why)}`,
  'text-wanted': 'a text is wanted',
  'not-empty': 'it must not be empty',
  'text-too-long': ({ most }: { most: number }) => `longer than ${most} characters`,
  'control-characters': 'it holds control characters',
  'length-is-text': 'a length is written as text with its unit, like "24 1/16 in" or "12 mm"',
  'more-than-nothing': 'it must be more than nothing',
  'moment-wanted': 'a moment is written like "2026-11-23T21:40:00Z"',
  'number-is-wanted': 'a number is wanted',
  'whole-number-wanted': 'a whole number is wanted',
  'from-to': ({ least, most }: { least: number; most: number }) => `it must be from ${least} to ${most}`,
  'true-or-false': 'true or false is wanted',
  'bank-or-door': 'a step is of a bank or of a door: give one of the two',
  'one-of': ({ allowed }: { allowed: readonly string[] }, w: Words) => `it must be ${either(allowed, w)}`,
  'list-wanted': 'a list is wanted',
  'list-of': (p: { least: number; most: number; has: number }) =>
    `a list of ${p.least === p.most ? p.least : `${p.least} to ${p.most}`} is wanted and this one has ${p.has}`,
  'object-wanted': 'an object with fields is wanted',
  'unknown-field': ({ version }: { version: number }) => `there is no field of this name in version ${version}`,
  'field-missing': 'this field is missing',
  'field-needed': (p: { by: Said }, w: Words) => `this field is missing: ${w.say(p.by)} needs it`,
  'by-school': ({ school }: { school: string }) => `school "${school}"`,
  'by-mount': ({ mount }: { mount: string }) => `mount "${mount}"`,
  'by-scheme': ({ scheme }: { scheme: string }) => `scheme "${scheme}"`,
  'by-joint': ({ joint }: { joint: string }) => `joint "${joint}"`,
  'by-basis': ({ basis }: { basis: string }) => `basis "${basis}"`,
  'by-bottom': ({ fit }: { fit: string }) => `a ${fit} bottom`,
  'file-too-large': (p: { characters: number; most: number }) =>
    `${p.characters} characters long: a job file is never over ${p.most}`,
  'file-empty': 'the file is empty: a job file is JSON',
  'not-json': 'not JSON: it breaks off or holds something JSON has no word for',
  'not-json-at': (p: { line: number; column: number }) =>
    `not JSON: it can’t be read at line ${p.line}, column ${p.column}`,
  'not-an-object': 'a job file holds one object with "format": "zabble-job"',
  'not-a-job': 'it must be "zabble-job": this is not a job file',
  'newer-version': (p: { version: number; reads: number }) =>
    `read ${p.version}: written by a newer Zabble; this one reads up to version ${p.reads}`,
  'newer-minor': ({ minor, knows, fields }: { minor: number; knows: number; fields: readonly string[] }, w: Words) =>
    `This job was written by a newer Zabble (1.${minor}; this one knows 1.${knows}). ` +
    (fields.length === 0
      ? 'It holds nothing this one can’t read.'
      : `What this one does not know stays in the file and is not planned: ${w.list(fields, 'and')}.`),
  'and-more-errors': ({ count }: { count: number }) => `and ${count} more like these`,
  'places-opposite': (p: { read: readonly string[] }, w: Words) =>
    `read ${w.list(p.read)}: a reading is taken at one of them`,
  'panels-too-deep': ({ deepest }: { deepest: number }) => `panels lie within panels no deeper than ${deepest}`,
  'prices/no-column': ({ column }: { column: string }) =>
    `a list of prices has a column ${column}, and this one has none`,
  'calendar/twice': ({ id }: { id: string }) => `two people have the id “${id}”`,
  'calendar/stretch': ({ from, to }: { from: number; to: number }) =>
    `from minute ${from} to minute ${to} of the day is no time after the one before it`,
  'calendar/days': ({ from, to }: { from: string; to: string }) =>
    `from “${from}” to “${to}” are no days: two as 2026-12-24 are wanted, the first not after the second`,
  'prices/wrong': ({ column, read }: { column: keyof typeof PRICE_CELLS; read: string }) =>
    `${PRICE_CELLS[column]}, and ${read === '' ? 'nothing' : `“${read}”`} stands there`,
  'overhead-needs': 'overhead is a percentage of labour or so much an hour, one of both',
  'line-needs': 'a line has a height y, or the bank and drawer whose lower edge it carries across',
  'wall-without-length': 'a wall goes from one place to another: both its ends are the same',
  'id-taken': ({ by }: { by: string }) => `${by} has this id already`,
  'no-drawer': 'no drawer of this bank has this id',
  'no-bank': 'no bank of this case has this id',
  'no-drawer-of': ({ bank }: { bank: string }) => `no drawer of bank ${bank} has this id`,
  'compartment-taken': ({ bank }: { bank: string }) => `bank ${bank} stands in it already`,
  'no-compartment': 'no compartment of this case has this id',
  'one-split': 'it is split across or down, not both',
  'no-material': 'no material of the job has this id',
  'line-from-itself': 'a line is carried across from another bank',
  'lines-in-circle': 'its lines come from a bank whose lines come from this one',
  'groove-needs': 'a groove has a depth and an offset',
  'muntin-needs-groove': ({ fit }: { fit: string }) => `a muntin needs a bottom in grooves; this one is ${fit}`,
  'ties-in-circle': 'the ties run in a circle',
  'locked-apart': 'a drawer tied to this one is locked at another height',
  'built-in-id': 'a built-in row has this id',
  'no-drawer-line': 'no bank of this case has that drawer: a line is written like "b1/d2"',
  'no-door': 'no door of this case has this id',
  'no-hinge': 'there is no hinge of this name',
  'no-built-in': 'there is no built-in row of this name',
  'no-family': 'there is no slide family of this name',
  'not-on-list': ({ family }: { family: string }) => `this length is not on the list of ${family}`,
  'layouts-no-list': 'the layouts are not a list of sheets',
  'sheet-no-layout': ({ sheet }: { sheet: number }) => `sheet ${sheet + 1} can’t be read as a layout`,
  'cut-outside-sheet': ({ sheet }: { sheet: number }) => `sheet ${sheet + 1}: a cut lies outside its sheet`,
  'piece-not-in-plan': ({ sheet, piece }: { sheet: number; piece: string }) =>
    `sheet ${sheet + 1}: ${piece} is not in the plan in this size (any more)`,
  'no-column': (p: { field: Said }, w: Words) => `no column is read as ${w.say(p.field)}`,
  'cell-empty': (p: { field: Said }, w: Words) => `${w.say(p.field)} is empty`,
  'cell-wrong': (p: { field: Said; why: Said }, w: Words) => `${w.say(p.field)}: ${w.say(p.why)}`,
  'count-wanted': 'a whole number from 1 to 1000 is wanted',
  'price-two-ways': ({ whole, rest }: { whole: string; rest: string }) =>
    `that may be ${whole}${rest} or ${whole}.${rest}`,
  'price-wanted': 'a price is wanted',
  'no-such-material': ({ name }: { name: string }) => `the job has no material called “${name}”`,
  'column/material': 'material',
  'column/length': 'length',
  'column/width': 'width',
  'column/thickness': 'thickness',
  'column/count': 'count',
  'column/name': 'name',
  'column/price': 'price',
  'column/place': 'where it leans',
  'no-species': ({ nearest }: { nearest: readonly { name: string; id: string }[] }) =>
    `no wood of this name is known; nearest are ${nearest.map(({ name, id }) => `${name} ("${id}")`).join(', ')}, and without a species a careful figure is counted`,
};
