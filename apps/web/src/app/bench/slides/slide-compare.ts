import { MoneyPipe } from '../../shop/money';
import { Say } from '../../words/say';
import { Speech, gone } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  compareSlides,
  type BankPlan,
  type SlideComparison,
  type SlideFamily,
  type Words,
  slidePatches,
} from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { selectJob } from '../../store/job/job.selectors';
import { Size } from '../../fields/size';
import { SlideChart } from './slide-chart';
import { Says } from '../../ui/says';

/** Every slide family as it would serve this bank, side by side; one is taken by its button. */
@Component({
  selector: 'z-slide-compare',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [MoneyPipe, Say, Says, Size, SlideChart],
  template: `<section class="border-t border-line pt-4">
    <h3 i18n class="text-lg font-semibold">Side by side, for this bank</h3>
    <div class="overflow-x-auto" tabindex="0" role="group" i18n-aria-label aria-label="Slides side by side">
      <table class="w-full border-collapse">
        <thead class="caption border-b-2 border-edge text-left">
          <tr>
            <th i18n class="py-1.5 pr-2 font-medium" scope="col">Slide</th>
            <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Clear width, walls in all</th>
            <th i18n class="py-1.5 pr-2 font-medium" scope="col">Room inside</th>
            <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Stays hidden</th>
            <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Carries</th>
            <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Case true to</th>
            <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">All pairs</th>
            <th class="py-1.5" scope="col"></th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.family.id) {
            <tr class="border-b border-line" [class.bg-chalk-wash]="row.family.id === used()">
              <th class="max-w-44 py-2 pr-2 pl-2 text-left font-medium" scope="row">
                {{ row.family.called | say }}
                <span class="caption block font-normal first-letter:uppercase">{{ asks(row) }}</span>
              </th>
              <td class="pr-2 text-right">
                @if (row.insideWidth; as width) {
                  <z-size kind="opening" [length]="width" />
                  <span i18n class="caption block whitespace-nowrap"
                    ><z-size kind="opening" [length]="row.wallHeight" /> high</span
                  >
                } @else {
                  –
                }
              </td>
              <td class="pr-2">
                <span class="flex items-center gap-2 whitespace-nowrap">
                  <span class="inline-block h-3 bg-edge" [style.width.px]="bar(row)"></span>
                  {{ room(row.volume) }}
                </span>
              </td>
              <td i18n class="pr-2 text-right">
                @if (row.hidden; as hidden) {
                  @if (hidden > 0) {
                    <z-size kind="gap" [length]="hidden" />
                  } @else {
                    nothing
                  }
                } @else {
                  –
                }
              </td>
              <td i18n class="pr-2 text-right whitespace-nowrap" [class.text-lead]="row.heaviest > row.family.load_kg">
                {{ weight(row.family.load_kg) }}
              </td>
              <td class="pr-2 text-right" [class.text-lead]="tooTapered(row)">
                <z-size kind="gap" [length]="row.family.parallel" />
              </td>
              <td i18n class="pr-2 text-right">
                @if (row.cost === 0) {
                  none
                } @else {
                  {{ row.cost | money }}
                }
              </td>
              <td class="py-1 text-right">
                @if (row.family.id === used()) {
                  <span i18n class="caption pr-2">in use</span>
                } @else {
                  <button
                    i18n
                    type="button"
                    class="press px-2"
                    i18n-ariaLabel
                    ariaLabel="Use {{ row.family.called | say }}"
                    (click)="use(row)"
                  >
                    Use
                  </button>
                }
              </td>
            </tr>
          }
        </tbody>
      </table>
    </div>
    <p i18n class="caption mt-2">
      The heaviest drawer comes to {{ weight(heaviest()) }} with what is written for it. “Case true to” is what the
      opening may taper before the slides bind; this one tapers by
      <z-size kind="gap" [length]="bank().opening.taper.total" />. Prices are made up until you write your own.
    </p>
    <button i18n type="button" class="press mt-2" [attr.aria-expanded]="charted()" (click)="charted.set(!charted())">
      @if (charted()) {
        Put the chart away
      } @else {
        Room against price, as a chart
      }
    </button>
    @if (charted()) {
      @defer (on immediate) {
        <z-slide-chart class="mt-2 block" [rows]="rows()" [used]="used()" />
      } @placeholder {
        <p i18n class="caption">Drawing the chart …</p>
      }
    }
    <z-says [text]="says()" />
  </section>`,
})
export class SlideCompare {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly says = signal('');
  protected readonly used = computed(() => this.bank().bank.slide.family);
  protected readonly rows = computed(() => {
    const job = this.job();
    return job ? compareSlides(job, this.bank().path) : [];
  });
  protected readonly heaviest = computed(() => Math.max(0, ...this.rows().map((row) => row.heaviest)));
  protected readonly charted = signal(false);
  private readonly most = computed(() => Math.max(1, ...this.rows().map(({ volume }) => volume)));

  protected weight(kilograms: number): string {
    return this.speech.words().weight(kilograms);
  }

  protected room(litres: number): string {
    return this.speech.words().quantity(litres, 'room');
  }

  protected bar({ volume }: SlideComparison): number {
    return Math.round((64 * volume) / this.most());
  }

  protected tooTapered({ family }: SlideComparison): boolean {
    return this.bank().opening.taper.total > family.parallel;
  }

  /** What would have to be mended first; else what the box must be made of. */
  protected asks({ stops, nominal, family }: SlideComparison): string {
    if (nominal === undefined) return $localize`no length of it fits`;
    const [first] = stops;
    if (!first) return madeOf(family, this.speech.words());
    const told = this.speech.say(first);
    return stops.length === 1 ? told : $localize`${told} And ${stops.length - 1} more.`;
  }

  protected use({ family }: SlideComparison): void {
    const patches = slidePatches(this.bank().path, family.id);
    this.says.set(this.edits.apply($localize`slide: ${gone(this.speech.say(family.called))}`, patches) ?? '');
  }
}

/** What a family asks of the box, in few words. */
function madeOf({ maxSide, recess, bottoms, cuts }: SlideFamily, { exact }: Words): string {
  const asked = [
    ...(maxSide === undefined ? [] : [$localize`sides to ${exact(maxSide)}`]),
    ...(recess === undefined ? [] : [$localize`a raised bottom`]),
    ...(bottoms.includes('applied') ? [] : [$localize`a grooved bottom`]),
    ...(cuts?.notch ? [$localize`back notched`] : []),
  ];
  return asked.length === 0 ? $localize`any box` : $localize`asks ${asked.join(', ')}`;
}
