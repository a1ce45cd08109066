import { patched, readJobDocument, type JobDocument, type Patch } from '@zabble/core';
import Ajv2020 from 'ajv/dist/2020';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(__dirname, '../../..');
const read = (path: string): unknown => JSON.parse(readFileSync(join(root, path), 'utf8'));
const validate = new Ajv2020({ allErrors: true, strictRequired: false, strictTypes: false }).compile(
  read('docs/job-file.schema.json') as object,
);
const demos = readdirSync(join(root, 'apps/server/demo')).filter((name) => name.endsWith('.json'));
const example = read('apps/server/demo/notions-bank.json') as JobDocument;
const BANK = 'cases[0].banks[0]';

describe('the published schema', () => {
  it.each(demos)('takes the demo job %s', (name) => {
    validate(read(`apps/server/demo/${name}`));
    expect(validate.errors ?? []).toEqual([]);
  });

  it('takes the example of docs/job-file.md', () => {
    const [, text = ''] = /```json\n([\s\S]*?)```/.exec(readFileSync(join(root, 'docs/job-file.md'), 'utf8')) ?? [];
    const document = JSON.parse(text) as unknown;
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
  ])('refuses %s, as the reader does', (_, patch) => {
    const document = patched(example, [patch]);
    expect(validate(document)).toBe(false);
    expect(readJobDocument(document).ok).toBe(false);
  });
});
