import { said } from '../words';
import type { Said } from '../length';
import DxfParser from 'dxf-parser';
import Papa from 'papaparse';
import { bestOf, partsOf, rulesOf, sameName, sawOf, sheetParts } from '../cutting';
import { cutList } from '../cutting';
import { worked } from '../cutting/cutting.spec-data';
import { drawPart, drawParts, drawSheet } from '../drawing';
import { patched } from '../reading';
import { inMillimetres, millimetres, shownLength, type Length } from '../length';
import { demo, IN_ENGLISH } from '../plan/plan.spec-data';
import { layOut, lyingIn } from '../sheets';
import { CSV, cutRows } from './cut-rows';
import { dxfOf } from './dxf';
import { svgOf } from './svg';
import { PART_COLUMNS, partOfLine, rackOfLine, STOCK_COLUMNS } from './table-kinds';
import { guessMapping, readLines } from './table-reading';

const { job, planned } = worked(demo('notions-bank'));
const saw = sawOf(job);
const [boxes] = sheetParts(job, planned, 'all');
const [sheet] = bestOf(layOut(boxes!.task), 300)!.layout.sheets;
const label = (says: string) => ({ says, held: false });
const text = (rows: readonly (readonly string[])[]): string => Papa.unparse(rows as string[][], CSV);

interface Entity {
  readonly type: string;
  readonly layer: string;
  readonly vertices?: readonly { readonly x: number; readonly y: number }[];
  readonly shape?: boolean;
  readonly text?: string;
}
const entities = (dxf: string): readonly Entity[] =>
  (new DxfParser().parseSync(dxf)?.entities ?? []) as unknown as readonly Entity[];
/** Sizes of closed outlines of a layer, along and across. */
const outlines = (dxf: string, layer: string): number[][] =>
  entities(dxf)
    .filter((each) => each.layer === layer && each.type === 'POLYLINE')
    .map(({ vertices = [] }) => {
      const [xs, ys] = [vertices.map(({ x }) => x), vertices.map(({ y }) => y)];
      return [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
    });
const sorted = (sizes: number[][]): string[] =>
  sizes.map((pair) => pair.map((each) => each.toFixed(4)).join(' × ')).sort();

describe('a layout as a machine file', () => {
  it.each([
    ['mm', 1],
    ['in', 25.4],
  ] as const)('reads back with every part in its size, in %s', (unit, perUnit) => {
    const dxf = dxfOf(drawSheet(sheet!, saw, label), unit);
    const wanted = lyingIn(sheet!, rulesOf(saw))
      .filter(({ piece }) => piece)
      .map(({ long, wide }) => [long / 1e6 / perUnit, wide / 1e6 / perUnit]);
    expect(sorted(outlines(dxf, 'CUT'))).toEqual(sorted(wanted));
    expect(outlines(dxf, 'SHEET')).toHaveLength(1);
    expect(dxf).toContain('AC1009');
    expect(dxf.replace(/\r\n/g, '')).toMatch(/^[\x20-\x7e]*$/);
    const names = entities(dxf).filter(({ type }) => type === 'TEXT');
    expect(names.map(({ text: says }) => says)).toEqual(expect.arrayContaining(boxes!.parts.map(({ name }) => name)));
  });

  it('keeps what is held on a layer of its own', () => {
    const dxf = dxfOf(
      drawSheet(sheet!, saw, (says) => ({ says, held: true })),
      'mm',
    );
    expect(outlines(dxf, 'CUT')).toEqual([]);
    expect(outlines(dxf, 'HOLD').length).toBeGreaterThan(0);
  });

  it('has any words in plain letters', () => {
    const named = dxfOf(
      drawSheet(sheet!, saw, () => label('Näht, ½ “Segel”\n')),
      'mm',
    );
    expect(named).toContain('N\\U+00E4ht, \\U+00BD');
    expect(entities(named).length).toBeGreaterThan(0);
  });
});

describe('parts as drawings', () => {
  const { parts } = partsOf(job, planned);

  it('read back in their size, each kind of work on its layer', () => {
    const drawing = drawParts(parts.map((part) => drawPart(part, part.name, IN_ENGLISH)));
    const dxf = dxfOf(drawing, 'mm');
    const wanted = parts.map(({ length, width }) => [inMillimetres(length.total), inMillimetres(width.total)]);
    expect(sorted(outlines(dxf, 'CUT'))).toEqual(sorted(wanted));
    const grooved = parts.filter(({ machining }) => machining.some(({ kind }) => kind === 'groove'));
    expect(outlines(dxf, 'GROOVE')).toHaveLength(grooved.length);
    const boxes = drawing.shapes.filter((shape) => shape.kind === 'box' && shape.role === 'part');
    expect(boxes).toHaveLength(parts.length);
  });

  it('show grooves, notches and bores where the sums say', () => {
    const undermount = worked(
      demo('notions-bank'),
      { path: 'cases[0].banks[0].slide', value: { family: 'undermount-16' } },
      { path: 'cases[0].banks[0].box.bottomFit', value: 'captured' },
    );
    const back = partsOf(undermount.job, undermount.planned).parts.find(({ use }) => use.role === 'back')!;
    const { shapes, width } = drawPart(back, 'back', IN_ENGLISH);
    const bore = back.machining.find(({ kind }) => kind === 'bore')!;
    const circles = shapes.flatMap((shape) => (shape.kind === 'circle' ? [shape] : []));
    const inwards = inMillimetres(bore.sizes['in']!.total);
    expect(circles.map(({ x }) => x)).toEqual([inwards, width - inwards]);
    expect(shapes.filter(({ role }) => role === 'notch')).toHaveLength(2);
  });

  it('are SVG at full size, with nothing in a name that could be more than a name', () => {
    const svg = svgOf(drawPart(parts[0]!, '<script>"&', IN_ENGLISH), 'a < b');
    expect(svg).toContain(`width="${inMillimetres(parts[0]!.length.total) + 20}mm"`);
    expect(svg.startsWith('<?xml version="1.0" encoding="UTF-8"?>\n<svg ')).toBe(true);
    expect(svg).not.toContain('<script>');
    expect(new Set(svg.match(/data-part="[^"]*"/g)).size).toBe(1);
  });
});

describe('the cut list as a table', () => {
  const rows = cutRows(job, planned, IN_ENGLISH);

  it('is in the job’s unit only, and is read back as what is shown', () => {
    expect(rows[0]).toEqual(expect.arrayContaining(['thickness_in', 'width_in', 'length_in', 'finished_width_in']));
    const shown = (length: Length) => shownLength(length, 'part', planned);
    const back = Papa.parse<string[]>(text(rows)).data;
    const mapping = guessMapping(back[0]!, PART_COLUMNS);
    const read = readLines(back, PART_COLUMNS, mapping, job.unit).map((line) =>
      partOfLine(line, job.materials, job.unit),
    );
    const list = cutList(job, planned).groups.flatMap(({ material, rips }) =>
      rips.flatMap(({ crosscuts }) =>
        crosscuts.map(({ length, widthTally, count }) => [material.id, shown(length), shown(widthTally.total), count]),
      ),
    );
    expect(
      read.map((line) =>
        line.ok ? [line.part?.material, line.values['length'], line.values['width'], line.part?.count] : line,
      ),
    ).toEqual(list);
  });

  it('can run nothing in a spreadsheet, and comes back as it was', () => {
    const evil = worked(patched(demo('notions-bank'), [{ path: 'materials[0].name', value: '=HYPERLINK("x")' }]));
    const csv = text(cutRows(evil.job, evil.planned, IN_ENGLISH));
    for (const line of csv.split('\r\n')) expect(line).not.toMatch(/(^|,)"?[=+\-@]/);
    const back = Papa.parse<string[]>(csv).data;
    const [first] = readLines(back, PART_COLUMNS, guessMapping(back[0]!, PART_COLUMNS), 'in');
    expect(first).toMatchObject({ ok: true, values: { material: '=HYPERLINK("x")' } });
  });

  it('can run nothing after a line break either', () => {
    for (const name of ['=1+1\nrest', '\n=1+1', ' =1+1', '\t=1+1', '+1\r\n2']) {
      const [cell] = Papa.parse<string[]>(Papa.unparse([[name]], CSV)).data[0]!;
      expect(cell).toMatch(/^'/);
    }
  });

  it('is read back however many parts share a row', () => {
    const many = worked(
      demo('rope-bench'),
      ...[0, 1].map((b) => ({
        path: `cases[0].banks[${b}].drawers`,
        value: Array.from({ length: 30 }, (_, i) => ({ id: `drawer-number-${i}` })),
      })),
      ...[0, 1].map((b) => ({ path: `cases[0].banks[${b}].opening.height`, value: ['4000 mm'] })),
    );
    const rows = cutRows(many.job, many.planned, IN_ENGLISH);
    expect(rows.some((cells) => (cells.at(-1) ?? '').length > 200)).toBe(true);
    const back = Papa.parse<string[]>(text(rows)).data;
    const read = readLines(back, PART_COLUMNS, guessMapping(back[0]!, PART_COLUMNS), many.job.unit);
    expect(read.filter(({ ok }) => !ok)).toEqual([]);
  });
});

describe('reading a table from elsewhere', () => {
  const read = (...lines: string[]) => {
    const rows = lines.map((line) => line.split(','));
    return readLines(rows, STOCK_COLUMNS, guessMapping(rows[0]!, STOCK_COLUMNS), 'in');
  };

  it('cuts a title short past two hundred letters, and refuses any other text that long', () => {
    const named = (letters: number) => {
      const rows = [['Name'], ['n'.repeat(letters)]];
      const [title] = readLines(rows, [{ field: 'name', kind: 'title', headings: ['name'] }], { name: 0 }, 'in');
      const [other] = readLines(rows, [{ field: 'name', kind: 'text', headings: ['name'] }], { name: 0 }, 'in');
      return [title, other];
    };
    for (const line of named(200)) expect(line).toMatchObject({ ok: true, values: { name: 'n'.repeat(200) } });
    const [title, other] = named(201);
    expect(title).toMatchObject({ ok: true, values: { name: `${'n'.repeat(199)}…` } });
    expect(other).toMatchObject({ ok: false, wrong: { params: { why: { code: 'text-too-long' } } } });
  });

  it('knows columns by their words and units by their headings', () => {
    const lines = read('Qty,Name,Length (mm),Width_mm,Where', '2,Birch ply,2440,1220,left wall');
    expect(lines).toEqual([
      {
        ok: true,
        line: 2,
        values: {
          material: 'Birch ply',
          length: millimetres(2440),
          width: millimetres(1220),
          count: 2,
          place: 'left wall',
        },
      },
    ]);
    expect(read('name,length,width', 'ply,96,48 1/2')[0]).toMatchObject({ values: { length: 2_438_400_000 } });
  });

  it.each([
    ['Length"', '24', millimetres(609.6)],
    ['Length (")', '24', millimetres(609.6)],
    ['length_in', '24', millimetres(609.6)],
    ['Length, inches', '24', millimetres(609.6)],
    ['Length [cm]', '24', millimetres(240)],
    ['Length (cm)', '24,5', millimetres(245)],
    ['length ft', '2', millimetres(609.6)],
    ['Length in mm', '24', millimetres(24)],
    ['Length"', '24 mm', millimetres(24)],
    ['Length', '24', millimetres(24)],
  ])('a column %j of a millimetre job: %s', (heading, cell, expected) => {
    const rows = [
      ['name', heading, 'width'],
      ['ply', cell, '1'],
    ];
    const mapping = guessMapping(rows[0]!, STOCK_COLUMNS);
    expect(readLines(rows, STOCK_COLUMNS, mapping, 'mm')[0]).toMatchObject({ ok: true, values: { length: expected } });
  });

  it.each([
    ['71.50', 71.5],
    ['€ 71,50', 71.5],
    ['1200', 1200],
    ['0,125', 0.125],
    ['1,200', undefined],
    ['$ 1,200', undefined],
  ])('a price of %s', (cell, price) => {
    const rows = [
      ['name', 'length', 'width', 'price'],
      ['ply', '1', '1', cell],
    ];
    const [line] = readLines(rows, STOCK_COLUMNS, guessMapping(rows[0]!, STOCK_COLUMNS), 'mm');
    if (price === undefined)
      expect(line).toMatchObject({
        ok: false,
        wrong: { params: { why: { params: { why: said('price-two-ways', { whole: '1', rest: '200' }) } } } },
      });
    else expect(line).toMatchObject({ ok: true, values: { price } });
  });

  it.each<[string, number | string]>([
    ['12,345', 'price-two-ways 12 345'],
    ['€ 112,345', 'price-two-ways 112 345'],
    ['1,2345', 1.2345],
    ['1,20', 1.2],
    ['0,5', 0.5],
    ['1000000', 1_000_000],
    ['1.234,567', 'price-wanted'],
    ['1,234,567', 'price-wanted'],
    ['1000000.01', 'price-wanted'],
    ['-5', 'price-wanted'],
    ['a few', 'price-wanted'],
  ])('a price of %s is %s', (cell, expected) => {
    const rows = [
      ['name', 'length', 'width', 'price'],
      ['ply', '1', '1', cell],
    ];
    const [line] = readLines(rows, STOCK_COLUMNS, guessMapping(rows[0]!, STOCK_COLUMNS), 'mm');
    const why = line?.ok ? undefined : (line?.wrong.params as { why: Said } | undefined)?.why;
    const inner = (why?.params as { why?: Said } | undefined)?.why;
    const { whole = '', rest = '' } = (inner?.params ?? {}) as { whole?: string; rest?: string };
    expect(line?.ok ? line.values['price'] : `${inner?.code} ${whole} ${rest}`.trim()).toBe(expected);
  });

  it('says what is wrong, line by line, and keeps the rest', () => {
    const lines = read(
      'name,length,width,count',
      'ply,96,48,1',
      '',
      'ply,,48,1',
      'ply,96,1/0,1',
      'ply,96,48,half',
      ',96,48,1',
    );
    expect(lines.map((line) => (line.ok ? line.line : `${line.line}: ${IN_ENGLISH.say(line.wrong)}`))).toEqual([
      2,
      '4: length is empty',
      expect.stringMatching(/^5: width: Read .*1\/0/) as string,
      '6: count: read "half": a whole number from 1 to 1000 is wanted',
      '7: material is empty',
    ]);
    const [none] = readLines([['a'], ['1']], STOCK_COLUMNS, {}, 'mm');
    expect(none).toMatchObject({ ok: false, line: 2, wrong: { code: 'no-column' } });
  });

  it('a line that ends early has nothing in what is left of its columns', () => {
    const rows = [
      ['material', 'length', 'width', 'name'],
      ['ply', '10', '5'],
      ['ply', '10'],
    ];
    const [short, shorter] = readLines(rows, PART_COLUMNS, { material: 0, length: 1, width: 2, name: 3 }, 'in');
    expect(short).toMatchObject({ ok: true, line: 2 });
    expect(short && 'values' in short ? short.values['name'] : short).toBeUndefined();
    expect(shorter).toMatchObject({ ok: false, line: 3, wrong: { code: 'cell-empty' } });
  });

  it('refuses a part of a material the job has not', () => {
    const [line] = readLines(
      [
        ['material', 'length', 'width'],
        ['gold', '1', '1'],
      ],
      PART_COLUMNS,
      { material: 0, length: 1, width: 2 },
      'in',
    );
    expect(partOfLine(line!, job.materials, 'in')).toMatchObject({
      ok: false,
      wrong: said('no-such-material', { name: 'gold' }),
    });
    expect(sameName(' Birch  PLY', 'birch ply')).toBe(true);
  });
});

it('a line of a list of stock is a sheet to be cut from: one, where nobody says how many', () => {
  const size = { length: millimetres(900), width: millimetres(400) };
  const item = (count?: string | number) =>
    rackOfLine({ material: 'Birch ply', ...size, ...(count === undefined ? {} : { count }) }, 'r1');
  expect(item(3)).toEqual({ id: 'r1', material: 'Birch ply', ...size, count: 3 });
  expect(item()).toEqual({ id: 'r1', material: 'Birch ply', ...size, count: 1 });
});

it('a drawing has every kind of shape as a file others take', () => {
  const svg = svgOf(
    {
      ...{ x: 0, y: 0, width: 10, height: 5 },
      shapes: [
        {
          kind: 'outline',
          role: 'stood',
          points: [
            [0, 0],
            [4.5, 0],
            [4.5, 2],
          ],
        },
        { kind: 'box', role: 'part', x: 1, y: 2, width: 3, height: 4, far: true },
        { kind: 'words', role: 'name', text: 'a & b', x: 1, y: 1, height: 2, begins: true },
      ] as never,
    },
    'drawn',
  );
  expect(svg).toContain('<polygon class="stood" points="0,0 4.5,0 4.5,-2"');
  expect(svg).toContain('<rect class="part other-face" x="1" y="-6" width="3" height="4"');
  expect(svg).toMatch(/<text class="name" x="1" y="-1" font-size="2" text-anchor="start"[^>]*>a &#38; b<\/text>/);
});
