import { computed, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { costFindings, costOf, type Cost, type CostLine, type Finding, type WorkLine } from '@zabble/core';
import { ShopCostingState } from '../../shop/costing';
import { selectJob, selectPlan } from '../../store/job/job.selectors';

/** The price of the job on the bench, worked out anew with every change of it or of the shop’s prices. */
@Injectable({ providedIn: 'root' })
export class PriceState {
  private readonly store = inject(Store);
  readonly shop = inject(ShopCostingState);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly plan = this.store.selectSignal(selectPlan);

  readonly cost = computed((): Cost | undefined => {
    const [job, plan] = [this.job(), this.plan()];
    return job && plan && this.shop.answered() ? costOf(job, plan, this.shop.settings()) : undefined;
  });
  /** Of today, as the device has it. */
  readonly findings = computed((): readonly Finding[] => {
    const [job, plan, cost] = [this.job(), this.plan(), this.cost()];
    return job && plan && cost ? costFindings(job, plan, cost, new Date().toISOString().slice(0, 10)) : [];
  });
  /** What has no price first, then the dear things. */
  readonly lines = computed((): readonly CostLine[] => dearFirst(this.cost()?.lines ?? []));
  readonly work = computed((): readonly WorkLine[] => dearFirst(this.cost()?.work ?? []));
}

function dearFirst<T extends { readonly total?: number }>(lines: readonly T[]): readonly T[] {
  const dear = ({ total }: T): number => total ?? Infinity;
  return [...lines].sort((one, other) => dear(other) - dear(one));
}
