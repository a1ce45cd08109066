import { said } from '../words';
import type { RackItem } from '../cutting';
import type { ExtraPartOf, Material } from '../job';
import { writeExact, type Unit } from '../length';
import { sameName } from '../cutting';
import { lengthOf, type LineReading, type Read, type Wanted } from './table-reading';

/** Columns of a list of parts. */
export const PART_COLUMNS: readonly Wanted[] = [
  { field: 'material', kind: 'text', headings: ['material', 'stock', 'wood', 'sheet'] },
  { field: 'length', kind: 'length', headings: ['length', 'long', 'cut length', 'l'] },
  { field: 'width', kind: 'length', headings: ['width', 'wide', 'rip', 'w', 'height'] },
  {
    field: 'count',

    kind: 'count',
    headings: ['count', 'quantity', 'qty', 'pieces', 'number'],
    optional: true,
  },
  {
    field: 'name',

    kind: 'title',
    headings: ['name', 'part', 'parts', 'label', 'description'],
    optional: true,
  },
];

/** Columns of a list of stock. */
export const STOCK_COLUMNS: readonly Wanted[] = [
  { field: 'material', kind: 'text', headings: ['material', 'name', 'stock', 'wood', 'sheet'] },
  { field: 'length', kind: 'length', headings: ['length', 'long', 'l'] },
  { field: 'width', kind: 'length', headings: ['width', 'wide', 'w'] },
  { field: 'thickness', kind: 'length', headings: ['thickness', 'thick', 't'], optional: true },
  {
    field: 'count',

    kind: 'count',
    headings: ['count', 'quantity', 'qty', 'pieces', 'number'],
    optional: true,
  },
  { field: 'price', kind: 'money', headings: ['price', 'cost'], optional: true },
  {
    field: 'place',

    kind: 'text',
    headings: ['place', 'where', 'where it leans', 'location', 'rack'],
    optional: true,
  },
];

/** A line of a list of parts as a part of the job; refused where the job has no such material. */
export function partOfLine(
  reading: LineReading,
  materials: readonly Material[],
  unit: Unit,
): LineReading & { readonly part?: Omit<ExtraPartOf<string>, 'id'> } {
  if (!reading.ok) return reading;
  const { material: called, name, count } = reading.values;
  const material = materials.find((each) => each.id === called || sameName(each.name, String(called)));
  if (!material) return { ok: false, line: reading.line, wrong: said('no-such-material', { name: String(called) }) };
  const part = {
    name: String(name ?? 'part').slice(0, 200),
    material: material.id,
    length: writeExact(lengthOf(reading.values['length']), unit),
    width: writeExact(lengthOf(reading.values['width']), unit),
    count: typeof count === 'number' ? count : 1,
  };
  return { ...reading, part };
}

/** A line of a list of stock as something a layout can be cut from. */
export function rackOfLine({ material, length, width, count }: Read, id: string): RackItem {
  return {
    id,
    material: String(material),
    length: lengthOf(length),
    width: lengthOf(width),
    count: typeof count === 'number' ? count : 1,
  };
}
