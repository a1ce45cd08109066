import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';

/** What ships: the application in the browser, the server and the command line, each with what it stands on. */
const SHIPPED = ['apps/web', 'apps/server', 'packages/cli', 'packages/contract', 'packages/core'];

/** What these depend on are tools at the command line that never ship: only their own files do. */
const OWN_FILES_ONLY = ['@angular/localize'];

/**
 * The packages that ship with Zabble, by name and version, from the lock file: what its parts depend on and what that
 * depends on.
 */
export function shippedPackages(lock = readJson('package-lock.json')) {
  const { packages } = lock;
  const found = new Map();
  const waiting = SHIPPED.map((path) => [path, packages[path]]);
  for (const [from, entry] of waiting) {
    for (const name of Object.keys({ ...entry?.dependencies, ...entry?.optionalDependencies })) {
      const path = placeOf(packages, from, name);
      if (path === undefined || found.has(path) || packages[path].link) continue;
      const { version, cpu, optional } = packages[path];
      // What is built for one kind of machine ships with that machine's install.
      found.set(path, { name, version, path, everywhere: cpu === undefined && optional !== true });
      if (!OWN_FILES_ONLY.includes(name)) waiting.push([path, packages[path]]);
    }
  }
  const once = new Map([...found.values()].map((each) => [`${each.name} ${each.version}`, each]));
  return [...once.values()].sort((one, other) =>
    `${one.name} ${one.version}` < `${other.name} ${other.version}` ? -1 : 1,
  );
}

/** Where a package that `from` asks for lies: beside it, or in a folder above. */
function placeOf(packages, from, name) {
  for (let folder = from; ; folder = folder.replace(/(^|\/)[^/]*$/, '')) {
    const path = folder === '' ? `node_modules/${name}` : `${folder}/node_modules/${name}`;
    if (packages[path]) return path;
    if (folder === '') return undefined;
  }
}

/** The notices as Markdown: every package with its licence and, once for all that have the same, its text. */
export function notices() {
  const texts = new Map();
  const rows = shippedPackages().flatMap(({ name, version, path }) => {
    // Built for another machine.
    if (!existsSync(join(ROOT, path))) return [];
    const { license } = readJson(`${path}/package.json`);
    const text = licenceText(path);
    if (text !== '') texts.set(text, [...(texts.get(text) ?? []), `${name} ${version}`]);
    return [`| ${name} | ${version} | ${typeof license === 'string' ? license : 'see its text'} |`];
  });
  const all = [...texts].map(([text, names]) => `### ${names.join(', ')}\n\n\`\`\`text\n${text}\n\`\`\``);
  return `${HEAD}| package | version | licence |\n| --- | --- | --- |\n${rows.join('\n')}\n\n## Texts\n\n${all.join('\n\n')}\n`;
}

const HEAD = `# What others made that ships with Zabble

Written by \`npm run notices\` from what is installed; a test compares it with the lock file. Zabble’s own licence is in
LICENSE.

`;

function licenceText(path) {
  const name = readdirSync(join(ROOT, path)).find((each) => /^(licen[cs]e|copying)/i.test(each));
  if (name === undefined) return '';
  const text = readFileSync(join(ROOT, path, name), 'utf8');
  // Names stay as they are; mail addresses are nobody's business here.
  return text
    .replace(/\r/g, '')
    .replaceAll('```', "'''")
    .replace(/ ?[<(]?[\w.+-]+@[\w.-]+\.\w+[>)]?/g, '')
    .trim();
}

function readJson(path) {
  return JSON.parse(readFileSync(join(ROOT, path), 'utf8'));
}
