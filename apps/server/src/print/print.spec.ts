import {
  cutList,
  cutRows,
  ENGLISH,
  inches,
  lyingIn,
  nm,
  partsOf,
  rulesOf,
  sawOf,
  showStep,
  toCut,
  wordsIn,
} from '@zabble/core';
import { PRINT_STREAM } from '@zabble/contract';
import { strFromU8, unzipSync } from 'fflate';
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import request from 'supertest';
import { sizeOf, type Printing } from './printing';
import { app, demo, info, layoutsOf, Printer, text, wish as bare, worked } from './printed.spec-data';

const { document } = bare;
const { job, planned } = worked(document);
const layouts = layoutsOf(document);
const wish = { ...bare, layouts };
const printer = new Printer();
afterAll(() => printer.end());
const printed = (name: string, more: object = {}): Promise<string> => printer.printed(name, { layouts, ...more });

/** Longest dark stretch of any row of the lowest fifteenth of the first page, in millimetres. */
function markOf(path: string): number {
  const page = printer.page(path, 1);
  let longest = 0;
  for (let row = Math.floor((page.height * 14) / 15); row < page.height; row += 1)
    for (const { from, to } of page.along(row)) longest = Math.max(longest, to - from);
  return longest;
}

describe('printing the cut list', () => {
  it('has real sizes for what may be cut and HOLD for the rest, on the paper asked for, true to size', async () => {
    const path = await printed('cut-list.pdf');
    const words = text(path);
    expect(words).toContain('Notions bank');
    expect(words).toContain('12 mm birch plywood');
    expect(words).toMatch(/HOLD\s+6\s+bottoms of 1, 2, 3, 4, 5, 6 · held until the groove is cut and tried/);
    expect(words).toContain('Guards on');
    expect(words).not.toMatch(/25\s+1\s+drawer fronts/);
    expect(info(path)).toMatch(/Page size:\s+595\.27\d x 841\.89/);
    expect(info(await printed('cut-list.pdf', { paper: 'letter' }))).toMatch(/Page size:\s+612 x 792/);
    expect(Math.abs(markOf(path) - 101.6)).toBeLessThan(0.3);
  });

  it('writes no size over what it is', () => {
    const printing = { job, plan: planned, words: wordsIn(ENGLISH, planned) } as Printing;
    const [whole, step] = [inches(10), showStep(job)];
    expect(sizeOf(printing, nm(Math.round(whole + 0.9 * step)))).toBe('≈10');
    expect(sizeOf(printing, whole)).toBe('10');
    expect(sizeOf(printing, nm(whole + step))).toBe('10 1/64');
  });

  it('tells a rip where its first part may be cut, though others of it are held', async () => {
    const [owner] = document.cases;
    const { gates: _gates, ...bank } = owner!.banks[0]!;
    const fronts = ['d1', 'd2', 'd3'].map((drawer) => ({
      part: `${owner!.id}/b1/${drawer}/front`,
      reason: 'the slide is known',
      at: '2026-11-20T09:00:00Z',
    }));
    const held: typeof document = {
      ...document,
      cutting: { released: fronts },
      unit: 'mm',
      cases: [
        {
          ...owner!,
          banks: [
            {
              ...bank,
              basis: 'as-built',
              opening: { width: ['500 mm'], height: ['600 mm'], depth: ['560 mm'] },
              slide: { family: 'side-ball-bearing', lengths: 'mm' },
              division: { scheme: 'equal', increment: '1 mm' },
              box: {
                sides: bank.box.sides,
                ends: bank.box.sides,
                bottom: bank.box.bottom,
                corner: { joint: 'butt-sides-run' },
                bottomFit: 'captured',
                groove: { depth: '6 mm', offset: '12 mm' },
                play: '1.5 mm',
              },
              drawers: [{ id: 'd1' }, { id: 'd2' }, { id: 'd3' }],
            },
          ],
        },
      ],
    };
    const rips = cutList(worked(held).job, worked(held).planned).groups.flatMap((group) => group.rips);
    const mixed = rips.filter(
      ({ crosscuts: [first, ...rest] }) => first?.release !== 'now' && rest.some(({ release }) => release === 'now'),
    );
    expect(mixed.length).toBeGreaterThan(0);
    const words = text(await printed('cut-list.pdf', { document: held, layouts: [] }));
    const free = words.split('\n').filter((line) => line.includes('box fronts of') && !/HOLD|fence/.test(line));
    expect(free).toHaveLength(mixed.length);
    for (const line of free) expect(line).toMatch(/^\s*~?\d+\.\d+\s+~?\d+\.\d+\s+[12]\s+box fronts/);
  });

  it('tells the sizes of a forecast, and that they are one', async () => {
    const forecast = demo('rope-bench');
    const words = text(await printed('cut-list.pdf', { document: forecast, layouts: [] }));
    expect(words).toContain('FORECAST: by planned sizes');
    expect(words).not.toMatch(/\bHOLD\b/);
    const { job: roped, planned: planning } = worked(forecast);
    const spoken = wordsIn(ENGLISH, planning);
    // Every size of the list is on the page as it stands in the CSV, and so is the bank of every part.
    for (const { rips } of cutList(roped, planning).groups.filter(({ material }) => material.sheet))
      for (const { crosscuts } of rips)
        for (const { length, uses } of crosscuts) {
          const size = spoken
            .bare(length, 'part')
            .replaceAll('≈', '~')
            .replace(/(\d+)\/(\d+)/, '$1⁄$2');
          expect(words).toContain(size);
          for (const { place } of uses) expect(words).toMatch(new RegExp(`(left|right) ${place + 1}\\b`));
        }
    for (const heading of ['Rip to', 'Cut to', 'Count', 'Parts, of which drawers']) expect(words).toContain(heading);
  });

  it('has the sizes of the CSV on the list and on the labels: one value for one thing', async () => {
    const spoken = wordsIn(ENGLISH, planned);
    const [headings, ...rows] = cutRows(job, planned, spoken);
    const at = (name: string): number => headings!.indexOf(`${name}_in`);
    const asPrinted = (size: string): string => size.replace(/(\d+)\/(\d+)/, '$1⁄$2');
    const free = rows.filter((row) => row[headings!.indexOf('when')] === 'cut now');
    expect(free.length).toBeGreaterThan(10);
    const flat = (words: string): string => words.replaceAll('~', '').replace(/\s+/g, ' ');
    const [list, labels] = [flat(text(await printed('cut-list.pdf'))), flat(text(await printed('labels.pdf')))];
    for (const row of free) {
      const [length, width] = [asPrinted(row[at('length')]!), asPrinted(row[at('width')]!)];
      expect(list).toContain(` ${length} ${row[headings!.indexOf('count')]!} `);
      expect(list).toContain(width);
      expect(labels).toContain(`${length} × ${width}`);
    }
  });

  it('says whose it is, of which day, and what to buy', async () => {
    const words = text(await printed('cut-list.pdf', { layouts: [] }));
    expect(words).toContain('Skerry Point');
    expect(words).toMatch(new RegExp(String(new Date().getUTCFullYear())));
    expect(words).toMatch(/page 1 of \d/);
    expect(words).toContain('Sheets to buy');
    expect(words).toMatch(/1 × 12 mm birch plywood, 96 × 48: by area/);
    // Once all of it is laid out, the layout says how many.
    expect(text(await printed('cut-list.pdf'))).toMatch(/1 × 12 mm birch plywood, 96 × 48: as laid out/);
  });

  it('prints names in other scripts than Latin-1, each in a font that has it', async () => {
    const name = 'Žagar Łukasz, Nguyễn Thị, Ωμέγα, Щука';
    const path = await printed('cut-list.pdf', { document: { ...document, name }, layouts: [] });
    expect(text(path).replace(/\s+/g, ' ').normalize('NFC')).toContain(name.normalize('NFC'));
    const fonts = execFileSync('pdffonts', [path], { encoding: 'utf8' });
    expect(fonts).toMatch(/Barlow/);
    expect(fonts).toMatch(/Noto/i);
  });

  it('sets fractions as fractions', async () => {
    const words = text(await printed('cut-list.pdf'));
    expect(words).toContain('5 3⁄16');
    expect(words).not.toMatch(/\d\/\d/);
  });

  it('sets its fonts in the file', async () => {
    const fonts = execFileSync('pdffonts', [await printed('cut-list.pdf')], { encoding: 'utf8' });
    expect(fonts).toMatch(/Barlow/);
    for (const line of fonts.trim().split('\n').slice(2)) expect(line).toMatch(/\byes yes yes\b/);
  });
});

describe('printing labels', () => {
  it('has one for every part, with its name, drawer and how it lies', async () => {
    const path = await printed('labels.pdf');
    const words = text(path);
    const parts = partsOf(job, planned).parts.filter(toCut);
    expect(parts.some(({ use }) => use.role === 'build-out')).toBe(true);
    for (const { name } of parts) expect(words.replace(/\s+/g, ' ')).toContain(name);
    expect(words).toContain('arrow to the front end');
    expect(words).toContain('HOLD: boxes hung');
    expect(info(path)).toMatch(new RegExp(`Pages:\\s+${Math.ceil(parts.length / 24)}`));
    expect(Math.abs(markOf(path) - 101.6)).toBeLessThan(0.3);
  });
});

describe('printing layouts', () => {
  it('has a page a sheet, each part by its title, with the cuts in their order', async () => {
    const path = await printed('layouts.pdf');
    const words = text(path);
    expect(info(path)).toMatch(new RegExp(`Pages:\\s+${layouts.length}`));
    expect(words).toMatch(/1\. trim both long edges by/);
    expect(words).toMatch(/\d+\. rip /);
    const laid = lyingIn(layouts[0]!.sheet, rulesOf(sawOf(job))).filter(({ piece }) => piece);
    expect(laid.length).toBeGreaterThan(0);
    expect(words).toContain('5 side 1');
  });

  it('are refused where they say what the plan does not', async () => {
    const other = { ...document, cases: JSON.parse(JSON.stringify(document.cases).replace('23 1/2', '22')) as unknown };
    const narrow = JSON.parse(JSON.stringify(other).replace('"24 in"', '"23 in"')) as object;
    const { body } = await request(app)
      .post('/api/print/layouts.pdf')
      .send({ ...wish, document: narrow })
      .expect(422);
    expect((body as { says: string }).says).toMatch(/not in the plan in this size.*lay the parts out again/);
  });
});

describe('all of a job in one file', () => {
  it('holds the job as it was, its plan, lists and drawings', async () => {
    const files = unzipSync(readFileSync(await printed('job.zip')));
    const names = Object.keys(files);
    expect(JSON.parse(strFromU8(files['job.json']!))).toEqual(document);
    expect(JSON.parse(strFromU8(files['plan.json']!))).toMatchObject({ format: 'zabble-plan' });
    expect(names).toEqual(
      expect.arrayContaining(['cut-list.csv', 'cut-list.pdf', 'labels.pdf', 'sheets.pdf', 'bench-cards.txt']),
    );
    expect(names.filter((name) => /^sheets\/.*dxf$/.test(name))).toHaveLength(layouts.length);
    expect(names).toContain('parts/c1-b1-d1-side-1.svg');
    expect(names.some((name) => name.includes('face'))).toBe(false);
    expect(strFromU8(files['cut-list.csv']!)).toMatch(/^material,thickness_in/);
  });

  it('has a list no spreadsheet takes for a formula', async () => {
    const evil = { ...document.materials[0]!, name: '=HYPERLINK("x")' };
    const named = { ...document, materials: [evil, ...document.materials.slice(1)] };
    const files = unzipSync(readFileSync(await printed('job.zip', { document: named, layouts: [] })));
    const csv = strFromU8(files['cut-list.csv']!);
    expect(csv).toContain('HYPERLINK');
    expect(csv).not.toMatch(/(^|[\r\n,"])=/);
  });
});

describe('names of drawings', () => {
  it('are kept apart whatever letters drawers are called by', async () => {
    const [owner] = document.cases;
    const [bank] = owner!.banks;
    const gate = { at: '2026-11-20T09:00:00Z' };
    const drawers = ['ä', 'ö', 'ü', 'Ä', 'a b', 'a-b'].map((id) => ({ id }));
    const named = {
      ...document,
      cases: [
        {
          ...owner,
          banks: [
            {
              ...bank,
              division: { ...bank!.division, makeup: 'bottom' },
              gates: { slides: gate, groove: gate, hung: gate },
              drawers,
            },
          ],
        },
      ],
    };
    const files = unzipSync(readFileSync(await printed('job.zip', { document: named, layouts: [] })));
    const names = Object.keys(files).filter((name) => /^parts\/.*side.*svg$/.test(name));
    expect(names).toHaveLength(12);
    expect(new Set(names.map((name) => name.toLowerCase())).size).toBe(12);
    expect(names.some((name) => name.includes('ä'))).toBe(true);
  });
});

describe('a wish that can’t be', () => {
  it.each<[string, object, number, RegExp]>([
    ['a job that is none', { document: { format: 'x' } }, 422, /The job can’t be read/],
    ['another paper', { paper: 'foolscap' }, 400, /paper/],
    ['an address that is none', { address: 'javascript:alert(1)' }, 400, /address/],
    ['a field too many', { colour: 'red' }, 400, /colour/],
  ])('is refused: %s', async (_, more, status, says) => {
    const { body } = await request(app)
      .post('/api/print/labels.pdf')
      .send({ ...wish, ...more })
      .expect(status);
    expect((body as { says: string }).says).toMatch(says);
  });
});

describe('printing in greys', () => {
  const colours = async (ink: string): Promise<boolean> => {
    const path = await printed('bench-card.pdf', { ink });
    const page = execFileSync('pdftoppm', ['-r', '40', '-f', '1', '-l', '1', path], { maxBuffer: 1e8 });
    const dots = page.subarray(page.length - Math.floor((page.length - 20) / 3) * 3);
    return dots.some((dot, at) => at % 3 > 0 && Math.abs(dot - (dots[at - 1] ?? 0)) > 2);
  };

  it('has no colour on it, and has colours otherwise', async () => {
    expect(await colours('colour')).toBe(true);
    expect(await colours('grey')).toBe(false);
  });
});

describe('a print that is followed', () => {
  const followed = async (name: string, sent: object): Promise<Buffer> => {
    const { body } = await request(app)
      .post(`/api/print/${name}`)
      .accept(PRINT_STREAM)
      .send(sent)
      .buffer(true)
      .parse((response, done) => {
        const parts: Buffer[] = [];
        response.on('data', (part: Buffer) => parts.push(part));
        response.on('end', () => done(null, Buffer.concat(parts)));
      })
      .expect(200)
      .expect('content-type', PRINT_STREAM);
    return body as Buffer;
  };

  it('tells its pages, then what the file is, then the file', async () => {
    const lines = (await followed('labels.pdf', wish)).toString('latin1').split('\n');
    const at = lines.findIndex((line) => line.startsWith('{"kind":"file"'));
    const pages = lines.slice(0, at).map((line) => JSON.parse(line) as unknown);
    expect(pages).toEqual(pages.map((_, index) => ({ kind: 'pages', pages: index + 1 })));
    expect(pages).toHaveLength(3);
    expect(JSON.parse(lines[at] ?? '')).toEqual({
      kind: 'file',
      name: 'notions-bank-labels.pdf',
      type: 'application/pdf',
    });
    expect(lines[at + 1]).toMatch(/^%PDF-/);
  });

  it('tells why there is none', async () => {
    const said = (await followed('labels.pdf', { ...wish, ink: 'gold' })).toString();
    expect(JSON.parse(said)).toMatchObject({ kind: 'refused', problem: { status: 400 } });
    expect(said).toContain('ink: one of colour or grey is wanted.');
  });
});

describe('a case in its room on paper', () => {
  it('is drawn with what stands there; one without a place is not', async () => {
    const document = demo('splicing-bench');
    const words = text(await printed('bench-card.pdf', { document, layouts: [] }));
    expect(words).toContain('In the room: how far what opens comes');
    expect(words).toContain('sail chest');
    const { room: _room, ...alone } = { ...document, cases: document.cases.map(({ at: _at, ...owner }) => owner) };
    const without = text(await printed('bench-card.pdf', { document: alone, layouts: [] }));
    expect(without).not.toContain('In the room');
    expect(without).toContain('Splicing bench');
  });
});

describe('one value for one thing on paper', () => {
  /** Numbers as they are read off a page: fractions with their slash, signs of rounding left out. */
  const read = (path: string): string =>
    text(path)
      .replaceAll('⁄', '/')
      .replaceAll('~', '')
      .replace(/[^\S\n]+/g, ' ');
  const bare = (shown: string): string => shown.replaceAll('≈', '').trim();

  it.each(['notions-bank', 'flag-chest', 'rope-bench'])(
    '%s: the bench card has the sizes of the plan',
    async (name) => {
      const document = demo(name);
      const { planned: planning } = worked(document);
      const spoken = wordsIn(ENGLISH, planning);
      const lines = read(await printed('bench-card.pdf', { document, layouts: [] })).split('\n');
      let found = 0;
      for (const { banks } of planning.cases)
        for (const { drawers } of banks)
          for (const { place, dimensions } of drawers) {
            const sizes = (['front.width', 'front.height', 'box.width', 'box.height'] as const).map((size) =>
              bare(spoken.bare(dimensions[size]!.total, 'part')),
            );
            const row = lines.find(
              (line) =>
                line.trim().startsWith(`${place + 1} `) && sizes.every((size) => ` ${line} `.includes(` ${size} `)),
            );
            expect([name, place + 1, sizes, row]).toEqual([name, place + 1, sizes, expect.any(String)]);
            found += 1;
          }
      expect(found).toBeGreaterThan(3);
    },
  );

  it('sheets have the sizes of the cut list for every part that may be cut', async () => {
    const spoken = wordsIn(ENGLISH, planned);
    const page = read(await printed('layouts.pdf')).replace(/\s+/g, ' ');
    const parts = new Map(partsOf(job, planned).parts.map((part) => [part.name, part]));
    let found = 0;
    for (const { sheet } of layouts)
      for (const { piece } of lyingIn(sheet, rulesOf(sawOf(job)))) {
        const part = piece === undefined ? undefined : parts.get(piece);
        if (part?.release !== 'now') continue;
        const [length, width] = [part.length, part.width].map(({ total }) => bare(spoken.bare(total, 'part')));
        expect(page).toContain(`${length} × ${width}`);
        found += 1;
      }
    expect(found).toBeGreaterThan(20);
  });

  it('a sheet with held parts has no saw settings: they are those sizes', async () => {
    const page = read(await printed('layouts.pdf')).replace(/\s+/g, ' ');
    const [first, ...held] = page.split('printed at full size');
    expect(first).toContain('1. trim both long edges');
    expect(held.filter((each) => each.includes('HOLD')).length).toBeGreaterThan(0);
    for (const each of held) expect(each).not.toMatch(/\d\. (?:rip|cut) /);
    expect(held.join(' ')).toContain('Parts on this sheet are held');
  });
});
