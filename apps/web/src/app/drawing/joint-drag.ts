import { inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BankPlan, Length } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { selectShowing } from '../store/job/job.selectors';
import { TrailingBank } from '../store/session/trailing-bank';
import { jointBelow, jointPatches, snapped, type Joint } from './joint-edits';

const MILLIMETRE = 1_000_000;
/** The numbers beside the drawing stay behind a moving joint for no more frames than this. */
const BEHIND = 9;

/**
 * Moves the joints between fronts: dragged, at most once a frame, or nudged by keys. One drag is one step of undo. While
 * a joint is dragged the drawing has the frames it moves in, and what stands beside it follows in one of its own.
 */
@Injectable({ providedIn: 'root' })
export class JointDrag {
  private readonly edits = inject(JobEdits);
  private readonly beside = inject(TrailingBank);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  /** Why the joint does not follow. */
  readonly says = signal('');
  private held: { readonly joint: Joint; readonly merge: string } | undefined;
  private wanted: number | undefined;
  private at: Length | undefined;
  private drags = 0;
  private frame: number | undefined;
  private behind = 0;

  begin(bank: BankPlan, place: number): void {
    const joint = jointBelow(bank, place, this.unit());
    this.drags += 1;
    this.held = joint && { joint, merge: `joint drag ${this.drags}` };
    this.at = joint?.above;
    if (joint) this.beside.catchUp();
    this.says.set('');
  }

  /** How far the joint is from where it was taken, in millimetres; down is more. */
  moveTo(down: number): void {
    this.wanted = down;
    this.frame ??= requestAnimationFrame(() => this.nextFrame());
  }

  end(): void {
    this.follow();
    this.held = undefined;
    this.behind = 0;
    this.beside.letGo();
  }

  nudge(bank: BankPlan, place: number, steps: number): void {
    const joint = jointBelow(bank, place, this.unit());
    if (!joint) return;
    this.put(joint, snapped(joint, steps * joint.increment), `joint nudge ${bank.path} ${place}`);
  }

  /** The drawing, or else what is beside it: never both in one frame. */
  private nextFrame(): void {
    this.frame = undefined;
    const late = this.behind >= BEHIND;
    if (!late && this.follow()) this.behind += 1;
    else if (this.behind > 0) {
      this.beside.catchUp();
      this.behind = 0;
    }
    if (this.held && (this.behind > 0 || this.wanted !== undefined))
      this.frame = requestAnimationFrame(() => this.nextFrame());
  }

  /** Whether the joint went to another place. */
  private follow(): boolean {
    const { held, wanted } = this;
    this.wanted = undefined;
    if (!held || wanted === undefined) return false;
    const height = snapped(held.joint, wanted * MILLIMETRE);
    if (height === this.at) return false;
    this.at = height;
    this.put(held.joint, height, held.merge);
    return true;
  }

  private put(joint: Joint, height: Length, merge: string): void {
    const patches = jointPatches(joint, height, this.unit());
    this.says.set(this.edits.apply($localize`move the joint below drawer ${joint.place + 1}`, patches, merge) ?? '');
  }

  private unit() {
    return this.showing()?.unit ?? 'mm';
  }
}
