import presets from 'jest-preset-angular/presets/index.js';
import { CORE } from '../../scripts/lib/jest-core.mjs';

export default {
  ...presets.createCjsPreset({
    tsconfig: '<rootDir>/tsconfig.spec.json',
    // Read by the compiler of the language the charts take longer than all that is ours.
    processWithEsbuild: ['**/node_modules/{echarts,zrender,@angular}/**/*.js'],
  }),
  displayName: 'web',
  rootDir: '.',
  moduleNameMapper: { '^@zabble/core$': CORE },
  globalSetup: '<rootDir>/../../scripts/lib/jest-core.mjs',
  setupFilesAfterEnv: ['<rootDir>/../../scripts/lib/jest-expect.cjs', '<rootDir>/src/test-setup.ts'],
  testMatch: ['<rootDir>/src/**/*.spec.ts'],
  transformIgnorePatterns: ['node_modules/(?!.*\\.mjs$|@zabble|@angular/common/locales|echarts|zrender)'],
};
