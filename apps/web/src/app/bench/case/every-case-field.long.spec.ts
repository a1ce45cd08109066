import '@angular/localize/init';
import { DialogRef } from '@angular/cdk/dialog';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { provideHttpClient } from '@angular/common/http';
import { provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideStore, Store } from '@ngrx/store';
import { ENGLISH, jobSchema, patched, type JobDocument, type Patch } from '@zabble/core';
import { panelsOf, sizeIn } from '../../store/case/whole-case';
import { JobActions } from '../../store/job/job.actions';
import { jobFeature } from '../../store/job/job.reducer';
import { selectPlan, writingOf } from '../../store/job/job.selectors';
import { logFeature } from '../../store/log/log.reducer';
import { SessionActions, sessionFeature } from '../../store/session/session';
import { LANGUAGE, WRITING } from '../../words/speech';
import { WAY_GROUPS } from './case-ways';
import { RoomCard } from './room-card';
import { WayPicture } from './way-picture';
import { WholeCase } from './whole-case';

const AT = '2026-11-28T10:00:00.000Z';
const WHOLE = JSON.parse(
  readFileSync(join(__dirname, '../../../../../../examples/splicing-bench.json'), 'utf8'),
) as JobDocument;
const SCHEMA = jobSchema() as unknown as Shape & { readonly $defs: Readonly<Record<string, Shape>> };
const BUILD = 'cases[0].build';

/** Where something is written by a deed, or stands in its place by what was pressed; or belongs to what is not there yet. */
const EXCEPT = [
  /\.(compartment|kind)$/,
  /\.id$/,
  /^build\.(top|bottom)\.letIn$/,
  /^layout\..*\.(across|down)/,
  /^build\.place\.fillers\.top$/,
  // By the button over the compartment it closes; like what a row from a sheet was begun.
  /^doors\[\]\.over$/,
  /^hinges\[\]\.like$/,
  // Chosen by a picture.
  /^build\.(top|bottom)\.lie$/,
  /^build\.frame\.through$/,
  // A tilt-out's door is told what it is of, how it hangs and what it laps by; its lower edge is its hinge line.
  /^tiltOuts\[\]\.door\.(bottom|gap|leaves|band|frame|hinge|plates|opens|pull|opening|basis|stop|lines|trial)\b/,
];

/** A case with something in every list, a compartment with shelves taken up, another that is to fit a thing. */
const FULL: readonly Patch[] = [
  { path: `${BUILD}.notches`, value: [{ member: 'case-back', steps: [{ height: '3 in', depth: '1/2 in' }] }] },
  ...['left', 'right', 'back'].map((wall) => ({
    path: `${BUILD}.place.walls.${wall}`,
    value: [{ y: '1 in', in: '0 in' }],
  })),
  { path: `${BUILD}.cleats`, value: { material: 'ply18', width: '3 in' } },
  { path: `${BUILD}.band`, value: { thickness: '1/32 in', members: {} } },
  {
    path: 'cases[0].keepOuts',
    value: [
      {
        ...{ compartment: 'rope', name: 'still', x: '0 in', y: '0 in', z: '20 in' },
        ...{ width: '2 in', height: '2 in', depth: '2 in' },
      },
    ],
  },
  {
    path: 'cases[0].cutOuts',
    value: [{ member: 'case-back', x: '9 in', y: '9 in', width: '2 in', height: '2 in' }],
  },
  { path: 'cases[0].measured', value: [{ compartment: 'rope', width: ['18 in'] }] },
  {
    path: 'cases[0].doors',
    value: [
      {
        ...{
          id: 'o1',
          over: 'rope',
          mount: 'overlay',
          top: '1/2 in',
          bottom: '1/2 in',
          left: '1/2 in',
          right: '1/2 in',
        },
        ...{ gap: '1/8 in', material: 'ply18', hinge: { family: 'h1' }, basis: 'as-built', pull: {} },
        opening: { width: ['18 in'], height: ['20 in'] },
        trial: { tab: '3/16 in', plate: '0 in', overlay: '1/2 in' },
        frame: { stile: '2 in', groove: '3/8 in', play: '1/8 in', panel: 'ply18' },
      },
    ],
  },
  { path: 'hinges', value: [{ id: 'h1', like: 'cup-110-full' }] },
  {
    path: 'cases[0].tiltOuts',
    value: [{ id: 't1', compartment: 'tools', bin: { width: '5 in', depth: '5 in', height: '9 in' }, door: {} }],
  },
  {
    path: 'cases[0].boards',
    value: [
      {
        ...{ id: 'w1', compartment: 'tools', material: 'ply18', length: '12 in' },
        edging: { material: 'ply18', width: '1 in', edges: ['front'] },
      },
    ],
  },
  { path: 'cases[0].lids', value: [{ id: 'l1', material: 'ply18' }] },
  { path: 'cases[0].uprights', value: [{ compartment: 'tools', count: 2, material: 'ply18', groove: '1/4 in' }] },
  { path: 'cases[0].at', value: { x: '0 in', z: '0 in' } },
  {
    path: 'room',
    value: {
      height: '96 in',
      walls: [
        {
          id: 'n',
          from: ['0 in', '0 in'],
          to: ['9 in', '0 in'],
          casings: [{ at: '0 in', width: '9 in', out: '1 in' }],
        },
      ],
      things: [{ id: 's', x: '0 in', z: '90 in', width: '9 in', depth: '9 in', height: '9 in' }],
    },
  },
];
/** One of one piece, banded, planned, on a hinge of the table. */
const PLAIN_DOOR: readonly Patch[] = [
  { path: 'cases[0].doors[0].frame', value: undefined },
  { path: 'cases[0].doors[0].band', value: { thickness: '1/32 in', edges: ['top'] } },
  { path: 'cases[0].doors[0].basis', value: undefined },
  { path: 'cases[0].doors[0].hinge.family', value: 'cup-110-full' },
];

/** Once for every look: to compile the screens anew takes most of the time there is. */
function begin(): void {
  TestBed.configureTestingModule({
    providers: [
      ...[provideZonelessChangeDetection(), provideRouter([]), provideHttpClient(), provideHttpClientTesting()],
      provideStore({ job: jobFeature.reducer, log: logFeature.reducer, session: sessionFeature.reducer }),
      { provide: DialogRef, useValue: {} },
      { provide: LANGUAGE, useValue: ENGLISH },
      { provide: WRITING, useFactory: () => TestBed.inject(Store).selectSignal(writingOf) },
    ],
  });
  // Ways are told apart by their fields here, not by their pictures.
  TestBed.overrideComponent(WayPicture, { set: { template: '' } });
}

/** `groups`: the ways of making that are opened. */
async function fieldsShown(
  document: JobDocument,
  node: string,
  groups: readonly string[],
): Promise<ReadonlySet<string>> {
  const store = TestBed.inject(Store);
  store.dispatch(JobActions.open({ id: 'j' }));
  store.dispatch(
    JobActions.opened({
      job: { id: 'j', revision: 1, document, createdAt: AT, updatedAt: AT },
      document,
      sync: 'kept',
    }),
  );
  store.dispatch(SessionActions.nodeChosen({ node: { case: 'c1', id: node } }));
  const owner = store.selectSignal(selectPlan)()?.cases[0];
  const fixture = TestBed.createComponent(WholeCase);
  fixture.componentRef.setInput('plan', owner);
  fixture.componentRef.setInput('casework', owner?.casework);
  await fixture.whenStable();
  const room = TestBed.createComponent(RoomCard);
  await room.whenStable();
  const element = fixture.nativeElement as HTMLElement;
  const shown = [element, room.nativeElement as HTMLElement];
  const found = new Set<string>();
  const collect = (): void =>
    shown
      .flatMap((each) => [...each.querySelectorAll('[data-path]')])
      .forEach((each) => {
        const path = each.getAttribute('data-path') ?? '';
        found.add(path.replace(/^cases\[0\]\./, '').replace(/\[\d+\]/g, '[]'));
      });
  collect();
  for (const each of element.querySelectorAll<HTMLElement>('[aria-expanded]')) {
    if (!groups.some((group) => each.textContent.includes(group))) continue;
    each.click();
    await fixture.whenStable();
    collect();
  }
  fixture.destroy();
  room.destroy();
  return found;
}

interface Shape {
  readonly $ref?: string;
  readonly properties?: Readonly<Record<string, Shape>>;
  readonly items?: Shape;
  readonly anyOf?: readonly Shape[];
}

/** Leaves of a shape of the schema, by their paths. */
function leaves(shape: Shape, path: string, within: readonly string[] = []): readonly string[] {
  if (shape.$ref) {
    if (within.includes(shape.$ref)) return [];
    const named = SCHEMA.$defs[shape.$ref.split('/').at(-1) ?? ''];
    return named ? leaves(named, path, [...within, shape.$ref]) : [];
  }
  const own = Object.entries(shape.properties ?? {}).flatMap(([name, each]) => leaves(each, `${path}.${name}`, within));
  const more = (shape.anyOf ?? []).filter(({ $ref, properties, items }) => $ref ?? properties ?? items);
  const inside = [...own, ...more.flatMap((each) => leaves(each, path, within))];
  if (shape.items) inside.push(...leaves(shape.items, `${path}[]`, within));
  return inside.length > 0 ? inside : [path];
}

describe('every field of how a case is made, divided and furnished', () => {
  it('is on a screen', async () => {
    begin();
    const full = patched(WHOLE, FULL);
    const build = full.cases[0]!.build!;
    const { panel, back } = panelsOf(full);
    const usual = { size: sizeIn(full.unit), panel, thin: back, front: full.materials.at(-1)?.id ?? panel };
    const groups = WAY_GROUPS.map(({ field, title, ways: all, fields: of }) =>
      all
        .filter(({ id }) => of[id])
        .map((way) => ({ title, patch: { path: `${BUILD}.${field}`, value: way.value(usual, build) } })),
    );
    // A way of every group at a time: what one shows hides nothing of another.
    const rounds = Array.from({ length: Math.max(...groups.map(({ length }) => length)) }, (_, index) =>
      groups.flatMap((ways) => ways[index] ?? []),
    );
    const found = new Set<string>();
    const look = async (patches: readonly Patch[], node = 'rope', titles: readonly string[] = []) =>
      (await fieldsShown(patched(full, patches), node, titles)).forEach((field) => found.add(field));
    await look([]);
    await look([
      { path: `${BUILD}.place`, value: undefined },
      { path: `${BUILD}.width`, value: '69 in' },
    ]);
    await look([{ path: 'cases[0].layout.across[0].fit', value: { width: '9 in' } }], 'tools');
    await look([{ path: 'cases[0].layout.across[2].between', value: 'shelf' }]);
    await look(PLAIN_DOOR);
    for (const ways of rounds)
      await look(
        ways.map(({ patch }) => patch),
        'rope',
        ways.map(({ title }) => title),
      );
    const { properties = {} } = SCHEMA.properties?.['cases']?.items ?? {};
    const fields = [
      ...['build', 'shelves', 'keepOuts', 'cutOuts', 'measured', 'doors'],
      ...['tiltOuts', 'boards', 'lids', 'uprights', 'at'],
    ].flatMap((name) => (properties[name] ? leaves(properties[name], name) : []));
    fields.push(...leaves(SCHEMA.properties?.['hinges'] ?? {}, 'hinges'));
    fields.push(...leaves(SCHEMA.properties?.['room'] ?? {}, 'room'));
    expect(fields.length).toBeGreaterThan(100);
    // A list written in one field stands for what is in it; so do ticks.
    const isThere = (field: string): boolean => found.has(field) || found.has(field.replace(/\[\]$/, ''));
    expect(fields.filter((field) => !isThere(field) && !EXCEPT.some((except) => except.test(field)))).toEqual([]);
    const ofNode = ['size', 'share', 'fit', 'fit.name', 'fit.of', 'fit.width', 'fit.height'];
    for (const name of ofNode)
      expect([...found].some((each) => each.startsWith('layout.') && each.endsWith(name))).toBe(true);
  });
});
