import { computed, inject, type Signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { writeAddress, type BankPlan, type DoorPlan } from '@zabble/core';
import { selectPlan } from '../../store/job/job.selectors';

/** The doors of the case a bank stands in. To be called where a component is made. */
export function doorsOfCase(bank: Signal<BankPlan>): Signal<readonly DoorPlan[]> {
  const plan = inject(Store).selectSignal(selectPlan);
  return computed(() => plan()?.cases.find((each) => bank().path.startsWith(`${each.path}.`))?.doors ?? []);
}

/** How the log names a bank: `case/bank`. To be called where a component is made. */
export function bankKey(bank: Signal<BankPlan>): Signal<string> {
  const plan = inject(Store).selectSignal(selectPlan);
  return computed(() => {
    const { path, id } = bank();
    const owner = plan()?.cases.find((each) => path.startsWith(`${each.path}.`));
    return writeAddress({ case: owner?.id ?? '', bank: id });
  });
}
