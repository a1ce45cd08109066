import { patched, readJobDocument, type JobDocument, type Patch } from '@zabble/core';
import Ajv2020 from 'ajv/dist/2020';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(__dirname, '../../..');
const read = (path: string): unknown => JSON.parse(readFileSync(join(root, path), 'utf8'));
const validate = new Ajv2020({ allErrors: true, strictRequired: false, strictTypes: false }).compile(
  read('docs/job-file.schema.json') as object,
);
const demos = readdirSync(join(root, 'examples')).filter((name) => name.endsWith('.json'));
const example = read('examples/notions-bank.json') as JobDocument;
const BANK = 'cases[0].banks[0]';
const AT = '2026-11-20T09:00:00Z';

describe('the published schema', () => {
  it.each(demos)('takes the demo job %s', (name) => {
    validate(read(`examples/${name}`));
    expect(validate.errors ?? []).toEqual([]);
  });

  it('takes the example of docs/job-file.md', () => {
    const [, text = ''] = /```json\n([\s\S]*?)```/.exec(readFileSync(join(root, 'docs/job-file.md'), 'utf8')) ?? [];
    const document = JSON.parse(text) as unknown;
    validate(document);
    expect(validate.errors ?? []).toEqual([]);
    expect(readJobDocument(document)).toMatchObject({ ok: true });
  });

  it.each<[string, Patch]>([
    ['a line at a height', { path: `${BANK}.drawers[0].line`, value: { y: '26 in' } }],
    ['bounds', { path: `${BANK}.drawers[0].least`, value: '2 in' }],
    ['division by contents', { path: `${BANK}.division.scheme`, value: 'contents' }],
    ['a muntin', { path: `${BANK}.box.muntin`, value: { material: 'ply12', width: '2 in' } }],
    [
      'a drawer’s own muntin',
      { path: `${BANK}.drawers[0].box`, value: { muntin: { material: 'ply12', width: '2 in' } } },
    ],
    ['a shared box height', { path: `${BANK}.drawers[0].boxSameAs`, value: 'd2' }],
    [
      'a framed front',
      { path: `${BANK}.front.frame`, value: { stile: '2 in', groove: '8 mm', play: '2 mm', panel: 'ply6' } },
    ],
    [
      'a slide’s own cuts',
      { path: 'slides', value: [{ id: 'own', like: 'undermount-16', cuts: { bearing: '1 in' }, minBottom: '6 mm' }] },
    ],
    ['a set-back by hand', { path: `${BANK}.mounting.setback`, value: '3 mm' }],
    ['a material of its own', { path: 'materials[0].stiffness_gpa', value: 9.5 }],
    ['fronts from the top down', { path: `${BANK}.mounting.fronts`, value: 'top-down' }],
    [
      'a log of every kind',
      {
        path: 'log',
        value: [
          { id: 'a', kind: 'reading', at: AT, what: 'width', place: 'front', length: '24 in', against: '24 in' },
          { id: 'b', kind: 'step', at: AT, bank: 'c1/b1', step: 'd1/left', undone: true },
          { id: 'c', kind: 'fault', at: AT, fault: 'front-tight', mended: 'planed' },
          { id: 'd', kind: 'note', at: AT, note: 'n' },
          { id: 'e', kind: 'photo', at: AT, photo: 'p' },
          { id: 'f', kind: 'time', at: AT, minutes: 5 },
        ],
      },
    ],
    [
      'readings with their place',
      {
        path: `${BANK}.opening.width`,
        value: ['24 in', { length: '24 1/16 in', place: ['top', 'back'], drawer: 'd1' }, { length: '24 in' }],
      },
    ],
    ['a bank’s name', { path: `${BANK}.name`, value: 'By the door' }],
    [
      'what a slide adjusts by',
      { path: 'slides', value: [{ id: 'own', like: 'undermount-16', adjust: { height: '3 mm', tilt: '4 mm' } }] },
    ],
    ['an overhang', { path: 'cases[0].overhang', value: '1 in' }],
  ])('takes %s, as the reader does', (_, patch) => {
    const document = patched(example, [patch]);
    validate(document);
    expect(validate.errors ?? []).toEqual([]);
    expect(readJobDocument(document)).toMatchObject({ ok: true });
  });

  // What the schema can say, schema and reader say alike; references and lists of slides only the reader knows.
  it.each<[string, Patch]>([
    ['an unknown field', { path: `${BANK}.colour`, value: 'red' }],
    ['a field missing', { path: `${BANK}.opening.depth`, value: undefined }],
    ['a length without unit', { path: `${BANK}.front.gap`, value: '1/8' }],
    ['a zero denominator', { path: `${BANK}.front.gap`, value: '1/0 in' }],
    ['a number for a length', { path: `${BANK}.front.gap`, value: 3 }],
    ['a negative length', { path: `${BANK}.front.gap`, value: '-3 mm' }],
    ['an unknown scheme', { path: `${BANK}.division.scheme`, value: 'golden' }],
    ['a scheme without its figure', { path: `${BANK}.division.step`, value: undefined }],
    ['an unknown joint', { path: `${BANK}.box.corner.joint`, value: 'glue' }],
    ['an unknown override', { path: `${BANK}.drawers[0].front`, value: { gap: '1/8 in' } }],
    ['no drawers', { path: `${BANK}.drawers`, value: [] }],
    ['another version', { path: 'version', value: 2 }],
    ['a line both ways at once', { path: `${BANK}.drawers[0].line`, value: { y: '1 in', bank: 'b2', drawer: 'd1' } }],
    ['a line from half a drawer', { path: `${BANK}.drawers[0].line`, value: { bank: 'b2' } }],
    [
      'a pull without its school’s figure',
      { path: `${BANK}.front.pull`, value: { school: 'from-top', purchase: '8 mm' } },
    ],
    ['a run without its kerf', { path: `${BANK}.front.run`, value: { trim: '1/2 in' } }],
    ['a band round no edge', { path: `${BANK}.front.band`, value: { thickness: '1 mm', edges: [] } }],
    [
      'a frame without its panel',
      { path: `${BANK}.front.frame`, value: { stile: '2 in', groove: '8 mm', play: '2 mm' } },
    ],
    ['a climate with half its air', { path: 'climate', value: { fitting: { temperature_c: 20, humidity: 50 } } }],
    [
      'a stand that weighs nothing',
      { path: 'cases[0].stand', value: { weight_kg: 0, depth: '20 in', frontFeet: '0 in' } },
    ],
    [
      'a reading at both ends',
      { path: `${BANK}.opening.width`, value: [{ length: '24 in', place: ['top', 'bottom'] }] },
    ],
    [
      'a place in a list of lengths',
      { path: 'slides', value: [{ id: 'own', like: 'side-light', lengths: { mm: { list: [{ length: '400 mm' }] } } }] },
    ],
    ['a reading nowhere', { path: `${BANK}.opening.width`, value: [{ length: '24 in', place: [] }] }],
    ['a place without its length', { path: `${BANK}.opening.width`, value: [{ place: ['top'] }] }],
    ['three pulls', { path: `${BANK}.front.pull`, value: { school: 'centre', purchase: '8 mm', count: 3 } }],
    ['an unknown answer', { path: 'cases[0].alike', value: 'both' }],
    ['a rumour in the log', { path: 'log', value: [{ id: 'a', kind: 'rumour', at: AT }] }],
    ['a reading of nothing', { path: 'log', value: [{ id: 'a', kind: 'reading', at: AT, what: 'width' }] }],
    ['a fault nobody knows', { path: 'log', value: [{ id: 'a', kind: 'fault', at: AT, fault: 'gremlins' }] }],
    ['a build-out from nothing', { path: `${BANK}.buildOut.from`, value: [] }],
  ])('refuses %s, as the reader does', (_, patch) => {
    const document = patched(example, [patch]);
    expect(validate(document)).toBe(false);
    expect(readJobDocument(document).ok).toBe(false);
  });
});
