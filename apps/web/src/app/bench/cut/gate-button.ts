import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { said, type Release } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectBank } from '../../store/session/session';
import { Says } from '../../ui/says';
import { GATE_WORDS } from '../steps';
import { CutDesk } from './cut-desk';
import { Who } from '../../store/session/who';

/** What opens a gate of a bank: that it is done, or the step where it is. */
@Component({
  selector: 'z-gate-button',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Says],
  template: `@if (words(); as says) {
      <button type="button" class="press" (click)="pass(says)">{{ says }}{{ bankName() }}</button>
    } @else if (release() === 'forecast') {
      <a class="press" [routerLink]="['/jobs', id(), 'measure']">Measure{{ bankName() }}</a>
    }
    <z-says [text]="says()" />`,
  host: { class: 'contents' },
})
export class GateButton {
  readonly release = input.required<Release>();
  /** Path of the bank. */
  readonly path = input.required<string>();
  /** Other banks wait for the same. */
  readonly several = input(false);
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly who = inject(Who);
  private readonly desk = inject(CutDesk);
  private readonly store = inject(Store);
  protected readonly id = this.store.selectSignal(jobFeature.selectId);
  protected readonly bank = this.store.selectSignal(selectBank);
  protected readonly says = signal('');
  protected readonly words = computed(() => words(this.release()));
  protected readonly bankName = computed(() => {
    if (!this.several()) return '';
    const banks = this.desk.plan()?.cases.flatMap((owner) => owner.banks) ?? [];
    const found = banks.find(({ path }) => path === this.path());
    return found ? `, ${this.speech.say(said('bank', found.bank))}` : '';
  });

  protected pass(says: string): void {
    const patch = { path: `${this.path()}.gates.${this.release()}`, value: this.who.deed() };
    this.says.set(this.edits.apply(says.toLowerCase(), [patch]) ?? '');
  }
}

function words(release: Release): string | undefined {
  return release in GATE_WORDS ? GATE_WORDS[release as keyof typeof GATE_WORDS] : undefined;
}
