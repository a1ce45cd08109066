import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import whole from './jest.config.mjs';
import web from './apps/web/jest.config.mjs';
import bundleCore, { CORE } from './scripts/lib/jest-core.mjs';
import { specsOf, together } from './scripts/lib/jest-together.mjs';

/**
 * The tests a run of `npm run mutation` goes by: those of the workspace that is changed, without the long ones; or only those
 * of the folder that is, where it is named, the long ones where those are asked for.
 */
const workspace = process.env.ZABBLE_MUTATION;
const beside = process.env.ZABBLE_MUTATION_BESIDE;
const long = process.env.ZABBLE_MUTATION_WHICH === 'long';
const WEB = fileURLToPath(new URL('apps/web', import.meta.url));
const project =
  workspace === 'web'
    ? together({ ...web, rootDir: WEB }, specsOf(WEB), 1)
    : whole.projects.find(({ displayName }) => displayName === workspace);

// Which test comes to what is found out before anything is set up.
if (!existsSync(CORE)) await bundleCore();

export default {
  ...project,
  testTimeout: whole.testTimeout,
  rootDir: workspace === 'core' ? 'packages/core' : `apps/${workspace}`,
  ...(beside ? { testMatch: [`**/${beside}/**/*${long ? '.long' : ''}.spec.ts`] } : {}),
  ...(workspace === 'web'
    ? {}
    : { testEnvironment: fileURLToPath(new URL('scripts/lib/jest-first-failure.cjs', import.meta.url)) }),
  testPathIgnorePatterns: ['/node_modules/', ...(long ? [] : ['\\.long\\.spec\\.ts$'])],
};
