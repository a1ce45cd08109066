import { Dialog } from '@angular/cdk/dialog';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Step } from '@zabble/core';
import { ThemeButton } from '../shell/theme-button';
import { ThemeChoice } from '../shell/theme';
import { Wordmark } from '../shell/wordmark';
import { JobActions } from '../store/job/job.actions';
import { jobFeature } from '../store/job/job.reducer';
import { selectRedoName, selectUndoName } from '../store/job/job.selectors';
import { SaveMark } from '../ui/save-mark';
import { TextField } from '../ui/text-field';
import { KeySheet } from './key-sheet';
import { STEPS } from './steps';

/** Job name, undo and redo by name, where the edits are, and the keys of the bench. */
@Component({
  selector: 'z-bench-header',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [SaveMark, TextField, ThemeButton, Wordmark],
  template: `<header
    class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line bg-sheet px-3 py-1.5 max-lg:gap-x-2"
  >
    <z-wordmark />
    @if (open()) {
      <z-text-field class="w-60 max-lg:w-48 max-sm:w-40" path="name" label="Job name" [hideLabel]="true" />
      <z-save-mark />
    }
    <span class="flex-1"></span>
    <button type="button" class="press max-w-60" [disabled]="!undoName()" (click)="undo()">
      <span class="truncate">{{ undoName() ? 'Undo: ' + undoName() : 'Undo' }}</span>
    </button>
    <button type="button" class="press max-w-52" [disabled]="!redoName()" (click)="redo()">
      <span class="truncate">{{ redoName() ? 'Redo: ' + redoName() : 'Redo' }}</span>
    </button>
    <z-theme-button />
    <button type="button" class="press max-sm:hidden" (click)="keys()" aria-label="Keys of the bench">?</button>
  </header>`,
  host: { '(document:keydown)': 'key($event)' },
})
export class BenchHeader {
  readonly step = input.required<Step>();
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly dialog = inject(Dialog);
  private readonly theme = inject(ThemeChoice);
  private readonly job = this.store.selectSignal(jobFeature.selectId);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  protected readonly open = computed(() => this.document() !== undefined);
  protected readonly undoName = this.store.selectSignal(selectUndoName);
  protected readonly redoName = this.store.selectSignal(selectRedoName);

  protected undo(): void {
    this.store.dispatch(JobActions.undone());
  }

  protected redo(): void {
    this.store.dispatch(JobActions.redone());
  }

  protected keys(): void {
    if (this.dialog.openDialogs.length === 0) this.dialog.open(KeySheet, { ariaLabel: 'Keys of the bench' });
  }

  /** Keys work where nobody is writing; Alt with a figure goes to a step from anywhere. */
  protected key(event: KeyboardEvent): void {
    const writing = event.target instanceof HTMLElement && /^(INPUT|SELECT|TEXTAREA)$/.test(event.target.tagName);
    const step = event.altKey ? STEPS[Number(event.key) - 1] : undefined;
    if (step) void this.router.navigate(['/jobs', this.job(), step.id]);
    else if (writing || event.altKey || event.metaKey || event.ctrlKey) return;
    else if (event.key === 'u') this.undo();
    else if (event.key === 'r') this.redo();
    else if (event.key === 'l') this.theme.turn();
    else if (event.key === '?') this.keys();
    else return;
    event.preventDefault();
  }
}
