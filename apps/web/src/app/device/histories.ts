import { inject, Injectable } from '@angular/core';
import type { JobDocument } from '@zabble/core';
import { applyPatch, compare, type Operation } from 'fast-json-patch';
import { NewestJobs } from './newest';
import type { History, Step } from './undo';

/** So many jobs last worked on keep what can be undone. */
const MOST_JOBS = 4;
const PREFIX = 'zabble.undo.';

/** A step as it is kept: what changes on the way to it from the step after it. */
interface KeptStep extends Omit<Step, 'document'> {
  readonly changes: readonly Operation[];
}

interface KeptHistory {
  readonly tip: JobDocument;
  readonly past: readonly KeptStep[];
  readonly future: readonly KeptStep[];
}

/** What leads from one document to another; looked for once. */
const known = new WeakMap<JobDocument, { readonly to: JobDocument; readonly changes: readonly Operation[] }>();

/** Keeps what can be undone on this machine, so that it is there after a reload: the changes, not the documents. */
@Injectable({ providedIn: 'root' })
export class Histories {
  private readonly newest = inject(NewestJobs);

  /** The steps that lead to just this document; none where it has moved on elsewhere, or they can't be read. */
  async read(id: string, document: JobDocument): Promise<History | undefined> {
    const kept = await this.newest.read<KeptHistory>(PREFIX, id);
    if (!kept || JSON.stringify(kept.tip) !== JSON.stringify(document)) return undefined;
    try {
      return { past: unfolded(kept.past, document), future: unfolded(kept.future, document) };
    } catch {
      return undefined;
    }
  }

  /** Where there is no room the work itself is kept elsewhere, only its undoing is not. */
  async write(id: string, document: JobDocument, { past, future }: History): Promise<void> {
    const kept: KeptHistory = { tip: document, past: folded(past, document), future: folded(future, document) };
    await this.newest.write(PREFIX, id, kept, MOST_JOBS);
  }
}

function folded(steps: readonly Step[], tip: JobDocument): readonly KeptStep[] {
  return steps.map(({ document, ...step }, index) => ({
    ...step,
    changes: changesBetween(steps[index + 1]?.document ?? tip, document),
  }));
}

function unfolded(steps: readonly KeptStep[], tip: JobDocument): readonly Step[] {
  let after = tip;
  const all = [...steps].reverse().map(({ changes, ...step }) => {
    after = applyPatch(after, changes, false, false).newDocument;
    return { ...step, document: after };
  });
  return all.reverse();
}

function changesBetween(from: JobDocument, to: JobDocument): readonly Operation[] {
  const found = known.get(from);
  if (found?.to === to) return found.changes;
  const changes = compare(from, to);
  known.set(from, { to, changes });
  return changes;
}
