import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { patched, type JobDocument } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectLog } from '../../store/log/log.selectors';
import { SessionActions, sessionFeature } from '../../store/session/session';
import { sameBank, spokenOf, type CaseEdit } from './case-edits';

/** Cases and banks added, copied, moved and taken away; what was worked on stays on the bench. */
@Injectable({ providedIn: 'root' })
export class CaseState {
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly bank = this.store.selectSignal(sessionFeature.selectBank);
  private readonly chosen = this.store.selectSignal(sessionFeature.selectNode);
  private readonly log = this.store.selectSignal(selectLog);

  /** `owner` is the id of the case whose layout is worked on. Undefined when done, else what stands in the way: the edit's own sentence, or that of the job. */
  apply(
    name: string,
    edit: (document: JobDocument, spoken: ReadonlySet<string>) => CaseEdit | string | undefined,
    owner?: string,
  ): string | undefined {
    const document = this.document();
    if (!document) return $localize`No job is open.`;
    const done = edit(document, spokenOf(document, this.log()));
    if (!done || typeof done === 'string') return done;
    const refused = this.edits.apply(name, done.patches);
    const now = this.bank();
    const bank = done.bank ?? sameBank(document, patched(document, done.patches), now);
    if (refused !== undefined) return refused;
    const chosen = this.chosen();
    const node = owner !== undefined && done.node !== undefined ? { case: owner, id: done.node } : chosen;
    // Within a case the case stays what is looked at.
    if (owner !== undefined) this.store.dispatch(SessionActions.nodeChosen({ node, bank }));
    else if (bank !== now) this.store.dispatch(SessionActions.bankChosen({ bank }));
    return undefined;
  }
}
