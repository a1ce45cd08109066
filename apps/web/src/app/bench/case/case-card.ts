import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { said, type BankPlan, type CasePlan, type JobDocument } from '@zabble/core';
import { SessionActions } from '../../store/session/session';
import { Choice } from '../../fields/choice';
import { LengthField } from '../../fields/length-field';
import { Says } from '../../ui/says';
import { Size } from '../../fields/size';
import { TextField } from '../../fields/text-field';
import { CaseState } from './case-state';
import {
  bankBeside,
  bankPath,
  casePlace,
  duplicateBank,
  duplicateCase,
  moveBank,
  moveCase,
  removeBank,
  removeCase,
  type CaseEdit,
} from './case-edits';
import { caseAround } from '../../store/case/whole-case';
import { Stand } from './stand';
import { WholeCase } from './whole-case';

/** One case: its name and place, how it is built and stands, and its banks from the left. */
@Component({
  selector: 'z-case-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Choice, LengthField, Says, Size, Stand, TextField, WholeCase],
  templateUrl: './case-card.html',
})
export class CaseCard {
  readonly owner = input.required<CasePlan>();
  readonly place = input.required<number>();
  /** How many cases the job has. */
  readonly count = input.required<number>();
  /** The one on the bench. */
  readonly bank = input.required<BankPlan>();
  private readonly state = inject(CaseState);
  private readonly store = inject(Store);
  private readonly speech = inject(Speech);
  protected readonly says = signal('');
  protected readonly oneCase = $localize`A job has one case at least.`;
  protected readonly oneBank = $localize`A case has one bank at least.`;
  protected readonly styles = [
    { value: 'frameless', label: $localize`Frameless` },
    { value: 'face-frame', label: $localize`With a face frame` },
  ];
  protected readonly alike = [
    { value: 'openings', label: $localize`Openings` },
    { value: 'fronts', label: $localize`Fronts` },
  ];

  protected title({ bank }: BankPlan): string {
    return this.speech.say(said('bank', bank));
  }

  protected move(by: number): void {
    this.take($localize`move ${this.owner().name}`, (document) => moveCase(document, this.placeIn(document), by));
  }

  protected duplicate(): void {
    this.take($localize`one more like ${this.owner().name}`, (document, spoken) =>
      duplicateCase(document, this.placeIn(document), spoken),
    );
  }

  protected remove(): void {
    this.take($localize`take away ${this.owner().name}`, (document) => removeCase(document, this.placeIn(document)));
  }

  protected beside(): void {
    const last = this.owner().banks.at(-1);
    if (last)
      this.take($localize`a bank beside`, (document, spoken) =>
        bankBeside(document, this.pathIn(document, last), spoken),
      );
  }

  protected duplicateBank(bank: BankPlan): void {
    this.take($localize`one more like ${this.title(bank)}`, (document, spoken) =>
      duplicateBank(document, this.pathIn(document, bank), spoken),
    );
  }

  protected moveBank(bank: BankPlan, by: number): void {
    this.take($localize`move ${this.title(bank)}`, (document) => moveBank(document, this.pathIn(document, bank), by));
  }

  protected removeBank(bank: BankPlan): void {
    this.take($localize`take ${this.title(bank)} away`, (document) =>
      removeBank(document, this.pathIn(document, bank)),
    );
  }

  /** What stands in openings of its own gets a case around it. */
  protected planWhole(): void {
    const { id, name } = this.owner();
    this.take(
      $localize`the whole case of ${name}`,
      (document) => {
        const place = this.placeIn(document);
        const owner = document.cases[place];
        if (!owner) return undefined;
        return {
          patches: [{ path: `cases[${place}]`, value: caseAround(document, owner, this.owner().banks) }],
          node: 'A',
        };
      },
      id,
    );
  }

  private placeIn(document: JobDocument): number {
    return casePlace(document, this.owner().id);
  }

  private pathIn(document: JobDocument, { id }: BankPlan): string {
    return bankPath(document, this.owner().id, id);
  }

  protected choose({ path }: BankPlan): void {
    this.store.dispatch(SessionActions.bankChosen({ bank: path }));
  }

  private take(
    name: string,
    edit: (...args: Parameters<Parameters<CaseState['apply']>[1]>) => CaseEdit | undefined,
    owner?: string,
  ): void {
    this.says.set(this.state.apply(name, edit, owner) ?? '');
  }
}
