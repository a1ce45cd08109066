import { Speech } from '../../words/speech';
import { DialogRef } from '@angular/cdk/dialog';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { saidKey, type Finding, type JobFindingGroup } from '@zabble/core';
import { jobFeature } from '../../store/job/job.reducer';
import { selectPlan } from '../../store/job/job.selectors';
import { SessionActions } from '../../store/session/session';
import { FindingCard } from './finding-card';
import { worstFirst } from './worst-first';

/** Every finding of the job in one list, worst first: each can be mended here or gone to where it stands. */
@Component({
  selector: 'z-findings-board',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FindingCard],
  template: `<div
    class="flex max-h-[90vh] w-[46rem] max-w-[96vw] flex-col rounded border border-edge bg-sheet text-ink shadow-xl"
  >
    <div class="flex items-center gap-3 border-b border-line px-5 py-3">
      <h2 i18n class="mr-auto text-xl font-semibold">What an old hand would say</h2>
      <button i18n type="button" class="press" (click)="dialog.close()">Close</button>
    </div>
    <ul class="flex flex-col gap-2 overflow-y-auto px-5 py-4" tabindex="-1" i18n-aria-label aria-label="All findings">
      @for (each of all(); track keyOf(each)) {
        <li class="flex flex-col">
          <z-finding-card [group]="each" />
          <button
            i18n
            type="button"
            class="self-end min-h-11 px-2 text-sm text-soft underline hover:text-ink"
            (click)="go(each)"
          >
            go to {{ stepOf(each.finding) }}
          </button>
        </li>
      } @empty {
        <li i18n class="py-6 text-center text-soft">Nothing to say: this can be built as it stands.</li>
      }
    </ul>
  </div>`,
})
export class FindingsBoard {
  protected readonly dialog = inject(DialogRef);
  private readonly router = inject(Router);
  private readonly speech = inject(Speech);
  protected readonly keyOf = ({ said: what, banks }: JobFindingGroup): string => saidKey(what) + (banks[0]?.path ?? '');
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(jobFeature.selectId);
  private readonly plan = this.store.selectSignal(selectPlan);
  protected readonly all = computed(() => worstFirst((this.plan()?.cases ?? []).flatMap(({ banks }) => banks)));

  protected stepOf({ step }: Finding): string {
    return this.speech.plain(`step-of/${step}`);
  }

  /** To the first bank it stands in. */
  protected go({ finding: { step, drawer }, banks }: JobFindingGroup): void {
    this.dialog.close();
    this.store.dispatch(SessionActions.bankChosen({ bank: banks[0]?.path ?? '' }));
    if (drawer !== undefined) this.store.dispatch(SessionActions.drawerChosen({ drawer }));
    void this.router.navigate(['/jobs', this.job(), step]);
  }
}
