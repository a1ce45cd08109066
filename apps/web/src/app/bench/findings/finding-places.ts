import { computed, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { said, type JobFindingGroup } from '@zabble/core';
import { selectPlan } from '../../store/job/job.selectors';
import { Speech } from '../../words/speech';

/** Says in which banks, and at which of their drawers, something was noticed. */
@Injectable({ providedIn: 'root' })
export class FindingPlaces {
  private readonly speech = inject(Speech);
  private readonly plan = inject(Store).selectSignal(selectPlan);
  private readonly names = computed(
    () =>
      new Map(
        (this.plan()?.cases ?? []).flatMap((owner) =>
          owner.banks.map((bank) => [
            bank.path,
            owner.banks.length > 1 ? `${owner.name}, ${this.speech.say(said('bank', bank.bank))}` : owner.name,
          ]),
        ),
      ),
  );

  /** Each bank by its name, with the drawers where several banks share it; nothing where the job has one bank. */
  say({ banks }: JobFindingGroup): readonly string[] {
    if (this.names().size < 2) return [];
    return banks.map(({ path, places }) => {
      const name = this.names().get(path) ?? '';
      return banks.length > 1 && places.length > 0 ? $localize`${name} (${this.drawers(places)})` : name;
    });
  }

  private drawers(places: readonly number[]): string {
    const numbers = places.map((place) => String(place + 1));
    return this.speech.words().form(places.length, {
      one: $localize`drawer ${numbers[0]}`,
      other: $localize`drawers ${this.speech.words().list(numbers)}`,
    });
  }
}
