import { Say } from '../../words/say';
import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  kindOfAsked,
  memberSaid,
  nm,
  shownSum,
  tallyIn,
  type Asked,
  type BankPlan,
  type Length,
  type Said,
  type ShownTerm,
} from '@zabble/core';
import { selectPlan, selectShowing } from '../../store/job/job.selectors';
import { SessionActions, sessionFeature } from '../../store/session/session';
import { Size } from '../../fields/size';
import { GoToSource } from './go-to-source';
import { Speech } from '../../words/speech';
import { sizeCalled, titleOf } from '../titles';

/** The sum behind the number last touched, written out; each term leads to where it came from. */
@Component({
  selector: 'z-reckoning',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [NgTemplateOutlet, Say, Size],
  templateUrl: './reckoning.html',
})
export class Reckoning {
  readonly bank = input.required<BankPlan>();
  private readonly store = inject(Store);
  private readonly asked = this.store.selectSignal(sessionFeature.selectAsked);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly showing = this.store.selectSignal(selectShowing);
  private readonly speech = inject(Speech);
  protected readonly follow = inject(GoToSource);
  protected readonly sum = computed(() => {
    const [bank, asked] = [this.bank(), this.asked()];
    const tally = asked && tallyIn(this.plan(), bank, asked);
    const showing = this.showing();
    return (
      asked && tally && showing && { title: this.title(bank, asked), sum: shownSum(tally, kindOfAsked(asked), showing) }
    );
  });

  private title(bank: BankPlan, asked: Asked): string {
    if (asked.kind === 'compartment') return $localize`${asked.compartment}, ${sizeCalled(asked.size)}`;
    if (asked.kind !== 'member') return titleOf(bank, asked);
    const owner = this.plan()?.cases.find(({ path }) => path === asked.case);
    const member = owner?.casework?.members[asked.row];
    return member ? $localize`${this.speech.say(memberSaid(member))}, ${sizeCalled(asked.size)}` : '';
  }

  /** It takes room only while a sum is asked for. */
  protected putAway(): void {
    this.store.dispatch(SessionActions.answered());
  }

  protected sign({ minus }: ShownTerm, first: boolean): string {
    if (minus) return '−';
    return first ? '' : '+';
  }

  /** The template does not know that it is a term. */
  protected labelOf({ term }: ShownTerm): Said {
    return term.label;
  }

  protected size(length: Length): Length {
    return nm(Math.abs(length));
  }
}
