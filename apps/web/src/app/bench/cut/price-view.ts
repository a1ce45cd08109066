import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import type { SupplierPrice } from '@zabble/contract';
import { sameName, type Material } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { MoneyPipe } from '../../shop/money';
import { Says } from '../../ui/says';
import { CutState } from './cut-state';
import { Rack } from './rack';

/** The supplier's list as last asked for, each price with its day; a price of this job's material can be taken. */
@Component({
  selector: 'z-price-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [MoneyPipe, Says],
  template: `<section
    class="flex flex-col gap-2 border-t border-line pt-3"
    i18n-aria-label
    aria-label="The supplier’s prices"
  >
    <div class="flex flex-wrap items-center gap-3">
      <h3 i18n class="mr-auto text-lg font-semibold">
        The supplier’s prices <span class="caption font-normal">a stand-in: made up</span>
      </h3>
      <button i18n type="button" class="press" (click)="rack.refreshPrices()">Ask for today’s</button>
    </div>
    @if (rack.prices(); as list) {
      <ul>
        @for (price of list.items; track price.name) {
          <li class="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
            <span class="flex-1">
              {{ price.name }}
              <span class="caption block">{{ price.length }} × {{ price.width }}, {{ price.pricedOn }}</span>
            </span>
            <b class="font-semibold">{{ price.price | money }}</b>
            @if (counted(price); as material) {
              @if (material.price === price.price) {
                <span i18n class="caption w-44 text-right">the job counts with it</span>
              } @else {
                <button i18n type="button" class="press" (click)="take(price, material)">
                  The job counts {{ material.price === undefined ? '–' : (material.price | money) }}: take it
                </button>
              }
            }
          </li>
        } @empty {
          <li i18n class="caption">Nothing was asked for yet.</li>
        }
      </ul>
    }
    <z-says [text]="says()" />
  </section>`,
})
export class PriceView {
  protected readonly rack = inject(Rack);
  private readonly state = inject(CutState);
  private readonly edits = inject(JobEdits);
  protected readonly says = signal('');
  private readonly materials = computed(() => this.state.job()?.materials ?? []);

  constructor() {
    this.rack.fetchPrices();
  }

  protected counted({ name }: SupplierPrice): Material | undefined {
    return this.materials().find((material) => sameName(material.name, name));
  }

  protected take({ price }: SupplierPrice, material: Material): void {
    const path = `materials[${this.materials().indexOf(material)}].price`;
    this.says.set(this.edits.apply($localize`price of ${material.name}`, [{ path, value: price }]) ?? '');
  }
}
