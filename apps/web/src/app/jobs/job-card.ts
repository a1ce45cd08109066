import { locale } from '../words/locale';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { StoredJob } from '@zabble/contract';
import { plan, readJobDocument, type BankPlan } from '@zabble/core';
import { Wall } from './wall';

/** A job on the wall: its banks as small faces standing on one floor, and its name plate. */
@Component({
  selector: 'z-job-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Wall],
  templateUrl: './job-card.html',
})
export class JobCard {
  readonly job = input.required<StoredJob>();
  readonly deleted = input(false);
  readonly remove = output<StoredJob>();
  readonly duplicate = output<StoredJob>();
  readonly bringBack = output<StoredJob>();
  protected readonly banks = computed((): readonly BankPlan[] => {
    const reading = readJobDocument(this.job().document);
    return reading.ok ? plan(reading.job).cases.flatMap((each) => each.banks) : [];
  });
  protected readonly drawers = computed(() => this.banks().reduce((sum, { drawers }) => sum + drawers.length, 0));
  protected readonly planned = computed(() => this.banks().some(({ bank }) => bank.basis === 'planned'));
  protected readonly changed = computed(() =>
    new Date(this.job().updatedAt).toLocaleDateString(locale(), { day: 'numeric', month: 'long', year: 'numeric' }),
  );
}
