import { MIGRATIONS, migrated, type Migration } from './migrations';
import { JOB_VERSION } from './version';

// Invented steps: version 1 called a length a width, version 2 kept one name, version 3 keeps several.
const STEPS: readonly Migration[] = [
  { from: 1, migrate: ({ width, ...rest }) => ({ ...rest, length: width }) },
  { from: 2, migrate: ({ name, ...rest }) => ({ ...rest, names: [name] }) },
];

describe('a document of an older version', () => {
  it('is led through every step from its own, and keeps what no step knows', () => {
    const old = { version: 1, width: '3 mm', name: 'Fids', odd: { x: 1 } };
    expect(migrated(old, STEPS, 3)).toEqual({ version: 3, length: '3 mm', names: ['Fids'], odd: { x: 1 } });
    expect(migrated({ version: 2, name: 'Fids' }, STEPS, 3)).toEqual({ version: 3, names: ['Fids'] });
    expect(old).toEqual({ version: 1, width: '3 mm', name: 'Fids', odd: { x: 1 } });
  });

  it('stops at the version asked for, and leaves newer ones and strangers as they are', () => {
    expect(migrated({ version: 1, width: '3 mm' }, STEPS, 2)).toEqual({ version: 2, length: '3 mm' });
    const newer = { version: 4, name: 'Fids' };
    expect(migrated(newer, STEPS, 3)).toBe(newer);
    const none = { name: 'Fids' };
    expect(migrated(none, STEPS, 3)).toBe(none);
  });

  it('has a step for every version there was', () => {
    expect(MIGRATIONS.map(({ from }) => from)).toEqual(
      Array.from({ length: JOB_VERSION - 1 }, (_, index) => index + 1),
    );
  });
});
