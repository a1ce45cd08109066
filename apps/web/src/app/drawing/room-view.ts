import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { drawRoom, millimetres, nm, writeLength, type CasePlan, type DrawnCase, type RoomDrawing } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { selectJob, selectPlan, selectShowing } from '../store/job/job.selectors';
import { centred, pointsOf } from './centred';
import { paneSize } from './pane-size';
import { placedNear, placePatches, turnPatches, type Lines, type Stood } from './room-edits';

/** So near, in pixels, a case is drawn to a wall or to what stands beside it. */
const NEAR = 10;
const PAD = 28;
/** Room for the line of words at its foot. */
const FOOT = 30;
const MM = 1_000_000;

type Ring = DrawnCase['ring'];

interface Held {
  readonly stood: Stood;
  readonly pointer: number;
  readonly x: number;
  readonly y: number;
  readonly merge: string;
}

/** A room from above: cases moved by hand, what opens hatched as far as it comes, and where that meets something. */
@Component({
  selector: 'z-room-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './room-view.html',
  host: { class: 'relative block h-full w-full overflow-hidden [contain:strict]' },
})
export class RoomView {
  readonly owner = input.required<CasePlan>();
  private readonly store = inject(Store);
  private readonly edits = inject(JobEdits);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly size = paneSize();
  protected readonly says = signal('');
  private held: Held | undefined;
  private drags = 0;
  /** Where the case that is held goes, and where it was put last. */
  private wanted: ReturnType<typeof placedNear> | undefined;
  private now: { readonly x: number; readonly z: number } | undefined;
  private frame: number | undefined;
  protected readonly drawn = computed((): RoomDrawing | undefined => {
    const [job, plan] = [this.job(), this.plan()];
    return job && plan && drawRoom(job, plan, this.owner());
  });
  /** While a case is dragged the room stays where it is. */
  private readonly frozen = signal<RoomDrawing | undefined>(undefined);
  protected readonly scale = computed(() => {
    const { width, height } = this.size();
    const drawn = this.frozen() ?? this.drawn() ?? { x: 0, y: 0, width: 1, height: 1 };
    return centred(drawn, { width, height: height - FOOT }, PAD);
  });
  protected readonly cases = computed(() =>
    (this.drawn()?.cases ?? []).map((drawn) => {
      const middle = this.middle(drawn.ring);
      const stood = this.stood(drawn);
      const turn = this.turnOf(drawn);
      return { drawn, middle, stood, turn, told: this.told(drawn, stood, turn) };
    }),
  );
  protected readonly placed = computed(() => this.cases().some(({ stood }) => stood));
  /** One mark where several meet at one place. */
  protected readonly marks = computed(() => {
    const seen = new Set<string>();
    return (this.drawn()?.meets ?? []).filter(({ x, y }) => {
      const key = `${Math.round(x / 40)} ${Math.round(y / 40)}`;
      const known = seen.has(key);
      seen.add(key);
      return !known;
    });
  });

  /** Of a ring of four corners. */
  protected middle([a, , c]: Ring) {
    return { x: ((a?.x ?? 0) + (c?.x ?? 0)) / 2, y: ((a?.y ?? 0) + (c?.y ?? 0)) / 2 };
  }

  protected points(ring: Ring): string {
    return pointsOf(ring, this.scale());
  }

  protected hold(event: PointerEvent, stood: Stood | undefined): void {
    if (!stood) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.drags += 1;
    this.frozen.set(this.drawn());
    const { pointerId: pointer, clientX: x, clientY: y } = event;
    this.now = stood;
    this.held = { stood, pointer, x, y, merge: `case drag ${this.drags}` };
  }

  protected move({ pointerId, clientX, clientY }: PointerEvent): void {
    const { held } = this;
    if (held?.pointer !== pointerId) return;
    const perMm = this.scale().perMm;
    const by = { x: ((clientX - held.x) / perMm) * MM, z: ((clientY - held.y) / perMm) * MM };
    const near = (NEAR / perMm) * MM;
    this.wanted = placedNear(held.stood, by, this.lines(held.stood.path), near, this.step());
    this.frame ??= requestAnimationFrame(() => this.follow());
  }

  /** At most once a frame, and only to another place. */
  private follow(): void {
    const { held, wanted, now } = this;
    this.frame = undefined;
    if (!held || !wanted || (now?.x === wanted.x && now.z === wanted.z)) return;
    this.now = wanted;
    this.put(held.stood, placePatches(held.stood, wanted, this.unit()), held.merge);
  }

  protected letGo({ pointerId }: PointerEvent): void {
    if (this.held?.pointer !== pointerId) return;
    this.follow();
    this.held = undefined;
    this.wanted = undefined;
    this.frozen.set(undefined);
  }

  protected nudge(event: KeyboardEvent, stood: Stood | undefined, turn: number): void {
    if (!stood || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key.toLowerCase() === 't') {
      event.preventDefault();
      this.put(stood, turnPatches(stood, turn, this.unit()), `case turn ${stood.path}`);
      return;
    }
    const way = ARROWS[event.key];
    if (!way) return;
    event.preventDefault();
    const step = event.shiftKey ? this.fine() : this.step();
    const place = { x: nm(stood.x + way[0] * step), z: nm(stood.z + way[1] * step) };
    this.put(stood, placePatches(stood, place, this.unit()), `case nudge ${stood.path}`);
  }

  private put({ path }: Stood, patches: Parameters<JobEdits['apply']>[1], merge: string): void {
    const name = this.plan()?.cases.find((each) => each.path === path)?.name ?? '';
    this.says.set(this.edits.apply($localize`move ${name}`, patches, merge) ?? '');
  }

  private unit() {
    return this.showing()?.unit ?? 'mm';
  }

  /** Half an inch, a centimetre; a sixteenth, a millimetre. */
  private step(): number {
    return this.unit() === 'in' ? 12_700_000 : 10 * MM;
  }

  private fine(): number {
    return this.unit() === 'in' ? 1_587_500 : MM;
  }

  private written({ path }: DrawnCase) {
    const place = (this.plan()?.cases ?? []).findIndex((each) => each.path === path);
    return { at: this.job()?.cases[place]?.at, outline: this.plan()?.cases[place]?.casework?.outline };
  }

  private turnOf(drawn: DrawnCase): number {
    return this.written(drawn).at?.turn ?? 0;
  }

  private stood(drawn: DrawnCase): Stood | undefined {
    const { at, outline } = this.written(drawn);
    if (!at || !outline) return undefined;
    const sideways = at.turn === 90 || at.turn === 270;
    const [width, depth] = [outline.width.total, outline.depth];
    const size = sideways ? { across: depth, down: width } : { across: width, down: depth };
    return { path: drawn.path, x: at.x, z: at.z, ...size };
  }

  /** Of walls that stand square, of things, and of the other cases. */
  private lines(path: string): Lines {
    const drawn = this.drawn();
    const rings = [
      ...(drawn?.walls ?? []).map(({ ends }) => ends),
      ...(drawn?.things ?? []).map(({ ring }) => ring),
      ...this.cases().flatMap(({ stood }) => (stood && stood.path !== path ? [cornersOf(stood)] : [])),
    ];
    const edges = rings.map((ring) => {
      const [xs, ys] = [ring.map(({ x }) => x), ring.map(({ y }) => y)];
      return { x: [Math.min(...xs), Math.max(...xs)], z: [Math.min(...ys), Math.max(...ys)] };
    });
    return {
      xs: edges.flatMap(({ x }) => x.map((at) => at * MM)),
      zs: edges.flatMap(({ z }) => z.map((at) => at * MM)),
    };
  }

  private told({ name }: DrawnCase, stood: Stood | undefined, turn: number): string {
    const showing = this.showing();
    if (!stood || !showing) return name;
    const at = (length: number) => writeLength(millimetres(length / MM), 'opening', showing, { unit: true });
    return $localize`${name}, ${at(stood.x)} from the left, ${at(stood.z)} down the plan, turned ${turn}°`;
  }
}

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

function cornersOf({ x, z, across, down }: Stood) {
  return [
    { x: x / MM, y: z / MM },
    { x: (x + across) / MM, y: (z + down) / MM },
  ];
}
