import { inject, Injectable } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { ROUTES } from '@zabble/contract/routes';
import { copyOf } from '../store/job/copy-of';
import { JobsApi } from '../server-api/jobs-api';
import { JobsActions } from '../jobs/jobs-store';
import { sentenceOf } from '../server-api/problem';
import { jobFeature } from '../store/job/job.reducer';
import { SessionActions } from '../store/session/session';

/** What is done with the job on the bench as a whole. */
@Injectable({ providedIn: 'root' })
export class JobCommands {
  private readonly api = inject(JobsApi);
  private readonly router = inject(Router);
  private readonly store = inject(Store);
  private readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);

  /** Another job with everything this one has; it opens when the server has it. */
  duplicate(): void {
    const document = this.document();
    if (document)
      this.api.create(copyOf(document)).subscribe({
        next: ({ id }) => void this.router.navigate(['/jobs', id, 'measure']),
        error: (problem: unknown) => this.refused(problem),
      });
  }

  download(): void {
    const id = this.id();
    if (id) location.assign(ROUTES.jobFile(id));
  }

  /** It can be brought back from the list, where one is then. */
  delete(): void {
    const id = this.id();
    if (!id) return;
    this.api.read(id).subscribe({
      next: (job) => {
        void this.router.navigate(['/jobs']).then(() => this.store.dispatch(JobsActions.delete({ job })));
      },
      error: (problem: unknown) => this.refused(problem),
    });
  }

  private refused(problem: unknown): void {
    this.store.dispatch(SessionActions.refused({ says: sentenceOf(problem) }));
  }
}
