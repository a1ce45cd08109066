import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Each stands only on those before it: the lint holds them to that. */
const rooms = JSON.parse(readFileSync(join(__dirname, '../../rooms.json'), 'utf8')) as Record<
  'core' | 'server' | 'web',
  string[]
>;
const foldersIn = (path: string): string[] =>
  readdirSync(join(__dirname, '../..', path), { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => name)
    // What was told lies beside its test.
    .filter((name) => name !== '__snapshots__');

describe('the rooms of the house', () => {
  // What is in no list is held to nothing by the lint.
  it.each([
    ['packages/core/src', rooms.core],
    ['apps/server/src', rooms.server],
    ['apps/web/src/app', rooms.web],
  ] as const)('are all of the folders of %s', (path, listed) => {
    expect(foldersIn(path).sort()).toEqual([...listed].sort());
  });
});
