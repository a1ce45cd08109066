import {
  ChangeDetectionStrategy,
  Component,
  computed,
  ElementRef,
  inject,
  input,
  signal,
  type OnDestroy,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { drawFace, drawStick, inMillimetres, type BankPlan, type DrawerPlan, type Shape } from '@zabble/core';
import { SessionActions, sessionFeature } from '../store/session/session';
import { drawerLabels, edgeLabels, fit, shortened, type Size } from './layout';
import { SizeText } from './size-text';

const MARK_WORDS = {
  'front-top': 'front ',
  'front-bottom': 'front ',
  'box-top': 'box ',
  'box-bottom': 'box ',
  slide: 'slide ',
} as const;

/** What number, height and margins take of a front's width, in pixels. */
const ROOM_FOR_HEIGHT = 118;

/** The bank from the front, to scale, with its story stick beside it: the ruler of the whole screen. */
@Component({
  selector: 'z-bank-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [SizeText],
  templateUrl: './bank-drawing.html',
  host: { class: 'block h-full w-full overflow-hidden' },
})
export class BankDrawing implements OnDestroy {
  readonly bank = input.required<BankPlan>();
  private readonly store = inject(Store);
  private readonly size = signal<Size>({ width: 560, height: 640 });
  private readonly observer: ResizeObserver | undefined;
  protected readonly chosen = this.store.selectSignal(sessionFeature.selectDrawer);
  protected readonly face = computed(() => drawFace(this.bank()));
  protected readonly marks = computed(() => drawStick(this.bank()));
  protected readonly scale = computed(() => fit(this.face(), this.size()));
  protected readonly edges = computed(() => edgeLabels(this.marks(), this.scale()));
  protected readonly own = computed(() => drawerLabels(this.marks(), this.chosen(), this.scale()));
  protected readonly planned = computed(() => this.bank().bank.basis === 'planned');
  protected readonly boxes = computed(() => this.ofRole('drawer-box'));
  protected readonly words = MARK_WORDS;

  constructor() {
    const element = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    if (typeof ResizeObserver === 'undefined') return;
    this.observer = new ResizeObserver(() =>
      this.size.set({ width: element.clientWidth || 560, height: element.clientHeight || 640 }),
    );
    this.observer.observe(element);
  }

  ngOnDestroy(): void {
    this.observer?.disconnect();
  }

  protected ofRole(role: Shape['role']): readonly (Shape & { kind: 'box' })[] {
    return this.face().shapes.filter(
      (shape): shape is Shape & { kind: 'box' } => shape.kind === 'box' && shape.role === role,
    );
  }

  protected readonly lines = computed(() =>
    this.face().shapes.filter((shape): shape is Shape & { kind: 'line' } => shape.kind === 'line'),
  );

  /** A box of the drawing on the screen. */
  protected place(box: Shape & { kind: 'box' }) {
    const scale = this.scale();
    return {
      x: scale.x(box.x),
      y: scale.y(box.y + box.height),
      width: box.width * scale.perMm,
      height: box.height * scale.perMm,
    };
  }

  protected yOf(mark: { y: number }): number {
    return this.scale().y(mark.y / 1_000_000);
  }

  protected drawer(id: string | undefined): DrawerPlan | undefined {
    return this.bank().drawers.find((drawer) => drawer.id === id);
  }

  protected title(drawer: DrawerPlan): string {
    return drawer.name ?? `Drawer ${drawer.place + 1}`;
  }

  /** The name as far as it goes beside the front's height. */
  protected shortTitle(drawer: DrawerPlan, width: number): string {
    return shortened(this.title(drawer), width - ROOM_FOR_HEIGHT);
  }

  protected state(drawer: DrawerPlan): string {
    if (this.stopped(drawer)) return 'can’t be built yet';
    if (drawer.held === 'locked') return 'locked';
    if (drawer.held === 'contents') return 'held by contents';
    return drawer.makeup ? 'takes the rest' : '';
  }

  /** The drawer is marked everywhere, and its front's height shows its sum. */
  protected choose(drawer: string): void {
    this.store.dispatch(SessionActions.asked({ asked: { kind: 'dimension', drawer, dimension: 'front.height' } }));
  }

  protected askOpening(): void {
    this.store.dispatch(SessionActions.asked({ asked: { kind: 'dimension', dimension: 'opening.width' } }));
  }

  /** Something stands in this drawer's way. */
  protected stopped(drawer: DrawerPlan): boolean {
    return this.bank().findings.some((finding) => finding.severity === 'stop' && finding.drawer === drawer.id);
  }

  protected readonly width = computed(() => inMillimetres(this.bank().opening.width.total));
}
