import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BankPlan, DrawerPlan, Patch } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { LengthField } from '../../fields/length-field';
import { NumberField } from '../../fields/number-field';
import { Pick } from '../../fields/pick';
import { ContentsList } from './contents-list';
import { duplicatePatch, lineChoices, linePatch, movePatch } from './drawer-edits';
import { Says } from '../../ui/says';

/** One drawer's wishes: its place, tie, least and most, the line it keeps, and what goes in it. */
@Component({
  selector: 'z-drawer-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ContentsList, LengthField, NumberField, Pick, Says],
  templateUrl: './drawer-card.html',
})
export class DrawerCard {
  readonly bank = input.required<BankPlan>();
  readonly drawer = input.required<DrawerPlan>();
  readonly neighbours = input.required<readonly BankPlan[]>();
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly speech = inject(Speech);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly says = signal('');
  protected readonly number = computed(() => this.drawer().place + 1);
  protected readonly first = computed(() => this.drawer().place === 0);
  protected readonly last = computed(() => this.drawer().place === this.bank().drawers.length - 1);
  protected readonly trays = computed(() => this.bank().bank.front.mount === 'none');
  protected readonly byContents = computed(() => this.bank().bank.division.scheme === 'contents');
  protected readonly ties = computed(() => [
    { value: '', label: $localize`no other` },
    ...this.bank()
      .drawers.filter(({ id }) => id !== this.drawer().id)
      .map(({ id, place, name }) => ({ value: id, label: $localize`drawer ${place + 1}${name ? `, ${name}` : ''}` })),
  ]);
  protected readonly lines = computed(() => lineChoices(this.bank(), this.neighbours(), this.speech.words()));
  protected readonly line = computed(() => {
    const line = this.bank().bank.drawers[this.drawer().place]?.line;
    if (!line) return '';
    return line.y === undefined ? `${line.bank}/${line.drawer}` : 'y';
  });

  /** A drawer that follows another has no lock of its own. */
  protected readonly alongTie = (other: string): readonly Patch[] =>
    other === '' ? [] : [{ path: `${this.drawer().path}.height`, value: undefined }];

  protected move(by: number): void {
    const { place } = this.drawer();
    const document = this.document();
    if (document)
      this.take(
        by < 0 ? $localize`move drawer ${place + 1} up` : $localize`move drawer ${place + 1} down`,
        movePatch(document, this.bank(), place, place + by),
      );
  }

  protected duplicate(): void {
    const document = this.document();
    const { place } = this.drawer();
    if (document) this.take($localize`one more like drawer ${place + 1}`, duplicatePatch(document, this.bank(), place));
  }

  protected carry(choice: string): void {
    const { place } = this.drawer();
    const unit = this.showing()?.unit ?? 'mm';
    const name =
      choice === '' ? $localize`free the line of drawer ${place + 1}` : $localize`carry a line to drawer ${place + 1}`;
    this.take(name, linePatch(this.bank(), place, choice, unit));
  }

  private take(name: string, patch: Patch): void {
    this.says.set(this.edits.apply(name, [patch]) ?? '');
  }
}
