import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import type { Quote, QuoteState } from '@zabble/contract';
import type { QuoteDetail } from '@zabble/core';
import { CentsPipe } from '../../shop/cents';
import { Says } from '../../ui/says';
import { dayIn } from '../../words/day';
import { LANGUAGE } from '../../words/speech';
import { QuotesState } from './quotes-state';

const STATES: Readonly<Record<QuoteState, string>> = {
  drafted: $localize`drafted`,
  sent: $localize`sent`,
  accepted: $localize`accepted`,
  refused: $localize`refused`,
  lapsed: $localize`lapsed`,
};

const DETAILS: readonly { readonly id: QuoteDetail; readonly name: string }[] = [
  { id: 'sum', name: $localize`one sum` },
  { id: 'parts', name: $localize`by part of the work` },
  { id: 'whole', name: $localize`thing by thing` },
];

/** What was quoted, version by version, where each stands, what changed since; and the next one. */
@Component({
  selector: 'z-quotes-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CentsPipe, ReactiveFormsModule, Says],
  templateUrl: './quotes-view.html',
  host: { class: 'flex flex-col gap-4' },
})
export class QuotesView {
  protected readonly state = inject(QuotesState);
  private readonly locale = inject(LANGUAGE).locale;
  protected readonly details = DETAILS;
  protected readonly form = new FormGroup({
    detail: new FormControl<QuoteDetail>('parts', { nonNullable: true }),
    days: new FormControl('30', { nonNullable: true }),
    excluded: new FormControl('', { nonNullable: true }),
    terms: new FormControl('', { nonNullable: true }),
  });

  protected called(state: QuoteState): string {
    return STATES[state];
  }

  protected day(moment: string): string {
    return dayIn(this.locale, moment);
  }

  /** What may be said of it now. */
  protected next({ state }: Quote): readonly { readonly to: 'sent' | 'accepted' | 'refused'; readonly name: string }[] {
    if (state === 'drafted') return [{ to: 'sent', name: $localize`It is sent` }];
    if (state !== 'sent') return [];
    return [
      { to: 'accepted', name: $localize`Accepted` },
      { to: 'refused', name: $localize`Refused` },
    ];
  }

  protected make(event: Event): void {
    event.preventDefault();
    const { detail, days, excluded, terms } = this.form.getRawValue();
    const held = Number(days);
    if (!Number.isInteger(held) || held < 1 || held > 730)
      return this.state.says.set($localize`Read ${JSON.stringify(days)}\: a whole number of days is wanted, 1 to 730.`);
    this.state.make({ detail, days: held, excluded, terms });
  }

  protected abs(amount: number): number {
    return Math.abs(amount);
  }
}
