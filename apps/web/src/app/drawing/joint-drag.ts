import { inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BankPlan } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { selectShowing } from '../store/job/job.selectors';
import { jointBelow, jointPatches, snapped, type Joint } from './joint-edits';

const MILLIMETRE = 1_000_000;

/** Moves the joints between fronts: dragged, at most once a frame, or nudged by keys. One drag is one step of undo. */
@Injectable({ providedIn: 'root' })
export class JointDrag {
  private readonly edits = inject(JobEdits);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  /** Why the joint does not follow. */
  readonly says = signal('');
  private held: { readonly joint: Joint; readonly merge: string } | undefined;
  private wanted: number | undefined;
  private drags = 0;

  begin(bank: BankPlan, place: number): void {
    const joint = jointBelow(bank, place, this.unit());
    this.drags += 1;
    this.held = joint && { joint, merge: `joint drag ${this.drags}` };
    this.says.set('');
  }

  /** How far the joint is from where it was taken, in millimetres; down is more. */
  moveTo(down: number): void {
    if (this.wanted === undefined) requestAnimationFrame(() => this.follow());
    this.wanted = down;
  }

  end(): void {
    this.follow();
    this.held = undefined;
  }

  nudge(bank: BankPlan, place: number, steps: number): void {
    const joint = jointBelow(bank, place, this.unit());
    if (joint) this.put(joint, steps * joint.increment, `joint nudge ${bank.path} ${place}`);
  }

  private follow(): void {
    const { held, wanted } = this;
    this.wanted = undefined;
    if (held && wanted !== undefined) this.put(held.joint, wanted * MILLIMETRE, held.merge);
  }

  private put(joint: Joint, down: number, merge: string): void {
    const patches = jointPatches(joint, snapped(joint, down), this.unit());
    this.says.set(this.edits.apply(`move the joint below drawer ${joint.place + 1}`, patches, merge) ?? '');
  }

  private unit() {
    return this.showing()?.unit ?? 'mm';
  }
}
