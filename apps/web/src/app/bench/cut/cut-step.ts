import { Say } from '../../words/say';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  untracked,
  type OnDestroy,
} from '@angular/core';
import { ActivatedRoute } from '@angular/router';
import { toSignal } from '@angular/core/rxjs-interop';
import { type BankPlan, said } from '@zabble/core';
import { CUT_VIEWS, type CutView } from '../steps';
import { AtTheSaw } from './at-the-saw';
import { BoardsView } from './boards-view';
import { CutState } from './cut-state';
import { FilesView } from './files-view';
import { PartCard } from './part-card';
import { RackView } from './rack-view';
import { SheetsView } from './sheets-view';

/** Cut: what may be cut now, from what, at which setting; the sheets, the rack, and files for elsewhere. */
@Component({
  selector: 'z-cut-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [AtTheSaw, BoardsView, FilesView, PartCard, RackView, Say, SheetsView],
  template: `<div class="flex flex-col gap-4">
    <div class="flex flex-wrap gap-1" role="tablist" aria-label="Views of the cutting">
      @for (view of views; track view) {
        <button
          type="button"
          role="tab"
          class="press"
          [class.press-main]="view === state.view()"
          [attr.aria-selected]="view === state.view()"
          [tabindex]="view === state.view() ? 0 : -1"
          (click)="state.view.set(view)"
          (keydown.arrowRight)="turn(1, $event)"
          (keydown.arrowLeft)="turn(-1, $event)"
        >
          {{ nameOf(view) | say }}
        </button>
      }
    </div>
    @if (part(); as looked) {
      <z-part-card [part]="looked" />
    }
    @switch (state.view()) {
      @case ('saw') {
        <z-at-the-saw [bank]="bank()" />
      }
      @case ('sheets') {
        <z-sheets-view />
      }
      @case ('boards') {
        <z-boards-view />
      }
      @case ('rack') {
        <z-rack-view />
      }
      @case ('files') {
        <z-files-view />
      }
    }
  </div>`,
})
export class CutStep implements OnDestroy {
  readonly bank = input.required<BankPlan>();
  protected readonly state = inject(CutState);
  protected readonly nameOf = (view: CutView) => said(`cut-view/${view}`);
  protected readonly views = CUT_VIEWS;
  private readonly query = toSignal(inject(ActivatedRoute).queryParamMap);
  protected readonly part = computed(() => this.state.byName().get(this.state.part() ?? ''));

  constructor() {
    this.state.active.set(true);
    effect(() => {
      const [name, asked] = [this.query()?.get('part'), this.query()?.get('view')];
      const view = CUT_VIEWS.find((id) => id === asked);
      if (view) untracked(() => this.state.view.set(view));
      if (name) untracked(() => this.state.part.set(name));
    });
  }

  ngOnDestroy(): void {
    this.state.active.set(false);
  }

  protected turn(by: number, event: Event): void {
    const at = CUT_VIEWS.indexOf(this.state.view());
    const next = CUT_VIEWS[(at + by + CUT_VIEWS.length) % CUT_VIEWS.length];
    if (next) this.state.view.set(next);
    const tabs = (event.currentTarget as HTMLElement).parentElement?.querySelectorAll('button');
    tabs?.[(at + by + CUT_VIEWS.length) % CUT_VIEWS.length]?.focus();
  }
}
