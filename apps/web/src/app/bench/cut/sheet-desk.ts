import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { rulesOf, stepsOf, type SawStep } from '@zabble/core';
import { Size } from '../../ui/size';
import { CutDesk } from './cut-desk';
import { SheetDrawing } from './sheet-drawing';

/** The sheet in hand: its drawing, and its cuts one after the other, each with its setting. */
@Component({
  selector: 'z-sheet-desk',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [SheetDrawing, Size],
  templateUrl: './sheet-desk.html',
  host: { class: 'flex min-h-0 flex-col gap-2 overflow-y-auto px-3 pb-2' },
})
export class SheetDesk {
  protected readonly desk = inject(CutDesk);
  protected readonly steps = computed((): readonly SawStep[] => {
    const [shown, saw] = [this.desk.shown(), this.desk.saw()];
    return shown && saw ? stepsOf(shown.sheet, rulesOf(saw)) : [];
  });
  protected readonly current = computed(() => {
    const at = this.desk.step();
    return at === undefined ? undefined : this.steps()[at];
  });
  protected readonly name = computed(() => {
    const shown = this.desk.shown();
    return this.desk.job()?.materials.find(({ id }) => id === shown?.material)?.name ?? '';
  });
  protected readonly fromRack = computed(() => {
    const shown = this.desk.shown();
    return shown !== undefined && shown.sheet.stock !== shown.material;
  });

  protected choose(name: string): void {
    this.desk.part.set(name);
  }

  protected turn(by: number): void {
    const count = this.desk.sheets().length;
    this.desk.sheet.update((at) => (at + by + count) % count);
    this.desk.step.set(undefined);
  }

  protected go(by: number): void {
    const at = this.desk.step();
    const next = at === undefined ? (by > 0 ? 0 : this.steps().length - 1) : at + by;
    this.desk.step.set(next >= 0 && next < this.steps().length ? next : undefined);
  }

  protected words({ direction, trims }: SawStep): string {
    if (trims) return direction === 'rip' ? 'Trim both long edges by' : 'Trim both ends by';
    return direction === 'rip' ? 'Fence: rip' : 'Stop: cut';
  }
}
