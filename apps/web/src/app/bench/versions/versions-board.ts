import { DialogRef } from '@angular/cdk/dialog';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { JobRevision, JobRevisionList } from '@zabble/contract';
import { plan, readJobDocument, smallFaces, type JobDocument, type Patch } from '@zabble/core';
import { Wall } from '../../drawing/wall';
import { asking } from '../../server-api/asking';
import { JobsApi } from '../../server-api/jobs-api';
import { differences } from '../../store/job/differences';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { Says } from '../../ui/says';
import { locale } from '../../words/locale';
import { Speech } from '../../words/speech';

/** How the job stood before: looked at, held against how it stands now, and brought back as one edit that can be undone. */
@Component({
  selector: 'z-versions-board',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says, Wall],
  templateUrl: './versions-board.html',
})
export class VersionsBoard {
  protected readonly dialog = inject(DialogRef);
  private readonly api = inject(JobsApi);
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly store = inject(Store);
  private readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  private readonly ask = asking(this.says);
  protected readonly list = signal<JobRevisionList['items'] | undefined>(undefined);
  protected readonly shown = signal<JobRevision | undefined>(undefined);
  protected readonly room = { width: 380, height: 300 };
  protected readonly faces = computed(() => {
    const reading = readJobDocument(this.shown()?.document);
    return reading.ok ? plan(reading.job).cases.flatMap(smallFaces) : undefined;
  });
  /** What would change: how it stands now, and how it stood. */
  protected readonly differs = computed(() => {
    const [now, before] = [this.document(), this.shown()?.document];
    return now && before ? differences(now, before, this.speech.words()) : [];
  });

  constructor() {
    this.ask(this.api.revisions(this.id() ?? ''), ({ items }) => {
      this.list.set(items);
      const [first] = items;
      if (first) this.look(first.revision);
    });
  }

  protected look(revision: number): void {
    this.ask(this.api.revision(this.id() ?? '', revision), (read) => this.shown.set(read));
  }

  /** As people tell a day and an hour. */
  protected when(savedAt: string): string {
    return new Date(savedAt).toLocaleString(locale(), { dateStyle: 'medium', timeStyle: 'short' });
  }

  protected bringBack({ document, savedAt }: JobRevision): void {
    const now = this.document();
    if (!now) return;
    const refused = this.edits.apply($localize`the version of ${this.when(savedAt)}`, patchesTo(now, document));
    if (refused === undefined) this.dialog.close();
    else this.says.set(refused);
  }
}

/** Every field as it was, and those that were not there gone. */
function patchesTo(now: JobDocument, before: JobDocument): readonly Patch[] {
  const fields = [...new Set([...Object.keys(now), ...Object.keys(before)])];
  return fields.map((path) => ({ path, value: (before as unknown as Record<string, unknown>)[path] }));
}
