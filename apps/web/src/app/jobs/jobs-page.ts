import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toSignal, toObservable } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { StoredJob } from '@zabble/contract';
import type { Unit } from '@zabble/core';
import { debounceTime, distinctUntilChanged, skip, tap, type Observable } from 'rxjs';
import { ThemeButton } from '../shell/theme-button';
import { Wordmark } from '../shell/wordmark';
import { JobCard } from './job-card';
import { JobsApi } from './jobs-api';
import { JobsActions, jobsFeature, sentenceOf } from './jobs-store';
import { newJob } from './new-job';

/** The jobs, as banks standing along a wall. */
@Component({
  selector: 'z-jobs-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [JobCard, ThemeButton, Wordmark],
  templateUrl: './jobs-page.html',
})
export class JobsPage {
  private readonly store = inject(Store);
  private readonly api = inject(JobsApi);
  private readonly router = inject(Router);
  private readonly state = this.store.selectSignal(jobsFeature.selectJobsState);
  protected readonly list = computed(() => this.state().list);
  protected readonly deleted = computed(() => this.state().deleted);
  protected readonly gone = computed(() => this.state().gone);
  protected readonly says = signal('');
  protected readonly trouble = computed(() => this.says() || this.state().says);
  protected readonly search = signal(this.state().search);
  protected readonly pages = computed(() =>
    Math.max(1, Math.ceil((this.list()?.total ?? 0) / (this.list()?.size ?? 12))),
  );

  constructor() {
    this.store.dispatch(JobsActions.asked({}));
    toSignal(
      toObservable(this.search).pipe(
        skip(1),
        debounceTime(250),
        distinctUntilChanged(),
        tap((search) => this.store.dispatch(JobsActions.asked({ search }))),
      ),
    );
  }

  protected turn(page: number): void {
    this.store.dispatch(JobsActions.asked({ page }));
  }

  protected showDeleted(deleted: boolean): void {
    this.store.dispatch(JobsActions.asked({ deleted }));
  }

  protected remove(job: StoredJob): void {
    this.store.dispatch(JobsActions.delete({ job }));
  }

  protected bringBack(job: StoredJob): void {
    this.store.dispatch(JobsActions.bringBack({ job }));
  }

  protected create(unit: Unit): void {
    this.openNew(this.api.create(newJob(unit)));
  }

  protected async importFile(input: HTMLInputElement): Promise<void> {
    const [file] = input.files ?? [];
    if (file) this.openNew(this.api.importFile(await file.text()));
    input.value = '';
  }

  private openNew(made: Observable<StoredJob>): void {
    this.says.set('');
    made.subscribe({
      next: ({ id }) => void this.router.navigate(['/jobs', id, 'measure']),
      error: (problem: unknown) => this.says.set(sentenceOf(problem)),
    });
  }
}
