import { OPERATIONS, type Operation } from '../costing';
import type { Said } from '../length';
import type { After, WorkPlace } from './problem';
import type { Part } from './shares';
import type { Good, Task } from './task';
import { told } from './told';

/** How long work stands before what follows, by its kind: as the table of operations has it. */
function standsAfter(kind: Task['kind']): Task['stands'] {
  const { clamps, cured }: Partial<Operation> = OPERATIONS.find(({ id }) => id === kind) ?? {};
  if (cured !== undefined) return { minutes: cured, why: 'cured' };
  return clamps === undefined ? undefined : { minutes: clamps, why: 'clamps' };
}

/** What can’t be left at a closing: glue, and wet coats. */
const WHOLE: ReadonlySet<Task['kind']> = new Set(['glue-up', 'case', 'box', 'door', 'coat']);

export interface Draft extends Pick<Task, 'kind' | 'called' | 'people'> {
  readonly key: string;
  readonly place?: WorkPlace;
  readonly stage?: Task['stage'];
  readonly parts: readonly Part[];
  /** Keys of what comes before; with `wait` where it is not what that stands for by itself. */
  readonly after: readonly (string | { readonly key: string; readonly wait: number })[];
  readonly stands?: Task['stands'];
  readonly holds?: number;
  readonly goods?: readonly Good[];
  readonly finish?: Task['finish'];
  readonly hand?: readonly Said[];
  readonly masked?: number;
  readonly lift?: true;
}

/** Tasks of a job as they are added, whatever comes before first. What has no minutes is left out, and what it waits for is waited for instead. */
export class Chain {
  readonly tasks: Task[] = [];
  private readonly stands = new Map<string, number>();
  private readonly instead = new Map<string, readonly After[]>();

  /** `longest`: minutes of the longest opening, so that nothing that can’t be left is longer. */
  constructor(
    private readonly job: string,
    private readonly longest: number,
  ) {}

  add({
    key,
    parts,
    after,
    stands,
    goods = [],
    hand = [],
    masked,
    place,
    stage,
    holds,
    finish,
    lift,
    ...draft
  }: Draft): void {
    const before = this.resolved(after);
    const minutes = parts.reduce((sum, each) => sum + each.minutes, 0);
    if (minutes <= 0) {
      this.instead.set(key, before);
      return;
    }
    const whole = WHOLE.has(draft.kind);
    const count = whole ? Math.max(1, Math.ceil(minutes / this.longest)) : 1;
    const wait = stands ?? standsAfter(draft.kind);
    const each = upTo(minutes / count);
    const share = parts.map((part) => ({ ...part, minutes: part.minutes / count }));
    const ids = count === 1 ? [this.id(key)] : Array.from({ length: count }, (_, at) => `${this.id(key)}.${at + 1}`);
    const more = told({ masked, place, stage, holds, finish, lift, stands: wait, whole: whole || undefined });
    for (const id of ids)
      this.tasks.push({
        ...draft,
        ...more,
        ...{ id, job: this.job, after: before, goods, hand },
        parts: share,
        minutes: each,
        planned: each,
      });
    if (count > 1)
      this.instead.set(
        key,
        ids.map((task) => ({ task, ...told({ wait: wait?.minutes }) })),
      );
    this.stands.set(key, wait?.minutes ?? 0);
  }

  private id(key: string): string {
    return `${this.job}/${key}`;
  }

  private resolved(after: Draft['after']): readonly After[] {
    const all = after.flatMap((each): readonly After[] => {
      const { key, wait } = typeof each === 'string' ? { key: each, wait: this.stands.get(each) } : each;
      const instead = this.instead.get(key);
      if (instead)
        return typeof each === 'string'
          ? instead
          : instead.map((other) => ({ ...other, wait: Math.max(other.wait ?? 0, each.wait) }));
      return this.stands.has(key) ? [{ task: this.id(key), ...(wait ? { wait } : {}) }] : [];
    });
    // Each once, with the longest it is waited for.
    const longest = new Map<string, After>();
    for (const each of all) if ((longest.get(each.task)?.wait ?? -1) < (each.wait ?? 0)) longest.set(each.task, each);
    return [...longest.values()];
  }
}

const ROUNDING = 1e-6;
/** Up to the minute. */
const upTo = (minutes: number): number => Math.max(1, Math.ceil(minutes - ROUNDING));
