import { CORE } from './scripts/lib/jest-core.mjs';

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
  transform: typescript,
  transformIgnorePatterns: ['/node_modules/(?!@zabble)'],
});

export default {
  // How long something takes is the benchmark’s to say: here only what never ends is a failure.
  testTimeout: 60_000,
  projects: [
    plain('core', 'packages/core'),
    plain('contract', 'packages/contract'),
    plain('cli', 'packages/cli'),
    plain('supplier', 'apps/supplier'),
    { ...plain('scripts', 'scripts'), testMatch: ['<rootDir>/**/*.spec.ts'] },
    {
      ...plain('server', 'apps/server'),
      moduleNameMapper: { '^@zabble/core$': CORE },
      globalSetup: '<rootDir>/../../scripts/lib/jest-database.mjs',
      globalTeardown: '<rootDir>/../../scripts/lib/jest-database-end.mjs',
      setupFiles: ['reflect-metadata'],
    },
    '<rootDir>/apps/web/jest.config.mjs',
  ],
};
