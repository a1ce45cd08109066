import { tap } from 'rxjs';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import { ActiveDescendantKeyManager, type Highlightable } from '@angular/cdk/a11y';
import { DIALOG_DATA, DialogRef } from '@angular/cdk/dialog';
import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  computed,
  Directive,
  ElementRef,
  inject,
  Injector,
  input,
  linkedSignal,
  signal,
  untracked,
  viewChildren,
  type Signal,
} from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { found, keyOf, type Action } from './action';

/** One row of the list, as the keys walk over it. */
@Directive({ selector: '[zActionRow]', exportAs: 'zActionRow' })
export class ActionRow implements Highlightable {
  readonly zActionRow = input.required<Action>();
  readonly lit = signal(false);
  private readonly element = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  setActiveStyles(): void {
    this.lit.set(true);
    this.element.scrollIntoView({ block: 'nearest' });
  }

  setInactiveStyles(): void {
    this.lit.set(false);
  }
}

/** Everything that can be done just now, found by its words; with its key for the next time. */
@Component({
  selector: 'z-action-search',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ActionRow, ReactiveFormsModule],
  template: `<div
    class="flex max-h-[80vh] w-[36rem] max-w-[96vw] flex-col rounded border border-edge bg-sheet text-ink shadow-xl"
  >
    <label class="flex flex-col gap-1 border-b border-line px-4 py-3">
      <span i18n class="caption">What do you want to do?</span>
      <input
        class="write w-full text-lg"
        type="text"
        role="combobox"
        autocomplete="off"
        aria-controls="actions"
        aria-expanded="true"
        [attr.aria-activedescendant]="'action-' + at()"
        [formControl]="control"
        (keydown)="key($event)"
      />
    </label>
    <ul id="actions" class="overflow-y-auto py-1" role="listbox" i18n-aria-label aria-label="Actions">
      @for (action of actions(); track $index; let i = $index) {
        <li
          #row="zActionRow"
          [zActionRow]="action"
          class="flex min-h-11 cursor-pointer items-center gap-3 px-4"
          role="option"
          tabindex="-1"
          [id]="'action-' + i"
          [class.bg-chalk-wash]="row.lit()"
          [attr.aria-selected]="row.lit()"
          (click)="run(action)"
          (keydown.enter)="run(action)"
        >
          <span class="mr-auto">{{ action.name }}</span>
          <span class="caption">{{ action.group }}</span>
          <span class="w-12 text-right font-semibold">{{ keyOf(action) }}</span>
        </li>
      } @empty {
        <li i18n class="px-4 py-3 text-soft">Nothing on the bench is called that.</li>
      }
    </ul>
  </div>`,
})
export class ActionSearch {
  protected readonly dialog = inject(DialogRef);
  private readonly all = inject<Signal<readonly Action[]>>(DIALOG_DATA);
  protected readonly control = new FormControl('', { nonNullable: true });
  private readonly written = toSignal(this.control.valueChanges, { initialValue: '' });
  protected readonly keyOf = keyOf;
  protected readonly actions = computed(() => found(this.all(), this.written()));
  /** What Enter does: the first of what is written now, even before the list of it is drawn. */
  protected readonly at = linkedSignal({ source: this.actions, computation: () => 0 });
  private readonly rows = viewChildren(ActionRow);
  private readonly keys = new ActiveDescendantKeyManager(this.rows, inject(Injector)).withWrap();

  constructor() {
    rxMethod<number>(tap((at) => this.at.set(at)))(this.keys.change);
    // What is written makes another list: its first is lit.
    afterRenderEffect(() => {
      this.actions();
      this.rows();
      untracked(() => this.keys.setFirstItemActive());
    });
  }

  protected key(event: KeyboardEvent): void {
    if (event.key === 'Enter') {
      const action = this.actions()[this.at()];
      if (action) this.run(action);
      event.preventDefault();
    } else if (event.key.startsWith('Arrow') && event.key !== 'ArrowLeft' && event.key !== 'ArrowRight')
      this.keys.onKeydown(event);
  }

  protected run(action: Action): void {
    this.dialog.close();
    action.run();
  }
}
