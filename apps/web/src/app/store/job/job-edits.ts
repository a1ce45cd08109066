import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { patched, readJobDocument, type JobDocument, type Patch } from '@zabble/core';
import { JobActions } from './job.actions';
import { jobFeature } from './job.reducer';

/** The one way decisions get into the job: a named edit that leaves a job that can be read, or a sentence why not. */
@Injectable({ providedIn: 'root' })
export class JobEdits {
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);

  /** Undefined when done; else what stands in the way, and the job stays as it was. */
  apply(name: string, patches: readonly Patch[], merge?: string): string | undefined {
    const before = this.document();
    if (!before) return 'No job is open.';
    const document: JobDocument = patched(before, patches);
    if (JSON.stringify(document) === JSON.stringify(before)) return undefined;
    const reading = readJobDocument(document);
    if (!reading.ok) {
      const says = reading.errors[0]?.says ?? 'that can’t be read';
      return `${says.charAt(0).toUpperCase()}${says.slice(1)}.`;
    }
    this.store.dispatch(JobActions.edited({ name, document, ...(merge === undefined ? {} : { merge }) }));
    return undefined;
  }
}
