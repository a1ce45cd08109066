import { Speech } from '../../words/speech';
import { Views } from '../../ui/views';
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
import { CUT_VIEWS } from '../steps';
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
  imports: [AtTheSaw, BoardsView, FilesView, PartCard, RackView, SheetsView, Views],
  template: `<z-views
    i18n-label
    label="Views of the cutting"
    [views]="views()"
    [view]="state.view()"
    (viewChange)="look($event)"
  >
    <!-- At the saw it opens beside what was pressed. -->
    @if (state.view() !== 'saw' && part(); as looked) {
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
  </z-views>`,
})
export class CutStep implements OnDestroy {
  readonly bank = input.required<BankPlan>();
  protected readonly state = inject(CutState);
  private readonly speech = inject(Speech);
  protected readonly views = computed(() =>
    CUT_VIEWS.map((id) => ({ id, name: this.speech.say(said(`cut-view/${id}`)) })),
  );
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

  protected look(id: string): void {
    const view = CUT_VIEWS.find((each) => each === id);
    if (view) this.state.view.set(view);
  }
}
