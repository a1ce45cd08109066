import bundleTests from './jest-bundles.mjs';
import bundleCore from './jest-core.mjs';

/** What the browser’s tests that need no page stand on. */
export default async function prepare(whole, project) {
  await bundleTests(whole, project);
  await bundleCore();
}
