import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { SPECIES, asTold, unitOf } from '@zabble/core';
import { Store } from '@ngrx/store';
import { selectJob } from '../../store/job/job.selectors';

/** All woods of the table: what each is called, how it moves, what it weighs. */
@Component({
  selector: 'z-woods-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<details>
    <summary i18n class="py-2.5 font-medium">All woods, and how they move</summary>
    <div class="max-h-72 overflow-y-auto" tabindex="0" role="group" i18n-aria-label aria-label="All woods">
      <table class="w-full border-collapse text-sm">
        <thead class="caption text-right">
          <tr>
            <th i18n class="py-1 text-left font-medium" scope="col">Wood</th>
            <th i18n class="py-1 font-medium" scope="col">flat-sawn</th>
            <th i18n class="py-1 font-medium" scope="col">quarter-sawn</th>
            <th class="py-1 font-medium" scope="col">{{ weightUnit() }}</th>
          </tr>
        </thead>
        <tbody>
          @for (each of all; track each.id) {
            <tr class="border-t border-line text-right">
              <th class="py-0.5 text-left font-normal" scope="row">{{ each.name }}</th>
              <td>{{ (each.tangential * 100).toFixed(2) }} %</td>
              <td>{{ (each.radial * 100).toFixed(2) }} %</td>
              <td>{{ weight(each.density) }}</td>
            </tr>
          }
        </tbody>
      </table>
    </div>
    <p i18n class="caption pt-1">
      Gain in width for each per cent of moisture, between 6 and 14 %. Flat-sawn: the rings lie along the face;
      quarter-sawn: they stand on edge, and the board moves about half as much.
    </p>
  </details>`,
})
export class WoodsList {
  private readonly job = inject(Store).selectSignal(selectJob);
  private readonly unit = computed(() => this.job()?.unit ?? 'mm');
  protected readonly all = SPECIES;
  protected readonly weightUnit = computed(() => unitOf('density', this.unit()));

  protected weight(density: number): string {
    return asTold(density, 'density', this.unit()).toFixed(this.unit() === 'in' ? 1 : 0);
  }
}
