import presets from 'jest-preset-angular/presets/index.js';

export default {
  ...presets.createCjsPreset({ tsconfig: '<rootDir>/tsconfig.spec.json' }),
  displayName: 'web',
  rootDir: '.',
  setupFilesAfterEnv: ['<rootDir>/src/test-setup.ts'],
  testMatch: ['<rootDir>/src/**/*.spec.ts'],
  transformIgnorePatterns: ['node_modules/(?!.*\\.mjs$|@zabble|@angular/common/locales|echarts|zrender)'],
};
