import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Router } from '@angular/router';
import { Says } from '../ui/says';
import { BuyingState } from './buying-state';
import { ChosenJobs } from './chosen-jobs';

/** Which jobs are bought for, and by when everything is wanted. */
@Component({
  selector: 'z-job-choice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `<fieldset class="flex flex-col gap-1">
      <legend i18n class="mb-1 text-lg font-semibold">For these jobs</legend>
      @for (job of jobs.all(); track job.id) {
        <label class="flex min-h-11 items-center gap-2">
          <input type="checkbox" class="size-5 shrink-0" [checked]="isChosen(job.id)" (change)="turn(job.id)" />
          <span class="min-w-0 break-words"
            >{{ job.name }}
            @if (job.customer) {
              <span class="caption">{{ job.customer }}</span>
            }
          </span>
        </label>
      } @empty {
        <p i18n class="caption">There is no job yet.</p>
      }
      @if (jobs.hasMore()) {
        <button i18n type="button" class="press self-start" (click)="jobs.more()">Older jobs</button>
      }
    </fieldset>
    <label class="mt-3 flex flex-col gap-1">
      <span i18n class="caption">Everything is wanted by</span>
      <input class="write" type="date" [value]="state.by()" (change)="state.by.set($any($event.target).value)" />
    </label>
    <z-says [text]="jobs.says()" />`,
  host: { class: 'block' },
})
export class JobChoice {
  protected readonly jobs = inject(ChosenJobs);
  protected readonly state = inject(BuyingState);
  private readonly router = inject(Router);

  protected isChosen(id: string): boolean {
    return this.jobs.ids().includes(id);
  }

  /** Kept in the address: a list can be come back to. */
  protected turn(id: string): void {
    const ids = this.isChosen(id) ? this.jobs.ids().filter((each) => each !== id) : [...this.jobs.ids(), id];
    this.jobs.choose(ids);
    void this.router.navigate([], { queryParams: { jobs: ids.join(',') || null }, replaceUrl: true });
  }
}
