import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { JobDocument } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectLog } from '../../store/log/log.selectors';
import { SessionActions } from '../../store/session/session';
import { spokenOf, type CaseEdit } from './case-edits';

/** Cases and banks added, copied, moved and taken away; what was worked on stays on the bench. */
@Injectable({ providedIn: 'root' })
export class CaseDesk {
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly log = this.store.selectSignal(selectLog);

  /** Undefined when done, else what stands in the way. */
  apply(name: string, edit: (document: JobDocument, spoken: ReadonlySet<string>) => CaseEdit): string | undefined {
    const document = this.document();
    if (!document) return 'No job is open.';
    const { patches, bank } = edit(document, spokenOf(document, this.log()));
    const refused = this.edits.apply(name, patches);
    if (refused === undefined) this.store.dispatch(SessionActions.bankChosen({ bank }));
    return refused;
  }
}
