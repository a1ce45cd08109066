import { Speech, begun } from '../../words/speech';
import { ApplicationRef, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  patched,
  saidOf,
  writeExact,
  writtenHere,
  type Finding,
  type Job,
  type JobDocument,
  type Length,
  type Patch,
} from '@zabble/core';
import { Rights } from '../../device/rights';
import { JobActions } from './job.actions';
import { jobFeature } from './job.reducer';
import { selectPlan } from './job.selectors';
import { selectLog } from '../log/log.selectors';
import { measuredMemo, planMemo, readMemo } from './memo';

/** Fields that are wishes about the division, not measurements: one that can’t be had is refused. */
const WISH = /\.(division|drawers)\b/;

/** The one way decisions get into the job: a named edit that leaves a job that can be read, or a sentence why not. */
@Injectable({ providedIn: 'root' })
export class JobEdits {
  private readonly store = inject(Store);
  private readonly speech = inject(Speech);
  private readonly page = inject(ApplicationRef);
  private readonly rights = inject(Rights);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly log = this.store.selectSignal(selectLog);
  /** Whether who is at this device may change the job. */
  readonly open = this.rights.plan;

  /** Undefined when done; else what stands in the way, and the job (and its last good division) stays as it was. */
  apply(name: string, patches: readonly Patch[], merge?: string): string | undefined {
    const before = this.document();
    if (!before) return $localize`No job is open.`;
    const changed: JobDocument = patched(before, patches);
    if (JSON.stringify(changed) === JSON.stringify(before)) return undefined;
    const notTheirs = this.rights.refuses('plan');
    if (notTheirs !== undefined) return notTheirs;
    const document = writtenHere(changed);
    const reading = readMemo(document);
    if (!reading.ok) {
      const [first] = reading.errors;
      return `${begun(first ? this.speech.say(first.said) : $localize`that can’t be read`)}.`;
    }
    const refused = patches.some(({ path }) => WISH.test(path))
      ? this.newlyImpossible(measuredMemo(reading.job, this.log()))
      : undefined;
    if (refused) return this.speech.say(saidOf(refused));
    this.store.dispatch(JobActions.edited({ name, document, ...(merge === undefined ? {} : { merge }) }));
    this.showNow();
    return undefined;
  }

  /**
   * What is on the screen follows before the next press or key is heard: keys held down come faster than frames, and the
   * next edit goes by what the screen was given.
   */
  private showNow(): void {
    queueMicrotask(() => {
      if (!this.page.destroyed) this.page.tick();
    });
  }

  /** A size as the job writes it, exactly. */
  written(length: Length): string {
    return writeExact(length, this.document()?.unit ?? 'mm');
  }

  /** A usual size to begin with, in the unit of the job. */
  usual(inches: string, metric: string): string {
    return this.document()?.unit === 'in' ? inches : metric;
  }

  /** A division that can’t be made where one could be made before. */
  private newlyImpossible(job: Job): Finding | undefined {
    const before = this.plan()?.cases.flatMap(({ banks }) => banks) ?? [];
    const after = planMemo(job).cases.flatMap(({ banks }) => banks);
    for (const bank of after) {
      const impossible = bank.findings.find(isImpossible);
      const was = before.find(({ path }) => path === bank.path)?.findings.some(isImpossible);
      if (impossible && !was) return impossible;
    }
    return undefined;
  }
}

function isImpossible({ code }: Finding): boolean {
  return code === 'DIVISION_IMPOSSIBLE';
}
