import { Dialog } from '@angular/cdk/dialog';
import { inject, Injectable } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { copyOf } from '../store/job/copy-of';
import { JobsApi } from '../server-api/jobs-api';
import { JobsActions } from '../jobs/jobs-store';
import { Rights } from '../device/rights';
import { handOver } from '../device/hand-over';
import { asking } from '../server-api/asking';
import { jobFeature } from '../store/job/job.reducer';
import { SessionActions } from '../store/session/session';

/** What is done with the job on the bench as a whole. */
@Injectable({ providedIn: 'root' })
export class JobCommands {
  private readonly dialog = inject(Dialog);
  private readonly api = inject(JobsApi);
  private readonly router = inject(Router);
  private readonly store = inject(Store);
  private readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);

  private readonly rights = inject(Rights);
  private readonly ask = asking({ set: (says) => this.store.dispatch(SessionActions.refused({ says })) });

  /** Another job with everything this one has; it opens when the server has it. */
  duplicate(): void {
    const document = this.document();
    if (document && this.may())
      this.ask(this.api.create(copyOf(document)), ({ id }) => void this.router.navigate(['/jobs', id, 'measure']));
  }

  /** How it stood before. */
  async versions(): Promise<void> {
    const { VersionsBoard } = await import('./versions/versions-board');
    this.dialog.open(VersionsBoard, { ariaLabel: $localize`How this job stood before` });
  }

  download(): void {
    const id = this.id();
    if (!id) return;
    this.ask(this.api.file(id), (answer) => {
      const called = /filename=([^;]+)/.exec(answer.headers.get('content-disposition') ?? '')?.[1];
      if (answer.body) handOver(called ?? 'job.zabble.json', answer.body);
    });
  }

  /** It can be brought back from the list, where one is then. */
  delete(): void {
    const id = this.id();
    if (!id || !this.may()) return;
    this.ask(this.api.read(id), ({ document: { name } }) => {
      const job = { id, name };
      void this.router.navigate(['/jobs']).then(() => this.store.dispatch(JobsActions.delete({ job })));
    });
  }

  private may(): boolean {
    const says = this.rights.refuses('plan');
    if (says !== undefined) this.store.dispatch(SessionActions.refused({ says }));
    return says === undefined;
  }
}
