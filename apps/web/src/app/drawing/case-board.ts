import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  drawWholeCase,
  inMillimetres,
  millimetres,
  said,
  writeLength,
  type Boundary,
  type CaseworkPlan,
  type CasePlan,
  type DrawnCompartment,
  type Shape,
} from '@zabble/core';
import { jobFeature } from '../store/job/job.reducer';
import { selectShowing } from '../store/job/job.selectors';
import { SessionActions, sessionFeature } from '../store/session/session';
import { Speech } from '../words/speech';
import { dividerEdge } from './divider-edits';
import { EdgeDrag } from './edge-drag';
import { EdgeHandle } from './edge-handle';
import { fit } from './layout';
import { paneSize } from './pane-size';
import { PlacedBox } from './placed-box';
import { SizeText } from './size-text';

type Box = Shape & { kind: 'box' };

/** Room left of the case for its height, and right of it for that of a compartment, in pixels. */
const BESIDE = 74;
/** Room above and below it together. */
const AROUND = 80;

/** A whole case from the front: every member and what stands in it. Compartments are taken up here, what parts them is dragged. */
@Component({
  selector: 'z-case-board',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [EdgeHandle, PlacedBox, SizeText],
  templateUrl: './case-board.html',
  host: { class: 'relative block h-full w-full overflow-hidden [contain:strict]' },
})
export class CaseBoard {
  readonly plan = input.required<CasePlan>();
  readonly casework = input.required<CaseworkPlan>();
  private readonly store = inject(Store);
  private readonly drag = inject(EdgeDrag);
  private readonly speech = inject(Speech);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly showing = this.store.selectSignal(selectShowing);
  private readonly node = this.store.selectSignal(sessionFeature.selectNode);
  protected readonly says = this.drag.says;
  protected readonly size = paneSize();
  private readonly drawn = computed(() => drawWholeCase(this.plan(), this.casework()));
  protected readonly scale = computed(() => {
    const { width, height } = this.size();
    const drawn = this.drawn();
    const room = { width: width - BESIDE + 12, height };
    // A low case stands in the middle of the board, not at its foot.
    const { perMm } = fit(drawn, room, BESIDE);
    const spare = Math.max(0, height - AROUND - drawn.height * perMm);
    return fit(drawn, { ...room, height: height - spare / 2 }, BESIDE);
  });
  protected readonly members = computed(() =>
    this.drawn().shapes.filter((shape): shape is Box => shape.kind === 'box'),
  );
  protected readonly width = computed(() => inMillimetres(this.casework().outline.width.total));
  protected readonly outline = computed(() => this.casework().outline);
  protected readonly height = computed(() => inMillimetres(this.outline().height));

  protected readonly compartments = computed(() =>
    this.drawn().compartments.map((compartment) => {
      const bank = this.plan().banks.find(({ path }) => path === compartment.bank);
      return {
        ...compartment,
        chosen: this.isChosen(compartment.id),
        planned: bank === undefined || bank.bank.basis === 'planned',
        name: this.told(compartment),
      };
    }),
  );
  /** Width and height of the compartment that is worked on, within its edges. */
  protected readonly sizes = computed(() => {
    const [s, found] = [this.scale(), this.compartments().find((each) => each.chosen)];
    if (!found) return [];
    const { x, y, width, height } = found;
    return [
      { length: millimetres(width), x: s.x(x + width / 2), y: s.y(y) - 8, anchor: 'middle' },
      { length: millimetres(height), x: s.x(x + width) - 8, y: s.y(y + height / 2) + 5, anchor: 'end' },
    ];
  });
  protected readonly places = computed(() => this.drawn().doors);
  protected readonly fronts = computed(() =>
    this.drawn().banks.flatMap(({ path, shapes }) => {
      const bank = this.plan().banks.find((each) => each.path === path);
      const stops = new Set(bank?.findings.flatMap(({ severity, drawer }) => (severity === 'stop' && drawer) || []));
      const planned = bank?.bank.basis === 'planned';
      return shapes
        .filter((shape): shape is Box => shape.kind === 'box')
        .map((box) => ({ box, planned, stopped: stops.has(box.drawer ?? '') }));
    }),
  );
  /** What parts compartments, in pixels. */
  protected readonly edges = computed(() => {
    const s = this.scale();
    return this.casework().front.boundaries.map((boundary) => {
      const column = boundary.kind === 'column';
      const half = inMillimetres(boundary.thick) / 2;
      const [x, y, long] = [boundary.x, boundary.y, boundary.long].map(inMillimetres) as [number, number, number];
      return {
        boundary,
        column,
        key: `${boundary.path} ${boundary.place}`,
        at: column ? s.x(x + half) : s.y(y + half),
        from: column ? s.y(y + long) : s.x(x),
        long: long * s.perMm,
        name: column ? $localize`What stands right of ${boundary.node}` : $localize`What lies under ${boundary.node}`,
        told: this.sized(inMillimetres(boundary.before)),
        now: inMillimetres(boundary.before),
        most: inMillimetres(boundary.before) + inMillimetres(boundary.after),
      };
    });
  });

  protected member({ member }: Box): string {
    if (member?.startsWith('frame') || member === 'filler' || member === 'worktop-trim') return 'var(--ply)';
    return member === 'case-back' ? 'var(--well)' : 'var(--board)';
  }

  protected take({ id, bank }: DrawnCompartment): void {
    const node = { case: this.plan().id, id };
    this.store.dispatch(SessionActions.nodeChosen(bank === undefined ? { node } : { node, bank }));
  }

  /** From the whole case to what stands in a compartment. */
  protected approach({ bank }: DrawnCompartment): void {
    if (bank !== undefined) this.store.dispatch(SessionActions.approached({ near: 'bank' }));
  }

  protected hold(boundary: Boundary): void {
    this.drag.begin(this.edge(boundary));
  }

  protected letGo(): void {
    this.drag.end();
  }

  protected nudge(boundary: Boundary, steps: number): void {
    this.drag.nudge(this.edge(boundary), steps);
  }

  private edge(boundary: Boundary) {
    return dividerEdge(this.document(), boundary, this.showing()?.unit ?? 'mm');
  }

  private isChosen(id: string): boolean {
    const node = this.node();
    return node?.case === this.plan().id && node.id === id;
  }

  /** “left, 17 × 27 1/4 in, 3 drawers”. */
  private told({ id, width, height, bank: path }: DrawnCompartment): string {
    const bank = this.plan().banks.find((each) => each.path === path);
    const size = `${this.sized(width)} × ${this.sized(height)}`;
    const holds = bank ? this.speech.say(said('standing/drawers', { count: bank.drawers.length })) : $localize`open`;
    return $localize`Compartment ${id}, ${size}, ${holds}`;
  }

  private sized(mm: number): string {
    const showing = this.showing();
    return showing ? writeLength(millimetres(mm), 'opening', showing, { unit: true }) : '';
  }
}
