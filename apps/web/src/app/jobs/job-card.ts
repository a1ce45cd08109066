import { locale } from '../words/locale';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { JobSummary } from '@zabble/contract';
import { DELETED_FOR_DAYS } from '@zabble/contract/routes';
import { Wall } from '../drawing/wall';

/** A job on the wall: its banks as small faces standing on one floor, and its name plate. */
@Component({
  selector: 'z-job-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Wall],
  templateUrl: './job-card.html',
})
export class JobCard {
  readonly job = input.required<JobSummary>();
  readonly deleted = input(false);
  /** Whether it is theirs to copy, delete and bring back. */
  readonly open = input(true);
  readonly remove = output<JobSummary>();
  readonly duplicate = output<JobSummary>();
  readonly bringBack = output<JobSummary>();
  protected readonly faces = computed(() => this.job().faces);
  protected readonly drawers = computed(() => this.faces().reduce((sum, { drawers }) => sum + drawers, 0));
  protected readonly banks = computed(() => this.faces().reduce((sum, { banks = 1 }) => sum + banks, 0));
  protected readonly planned = computed(() => this.faces().some(({ planned }) => planned));
  /** When it is gone for good. */
  protected readonly erased = computed(() => {
    const deletedAt = this.job().deletedAt;
    return deletedAt === null
      ? ''
      : new Date(Date.parse(deletedAt) + DELETED_FOR_DAYS * 86_400_000).toLocaleDateString(locale(), {
          day: 'numeric',
          month: 'long',
          year: 'numeric',
        });
  });
  protected readonly changed = computed(() =>
    new Date(this.job().updatedAt).toLocaleDateString(locale(), { day: 'numeric', month: 'long', year: 'numeric' }),
  );
}
