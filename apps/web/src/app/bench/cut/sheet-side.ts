import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { isPastSaw, movesOf, stepsOf, type SawStep } from '@zabble/core';
import { Size } from '../../fields/size';
import { CutState } from './cut-state';
import { SheetDrawing } from './sheet-drawing';
import { SheetWalk } from './sheet-walk';
import { Says } from '../../ui/says';

/** The sheet in hand: its drawing, and its cuts one after the other, each with its setting. */
@Component({
  selector: 'z-sheet-side',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says, SheetDrawing, Size],
  templateUrl: './sheet-side.html',
  host: { class: 'flex min-h-0 flex-col gap-2 overflow-y-auto px-3 pb-2' },
})
export class SheetSide {
  protected readonly state = inject(CutState);
  private readonly walk = inject(SheetWalk);
  protected readonly steps = computed((): readonly SawStep[] => {
    const shown = this.state.shown();
    return shown ? stepsOf(shown.sheet, shown.blade) : [];
  });
  protected readonly current = computed(() => {
    const at = this.state.step();
    return at === undefined ? undefined : this.steps()[at];
  });
  /** A cut that is more than the shop's saw takes. */
  protected pastSaw(step: SawStep): boolean {
    return isPastSaw(step, this.state.saw()?.limits);
  }
  protected readonly name = computed(() => {
    const shown = this.state.shown();
    return this.state.job()?.materials.find(({ id }) => id === shown?.material)?.name ?? '';
  });
  protected readonly fromRack = computed(() => {
    const shown = this.state.shown();
    return shown !== undefined && shown.sheet.stock !== shown.material;
  });

  /** How often the saw is set along the way. */
  protected readonly moves = computed(() => movesOf(this.steps()));
  protected readonly says = signal('');
  /** How many steps are done; the next one is what is shown first. */
  protected readonly done = computed(() => this.state.shown()?.taken?.done ?? 0);
  /** Where no cut is in hand yet, what stands on it says where it leads. */
  protected readonly ahead = computed(() =>
    this.state.step() === undefined ? undefined : $localize`Ahead to the cut after`,
  );
  /** Parts on it may not be cut yet. */
  protected readonly held = computed(() => {
    const shown = this.state.shown();
    if (!shown) return false;
    return this.steps().some(({ parts }) => parts.some((name) => this.state.byName().get(name)?.release !== 'now'));
  });
  /** What comes off with the step in hand. */
  protected readonly yields = computed(() =>
    (this.current()?.parts ?? []).flatMap((name) => {
      const part = this.state.byName().get(name);
      return part ? this.state.titleOf(part) : [];
    }),
  );

  /** Done: kept with the job, its parts ticked off, and on to the next. */
  protected finish(): void {
    const [shown, at] = [this.state.shown(), this.state.step()];
    if (!shown || at === undefined) return;
    const last = at === this.steps().length - 1;
    this.says.set(this.walk.done(shown, at));
    if (this.says() !== '') return;
    this.state.step.set(last ? undefined : at + 1);
  }

  protected takeBack(): void {
    const shown = this.state.shown();
    if (!shown) return;
    const { done } = this;
    const before = done() - 1;
    this.says.set(this.walk.undone(shown));
    this.state.step.set(before);
  }

  protected choose(name: string): void {
    this.state.part.set(name);
  }

  protected turn(by: number): void {
    const sheets = this.state.sheets();
    const at = this.state.shown()?.index ?? 0;
    this.state.sheet.set(sheets[(at + by + sheets.length) % sheets.length]?.key ?? '');
    this.state.step.set(undefined);
  }

  protected go(by: number): void {
    const at = this.state.step();
    const next = at === undefined ? (by > 0 ? this.done() : this.steps().length - 1) : at + by;
    this.state.step.set(next >= 0 && next < this.steps().length ? next : undefined);
  }

  protected words({ direction, trims }: SawStep): string {
    if (trims) return direction === 'rip' ? $localize`Trim both long edges by` : $localize`Trim both ends by`;
    return direction === 'rip' ? $localize`Fence: rip` : $localize`Stop: cut`;
  }
}
