import { Speech, gone } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { gateOfCase, isHeldByCase, said, type Release } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectBank } from '../../store/session/session';
import { Says } from '../../ui/says';
import type { GateName } from '../steps';
import { CutState } from './cut-state';
import { Who } from '../../device/who';

/** What opens a gate of a bank or a case: that it is done, or the step where it is. */
@Component({
  selector: 'z-gate-button',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Says],
  template: `@if (words(); as says) {
      <button type="button" class="press" (click)="pass(says)">{{ says }}{{ bankName() }}</button>
    } @else if (release() === 'forecast') {
      <a i18n class="press" [routerLink]="['/jobs', id(), 'measure']">Measure{{ bankName() }}</a>
    }
    <z-says [text]="says()" />`,
  host: { class: 'contents' },
})
export class GateButton {
  readonly release = input.required<Release>();
  /** Path of the bank, or of the case. */
  readonly path = input.required<string>();
  /** Other banks wait for the same. */
  readonly several = input(false);
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly who = inject(Who);
  private readonly state = inject(CutState);
  private readonly store = inject(Store);
  protected readonly id = this.store.selectSignal(jobFeature.selectId);
  protected readonly bank = this.store.selectSignal(selectBank);
  protected readonly says = signal('');
  /** What its button says, where it is a gate at all. */
  protected readonly words = computed(() => {
    const release = this.release();
    return isGate(release) || isHeldByCase(release) ? this.speech.plain(`open-gate/${release}`) : undefined;
  });
  protected readonly bankName = computed(() => {
    if (!this.several()) return '';
    const owner = this.state.plan()?.cases.find(({ path }) => path === this.path());
    if (owner) return `, ${owner.name}`;
    const banks = this.state.plan()?.cases.flatMap((owner) => owner.banks) ?? [];
    const found = banks.find(({ path }) => path === this.path());
    return found ? `, ${this.speech.say(said('bank', found.bank))}` : '';
  });

  protected pass(says: string): void {
    const release = this.release();
    const gate = isHeldByCase(release) ? gateOfCase(release) : release;
    const patch = { path: `${this.path()}.gates.${gate}`, value: this.who.deed() };
    this.says.set(this.edits.apply(gone(says), [patch]) ?? '');
  }
}

function isGate(release: Release): release is GateName {
  return release === 'slides' || release === 'groove' || release === 'glued' || release === 'hung';
}
