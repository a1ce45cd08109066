import { CdkMenu, CdkMenuItemCheckbox, CdkMenuItemRadio, CdkMenuTrigger } from '@angular/cdk/menu';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { jobFeature } from '../store/job/job.reducer';
import { BothUnits } from '../fields/both-units';
import { ShellActions } from './actions/shell-actions';

/** The unit of the job, and whether sizes are shown in the other one too. */
@Component({
  selector: 'z-units-menu',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CdkMenu, CdkMenuItemCheckbox, CdkMenuItemRadio, CdkMenuTrigger],
  template: `<button i18n type="button" class="press" [cdkMenuTriggerFor]="menu" [attr.aria-label]="told()">
      @if (both.shown()) {
        in + mm
      } @else {
        {{ unit() }}
      }
    </button>
    <ng-template #menu>
      <div
        class="flex w-56 flex-col rounded border border-edge bg-sheet py-1 text-ink shadow-xl"
        cdkMenu
        i18n-aria-label
        aria-label="Units"
      >
        @for (each of units; track each.unit) {
          <button
            type="button"
            class="flex min-h-11 items-center gap-2 px-4 text-left hover:bg-chalk-wash focus:bg-chalk-wash"
            cdkMenuItemRadio
            [cdkMenuItemChecked]="each.unit === unit()"
            (cdkMenuItemTriggered)="shell.turnUnit(each.unit)"
          >
            <span class="w-4">{{ each.unit === unit() ? '•' : '' }}</span> {{ each.label }}
          </button>
        }
        <button
          i18n
          type="button"
          class="flex min-h-11 items-center gap-2 border-t border-line px-4 text-left hover:bg-chalk-wash focus:bg-chalk-wash"
          cdkMenuItemCheckbox
          [cdkMenuItemChecked]="both.shown()"
          (cdkMenuItemTriggered)="both.turn()"
        >
          <span class="w-4">{{ both.shown() ? '•' : '' }}</span> Both shown
        </button>
      </div>
    </ng-template>`,
})
export class UnitsMenu {
  protected readonly both = inject(BothUnits);
  protected readonly shell = inject(ShellActions);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly unit = computed(() => this.document()?.unit ?? 'mm');
  protected readonly told = computed(() =>
    this.both.shown()
      ? $localize`Units: both, in + mm`
      : this.unit() === 'in'
        ? $localize`Units: inches, in`
        : $localize`Units: millimetres, mm`,
  );
  protected readonly units = [
    { unit: 'in', label: $localize`Inches` },
    { unit: 'mm', label: $localize`Millimetres` },
  ] as const;
}
