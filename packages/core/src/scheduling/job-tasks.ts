import { everyDoor } from '../pullouts';
import { isBought } from '../mounting';
import { gluedFaces, shown } from '../costing';
import { said, saidKey } from '../words';
import { materialCalled, type CutPart } from '../cutting';
import type { Said } from '../length';
import { Chain, type Draft } from './chain';
import { byCase, byStage, ofJob, pullBores, type Counted } from './counted';
import { addFinishing, finishingOf, hardAfter } from './finish-tasks';
import { among } from './goods';
import type { WorkPlace } from './problem';
import type { Part } from './shares';
import type { Stage } from './stages';
import type { Good, Task, TaskKind } from './task';
import { told } from './told';

/** What is done at a desk or in the room before anything is counted: minutes made up, common practice. */
const SURVEY = 30;
const ORDER = 15;

export interface TasksOf {
  readonly job: string;
  readonly counted: Counted;
  readonly goods: ReadonlyMap<string, Good>;
  /** Minutes of the longest opening anybody works. */
  readonly longest: number;
}

/**
 * Every task of a job in the order of the work (common practice: the order of work, and the gates of its parts), with the
 * minutes its price counts shared out over them, each rounded up to the minute. Pure; bound by parts, cases and coats.
 */
export function tasksOf(of: TasksOf): readonly Task[] {
  const chain = new Chain(of.job, of.longest);
  const maker = new Maker(chain, of);
  maker.all();
  return withTheRest(chain.tasks, of.goods);
}

/** What no task asks for by its kind is there when the piece leaves, at the latest: shelf pins, locks. */
function withTheRest(tasks: readonly Task[], goods: TasksOf['goods']): readonly Task[] {
  const asked = new Set(tasks.flatMap((task) => task.goods.map(({ key }) => key)));
  const rest = [...goods.values()].filter(({ key }) => !asked.has(key));
  const last = tasks.some(({ kind }) => kind === 'pack') ? 'pack' : 'record';
  return rest.length === 0
    ? tasks
    : tasks.map((task) => (task.kind === last ? { ...task, goods: [...task.goods, ...rest] } : task));
}

const plain = (
  kind:
    | 'survey'
    | 'order'
    | 'measure'
    | 'box'
    | 'build-out'
    | 'hang'
    | 'front'
    | 'pull-bores'
    | 'off'
    | 'on'
    | 'hinge'
    | 'pull'
    | 'demolish'
    | 'travel'
    | 'record'
    | 'feet'
    | 'top',
): Said => said('task/plain', { kind });

/** What is done at the saw or the bench to the parts of a stage, in its order. */
const OF_STAGE = [
  { kind: 'break-down', operations: ['break-down'], place: 'saw' },
  { kind: 'plane', operations: ['plane'], place: 'saw' },
  { kind: 'glue-up', operations: ['glue-up'], place: 'bench' },
  { kind: 'cut', operations: ['setting', 'cut', 'groove'], place: 'saw' },
  { kind: 'band', operations: ['band'], place: 'bench' },
  { kind: 'bore', operations: ['bore'], place: 'bench' },
] as const;

/** A frame is glued up of its pieces when they are cut and bored, not of boards before. */
const OF_FRAME = [
  ...OF_STAGE.filter(({ kind }) => kind !== 'glue-up'),
  ...OF_STAGE.filter(({ kind }) => kind === 'glue-up'),
];

/** Adds the tasks of one job, what comes first first. */
class Maker {
  constructor(
    private readonly chain: Chain,
    private readonly of: TasksOf,
  ) {}

  all(): void {
    this.before();
    const cases = this.cases();
    this.one('feet', { place: 'bench', after: cases, goods: this.goods('foot', 'caster') });
    this.one('measure', { place: 'bench', after: [...cases, 'feet', 'survey'] });
    this.drawers();
    this.stage('doors', ['measure'], this.goods('hinge:', 'plate:'));
    this.framed('doors', ['bore-doors', 'cut-doors']);
    this.one('hinge', {
      place: 'bench',
      after: ['bore-doors', 'made-doors', 'cut-doors', 'measure'],
      goods: this.goods('hinge:', 'plate:'),
    });
    this.stage('top', ['measure']);
    const ready = this.finished();
    this.one('pull', { place: 'bench', after: ready, goods: this.goods('pull:', 'lock', 'catch') });
    this.away(['pull', ...ready]);
  }

  private before(): void {
    const { goods } = this.of;
    const parts = (minutes: number): readonly Part[] => [{ operation: 'measure', minutes }];
    this.chain.add({
      key: 'survey',
      kind: 'survey',
      called: plain('survey'),
      people: 1,
      place: 'site',
      parts: parts(SURVEY),
      after: [],
    });
    const wanted = [...goods.values()].some(({ lead, ordered }) => lead !== undefined && !ordered);
    if (wanted)
      this.chain.add({
        key: 'order',
        kind: 'order',
        called: plain('order'),
        people: 1,
        parts: parts(ORDER),
        after: ['survey'],
      });
    this.one('demolish', { place: 'site', after: ['survey'] });
  }

  /** The cases, each put together, with its frame; the keys of the last of it. */
  private cases(): readonly string[] {
    const { of } = this.of.counted;
    this.stage('case', ['survey']);
    const names = new Map(of.plan.cases.map(({ id, name }) => [id, name]));
    const together = byCase(this.of.counted, 'case');
    for (const { case: id, people, minutes, lift } of together)
      this.chain.add({
        ...{
          key: `case-${id}`,
          kind: 'case',
          called: said('task/case', { kind: 'case', name: names.get(id) ?? id }),
          people,
          place: 'bench',
        },
        ...{ parts: [{ operation: 'case', minutes }], after: this.last('case'), goods: this.goods('fixing:', 'glue') },
        ...(lift ? { lift } : {}),
      });
    const all = together.map(({ case: id }) => `case-${id}`);
    this.stage('frame', [...all, 'survey']);
    const frames = byCase(this.of.counted, 'frame');
    for (const { case: id, people, minutes, lift } of frames)
      this.chain.add({
        ...{
          key: `frame-${id}`,
          kind: 'frame',
          called: said('task/case', { kind: 'frame', name: names.get(id) ?? id }),
          people,
          place: 'bench',
        },
        ...{ parts: [{ operation: 'frame', minutes }], after: [...this.last('frame'), `case-${id}`] },
        ...(lift ? { lift } : {}),
      });
    return [...all, ...frames.map(({ case: id }) => `frame-${id}`)];
  }

  private drawers(): void {
    this.stage('boxes', ['measure'], this.slides('cut'));
    this.one('build-out', { place: 'bench', after: [...this.last('boxes'), 'measure'] });
    this.one('box', { place: 'bench', after: [...this.last('boxes'), 'measure'], goods: this.goods('glue') });
    this.stage('bottoms', ['box']);
    this.one('hang', {
      place: 'bench',
      after: ['box', 'build-out', ...this.last('bottoms'), 'measure'],
      goods: this.slides('hang'),
    });
    this.stage('fronts', ['hang']);
    this.framed('fronts', ['cut-fronts', 'band-fronts']);
    this.one('front', { place: 'bench', after: ['made-fronts', ...this.last('fronts'), 'hang'] });
    this.add({
      key: 'pull-bores',
      kind: 'pull-bores',
      called: plain('pull-bores'),
      place: 'bench',
      after: ['front'],
      parts: this.pullBores(),
    });
  }

  /** Everything off, sanded, coated, on again; the keys of the last of it. */
  private finished(): Draft['after'] {
    const { counted } = this.of;
    const made = ['front', 'pull-bores', 'hinge', 'hang', 'measure', 'cut-top', ...this.last('top')];
    const groups = finishingOf(counted, 'after');
    if (groups.length === 0) return made;
    const [refit] = ofJob(counted, 'refit');
    const half = refit ? [{ operation: refit.operation, minutes: refit.minutes / 2 }] : [];
    this.add({ key: 'off', kind: 'off', called: plain('off'), place: 'bench', parts: half, after: made });
    const coats = groups.map((group, index) => {
      // Over the same parts one after the other: stain, then clear.
      const same = groups
        .slice(0, index)
        .filter((each) => each.work.group.parts.some((role) => group.work.group.parts.includes(role)));
      const after = same.map(({ key, work }) => `coat-after${key}-${work.row?.coats ?? 1}`);
      return addFinishing(this.chain, counted, group, {
        name: 'after',
        after: [...made, 'off', ...after],
        goods: (key) => this.goods(key),
      });
    });
    this.add({ key: 'on', kind: 'on', called: plain('on'), place: 'bench', parts: half, after: coats });
    return [...coats, 'on'];
  }

  private away(ready: Draft['after']): void {
    const { counted } = this.of;
    const groups = finishingOf(counted, 'after');
    const hard = groups.map((group) => ({
      key: `coat-after${group.key}-${group.work.row?.coats ?? 1}`,
      wait: hardAfter(group),
    }));
    const names = new Map(counted.of.plan.cases.map(({ id, name }) => [id, name]));
    const each = (kind: 'pack' | 'install', after: (id: string) => Draft['after']): readonly string[] =>
      byCase(counted, kind).map(({ case: id, people, minutes, lift }) => {
        const key = `${kind}-${id}`;
        this.chain.add({
          ...{ key, kind, called: said('task/case', { kind, name: names.get(id) ?? id }), people, place: 'site' },
          ...{ parts: [{ operation: kind, minutes }], after: after(id) },
          ...(lift ? { lift } : {}),
        });
        return key;
      });
    this.one('travel', { after: [...ready, ...hard] });
    each('pack', () => [...ready, ...hard, 'demolish', 'travel']);
    const standing = each('install', (id) => [`pack-${id}`, 'demolish']);
    this.one('top', { place: 'site', after: [...standing, ...this.last('top')], goods: this.goods('bought:') });
    this.one('record', { place: 'bench', after: [...standing, 'top', ...ready] });
  }

  /** Parts of a stage: broken down, planed, glued up, cut, banded, bored, and finished before anything is put together. */
  private stage(stage: Stage, after: Draft['after'], also: readonly Good[] = []): void {
    const parts = this.of.counted.parts.get(stage);
    if (!parts) return;
    const materials = [...new Set(parts.map(({ material }) => `material:${material.id}`))];
    const goods = {
      'break-down': [...this.goods(...materials), ...also],
      plane: [...this.goods(...materials), ...also],
      band: this.goods('band:'),
    };
    const hand = inHand(parts);
    let before = after;
    for (const { kind, operations, place } of stage === 'frame' ? OF_FRAME : OF_STAGE) {
      const called = said('task/stage', { kind, stage });
      const minutes = (people: 1 | 2): readonly Part[] =>
        operations.map((operation) => ({
          operation,
          minutes: byStage(this.of.counted, operation, people).get(stage) ?? 0,
        }));
      const rest = { kind, place, stage, hand, after: before, goods: goods[kind as 'band'] ?? [] };
      this.add({ ...rest, key: `${kind}-${stage}`, called, parts: minutes(1) });
      this.add({
        ...rest,
        key: `${kind}-${stage}-two`,
        called: said('task/two', { task: called }),
        parts: minutes(2),
        people: 2,
      });
      before = [`${kind}-${stage}`, `${kind}-${stage}-two`];
    }
    const masked = stage === 'case' ? shown(gluedFaces(this.of.counted.of)) : undefined;
    const flat = finishingOf(this.of.counted, 'before', parts);
    for (const group of flat)
      before = [
        addFinishing(this.chain, this.of.counted, group, {
          ...{ name: `${stage}-`, after: before, goods: (key: string) => this.goods(key) },
          ...told({ masked }),
        }),
      ];
    this.lasts.set(stage, before);
  }

  private readonly lasts = new Map<Stage, Draft['after']>();

  /** What must be done before anything is made of a stage’s parts. */
  private last(stage: Stage): Draft['after'] {
    return this.lasts.get(stage) ?? [];
  }

  /** Framed leaves and fronts are made up: shared out by how many there are. */
  private framed(stage: 'fronts' | 'doors', after: Draft['after']): void {
    const { of } = this.of.counted;
    const fronts = of.plan.cases
      .flatMap(({ banks }) => banks.flatMap(({ drawers }) => drawers))
      .filter(({ parts }) => parts.some(({ role }) => role === 'stile')).length;
    const leaves = of.plan.cases.flatMap(({ doors, things }) =>
      everyDoor(doors, things)
        .filter(({ door }) => door.frame)
        .flatMap((door) => door.leaves),
    ).length;
    const share = (stage === 'fronts' ? fronts : leaves) / Math.max(1, fronts + leaves);
    const parts = ofJob(this.of.counted, 'door').map(({ operation, minutes }) => ({
      operation,
      minutes: minutes * share,
    }));
    this.add({
      key: `made-${stage}`,
      kind: 'door',
      called: said('task/stage', { kind: 'door', stage }),
      place: 'bench',
      stage,
      after,
      parts,
    });
  }

  private pullBores(): readonly Part[] {
    const minutes = pullBores(this.of.counted);
    return minutes > 0 ? [{ operation: 'bore', minutes }] : [];
  }

  private slides(what: 'cut' | 'hang'): readonly Good[] {
    const { job, plan } = this.of.counted.of;
    // Cut by its own sheet it need not be in hand; hung it must be.
    const own = (id: string): boolean => what === 'cut' && (job.slides ?? []).some((row) => row.id === id);
    const families = plan.cases.flatMap(({ banks }) =>
      banks.flatMap(({ drawers }) => drawers.map(({ family }) => family)),
    );
    const wanted = new Set(
      families.filter((family) => isBought(family) && !own(family.id)).map(({ id }) => `slide:${id}:`),
    );
    return wanted.size === 0 ? [] : this.goods(...wanted);
  }

  private goods(...keys: readonly string[]): readonly Good[] {
    return among(this.of.goods, ...keys);
  }

  /** One task that is one operation of the job. */
  private one(
    kind: TaskKind & Parameters<typeof plain>[0],
    draft: { readonly place?: WorkPlace; readonly after: Draft['after']; readonly goods?: readonly Good[] },
  ): void {
    const parts =
      kind === 'survey' || kind === 'order' || kind === 'off' || kind === 'on' || kind === 'pull-bores'
        ? []
        : ofJob(this.of.counted, kind);
    const two = this.of.counted.work.some(({ id, people }) => id === kind && people === 2);
    const count = this.of.counted.work
      .filter(({ id }) => id === kind)
      .reduce((sum, each) => sum + shown(each.count), 0);
    const hand = isHeld(kind) && count > 0 ? [said('task/hand', { kind, count })] : [];
    this.add({ ...draft, key: kind, kind, called: plain(kind), parts, hand, people: two ? 2 : 1 });
  }

  private add(draft: Omit<Draft, 'people'> & Partial<Pick<Draft, 'people'>>): void {
    const goods = (draft.goods ?? []).filter(
      (good, index, all) => all.findIndex(({ key }) => key === good.key) === index,
    );
    // What is still to be ordered comes after it is ordered.
    this.chain.add({ people: 1, ...draft, goods });
  }
}

/** What of a task is counted in the hand. */
const HELD = ['box', 'hang', 'front', 'hinge', 'pull', 'feet', 'build-out', 'top'] as const;
const isHeld = (kind: TaskKind): kind is (typeof HELD)[number] => HELD.some((each) => each === kind);

/** Parts by what they are cut from. */
function inHand(parts: readonly CutPart[]): readonly Said[] {
  const all = new Map<string, { readonly what: Said; count: number }>();
  for (const { material } of parts) {
    const what = materialCalled(material);
    const known = all.get(saidKey(what));
    if (known) known.count += 1;
    else all.set(saidKey(what), { what, count: 1 });
  }
  return [...all.values()].map(({ what, count }) => said('task/hand-parts', { what, count }));
}
