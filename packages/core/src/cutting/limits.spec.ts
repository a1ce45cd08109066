import {
  boardList,
  inches,
  isPastSaw,
  isPastStop,
  layOut,
  lyingIn,
  partsOf,
  patched,
  plan,
  readJobDocument,
  sawOf,
  sheetParts,
  stepsOf,
  type JobDocument,
  type Patch,
} from '..';
import { bestOf } from './document';
import { readLayouts } from './read-layouts';
import { WHOLE_CASE, wholeJob } from '../plan/whole-case.spec-data';

const SHEET: Patch = { path: 'materials[0].sheet', value: { length: '96 in', width: '48 in' } };

function read(patches: readonly Patch[], over: object = {}) {
  const reading = readJobDocument(patched(wholeJob({ ...WHOLE_CASE, ...over }) as JobDocument, [SHEET, ...patches]));
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join(' '));
  return { job: reading.job, planned: plan(reading.job) };
}

function laid(patches: readonly Patch[]) {
  const { job, planned } = read(patches);
  const [ply] = sheetParts(job, planned, 'all');
  const found = bestOf(layOut(ply!.task, 1), 2)!;
  return { job, planned, sheets: found.layout.sheets.map((sheet) => ({ material: 'ply18', sheet })) };
}

describe('parts broken down over size', () => {
  const over: Patch = { path: 'saw', value: { over: '1/4 in' } };

  it('lie in the sheet so much larger each way, and the layout still holds', () => {
    const { job, planned, sheets } = laid([over]);
    const parts = new Map(partsOf(job, planned).parts.map((part) => [part.name, part]));
    const lying = sheets.flatMap(({ sheet }) => lyingIn(sheet, sawOf(job))).filter(({ piece }) => piece !== undefined);
    expect(lying.length).toBeGreaterThan(5);
    for (const { piece, turned, long, wide } of lying) {
      const part = parts.get(piece!)!;
      expect((turned ? wide : long) - part.length.total).toBe(inches(1, 4));
      expect((turned ? long : wide) - part.width.total).toBe(inches(1, 4));
    }
    expect(readLayouts(sheets, job, planned).ok).toBe(true);
  });

  it('are not of this job where nobody asked for it', () => {
    const { sheets } = laid([over]);
    const { job, planned } = read([]);
    expect(readLayouts(sheets, job, planned)).toMatchObject({ ok: false, wrong: { code: 'piece-not-in-plan' } });
  });
});

describe('what the shop can take', () => {
  it('tells cuts past the saw and lengths past the stop', () => {
    const { job, sheets } = laid([]);
    const steps = stepsOf(sheets[0]!.sheet, sawOf(job));
    const longest = Math.max(...steps.filter(({ direction }) => direction === 'rip').map(({ panel }) => panel.long));
    expect(steps.some((step) => isPastSaw(step, { rip: longest as never }))).toBe(false);
    expect(steps.some((step) => isPastSaw(step, { rip: (longest - 1) as never }))).toBe(true);
    expect(isPastStop(inches(48), { stop: inches(48) })).toBe(false);
    expect(isPastStop(inches(49), { stop: inches(48) })).toBe(true);
    expect(isPastStop(inches(49), undefined)).toBe(false);
  });

  it('glues a wide part up from boards, narrower where the planer takes less', () => {
    const boards = (patches: readonly Patch[]) => {
      const { job, planned } = read(patches, {
        build: { ...WHOLE_CASE.build, worktop: { material: 'ash19' } },
      });
      const glueUps = boardList(job, planned).flatMap(({ glueUps: all }) => all);
      return glueUps.map(({ parts, boards: { count } }) => `${parts[0]!.use.role} ${count}`);
    };
    // 23 1/4 in and 1/4 over: five boards of 5 1/2 in at most, six of 4.
    expect(boards([])).toEqual(['worktop 5', ...Array<string>(3).fill('drawer-front 2')]);
    const narrow = boards([{ path: 'saw', value: { limits: { planer: '4 in' } } }]);
    expect(narrow[0]).toBe('worktop 6');
    // The low front is over four inches too.
    expect(narrow).toHaveLength(5);
  });
});
