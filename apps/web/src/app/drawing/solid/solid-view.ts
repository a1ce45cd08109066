import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  type ElementRef,
  inject,
  input,
  output,
  signal,
  untracked,
  viewChild,
  viewChildren,
} from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { movedBy, plainFileName, type CasePlan, type Motion } from '@zabble/core';
import { handOver } from '../../device/hand-over';
import { ThemeChoice } from '../../device/theme';
import { jobFeature } from '../../store/job/job.reducer';
import { ChoiceRow, type Choice } from '../../ui/choice-row';
import { looksNow, ON_PAPER } from './looks';
import { asPng, asText, SolidPictures, writeNames, type NameOn } from './pictures';
import { parted } from './parted';
import { apartOf, isOf, poseOf, shapeOf, type Pose } from './shape';
import { SolidState, type Way } from './solid-state';
import type { Stage } from './stage';
import { drawsSolids, STAGE_MAKER } from './stage-maker';

/** A case as a solid: turned and drawn near, opened as far as everything comes, taken apart in the order it goes together. */
@Component({
  selector: 'z-solid-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ChoiceRow],
  providers: [SolidState],
  templateUrl: './solid-view.html',
  host: {
    class: '@container block bg-board',
    '[class]': "large() ? 'fixed inset-0 z-40' : 'h-full min-h-0 w-full'",
    '(keydown.escape)': 'large() && turnLarge()',
  },
})
export class SolidView {
  readonly owner = input.required<CasePlan>();
  /** Another way to look at it is wanted. */
  readonly flat = output();
  protected readonly state = inject(SolidState);
  private readonly theme = inject(ThemeChoice);
  private readonly pictures = inject(SolidPictures);
  private readonly router = inject(Router);
  private readonly maker = inject(STAGE_MAKER);
  private readonly id = inject(Store).selectSignal(jobFeature.selectId);
  private readonly canvas = viewChild<ElementRef<HTMLCanvasElement>>('canvas');
  private readonly tags = viewChildren<ElementRef<HTMLElement>>('tag');
  private readonly shape = computed(() => {
    const solid = this.state.solid();
    return solid && shapeOf(solid);
  });
  /** Why nothing can be drawn: there is no WebGL here, or what draws did not come or did not begin. */
  protected readonly trouble = signal<'blind' | 'not-loaded' | undefined>(undefined);
  /** Over all of the bench. */
  protected readonly large = signal(innerWidth < PHONE);
  /** There is no room for it beside anything. */
  protected readonly alone = innerWidth < PHONE;
  protected readonly ways: readonly Choice<Way>[] = [
    { id: 'open', name: $localize`Open` },
    { id: 'apart', name: $localize`Take apart` },
  ];
  private readonly made = signal<Stage | undefined>(undefined);
  private making = false;

  constructor() {
    effect(() => this.state.owner.set(this.owner()));
    afterRenderEffect(() => this.show());
    effect(() => this.pose());
    effect(() => this.colour());
    inject(DestroyRef).onDestroy(() => this.end());
  }

  protected pull(motion: Motion, event: Event): void {
    const input = event.target as HTMLInputElement;
    this.state.pull(motion, Number(input.value));
    // It stands where it was stopped, not where it was pulled to.
    input.value = String(this.state.amount(motion));
  }

  protected takeApart(event: Event): void {
    this.state.toStage(Number((event.target as HTMLInputElement).value));
  }

  protected choose(way: Way): void {
    this.state.choose(way);
    this.home();
  }

  protected turnLarge(): void {
    if (this.alone) {
      this.flat.emit();
      return;
    }
    this.large.update((large) => !large);
    // Once it is laid out anew.
    setTimeout(() => this.home());
  }

  protected key(event: KeyboardEvent): void {
    const stage = this.made();
    const turn = TURNS[event.key];
    if (!stage || event.ctrlKey || event.metaKey || event.altKey) return;
    if (turn) stage.turn(...turn);
    else if (event.key === '+' || event.key === '=') stage.nearer(1);
    else if (event.key === '-') stage.nearer(-1);
    else if (event.key === 'Home') this.home();
    else return;
    event.preventDefault();
  }

  private down: { readonly x: number; readonly y: number } | undefined;

  protected hold({ clientX: x, clientY: y }: PointerEvent): void {
    this.down = { x, y };
  }

  /** A press that was no drag opens what is under it. */
  protected letGo({ clientX: x, clientY: y, offsetX, offsetY }: PointerEvent): void {
    const [down, stage] = [this.down, this.made()];
    this.down = undefined;
    if (!down || !stage || Math.hypot(x - down.x, y - down.y) > 4) return;
    const { solid, taken } = this.state;
    const piece = solid()?.pieces[stage.pick(offsetX, offsetY) ?? -1];
    const motion = solid()?.motions.find(({ name }) => name === piece?.moves);
    if (motion && taken() === 0) this.state.press(motion);
  }

  protected async save(): Promise<void> {
    const sheet = this.pictureNow();
    const picture = sheet && (await asPng(sheet));
    if (picture) handOver(`${plainFileName(`${this.state.job()?.name ?? ''} ${this.owner().name}`)}.png`, picture);
  }

  protected async print(): Promise<void> {
    const [sheet, job] = [this.pictureNow(), this.id()];
    if (!sheet || job === undefined) return;
    const [colour, grey] = [await asPng(sheet), await asPng(sheet, true)];
    if (!colour || !grey) return;
    const texts = { colour: await asText(colour), grey: await asText(grey) };
    this.pictures.taken.set({ job, owner: this.owner().id, ...texts });
    await this.router.navigate(['/jobs', job, 'print'], { queryParams: { what: 'solid-view.pdf' } });
  }

  /** What is seen now with its names, for paper. */
  private pictureNow(): HTMLCanvasElement | undefined {
    const stage = this.made();
    if (!stage) return undefined;
    const sheet = document.createElement('canvas');
    stage.paint(sheet, FINER, ON_PAPER);
    const times = sheet.width / (this.canvas()?.nativeElement.clientWidth || sheet.width);
    writeNames(sheet, this.placed, times);
    return sheet;
  }

  /** Where names stand in the picture now. */
  private placed: readonly NameOn[] = [];

  private show(): void {
    const [canvas, shape, solid, stage] = [this.canvas()?.nativeElement, this.shape(), this.state.solid(), this.made()];
    this.theme.theme();
    if (!canvas || !shape || !solid) return;
    if (!stage) {
      void this.begin(canvas);
      return;
    }
    stage.show(shape, looksNow());
    this.posed.clear();
    untracked(() => {
      this.pose();
      this.colour();
      if (!this.looked) this.home();
      this.looked = true;
    });
  }

  private async begin(canvas: HTMLCanvasElement): Promise<void> {
    if (this.making) return;
    this.making = true;
    if (!drawsSolids()) {
      this.trouble.set('blind');
      return;
    }
    try {
      const stage = await this.maker(canvas);
      if (this.ended) {
        stage.dispose();
        return;
      }
      stage.drawn = () => this.placeNames();
      const frame = canvas.parentElement as HTMLElement;
      const resize = (): void => stage.resize(frame.clientWidth || 1, frame.clientHeight || 1);
      this.watching = new ResizeObserver(resize);
      this.watching.observe(frame);
      resize();
      this.made.set(stage);
    } catch {
      this.trouble.set('not-loaded');
    }
  }

  private ended = false;
  /** It was looked at from somewhere already: that stays. */
  private looked = false;
  private watching: ResizeObserver | undefined;

  /** The case with room for what comes out of it; taken apart, all of it as far as it goes. */
  private home(): void {
    const { pieces = [] } = this.state.solid() ?? {};
    const apart = this.state.way() === 'apart' ? 1 : 0;
    const ends = (axis: 'x' | 'y' | 'z'): readonly [number, number] => [
      Math.min(...pieces.flatMap((piece) => [piece[axis].from, piece[axis].from + apart * piece.off[axis]])) / 1e6,
      Math.max(...pieces.flatMap((piece) => [piece[axis].to, piece[axis].to + apart * piece.off[axis]])) / 1e6,
    ];
    const [x, y, z] = [ends('x'), ends('y'), ends('z')];
    this.made()?.home([x[0], y[0], -z[1]], [x[1], y[1], -z[0] + (apart ? 0 : OUT)], apart ? 0.72 : 0.95);
  }

  /** How each piece is posed, so that only what moves is moved. */
  private readonly posed = new Map<number, string>();

  private pose(): void {
    const [shape, solid, shown, taken] = [this.shape(), this.state.solid(), this.state.shown(), this.state.taken()];
    const stage = this.made();
    if (!shape || !solid || !stage) return;
    const motions = new Map(solid.motions.map((motion) => [motion.name, motion]));
    const poses = new Map<number, Pose>();
    shape.pieces.forEach((piece, index) => {
      const motion = motions.get(piece.moves ?? '');
      const [amount, apart] = [(motion && shown.get(motion.name)) ?? 0, apartOf(piece, solid.stages, taken)];
      const key = `${amount} ${apart}`;
      if (this.posed.get(index) === key) return;
      this.posed.set(index, key);
      poses.set(
        index,
        poseOf((place) => (motion ? movedBy(motion, amount, place) : place), piece.off, apart),
      );
    });
    if (poses.size > 0) stage.place(poses);
  }

  private colour(): void {
    const [solid, stopped, moving] = [this.state.solid(), this.state.stopped(), this.state.moving()];
    const stage = this.made();
    if (!solid || !stage) return;
    const looks = looksNow();
    const lit = (name: string): boolean => stopped.some(({ by }) => name === by || `${name}/handle` === by);
    // What is taken apart would stand in it.
    stage.showAround(moving === undefined ? solid.around : [], lit, looks);
    stage.colour(looks, (index) => {
      const piece = solid.pieces[index];
      if (!piece) return undefined;
      if (stopped.some(({ by }) => isOf(piece, solid.id, by))) return 'lit';
      return moving !== undefined && moving > 0 && piece.stage > moving ? 'faint' : undefined;
    });
  }

  /** Each at the middle of its part, within the picture, and none on another. */
  private placeNames(): void {
    const [names, stage, shape] = [untracked(this.state.names), untracked(this.made), untracked(this.shape)];
    const frame = this.canvas()?.nativeElement;
    if (!stage || !shape || !frame) return;
    const { now, from } = shape.faces;
    const wanted = untracked(this.tags).map(({ nativeElement: tag }, index) => {
      const name = names[index];
      const piece = name?.piece ?? 0;
      const [a, b] = [(from[piece] ?? 0) * 3, ((from[piece] ?? 0) + 7) * 3];
      const middle = (axis: number): number => ((now[a + axis] ?? 0) + (now[b + axis] ?? 0)) / 2;
      return { name, tag, wide: tag.offsetWidth, ...stage.seen([middle(0), middle(1), middle(2)]) };
    });
    const placed = parted(wanted, frame.clientWidth, frame.clientHeight);
    for (const { tag, x, y } of placed) tag.style.transform = `translate(${x}px, ${y}px)`;
    this.placed = placed.map(({ name, x, y }) => ({ text: name?.text ?? '', lit: name?.lit ?? false, x, y }));
  }

  private end(): void {
    this.ended = true;
    this.watching?.disconnect();
    this.made()?.dispose();
  }
}

/** A picture is so many times as fine as the page. */
const FINER = 2;
/** Before the front, for what opens, in millimetres. */
const OUT = 420;
/** Screens narrower than this have room for nothing beside it, in pixels. */
const PHONE = 640;

const TURNS: Readonly<Partial<Record<string, readonly [round: number, over: number]>>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
