import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  drawFace,
  drawStick,
  inMillimetres,
  millimetres,
  writeLength,
  type BankPlan,
  type DrawerPlan,
  type Shape,
} from '@zabble/core';
import { selectShowing } from '../store/job/job.selectors';
import { SessionActions, sessionFeature } from '../store/session/session';
import { EdgeDrag } from './edge-drag';
import { EdgeHandle } from './edge-handle';
import { Front } from './front';
import { jointEdge } from './joint-edits';
import { fit, nearTo, sameScale, type Window } from './layout';
import { paneSize } from './pane-size';
import { PlacedBox } from './placed-box';
import { SizeText } from './size-text';
import { StoryStick } from './story-stick';

type Box = Shape & { kind: 'box' };

/** The bank from the front, to scale, with its story stick beside it: the ruler of the whole screen. */
@Component({
  selector: 'z-bank-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [EdgeHandle, Front, PlacedBox, SizeText, StoryStick],
  templateUrl: './bank-drawing.html',
  // What moves in it asks nothing of the rest of the page.
  host: { class: 'relative block h-full w-full overflow-hidden [contain:strict]' },
})
export class BankDrawing {
  readonly bank = input.required<BankPlan>();
  /** The fronts as they will look, with their pulls, in place of names and heights. */
  readonly withPulls = input(false);
  /** The drawer that is looked at from near; the whole bank where there is none. */
  readonly near = input<string>();
  private readonly drag = inject(EdgeDrag);
  private readonly store = inject(Store);
  protected readonly size = paneSize();
  private readonly face = computed(() => drawFace(this.bank()));
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly says = this.drag.says;
  protected readonly chosen = this.store.selectSignal(sessionFeature.selectDrawer);
  protected readonly marks = computed(() => drawStick(this.bank()));
  protected readonly scale = computed(() => fit(this.window(), this.size()), { equal: sameScale });
  /** All of the face, or one front with a little of what is above and below it. */
  private readonly window = computed((): Window => {
    const face = this.face();
    const front = this.boxes('front').find(({ drawer }) => drawer === this.near());
    return front ? nearTo(face, front, this.size()) : face;
  });
  protected readonly planned = computed(() => this.bank().bank.basis === 'planned');
  protected readonly width = computed(() => inMillimetres(this.bank().opening.width.total));
  protected readonly height = computed(() => inMillimetres(this.bank().opening.height.total));
  protected readonly lines = computed(() =>
    this.face().shapes.filter((shape): shape is Shape & { kind: 'line' } => shape.kind === 'line'),
  );
  private readonly stops = computed(
    () =>
      new Set(this.bank().findings.flatMap(({ severity, drawer }) => (severity === 'stop' && drawer ? [drawer] : []))),
  );

  protected boxes(role: Box['role']): readonly Box[] {
    return this.face().shapes.filter((shape): shape is Box => shape.kind === 'box' && shape.role === role);
  }

  protected drawer(id: string | undefined): DrawerPlan | undefined {
    return this.bank().drawers.find((drawer) => drawer.id === id);
  }

  /** Something stands in this drawer’s way. */
  protected stopped({ id }: DrawerPlan): boolean {
    return this.stops().has(id);
  }

  /** Joints between neighbouring fronts, in pixels, with what they are called. */
  protected readonly joints = computed(() => {
    const fronts = this.boxes('front');
    const s = this.scale();
    return fronts.slice(0, -1).flatMap((above, index) => {
      const below = fronts[index + 1];
      const drawer = this.drawer(above.drawer);
      if (!below || !drawer) return [];
      const y = (above.y + below.y + below.height) / 2;
      return { place: drawer.place, at: s.y(y), y, left: s.x(above.x), width: above.width * s.perMm };
    });
  });

  /** The drawer is marked everywhere, and its front’s height shows its sum. */
  protected choose(drawer: string): void {
    this.store.dispatch(SessionActions.asked({ asked: { kind: 'dimension', drawer, dimension: 'front.height' } }));
  }

  protected take(place: number): void {
    const drawer = this.bank().drawers[place]?.id;
    this.store.dispatch(SessionActions.drawerChosen({ drawer }));
    this.drag.begin(jointEdge(this.bank(), place, this.unit()));
  }

  protected letGo(): void {
    this.drag.end();
  }

  protected nudge(place: number, steps: number): void {
    this.drag.nudge(jointEdge(this.bank(), place, this.unit()), steps);
  }

  private unit() {
    return this.showing()?.unit ?? 'mm';
  }

  /** A joint's height above the floor, for those who hear it. */
  protected told(y: number): string {
    const showing = this.showing();
    return showing ? writeLength(millimetres(y), 'spacer', showing, { unit: true }) : '';
  }

  protected askOpening(): void {
    this.store.dispatch(SessionActions.asked({ asked: { kind: 'dimension', dimension: 'opening.width' } }));
  }
}
