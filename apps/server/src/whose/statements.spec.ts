import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';

const SERVER = join(__dirname, '../..');
const SQL = /^\s*(?:SELECT|INSERT|UPDATE|DELETE|REPLACE|WITH)\b/;

/** Tables whose rows are a shop’s, by the migrations: they have a column that says whose. */
function tablesOfShops(): ReadonlySet<string> {
  const tables = new Set<string>();
  for (const name of readdirSync(join(SERVER, 'migrations'))) {
    const sql = readFileSync(join(SERVER, 'migrations', name), 'utf8');
    for (const [, made, table = ''] of sql.matchAll(/(CREATE|ALTER) TABLE (?:IF NOT EXISTS )?`?(\w+)/g)) {
      const statement = sql.slice(
        sql.indexOf(`${made} TABLE`, sql.search(new RegExp(`${made} TABLE[^;]*\\b${table}\\b`))),
      );
      if (/(?:^|\s)shop CHAR/.test(statement.split(/;\s*$/m)[0] ?? '')) tables.add(table);
    }
  }
  return tables;
}

/** Everything that is written as text in a program: a template with its pieces put together. */
function textsIn(file: string): readonly string[] {
  const texts: string[] = [];
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const visit = (node: ts.Node): void => {
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) texts.push(node.text);
    else if (ts.isTemplateExpression(node)) texts.push(node.getText().slice(1, -1));
    ts.forEachChild(node, visit);
  };
  visit(source);
  return texts;
}

const sources = readdirSync(join(SERVER, 'src'), { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.ts') && !/spec/.test(name))
  .map((name) => join(SERVER, 'src', name));

/** Statements that say no shop, each with why it needs none. */
const OF_NO_SHOP: readonly (readonly [file: string, statement: RegExp, why: string])[] = [
  ['erasing/repository.ts', /./, 'what was deleted long ago is erased by its id, in all shops alike'],
  [
    'found/settling-repository.ts',
    /./,
    'what is written for looking things up is settled row by row, in all shops alike',
  ],
  ['jobs/listing-repository.ts', /WHERE \$\{/, 'whereOf, from which its condition is, begins with the shop'],
  ['log/repository.ts', /MAX\(seq\) AS last/, 'of jobs that are followed: each was asked for in its shop before'],
  ['network/repository.ts', /SET seen_at/, 'of a device by its own id, told by the pass it showed'],
];

it('no statement touches what belongs to shops without saying which shop', () => {
  const tables = tablesOfShops();
  expect(tables.size).toBeGreaterThan(15);
  const found = sources.flatMap((file) =>
    textsIn(file)
      .filter((text) => SQL.test(text))
      .filter((text) =>
        [...text.matchAll(/\b(?:FROM|JOIN|INTO|UPDATE)\s+`?(\w+)/g)].some(([, t = '']) => tables.has(t)),
      )
      .filter((text) => !/\bshop\b/.test(text))
      .map((text) => `${relative(join(SERVER, 'src'), file)}: ${text.replaceAll(/\s+/g, ' ').trim()}`),
  );
  const unknown = found.filter(
    (each) => !OF_NO_SHOP.some(([file, like]) => each.startsWith(`${file}:`) && like.test(each)),
  );
  expect(unknown).toEqual([]);
  // None is let pass that is no longer there.
  expect(
    OF_NO_SHOP.filter(([file, like]) => !found.some((each) => each.startsWith(`${file}:`) && like.test(each))),
  ).toEqual([]);
});
