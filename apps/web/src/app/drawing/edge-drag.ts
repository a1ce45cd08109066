import { inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Length, Patch, Unit } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { selectShowing } from '../store/job/job.selectors';
import { TrailingBank } from '../store/session/trailing-bank';

const MILLIMETRE = 1_000_000;
/** The numbers beside the drawing stay behind a moving edge for no more frames than this. */
const BEHIND = 9;

/** Something between two neighbours that is moved by hand: the joint of two fronts, what parts two compartments. */
export interface Edge {
  /** What an edit of it is called in undo. */
  readonly name: string;
  /** Tells it from others. */
  readonly key: string;
  /** The size before it (above, left of it) as it was taken, and the steps it goes in. */
  readonly start: Length;
  readonly increment: Length;
  /** That size after the edge went so much further, snapped. */
  readonly snapped: (further: number) => Length;
  readonly patches: (size: Length, unit: Unit) => readonly Patch[];
}

/**
 * Moves edges: dragged, at most once a frame, or nudged by keys. One drag is one step of undo. While an edge is dragged
 * the drawing has the frames it moves in, and what stands beside it follows in one of its own.
 */
@Injectable({ providedIn: 'root' })
export class EdgeDrag {
  private readonly edits = inject(JobEdits);
  private readonly beside = inject(TrailingBank);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  /** Why the edge does not follow. */
  readonly says = signal('');
  private held: { readonly edge: Edge; readonly merge: string } | undefined;
  private wanted: number | undefined;
  private at: Length | undefined;
  private drags = 0;
  private frame: number | undefined;
  private behind = 0;

  begin(edge: Edge | undefined): void {
    this.drags += 1;
    this.held = edge && { edge, merge: `edge drag ${this.drags}` };
    this.at = edge?.start;
    if (edge) this.beside.catchUp();
    this.says.set('');
  }

  /** How far the edge is from where it was taken, in millimetres; down, and to the right, is more. */
  moveTo(further: number): void {
    this.wanted = further;
    this.frame ??= requestAnimationFrame(() => this.nextFrame());
  }

  end(): void {
    this.follow();
    this.held = undefined;
    this.behind = 0;
    this.beside.letGo();
  }

  nudge(edge: Edge | undefined, steps: number): void {
    if (edge) this.put(edge, edge.snapped(steps * edge.increment), `edge nudge ${edge.key}`);
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

  /** Whether the edge went to another place. */
  private follow(): boolean {
    const { held, wanted } = this;
    this.wanted = undefined;
    if (!held || wanted === undefined) return false;
    const size = held.edge.snapped(wanted * MILLIMETRE);
    if (size === this.at) return false;
    this.at = size;
    this.put(held.edge, size, held.merge);
    return true;
  }

  private put(edge: Edge, size: Length, merge: string): void {
    const patches = edge.patches(size, this.showing()?.unit ?? 'mm');
    this.says.set(this.edits.apply(edge.name, patches, merge) ?? '');
  }
}
