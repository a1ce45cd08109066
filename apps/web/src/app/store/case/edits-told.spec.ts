import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { patched, type BankOf, type JobDocument, type Patch } from '@zabble/core';
import { IN_ENGLISH } from '../../words/words.spec-data';
import { differences } from '../job/differences';
import { merged } from '../job/merged';
import { newJob } from '../job/new-job';
import { unitPatches } from '../job/unit-patches';
import { bankIn, doorAway, doorOver, openIn, shelvesIn, traysIn } from './hold-edits';
import { alikeNodes, hasDoor, holds, mergeNode, splitNode } from './layout-edits';
import { nodesOf, type WrittenCase } from './nodes';
import { planned } from './planned.spec-data';
import { caseAround } from './whole-case';

const demo = (name: string): JobDocument =>
  JSON.parse(readFileSync(`${__dirname}/../../../../../../examples/${name}.json`, 'utf8')) as JobDocument;

/** With a case made around what stands in openings of its own. */
function whole(document: JobDocument): JobDocument {
  const [first, ...rest] = document.cases as readonly WrittenCase[];
  if (!first || first.build) return document;
  return { ...document, cases: [caseAround(document, first, planned(document).banks), ...rest] } as JobDocument;
}

const digest = (what: unknown): string =>
  createHash('sha256')
    .update(JSON.stringify(what ?? null))
    .digest('hex')
    .slice(0, 8);

const DEMOS = ['flag-chest', 'notions-bank', 'rope-bench', 'signal-locker', 'splicing-bench'];
const JOBS: readonly (readonly [string, JobDocument])[] = [
  ...DEMOS.map((name) => [name, whole(demo(name))] as const),
  ...(['in', 'mm'] as const).map((unit) => [`new, in ${unit}`, whole(newJob(unit))] as const),
];

/** Every edit of a case that can be made of a compartment. */
function edits(document: JobDocument): readonly (readonly [string, unknown])[] {
  const [path, owner] = ['cases[0]', document.cases[0] as WrittenCase];
  const { casework } = planned(document);
  if (!owner.layout || !casework) throw new Error('no case');
  const found = nodesOf(owner.layout, `${path}.layout`).flatMap(({ node: { id } }) => [
    [`split ${id}`, [splitNode(owner, path, id, 'across'), splitNode(owner, path, id, 'down')]] as const,
    [`join ${id}`, [mergeNode(owner, path, id), alikeNodes(owner, path, id)]] as const,
    [
      `holds ${id}`,
      [holds(owner, id), hasDoor(owner, id), openIn(owner, path, id), shelvesIn(owner, path, id, 2)],
    ] as const,
    [`bank in ${id}`, bankIn(document, owner, path, casework, id, 3, new Set(['b9']))] as const,
    [`door over ${id}`, [doorOver(document, owner, path, casework, id), doorAway(owner, path, id)]] as const,
  ]);
  const trays = owner.banks.map(({ id }, at) => {
    const of = (fronted: boolean) => traysIn(document, owner, `${path}.banks[${at}]`, casework, fronted);
    return [`trays ${id}`, [of(true), of(false)]] as const;
  });
  return [...found, ...trays];
}

/** What somebody else may have changed meanwhile. */
const THEIRS = (document: JobDocument): readonly (readonly Patch[])[] => {
  const bank = 'cases[0].banks[0]';
  const [first] = document.cases[0]?.banks as readonly BankOf<string>[];
  return [
    [{ path: 'name', value: 'Theirs' }],
    [{ path: `${bank}.drawers[0].name`, value: 'Fids' }],
    [{ path: `${bank}.drawers`, value: first?.drawers.slice(1) }],
    [{ path: `${bank}.slide`, value: { family: 'wood-runner' } }],
    [
      { path: `${bank}.division`, value: { scheme: 'step', step: '20 mm' } },
      { path: `${bank}.front.gap`, value: '4 mm' },
    ],
    [
      { path: 'notes', value: 'dry' },
      { path: 'survey', value: 'careful' },
    ],
    [{ path: 'cases[0].banks', value: [] }],
  ];
};

/**
 * What edits write stays what it is until somebody means to change it: digests of it; `npm run jest -- edits-told -u` writes
 * them down anew.
 * @alone found by its name
 */
describe.each(JOBS)('%s', (_, document) => {
  it('is edited as it was', () => {
    expect(edits(document).map(([name, made]) => `${name}: ${digest(made)}`)).toMatchSnapshot();
  });

  it('is put in other units, told apart and put together as it was', () => {
    const theirs = THEIRS(document).map((patches) => patched(document, patches));
    const units = (['in', 'mm'] as const).map((unit) => unitPatches(document, unit));
    const told = theirs.map((each, at) => [
      differences(document, each, IN_ENGLISH),
      differences(each, document, IN_ENGLISH),
      merged(document, each, theirs[(at + 1) % theirs.length] as JobDocument),
    ]);
    expect([digest(document), digest(units), ...told.map(digest)]).toMatchSnapshot();
  });
});
