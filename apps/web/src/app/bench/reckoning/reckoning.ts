import { Say } from '../../words/say';
import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { nm, tallyOf, type BankPlan, type Length, type Term, type Said } from '@zabble/core';
import { sessionFeature } from '../../store/session/session';
import { Size } from '../../fields/size';
import { GoToSource } from './go-to-source';
import { titleOf } from '../titles';

/** The sum behind the number last touched, written out; each term leads to where it came from. */
@Component({
  selector: 'z-reckoning',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [NgTemplateOutlet, Say, Size],
  templateUrl: './reckoning.html',
})
export class Reckoning {
  readonly bank = input.required<BankPlan>();
  private readonly asked = inject(Store).selectSignal(sessionFeature.selectAsked);
  protected readonly follow = inject(GoToSource);
  protected readonly sum = computed(() => {
    const [bank, asked] = [this.bank(), this.asked()];
    const tally = asked && tallyOf(bank, asked);
    return asked && tally && { title: titleOf(bank, asked), tally };
  });

  protected sign(term: Term, first: boolean): string {
    if (term.amount < 0) return '−';
    return first ? '' : '+';
  }

  /** The template does not know that it is a term. */
  protected labelOf({ label }: Term): Said {
    return label;
  }

  /** The amount as written behind its sign. */
  protected size(term: Term): Length {
    return nm(Math.abs(term.each ?? term.amount));
  }
}
