import whole from './jest.config.mjs';
import web from './apps/web/jest.config.mjs';

/**
 * The tests a run of `npm run mutation` goes by: those of the workspace that is changed, without the long ones; or only those
 * of the folder that is, where it is named.
 */
const workspace = process.env.ZABBLE_MUTATION;
const project = workspace === 'web' ? web : whole.projects.find(({ displayName }) => displayName === workspace);

export default {
  ...project,
  testTimeout: whole.testTimeout,
  rootDir: workspace === 'core' ? 'packages/core' : `apps/${workspace}`,
  ...(process.env.ZABBLE_MUTATION_BESIDE
    ? { testMatch: [`**/${process.env.ZABBLE_MUTATION_BESIDE}/**/*.spec.ts`] }
    : {}),
  testPathIgnorePatterns: ['/node_modules/', '\\.long\\.spec\\.ts$'],
};
