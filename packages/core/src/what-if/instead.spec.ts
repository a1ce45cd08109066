import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { JobDocument } from '../job';
import { plan, readJobDocument } from '../plan';
import { patched } from '../reading';
import { findingsBetween } from './consequences';
import { insteadPatches, replaceable, type Instead } from './instead';

const demo = (name: string): JobDocument =>
  JSON.parse(readFileSync(join(__dirname, '../../../../examples', `${name}.json`), 'utf8')) as JobDocument;

function planned(document: JobDocument) {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors.map(({ path }) => path)));
  return plan(reading.job);
}
const after = (document: JobDocument, instead: Instead): JobDocument =>
  patched(document, insteadPatches(document, planned(document), instead));

describe('something else used everywhere', () => {
  it.each(['flag-chest', 'notions-bank', 'rope-bench', 'signal-locker', 'splicing-bench'])(
    'of %s: a material is used nowhere any more, whichever it was',
    (name) => {
      const document = demo(name);
      const used = replaceable(document, planned(document)).filter(({ kind }) => kind === 'material');
      expect(used.length).toBeGreaterThan(0);
      for (const { from } of used) {
        const to = document.materials.find(({ id }) => id !== from)!.id;
        const changed = after(document, { kind: 'material', from, to });
        // The job can be read without it: nothing names it.
        const without = { ...changed, materials: changed.materials.filter(({ id }) => id !== from) };
        expect(readJobDocument(without)).toMatchObject({ ok: true });
        expect(replaceable(changed, planned(changed))).not.toContainEqual({ kind: 'material', from });
      }
    },
  );

  it('slides: of every bank and drawer that has them, the gate that says they are in hand shut', () => {
    const document = demo('notions-bank');
    const path = 'cases[0].banks[0]';
    const own = patched(document, [
      { path: `${path}.drawers[1].slide`, value: { family: 'side-ball-bearing', length: '20 in' } },
    ]);
    expect(own.cases[0]!.banks[0]!.gates?.slides).toBeDefined();
    const changed = after(own, { kind: 'slide', from: 'side-ball-bearing', to: 'undermount-16' });
    const bank = changed.cases[0]!.banks[0]!;
    expect(bank.slide.family).toBe('undermount-16');
    expect(bank.drawers[1]!.slide).toEqual({ family: 'undermount-16' });
    expect(bank.gates?.slides).toBeUndefined();
    expect(insteadPatches(own, planned(own), { kind: 'slide', from: 'wood-runner', to: 'undermount-16' })).toEqual([]);
  });

  it('slides: where nobody has any in hand, no gate is touched', () => {
    const document = patched(demo('notions-bank'), [{ path: 'cases[0].banks[0].gates', value: undefined }]);
    const patches = insteadPatches(document, planned(document), {
      ...{ kind: 'slide', from: 'side-ball-bearing', to: 'undermount-16' },
    });
    expect(patches.length).toBeGreaterThan(0);
    expect(patches.filter(({ path }) => path.includes('gates'))).toEqual([]);
  });

  it('hinges: told or by their kind; what a trial of the old one gave is gone', () => {
    const document = patched(demo('signal-locker'), [
      { path: 'cases[0].gates', value: { hinges: { at: '2026-11-20T10:00:00Z' } } },
      { path: 'cases[0].doors[0].trial', value: { tab: '5 mm', plate: '0 mm', overlay: '16 mm' } },
    ]);
    const [hinge] = replaceable(document, planned(document)).filter(({ kind }) => kind === 'hinge');
    const changed = after(document, { kind: 'hinge', from: hinge!.from, to: 'butt' });
    const [owner] = changed.cases;
    expect(owner!.doors!.every((door) => door.hinge?.family === 'butt' && door.trial === undefined)).toBe(true);
    expect(owner!.gates?.hinges).toBeUndefined();
  });

  it('finish: of every group that had it', () => {
    const document = {
      ...demo('flag-chest'),
      finish: [
        { parts: ['face'], row: 'clear', faces: 'show', when: 'after' },
        { parts: ['side'], row: 'oil', faces: 'show', when: 'after' },
      ],
    } as JobDocument;
    const { finish } = after(document, { kind: 'finish', from: 'clear', to: 'oil' });
    expect(finish!.map(({ row }) => row)).toEqual(['oil', 'oil']);
    expect(insteadPatches(document, planned(document), { kind: 'finish', from: 'oil', to: 'oil' })).toEqual([]);
  });

  it('tells which findings come and go with it', () => {
    const document = demo('notions-bank');
    const thin = patched(document, [{ path: 'materials[0]', value: { ...document.materials[0], thickness: '3 mm' } }]);
    const { come, gone } = findingsBetween(planned(document), planned(thin));
    expect(come.length).toBeGreaterThan(0);
    expect(findingsBetween(planned(thin), planned(document))).toEqual({ come: gone, gone: come });
  });
});
