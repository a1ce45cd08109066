import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink, RouterLinkActive } from '@angular/router';
import { Store } from '@ngrx/store';
import { ThemeButton } from '../shell/theme-button';
import { Wordmark } from '../shell/wordmark';
import { JobActions } from '../store/job/job.actions';
import { jobFeature } from '../store/job/job.reducer';
import { selectPlan, selectRedoName, selectUndoName } from '../store/job/job.selectors';
import { isWriting } from '../ui/is-writing';
import { SaveMark } from '../fields/save-mark';
import { TextField } from '../fields/text-field';
import { Writing } from '../ui/writing';
import { keyOf } from './actions/action';
import { ShellActions } from './actions/shell-actions';
import { worstFirst } from './findings/worst-first';
import { UnitsMenu } from './units-menu';

/** Job name, undo and redo by name, where the edits are, all findings and all actions, and the keys of the bench. */
@Component({
  selector: 'z-bench-header',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, RouterLinkActive, SaveMark, TextField, ThemeButton, UnitsMenu, Wordmark],
  template: `<header class="flex flex-wrap items-center gap-x-2 gap-y-1 border-b border-line bg-sheet px-3 py-1.5">
    <z-wordmark [bare]="true" />
    @if (open()) {
      <z-text-field class="w-52 max-lg:w-44 max-sm:w-40" path="name" i18n-label label="Job name" [hideLabel]="true" />
      <z-save-mark />
    }
    <span class="flex-1"></span>
    <button type="button" class="press max-w-56" [disabled]="!undoName()" (click)="undo()">
      <span i18n class="truncate">
        @if (undoName()) {
          Undo: {{ undoName() }}
        } @else {
          Undo
        }
      </span>
    </button>
    <button type="button" class="press max-w-44" [disabled]="!redoName()" (click)="redo()">
      <span i18n class="truncate">
        @if (redoName()) {
          Redo: {{ redoName() }}
        } @else {
          Redo
        }
      </span>
    </button>
    @if (open()) {
      <button i18n type="button" class="press" [class.text-lead]="stops()" (click)="shell.findings()">
        Findings {{ findings() }}
      </button>
      <button i18n type="button" class="press" (click)="shell.search()">Actions</button>
      <a
        i18n
        class="press max-sm:hidden"
        [routerLink]="['/jobs', id(), 'print']"
        routerLinkActive="press-main"
        ariaCurrentWhenActive="page"
        >Print</a
      >
      <z-units-menu class="max-sm:hidden" />
    }
    <z-theme-button class="max-sm:hidden" />
    <button
      type="button"
      class="press max-sm:hidden"
      (click)="shell.keys()"
      i18n-aria-label
      aria-label="Keys of the bench"
    >
      ?
    </button>
  </header>`,
  host: { '(document:keydown)': 'key($event)' },
})
export class BenchHeader {
  private readonly store = inject(Store);
  private readonly writing = inject(Writing);
  protected readonly shell = inject(ShellActions);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  protected readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly plan = this.store.selectSignal(selectPlan);
  protected readonly open = computed(() => this.document() !== undefined);
  protected readonly undoName = this.store.selectSignal(selectUndoName);
  protected readonly redoName = this.store.selectSignal(selectRedoName);
  private readonly all = computed(() => worstFirst(this.plan()?.cases.flatMap(({ banks }) => banks) ?? []));
  /** As many as the list of them has. */
  protected readonly findings = computed(() => this.all().length);
  protected readonly stops = computed(() => this.all().some(({ finding }) => finding.severity === 'stop'));

  protected undo(): void {
    this.store.dispatch(JobActions.undone());
  }

  protected redo(): void {
    this.store.dispatch(JobActions.redone());
  }

  /** Undo is the job's, in a field too: there what is half typed goes first. */
  private back(event: KeyboardEvent): void {
    if (event.altKey || event.key.toLowerCase() !== 'z') return;
    event.preventDefault();
    const forward = event.shiftKey;
    if (!forward && this.writing.putBack()) return;
    if (forward) this.redo();
    else this.undo();
    this.writing.settle();
  }

  /** Single letters work where nobody is writing; Alt with a figure goes to a step from anywhere. */
  protected key(event: KeyboardEvent): void {
    if (event.defaultPrevented || !this.open()) return;
    if (event.ctrlKey || event.metaKey) return this.back(event);
    if (!event.altKey && this.shell.covered()) return;
    if (!event.altKey && isWriting(event)) return;
    const pressed = event.altKey ? $localize`Alt ${event.key}` : event.key;
    const action = this.shell.all().find((each) => keyOf(each) === pressed && !each.off);
    if (!action) return;
    event.preventDefault();
    action.run();
  }
}
