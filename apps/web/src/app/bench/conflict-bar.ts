import { Speech } from '../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { patched, readJobDocument } from '@zabble/core';
import { differences, type Difference } from '../store/job/differences';
import { JobActions } from '../store/job/job.actions';
import { jobFeature } from '../store/job/job.reducer';

/** The job was changed elsewhere: what differs, in words, is the person’s to choose, and nothing goes until then. */
@Component({
  selector: 'z-conflict-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<section
    class="flex flex-col gap-2 border-b border-ochre bg-ochre-wash px-4 py-2 text-ochre"
    i18n-aria-label
    aria-label="Two versions of this job"
  >
    <div class="flex flex-wrap items-center gap-3">
      <p i18n class="flex-1 font-medium" role="alert">
        This job was changed elsewhere meanwhile. Yours is still here and nothing was overwritten: which shall stand?
      </p>
      <button i18n type="button" class="press" (click)="mine()">Mine, in place of the server’s</button>
      <button i18n type="button" class="press" (click)="theirs()">The server’s (undo brings mine back)</button>
    </div>
    <ul class="flex max-h-56 flex-col gap-1 overflow-y-auto text-ink" i18n-aria-label aria-label="What differs">
      @for (each of list(); track each.path) {
        <li>
          <div
            class="grid grid-cols-[minmax(0,1fr)_minmax(0,17rem)_minmax(0,17rem)] items-center gap-2 max-lg:grid-cols-2"
            role="group"
            [attr.aria-label]="each.where"
          >
            <span class="max-lg:col-span-full">{{ each.where }}</span>
            <button
              type="button"
              class="press w-full min-w-0"
              [class.press-main]="!isTaken(each)"
              [attr.aria-pressed]="!isTaken(each)"
              (click)="take(each, false)"
            >
              <span i18n class="truncate">mine: {{ each.mine }}</span>
            </button>
            <button
              type="button"
              class="press w-full min-w-0"
              [class.press-main]="isTaken(each)"
              [attr.aria-pressed]="isTaken(each)"
              (click)="take(each, true)"
            >
              <span i18n class="truncate">the server’s: {{ each.theirs }}</span>
            </button>
          </div>
        </li>
      }
    </ul>
    <div class="flex flex-wrap items-center gap-3">
      <button i18n type="button" class="press press-main" (click)="keep()">Keep these choices</button>
      @if (says()) {
        <p class="font-medium text-lead" role="alert">{{ says() }}</p>
      }
    </div>
  </section>`,
})
export class ConflictBar {
  private readonly store = inject(Store);
  private readonly speech = inject(Speech);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly kept = this.store.selectSignal(jobFeature.selectKept);
  private readonly taken = signal<ReadonlySet<string>>(new Set());
  protected readonly says = signal('');
  protected readonly list = computed(() => {
    const [mine, kept] = [this.document(), this.kept()];
    return mine && kept ? differences(mine, kept.document, this.speech.words()) : [];
  });

  protected isTaken({ path }: Difference): boolean {
    return this.taken().has(path);
  }

  protected take({ path }: Difference, theirs: boolean): void {
    const taken = new Set(this.taken());
    if (theirs) taken.add(path);
    else taken.delete(path);
    this.taken.set(taken);
  }

  protected mine(): void {
    this.store.dispatch(JobActions.mineChosen());
  }

  protected theirs(): void {
    this.store.dispatch(JobActions.theirsChosen());
  }

  /** Mine, with what was taken of the server's; choices that don't go together are said and nothing is kept yet. */
  protected keep(): void {
    const mine = this.document();
    if (!mine) return;
    const chosen = this.list().filter((each) => this.isTaken(each));
    const document = patched(
      mine,
      chosen.map(({ path, value }) => ({ path, value })),
    );
    const reading = readJobDocument(document);
    if (reading.ok) return this.store.dispatch(JobActions.choicesMade({ document }));
    const [first] = reading.errors;
    this.says.set(
      $localize`These don’t go together: ${first ? this.speech.say(first.said) : $localize`the job can’t be read`}.`,
    );
  }
}
