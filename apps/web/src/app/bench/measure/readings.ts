import { OfPlan } from '../../fields/of-plan';
import { PLACE_NAMES, SIZE_NAMES } from '../../words/place-names';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { readingPath, valueAt, writeExact, type BankPlan, type OpeningReadingOf, type OpeningSize } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { Figure } from '../../fields/figure';
import { LengthField } from '../../fields/length-field';
import { Says } from '../../ui/says';
import {
  answered,
  atLevelOf,
  drawerOf,
  nextPlace,
  PLACE_QUESTIONS,
  placed,
  placesOf,
  type PlaceQuestion,
} from './reading-places';

type Reading = OpeningReadingOf<string>;

/** The readings of one size of the opening, where each was taken, and the one that governs. */
@Component({
  selector: 'z-readings',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [OfPlan, Figure, LengthField, Says],
  templateUrl: './readings.html',
})
export class Readings {
  readonly bank = input.required<BankPlan>();
  readonly size = input.required<OpeningSize>();
  readonly label = input.required<string>();
  /** From where to where the tape is held, where that is not plain. */
  readonly from = input('');
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly says = signal('');
  protected readonly path = computed(() => `${this.bank().path}.opening.${this.size()}`);
  protected readonly readings = computed(() => valueAt(this.document(), this.path()) as readonly Reading[]);
  protected readonly asked = computed(() => ({ kind: 'dimension', dimension: `opening.${this.size()}` }) as const);
  protected readonly questions = computed(() => PLACE_QUESTIONS[this.size()]);
  protected readonly places = PLACE_NAMES;
  protected readonly asks = { level: $localize`level`, edge: $localize`edge`, side: $localize`side` };
  /** Where to measure next. */
  private readonly nextPlace = computed(() => nextPlace(this.size(), this.readings()));
  protected readonly next = computed(() =>
    this.nextPlace()
      .map((each) => PLACE_NAMES[each])
      .join(', '),
  );

  protected lengthPath(index: number): string {
    return readingPath(this.bank().path, this.size(), index, this.readings()[index]);
  }

  protected chosen(reading: Reading, { answers, asks }: PlaceQuestion): string {
    const drawer = drawerOf(reading);
    if (asks === 'level' && drawer !== undefined) return `drawer ${drawer}`;
    return placesOf(reading).find((each) => answers.includes(each)) ?? '';
  }

  protected answer(index: number, question: PlaceQuestion, answer: string): void {
    const reading = this.readings()[index];
    if (reading === undefined) return;
    const value = answer.startsWith('drawer ')
      ? atLevelOf(reading, answer.slice('drawer '.length))
      : answered(reading, question, answer);
    this.take($localize`where ${this.sizeName()} reading ${index + 1} was taken`, {
      path: `${this.path()}[${index}]`,
      value,
    });
  }

  /** A new reading starts from the governing one: it changes nothing until something else is written. */
  protected add(): void {
    const governing = this.bank().opening[this.size()].total;
    const value = placed(writeExact(governing, this.showing()?.unit ?? 'mm'), this.nextPlace());
    const at = this.readings().length;
    this.take($localize`another ${this.sizeName()} reading`, { path: `${this.path()}[${at}]`, value });
    requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-path="${this.lengthPath(at)}"]`)?.focus());
  }

  protected remove(index: number): void {
    const patch = { path: `${this.path()}[${index}]`, value: undefined };
    this.take($localize`take away ${this.sizeName()} reading ${index + 1}`, patch);
  }

  private sizeName(): string {
    return SIZE_NAMES[this.size()];
  }

  private take(name: string, patch: { readonly path: string; readonly value: unknown }): void {
    this.says.set(this.edits.apply(name, [patch]) ?? '');
  }
}
