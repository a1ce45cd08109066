const { createHash } = require('node:crypto');
const { existsSync, readdirSync, readFileSync } = require('node:fs');
const { dirname, join, relative, sep } = require('node:path');
const { buildSync } = require('esbuild');

/**
 * A test looks each global up in a world of its own, by name, every time: those that no test puts another in place of are looked
 * up once.
 */
const GLOBALS = [
  ...['Array', 'BigInt', 'Boolean', 'Error', 'Infinity', 'Intl', 'JSON', 'Map', 'Math', 'NaN', 'Number', 'Object'],
  ...['Promise', 'RangeError', 'RegExp', 'Set', 'String', 'Symbol', 'TypeError', 'WeakMap', 'WeakSet'],
  ...['Int32Array', 'Uint8Array', 'expect', 'isNaN', 'parseFloat', 'parseInt'],
];
const OWN_GLOBALS = `const { ${GLOBALS.join(', ')} } = globalThis;`;

/** How ours are put together, for a test file and for the whole of core alike. */
const TOGETHER = {
  bundle: true,
  platform: 'node',
  format: 'cjs',
  target: 'es2022',
  sourcemap: 'inline',
  sourcesContent: false,
  banner: { js: OWN_GLOBALS },
  logLevel: 'error',
};
const CACHE = join(__dirname, '../../node_modules/.cache/zabble');

/**
 * Has a test file and all of ours that it asks for in one: as modules of their own they take longer to load than most tests
 * take to run, and each word from one to another goes by a getter. Packages stay what they are, but for what sets tests up.
 */
module.exports = {
  TOGETHER,

  process(source, file, { config }) {
    const made = bundleOf(config.rootDir, file);
    if (existsSync(made)) return { code: readFileSync(made, 'utf8') };
    const { outputFiles } = buildSync({
      ...TOGETHER,
      stdin: { contents: source, resolveDir: dirname(file), sourcefile: file, loader: 'ts' },
      write: false,
      outfile: file,
      packages: file.endsWith('.spec.ts') ? 'external' : 'bundle',
    });
    return { code: outputFiles[0].text };
  },

  /** Another as soon as any file is another that could be in it. */
  getCacheKey(source, file, { config, configString }) {
    const parts = [source, file, configString, stateOf(config.rootDir)];
    return parts.reduce((hash, part) => hash.update(part), createHash('sha256')).digest('hex');
  },

  bundlesOf,
  bundleOf,
};

/** Where a test file of a workspace is found put together, if it was. */
function bundleOf(root, file) {
  return join(bundlesOf(root), relative(root, file).replace(/\.ts$/, '.js'));
}

/** Where all test files of a workspace are put together at once, as its sources are now. */
function bundlesOf(root) {
  return join(CACHE, `tests-of-${root.split(sep).at(-1)}`, stateOf(root));
}

const states = new Map();

/** Of all sources of a workspace, read once by each process. */
function stateOf(root) {
  const known = states.get(root);
  if (known !== undefined) return known;
  const hash = createHash('sha256').update(root).update(readFileSync(__filename));
  const folder = join(root, 'src');
  for (const name of readdirSync(folder, { recursive: true, encoding: 'utf8' }).sort())
    if (/\.(?:ts|json)$/.test(name)) hash.update(name).update(readFileSync(join(folder, name)));
  const state = hash.digest('hex').slice(0, 20);
  states.set(root, state);
  return state;
}
