import web from './apps/web/jest.config.mjs';
import { fileURLToPath } from 'node:url';
import { CORE } from './scripts/lib/jest-core.mjs';
import { plainWebSpecs } from './scripts/lib/plain-web-specs.mjs';

const BUNDLED = fileURLToPath(new URL('scripts/lib/jest-bundled.cjs', import.meta.url));

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
});

const plainWeb = await plainWebSpecs();

export default {
  // How long something takes is the benchmark’s to say: here only what never ends is a failure.
  testTimeout: 60_000,
  projects: [
    { ...plain('core', 'packages/core'), globalSetup: '<rootDir>/../../scripts/lib/jest-bundles.mjs' },
    plain('contract', 'packages/contract'),
    plain('cli', 'packages/cli'),
    plain('supplier', 'apps/supplier'),
    { ...plain('scripts', 'scripts'), testMatch: ['<rootDir>/**/*.spec.ts'], transform: typescript },
    {
      ...plain('server', 'apps/server'),
      moduleNameMapper: { '^@zabble/core$': CORE },
      globalSetup: '<rootDir>/../../scripts/lib/jest-database.mjs',
      globalTeardown: '<rootDir>/../../scripts/lib/jest-database-end.mjs',
      setupFiles: ['reflect-metadata'],
    },
    {
      ...plain('web plain', 'apps/web'),
      testMatch: plainWeb.map((name) => `<rootDir>/${name}`),
      moduleNameMapper: { '^@zabble/core$': CORE },
      globalSetup: '<rootDir>/../../scripts/lib/jest-core.mjs',
      setupFiles: ['<rootDir>/src/plain-setup.ts'],
    },
    { ...web, rootDir: 'apps/web', testMatch: [...web.testMatch, ...plainWeb.map((name) => `!<rootDir>/${name}`)] },
  ],
};
