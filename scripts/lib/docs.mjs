import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { format } from 'oxfmt';
import { ROOT } from './paths.mjs';
import { run } from './run.mjs';
import { say, Stop } from './say.mjs';

const SCHEMA = join(ROOT, 'docs/job-file.schema.json');
const TEXT = join(ROOT, 'docs/job-file.md');
const HOW = JSON.parse(readFileSync(join(ROOT, '.oxfmtrc.json'), 'utf8'));
const FIELDS = /(<!-- fields: written by the build -->)[\s\S]*?(<!-- end of fields -->)/;

/** Writes what the documentation takes from the code: the schema of the job file and the table of its fields. */
export async function writeDocs() {
  await write(SCHEMA, await printed('format'));
  const fields = await printed('format', '--fields');
  await write(
    TEXT,
    readFileSync(TEXT, 'utf8').replace(FIELDS, (_, begin, end) => `${begin}\n\n${fields}\n${end}`),
  );
}

async function printed(...args) {
  const { code, text } = await run('npx', ['tsx', 'packages/cli/src/main.ts', ...args], { quiet: true });
  if (code !== 0) throw new Stop(`The documentation could not be written:\n${text.trim().slice(-2000)}`);
  // npm may speak of its own settings on standard error.
  return text.replace(/^npm .*\n/gm, '');
}

async function write(file, text) {
  const { code: whole, errors } = await format(file, text, HOW);
  if (errors.length > 0) throw new Stop(`The documentation could not be written: ${errors[0].message}`);
  if (whole === readFileSync(file, 'utf8')) return;
  writeFileSync(file, whole);
  say(`Written: ${file.slice(ROOT.length + 1)}`);
}
