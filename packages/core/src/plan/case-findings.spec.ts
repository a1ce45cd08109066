import { patched, plan, readJobDocument, type JobDocument } from '..';
import {
  CASE_ROWS,
  cleats,
  columns,
  documentOf,
  grooved,
  pins,
  place,
  shelves,
  type Row,
} from './case-findings.spec-data';
import { WHOLE_CASE, wholeBank, wholeJob } from './whole-case.spec-data';

const planned = (document: JobDocument) => {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join('; '));
  return plan(reading.job).cases[0]!;
};

describe('what is to be said of a case', () => {
  it.each(CASE_ROWS)('%s on both sides of its limit', (code, fires, holds) => {
    const codes = (row: Row) => planned(documentOf(row)).findings.map((finding) => finding.code as string);
    expect(codes(fires)).toContain(code);
    expect(codes(holds)).not.toContain(code);
  });

  it.each(CASE_ROWS.map(([code, fires]) => [code, fires] as const))('%s is gone after its remedy', (code, fires) => {
    const document = documentOf(fires);
    for (const finding of planned(document).findings)
      for (const { patches } of finding.code === code ? (finding.remedies ?? []) : [])
        expect(planned(patched(document, patches)).findings.map((each) => each.code as string)).not.toContain(code);
  });

  it('a shelf that sags is made of the first sheet of its kind that is thick enough, if there is one', () => {
    const thick = (id: string, thickness: string, kind = 'plywood') => ({ id, name: `${id} sheet`, kind, thickness });
    const more = [
      thick('ash40', '40 mm', 'solid'),
      thick('ply19', '18.2 mm'),
      thick('ply25', '24.7 mm'),
      thick('ply30', '30 mm'),
    ];
    const found = (load: number, materials: readonly object[], shelf: object = {}) => {
      const document = documentOf({
        over: {
          shelves: [
            { compartment: 'lower', count: 1 },
            { ...shelves(load)[0], ...shelf },
          ],
          banks: [],
        },
        materials: materials.map((value, at) => ({ path: `materials[${4 + at}]`, value })),
      });
      return planned(document).findings.find(
        ({ code, params }) => code === 'SHELF_SAGS' && (params as { node: string }).node === 'left',
      );
    };
    const told = (load: number, materials: readonly object[] = more, shelf: object = {}) =>
      found(load, materials, shelf)?.remedies?.flatMap(({ patches }) => patches);
    const to = (value: string) => [{ path: 'cases[0].shelves[1].material', value }];
    // It sags by the cube of how thick it is: 17.7 mm hold so much, 24.7 mm 2.7 times that, 18.2 mm 1.09 times.
    const most = [...Array(400).keys()].findLast((load) => !found(load, more)) ?? 0;
    expect(most).toBeGreaterThan(20);
    expect(told(Math.floor(most * 1.04) + 1)).toEqual(to('ply19'));
    expect(told(Math.round(most * 1.5))).toEqual(to('ply25'));
    expect(told(Math.round(most * 3.5))).toEqual(to('ply30'));
    expect(told(most * 6)).toBeUndefined();
    expect(told(Math.round(most * 1.5), more.slice(0, 2))).toBeUndefined();
    expect(told(Math.round(most * 3.5), more, { material: 'ply25' })).toEqual(to('ply30'));
  });

  it('a toe kick that is made apart as a plinth lets the case be stood up, where that is enough', () => {
    // √((34.5 − 3.5)² + 23.25²) = 38.75 in.
    const stood = (room: string, build: object = {}) =>
      planned(documentOf({ build: { stands: undefined, ...place({ height: [room] }), ...build } })).findings.find(
        ({ code }) => code === 'TILT_UP',
      );
    expect(stood('41 1/2 in')?.remedies?.map(({ code, patches }) => [code, patches])).toEqual([
      [
        'loose-base',
        [
          { path: 'cases[0].build.stands', value: { kind: 'plinth', height: '3 1/2 in', setback: '3 in' } },
          { path: 'cases[0].build.base', value: undefined },
        ],
      ],
    ]);
    expect(stood('38 7/8 in')?.remedies).toHaveLength(1);
    expect(stood('38 5/8 in')?.remedies).toEqual([]);
    expect(stood('41 1/2 in', { stands: WHOLE_CASE.build.stands })?.remedies).toEqual([]);
    const base = { ...WHOLE_CASE.build.base, setback: undefined };
    expect(stood('41 1/2 in', { base })?.remedies?.[0]?.patches[0]?.value).toMatchObject({ setback: '0 in' });
  });

  it('fronts of columns and rows that meet on what stands between them', () => {
    const front = (more: object) => ({ front: { ...wholeBank('x', 'x', 1).front, ...more } });
    const layout = { id: 'front', across: [{ id: 'left', size: '17 in' }, { id: 'right' }] };
    const banks = (lap: string) => [
      wholeBank('b1', 'left', 2, front({ right: lap })),
      wholeBank('b2', 'right', 2, front({ left: '11/16 in' })),
    ];
    const codes = (document: object) =>
      planned(document as JobDocument).banks.flatMap(({ findings }) => findings.map((each) => each.code as string));
    // A middle stile of 1 1/2 in and a gap of 1/8: 11/16 each.
    expect(codes(wholeJob({ ...WHOLE_CASE, layout }, banks('3/4 in')))).toContain('FRONTS_COLLIDE');
    expect(codes(wholeJob({ ...WHOLE_CASE, layout }, banks('11/16 in')))).not.toContain('FRONTS_COLLIDE');
    const rows = (lap: string) => [
      wholeBank('b1', 'upper', 1, front({ bottom: lap })),
      wholeBank('b2', 'lower', 2, front({ top: '5/16 in' })),
    ];
    expect(codes(wholeJob(WHOLE_CASE, rows('3/8 in')))).toContain('FRONTS_COLLIDE');
    expect(codes(wholeJob(WHOLE_CASE, rows('5/16 in')))).not.toContain('FRONTS_COLLIDE');
  });

  it('keeps a back that is set in behind cleats out of it', () => {
    expect(planned(documentOf({ build: { back: grooved, cleats } })).findings.map(({ code }) => code)).toEqual([]);
  });

  it('pin holes at other heights on either face do not meet', () => {
    const apart = pins('8 mm').map((each, at) =>
      at === 0 ? each : { ...each, pins: { ...each.pins, from: '2 1/2 in' } },
    );
    const codes = planned(documentOf({ over: { ...columns, shelves: apart } })).findings.map(
      ({ code }) => code as string,
    );
    expect(codes).not.toContain('PIN_HOLES_MEET');
  });
});
