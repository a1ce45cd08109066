import { rxMethod } from '@ngrx/signals/rxjs-interop';
import { asking } from '../server-api/asking';
import { Dialog } from '@angular/cdk/dialog';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { JobSummary, StoredJob } from '@zabble/contract';
import { DELETED_FOR_DAYS } from '@zabble/contract/routes';
import type { JobDocument } from '@zabble/core';
import { debounceTime, distinctUntilChanged, firstValueFrom, type Observable, pipe, switchMap, tap } from 'rxjs';
import { ShopHabits } from '../shop/habits';
import { Rights } from '../device/rights';
import { Session } from '../device/session';
import { ThemeButton } from '../shell/theme-button';
import { Wordmark } from '../shell/wordmark';
import { copyOf } from '../store/job/copy-of';
import { FileDrop } from '../ui/file-drop';
import { JobCard } from './job-card';
import { JobsApi } from '../server-api/jobs-api';
import { JobsActions, jobsFeature, type NamedJob } from './jobs-store';
import { sentenceOf } from '../server-api/problem';
import { withHabits } from './with-habits';

/** The jobs, as banks standing along a wall. */
@Component({
  selector: 'z-jobs-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FileDrop, JobCard, ReactiveFormsModule, RouterLink, ThemeButton, Wordmark],
  templateUrl: './jobs-page.html',
})
export class JobsPage {
  private readonly dialog = inject(Dialog);
  private readonly store = inject(Store);
  private readonly api = inject(JobsApi);
  private readonly router = inject(Router);
  private readonly habits = inject(ShopHabits);
  protected readonly session = inject(Session);
  protected readonly rights = inject(Rights);
  private readonly state = this.store.selectSignal(jobsFeature.selectJobsState);
  protected readonly list = computed(() => this.state().list);
  protected readonly deleted = computed(() => this.state().deleted);
  protected readonly gone = computed(() => this.state().gone);
  protected readonly days = DELETED_FOR_DAYS;
  protected readonly says = signal('');
  protected readonly trouble = computed(() => this.says() || this.state().says);
  protected readonly searching = new FormControl(this.state().search, { nonNullable: true });
  protected readonly search = computed(() => this.state().search);
  protected readonly page = computed(() => this.state().from.length + 1);

  private readonly ask = asking(this.says);
  private readonly look = rxMethod<string>(
    pipe(
      debounceTime(250),
      distinctUntilChanged(),
      tap((search) => this.store.dispatch(JobsActions.asked({ search }))),
    ),
  );

  constructor() {
    this.store.dispatch(JobsActions.asked({}));
    this.look(this.searching.valueChanges);
  }

  protected turn(to: 'newer' | 'older'): void {
    this.store.dispatch(JobsActions.asked({ to }));
  }

  protected showDeleted(deleted: boolean): void {
    this.store.dispatch(JobsActions.asked({ deleted }));
  }

  protected remove(job: JobSummary): void {
    this.store.dispatch(JobsActions.delete({ job }));
  }

  protected bringBack(job: NamedJob): void {
    this.store.dispatch(JobsActions.bringBack({ job }));
  }

  /** A way of building is chosen, and the job opens. */
  protected async begin(): Promise<void> {
    this.habits.fetch();
    const { NewJobSheet } = await import('./new-job-sheet');
    const chosen = this.dialog.open<JobDocument>(NewJobSheet, { ariaLabel: $localize`A new job` });
    const document = await firstValueFrom(chosen.closed);
    if (document) this.openNew(this.api.create(withHabits(document, this.habits.texts())));
  }

  protected duplicate({ id }: JobSummary): void {
    this.openNew(this.api.read(id).pipe(switchMap(({ document }) => this.api.create(copyOf(document)))));
  }

  protected importFile(input: HTMLInputElement): void {
    void this.importAll([...(input.files ?? [])]);
    input.value = '';
  }

  /** One file is opened; several stand in the list, and one that can't be read is named. */
  protected async importAll(files: readonly File[]): Promise<void> {
    this.says.set('');
    const [only] = files;
    if (only && files.length === 1) {
      this.openNew(this.api.importFile(await only.text()));
      return;
    }
    for (const file of files) {
      try {
        await firstValueFrom(this.api.importFile(await file.text()));
      } catch (problem) {
        this.says.update((before) => `${before} ${file.name}: ${sentenceOf(problem)}`.trim());
      }
    }
    this.store.dispatch(JobsActions.asked({}));
  }

  private openNew(made: Observable<StoredJob>): void {
    this.ask(made, ({ id }) => void this.router.navigate(['/jobs', id, 'measure']));
  }
}
