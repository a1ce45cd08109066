import { OfPlan } from '../../fields/of-plan';
import { gone, Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { compareBottoms, type BankPlan, type BottomComparison } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { Says } from '../../ui/says';
import { Size } from '../../fields/size';

/** Every way of fitting the bottom: what it is in one sentence, and what it leaves clear in the lowest drawer. */
@Component({
  selector: 'z-bottom-ways',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [OfPlan, Says, Size],
  template: `<fieldset class="flex flex-col">
      <legend i18n class="mb-1 text-lg font-semibold">Bottom</legend>
      @for (way of ways(); track way.fit) {
        <label
          class="grid cursor-pointer grid-cols-[1.5rem_1fr_auto] gap-x-2 border-b border-line py-2 has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-chalk"
          [class.bg-chalk-wash]="way.fit === used()"
        >
          <input
            zOfPlan
            class="mx-1 mt-1 h-4 w-4 accent-ink"
            type="radio"
            name="bottom-fit"
            [attr.data-path]="bank().path + '.box.bottomFit'"
            [checked]="way.fit === used()"
            (change)="take(way)"
          />
          <span>
            <span class="font-medium">{{ name(way) }}</span>
            <span class="caption block">{{ told(way) }}</span>
          </span>
          <span class="pr-1 text-right">
            @if (way.clearHeight; as clear) {
              <z-size class="font-medium" kind="opening" [length]="clear" />
              <span i18n class="caption block whitespace-nowrap"
                >{{ sign(way) }}
                @if (way.won) {
                  <z-size kind="opening" [length]="size(way)" /> clear
                }
              </span>
            } @else {
              –
            }
          </span>
        </label>
      }
    </fieldset>
    <p i18n class="caption mt-1">
      Clear inside the lowest drawer, and what each way wins or costs over the one in use.
    </p>
    <z-says [text]="says()" />`,
})
export class BottomWays {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly used = computed(() => this.bank().bank.box.bottomFit);
  protected readonly ways = computed(() => {
    const document = this.document();
    return document ? compareBottoms(document, this.bank().path) : [];
  });

  protected name({ fit }: BottomComparison): string {
    return this.speech.plain(`bottom-fit/${fit}`);
  }

  /** What stands in its way first; else what it is. */
  protected told({ fit, stops: [first] }: BottomComparison): string {
    return first ? this.speech.say(first) : this.speech.plain(`bottom-fit-told/${fit}`);
  }

  protected sign({ won }: BottomComparison): string {
    if (won === undefined || won === 0) return '';
    return won > 0 ? '+' : '−';
  }

  protected size({ won = 0 as BottomComparison['won'] }: BottomComparison) {
    return Math.abs(won ?? 0) as NonNullable<BottomComparison['won']>;
  }

  protected take({ fit, patches }: BottomComparison): void {
    this.says.set(this.edits.apply($localize`bottom: ${gone(this.speech.plain(`bottom-fit/${fit}`))}`, patches) ?? '');
  }
}
