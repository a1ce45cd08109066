import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { FINISH_ROWS, said, slideTable } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectJob } from '../../store/job/job.selectors';
import { Says } from '../../ui/says';
import { begun, Speech } from '../../words/speech';
import { PriceCompare } from './price-compare';
import { PriceState } from './price-state';
import { NO_WISH, variantOf, wishPatches, type Wish } from './variant';

/** The same job made another way, its price beside that of now, line by line; taken over by one press. */
@Component({
  selector: 'z-price-variants',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [PriceCompare, Says],
  template: `<p i18n class="caption">
      Nothing of the job changes until it is taken over; one press of undo brings it back.
    </p>
    <div class="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
      @for (choice of choices(); track choice.field) {
        <label class="flex flex-col gap-1">
          <span class="caption">{{ choice.label }}</span>
          <select
            class="write w-full"
            [attr.data-wish]="choice.field"
            [value]="wish()[choice.field]"
            (change)="turn(choice.field, $any($event.target).value)"
          >
            <option i18n value="">as it is</option>
            @for (option of choice.options; track option.id) {
              <option [value]="option.id" [selected]="option.id === wish()[choice.field]">{{ option.name }}</option>
            }
          </select>
        </label>
      }
    </div>
    <z-says [text]="says()" />
    @if (variant(); as v) {
      <z-price-compare [now]="now()" [variant]="v">
        <button i18n type="button" class="press press-main" (click)="take()">Take it over</button>
      </z-price-compare>
    }`,
  host: { class: 'flex flex-col gap-4' },
})
export class PriceVariants {
  private readonly state = inject(PriceState);
  private readonly speech = inject(Speech);
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  protected readonly now = this.state.cost;
  protected readonly wish = signal<Wish>(NO_WISH);
  private readonly refused = signal('');
  private readonly tried = computed(() => {
    const [document, now, wish] = [this.document(), this.now(), this.wish()];
    if (!document || !now || JSON.stringify(wish) === JSON.stringify(NO_WISH)) return undefined;
    return variantOf(document, wishPatches(document, wish), now, this.state.shop.settings());
  });
  protected readonly variant = computed(() => {
    const tried = this.tried();
    return tried && 'cost' in tried ? tried : undefined;
  });
  protected readonly says = computed(() => {
    const tried = this.tried();
    const first = tried && 'errors' in tried ? tried.errors[0] : undefined;
    return first ? `${begun(this.speech.say(first.said))}.` : this.refused();
  });

  protected readonly choices = computed(() => {
    const job = this.job();
    if (!job) return [];
    const banks = job.cases.flatMap((owner) =>
      owner.banks.map((bank) => ({
        id: `${owner.id}/${bank.id}`,
        name: bank.name ?? owner.name,
        many: bank.drawers.length,
      })),
    );
    const finish = (row: string): string => begun(this.speech.say(said('cost/finish', { row })));
    return [
      {
        field: 'slide' as const,
        label: $localize`Slides of all drawers`,
        options: [...slideTable(job).values()].map(({ id, called }) => ({ id, name: this.speech.say(called) })),
      },
      {
        field: 'box' as const,
        label: $localize`Sides and ends of the boxes`,
        options: job.materials.map(({ id, name }) => ({ id, name })),
      },
      {
        field: 'finish' as const,
        label: $localize`Finish`,
        options: (job.finish ?? []).length === 0 ? [] : FINISH_ROWS.map(({ id }) => ({ id, name: finish(id) })),
      },
      {
        field: 'fewer' as const,
        label: $localize`One drawer fewer`,
        options: banks.filter(({ many }) => many > 1),
      },
    ].filter(({ options }) => options.length > 0);
  });

  protected turn(field: keyof Wish, value: string): void {
    this.refused.set('');
    this.wish.update((wish) => ({ ...wish, [field]: value }));
  }

  protected take(): void {
    const document = this.document();
    if (!document) return;
    const says = this.edits.apply($localize`another way of making it`, wishPatches(document, this.wish())) ?? '';
    this.refused.set(says);
    if (says === '') this.wish.set(NO_WISH);
  }
}
