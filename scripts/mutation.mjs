import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import { Instrumenter } from '@stryker-mutator/instrumenter';
import { foldersOf, isTold, sampleOf, sourcesOf } from './lib/mutants.mjs';
import { ROOT } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { main, say, Stop } from './lib/say.mjs';

const USAGE =
  'mutation wants: npm run mutation -- [--sample 300] [--seed 1] [--beside] [core/ROOM | server/FOLDER | web/store …]';
/** What must be killed, in per cent, by the workspace. */
const WANTED = { core: 90, server: 80, web: 80 };
/** Each run of their tests begins a database: those of the folder are quick enough. */
const BESIDE = new Set(['server']);
const QUIET = { debug() {}, error() {}, fatal() {}, info() {}, trace() {}, warn() {}, isDebugEnabled: () => false };

/**
 * Changes the code in small ways and sees whether a test notices: in every folder asked for a sample of changes, the same
 * ones for the same seed. All tests of a workspace that come to a change are tried, and what lives by the long ones of its
 * folder; of the server, and with `--beside`, those of the folder alone, which is quick. Not part of `npm test`: it takes hours
 * for the whole.
 */
await main(async () => {
  const { sample, seed, beside, folders } = readArguments(process.argv.slice(2));
  const places = new Map();
  for (const each of folders) places.set(each, await sampled(sourcesOf(each.folder), sample, seed));
  const chosen = folders.filter((each) => places.get(each).length > 0);
  const isBeside = ({ workspace }) => beside || BESIDE.has(workspace);
  const told = [];
  const tell = (each) => {
    told.push(each);
    say(`${each.workspace}/${each.name}: ${rateOf(each)} killed${isEnough(each) ? '' : ' TOO FEW'}`);
    for (const { says } of each.lived) say(`  lived: ${says}`);
  };
  const untried = await byTestsBeside(chosen.filter(isBeside), places, tell);
  await byAllTests(
    chosen.filter((each) => !isBeside(each)),
    places,
    tell,
  );
  for (const workspace of new Set(told.map((each) => each.workspace)))
    say(`${workspace}: ${rateOf(inAll(told.filter((each) => each.workspace === workspace)))} killed`);
  const short = told.filter((each) => !isEnough(each));
  if (untried.length > 0) throw new Stop(`Not tried: ${untried.join(', ')}.`);
  if (short.length > 0) throw new Stop(`${short.length} of ${folders.length} folders are below what is wanted.`);
});

function readArguments(words) {
  const options = { sample: 300, seed: 1 };
  const asked = [];
  let beside = false;
  for (let at = 0; at < words.length; at += 1) {
    const option = words[at].slice(2);
    if (!words[at].startsWith('--')) asked.push(words[at]);
    else if (option === 'beside') beside = true;
    else if (option in options && Number.isInteger(Number(words[at + 1]))) options[option] = Number(words[(at += 1)]);
    else throw new Stop(USAGE);
  }
  const all = foldersOf(Object.keys(WANTED));
  const folders =
    asked.length === 0 ? all : all.filter(({ workspace, name }) => asked.includes(`${workspace}/${name}`));
  if (folders.length < asked.length)
    throw new Stop(`${USAGE}\nThere are: ${all.map(({ workspace, name }) => `${workspace}/${name}`).join(', ')}`);
  return { ...options, beside, folders };
}

/** Places of a sample of changes, as the tool wants them. */
async function sampled(files, most, seed) {
  const read = files.map((name) => ({ name, content: readFileSync(join(ROOT, name), 'utf8'), mutate: true }));
  const none = { ignorers: [], excludedMutations: [], plugins: null };
  const { mutants } = await new Instrumenter(QUIET).instrument(read, none);
  const contents = new Map(read.map(({ name, content }) => [name, content]));
  const telling = mutants.filter((each) => isTold(each, contents.get(each.fileName)));
  return sampleOf(telling, most, seed).map(({ fileName, location: { start, end } }) => {
    // Lines count from one here and from nought there.
    const at = ({ line, column }) => `${line + 1}:${column}`;
    return `${fileName}:${at(start)}-${at(end)}`;
  });
}

/** Where nothing could be tried (all of it is done as a module loads) nothing is short. */
function shareOf({ killed, lived }) {
  const all = killed.length + lived.length;
  return all === 0 ? 100 : (100 * killed.length) / all;
}

function isEnough(each) {
  return shareOf(each) >= WANTED[each.workspace];
}

function rateOf(each) {
  return `${each.killed.length} of ${each.killed.length + each.lived.length}, ${shareOf(each).toFixed(1)} %,`;
}

/** Folder by folder, by the tests that stand in it, each told when it is done; which could not be tried. */
async function byTestsBeside(folders, places, tell) {
  const untried = [];
  for (const each of folders) {
    const { workspace, name, folder } = each;
    const mutate = places.get(each);
    try {
      const found = testsIn(folder).some((test) => !isLong(test))
        ? await mutated(workspace, name, mutate, basename(folder))
        : undefined;
      tell({ workspace, name, ...(found ?? untouched(mutate)) });
    } catch (problem) {
      sayWhy(problem);
      untried.push(`${workspace}/${name}`);
    }
  }
  return untried;
}

/** All folders of a workspace at once: to find out which test comes to what takes minutes. */
async function byAllTests(folders, places, tell) {
  for (const workspace of new Set(folders.map((each) => each.workspace))) {
    const own = folders.filter((each) => each.workspace === workspace);
    const found = await mutated(
      workspace,
      workspace,
      own.flatMap((each) => places.get(each)),
    );
    for (const each of own) {
      const inIt = (those) => those.filter(({ place }) => place.startsWith(`${each.folder}/`));
      const known = found && { killed: inIt(found.killed), lived: inIt(found.lived) };
      tell({ workspace, name: each.name, ...(await byLongTests(each, known ?? untouched(places.get(each)))) });
    }
  }
}

/** What lived, tried again by the long tests of its folder: too long for every change. */
async function byLongTests({ workspace, name, folder }, { killed, lived }) {
  if (lived.length === 0 || !testsIn(folder).some(isLong)) return { killed, lived };
  const places = [...new Set(lived.map(({ place }) => place))];
  const found = await mutated(workspace, name, places, basename(folder), 'long').catch(sayWhy);
  const keyOf = ({ place, says }) => `${place} ${says}`;
  const seen = new Set(found?.killed.map(keyOf));
  const isSeen = (each) => seen.has(keyOf(each));
  return { killed: [...killed, ...lived.filter(isSeen)], lived: lived.filter((each) => !isSeen(each)) };
}

/** What takes hours is not lost by one test that failed beforehand. */
function sayWhy(problem) {
  if (!(problem instanceof Stop)) throw problem;
  say(problem.message);
}

function inAll(those) {
  return { killed: those.flatMap(({ killed }) => killed), lived: those.flatMap(({ lived }) => lived) };
}

/** What no test comes to lives. */
function untouched(places) {
  return { killed: [], lived: places.map((place) => ({ place, says: `${place}: no test comes to it` })) };
}

function testsIn(folder) {
  const names = readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' });
  return names.filter((name) => name.endsWith('.spec.ts'));
}

function isLong(name) {
  return name.endsWith('.long.spec.ts');
}

/** Undefined where none of the tests comes to what is changed; `which` are the long ones or, not told, the others. */
async function mutated(workspace, name, mutate, beside, which = '') {
  const report = join(tmpdir(), `zabble-mutation-${process.pid}.json`);
  const config = join(tmpdir(), `zabble-stryker-${process.pid}.config.json`);
  writeFileSync(config, JSON.stringify(configFor(workspace, mutate, report, beside)));
  try {
    const { code, text } = await run('npx', ['stryker', 'run', config], {
      quiet: !process.env.ZABBLE_MUTATION_LOG,
      env: {
        ...{ ZABBLE_MUTATION: workspace, ZABBLE_MUTATION_BESIDE: beside ?? '', ZABBLE_MUTATION_WHICH: which },
        ZABBLE_TESTS: beside ? '' : 'in-one',
      },
    });
    if (code !== 0 && text.includes('No tests were executed')) return undefined;
    if (code !== 0) throw new Stop(`${workspace}/${name} could not be tried:\n${text.trim().slice(-3000)}`);
    return counted(JSON.parse(readFileSync(report, 'utf8')).files);
  } finally {
    rmSync(config, { force: true });
    rmSync(report, { force: true });
  }
}

function configFor(workspace, mutate, fileName, beside) {
  return {
    testRunner: 'jest',
    jest: { projectType: 'custom', configFile: 'jest.mutation.mjs', enableFindRelatedTests: true },
    // What is set up before the tests of a folder is of all of them: they are few, and tried together.
    coverageAnalysis: beside ? 'all' : 'perTest',
    // What is done once as a module loads would want every test for every change: left out where that is many, and said.
    ignoreStatic: !beside,
    // What never ends is noticed, what is only slow beside others is not.
    timeoutMS: 30_000,
    mutate,
    concurrency: workspace === 'server' ? 1 : Math.max(1, availableParallelism()),
    reporters: ['json', 'progress-append-only'],
    jsonReporter: { fileName },
    tempDirName: join(tmpdir(), `zabble-mutation-${process.pid}`),
    ignorePatterns: ['.angular', '.zabble', '.together', 'dist', 'test-results', 'docs/screenshots'],
    warnings: false,
    logLevel: 'info',
  };
}

/** Lines count from one here and from nought there, columns likewise. */
function fromNought({ replacement, location: { start, end } }) {
  const at = ({ line, column }) => ({ line: line - 1, column: column - 1 });
  return { replacement, location: { start: at(start), end: at(end) } };
}

function counted(files) {
  const all = Object.entries(files).flatMap(([file, { mutants, source }]) =>
    // What came along within a place.
    mutants
      .filter((each) => isTold(fromNought(each), source))
      .map(({ status, location: { start, end }, mutatorName, replacement = '' }) => ({
        status,
        place: `${file}:${start.line}:${start.column - 1}-${end.line}:${end.column - 1}`,
        says: `${file}:${start.line} ${mutatorName}: ${replacement.replace(/\s+/g, ' ').slice(0, 80)}`,
      })),
  );
  const of = (...those) => all.filter(({ status }) => those.includes(status));
  return { killed: of('Killed', 'Timeout'), lived: of('Survived', 'NoCoverage') };
}
