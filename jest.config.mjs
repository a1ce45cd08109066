import web from './apps/web/jest.config.mjs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { CORE } from './scripts/lib/jest-core.mjs';
import { specsOf, together } from './scripts/lib/jest-together.mjs';
import { ROOT } from './scripts/lib/paths.mjs';
import { plainWebSpecs } from './scripts/lib/plain-web-specs.mjs';

/** Where the clock is neither that of papers nor that of calendars: what takes one for another is found out. */
process.env.TZ = 'America/St_Johns';

const BUNDLED = fileURLToPath(new URL('scripts/lib/jest-bundled.cjs', import.meta.url));

const QUICK = fileURLToPath(new URL('scripts/lib/jest-expect.cjs', import.meta.url));

const typescript = {
  '^.+\\.ts$': [
    '@swc/jest',
    {
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', decorators: true },
        transform: { legacyDecorator: true, decoratorMetadata: false, useDefineForClassFields: true },
      },
      module: { type: 'commonjs' },
    },
  ],
};
const plain = (name, folder) => ({
  displayName: name,
  rootDir: folder,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/src/**/*.spec.ts'],
  transform: { '(?:\\.spec|plain-setup)\\.ts$': BUNDLED, ...typescript },
  transformIgnorePatterns: ['/node_modules/(?!@zabble)'],
  setupFilesAfterEnv: [QUICK],
});

const plainWeb = await plainWebSpecs();
const pages = specsOf(join(ROOT, 'apps/web')).filter((name) => !plainWeb.includes(name));
const named = (specs) => specs.map((name) => `<rootDir>/${name}`);
/** Tests of a workspace that is put together, in so many files where all are run. */
const bundled = (files, project, specs = specsOf(join(ROOT, project.rootDir))) =>
  together({ ...project, rootDir: join(ROOT, project.rootDir), testMatch: named(specs) }, specs, files);

export default {
  // How long something takes is the benchmark’s to say: here only what never ends is a failure.
  testTimeout: 60_000,
  testSequencer: '<rootDir>/scripts/lib/jest-order.cjs',
  projects: [
    bundled(4, { ...plain('core', 'packages/core'), globalSetup: '<rootDir>/../../scripts/lib/jest-bundles.mjs' }),
    plain('contract', 'packages/contract'),
    plain('cli', 'packages/cli'),
    plain('supplier', 'apps/supplier'),
    { ...plain('scripts', 'scripts'), testMatch: ['<rootDir>/**/*.spec.ts'], transform: typescript },
    bundled(4, {
      ...plain('server', 'apps/server'),
      moduleNameMapper: { '^@zabble/core$': CORE },
      globalSetup: '<rootDir>/../../scripts/lib/jest-database.mjs',
      globalTeardown: '<rootDir>/../../scripts/lib/jest-database-end.mjs',
      setupFiles: ['reflect-metadata'],
    }),
    bundled(
      2,
      {
        ...plain('web plain', 'apps/web'),
        moduleNameMapper: { '^@zabble/core$': CORE },
        globalSetup: '<rootDir>/../../scripts/lib/jest-plain-web.mjs',
        setupFiles: ['<rootDir>/src/plain-setup.ts'],
      },
      plainWeb,
    ),
    bundled(2, { ...web, rootDir: 'apps/web' }, pages),
  ],
};
