import { Speech } from '../../words/speech';
import { Say } from '../../words/say';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { alternatives, type Alternative, type BankPlan, type Length } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { selectJob } from '../../store/job/job.selectors';
import { Says } from '../../ui/says';

/** An elevation is drawn this high, in pixels. */
const HIGH = 96;

interface Elevation {
  readonly way: Alternative;
  readonly width: number;
  readonly height: number;
  readonly fronts: readonly { readonly y: number; readonly height: number }[];
  readonly taken: boolean;
}

/** The best few divisions of every scheme as small elevations to scale; the nearest to its scheme first. */
@Component({
  selector: 'z-other-ways',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, Says],
  template: `<section class="border-t border-line pt-4">
    <button i18n type="button" class="press" [attr.aria-expanded]="open()" (click)="open.set(!open())">
      @if (open()) {
        Put the other ways away
      } @else {
        Other ways to divide it
      }
    </button>
    @if (open()) {
      <p i18n class="caption mt-2">
        Under the locks, ties and contents there are. First what comes nearest to its scheme with the fewest box heights
        and the least room to spare.
      </p>
      <ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-2">
        @for (each of ways(); track $index) {
          <li>
            <button
              type="button"
              class="press flex h-full w-full flex-col items-center gap-1 py-2"
              [class.press-main]="each.taken"
              [attr.aria-pressed]="each.taken"
              (click)="take(each.way)"
            >
              <svg [attr.width]="each.width" [attr.height]="each.height" aria-hidden="true">
                @for (front of each.fronts; track $index) {
                  <rect
                    x="1"
                    [attr.width]="each.width - 2"
                    [attr.y]="front.y"
                    [attr.height]="front.height"
                    fill="var(--ply)"
                    stroke="var(--ink)"
                  />
                }
              </svg>
              <span class="font-semibold first-letter:uppercase">{{ each.way.said | say }}</span>
              <span class="text-sm font-normal">{{ settings(each.way) }}</span>
            </button>
          </li>
        } @empty {
          <li i18n class="caption">With these locks and contents there is no other way.</li>
        }
      </ul>
      <z-says [text]="says()" />
    }
  </section>`,
})
export class OtherWays {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly open = signal(false);
  protected readonly says = signal('');
  protected readonly ways = computed((): readonly Elevation[] => {
    const [job, bank] = [this.job(), this.bank()];
    if (!job || !this.open()) return [];
    const now = bank.drawers.map(({ dimensions }) => dimensions['front.height']?.total).join();
    return alternatives(job, bank.path).map((way) => drawn(way, bank, way.heights.join() === now));
  });

  protected settings({ measure }: Alternative): string {
    return measure.settings === 1 ? $localize`one box height` : $localize`${measure.settings} box heights`;
  }

  protected take({ said, patches }: Alternative): void {
    this.says.set(this.edits.apply($localize`heights: ${this.speech.say(said)}`, patches) ?? '');
  }
}

function drawn(way: Alternative, bank: BankPlan, taken: boolean): Elevation {
  const width = bank.drawers[0]?.dimensions['front.width']?.total ?? (1 as Length);
  const { gap } = bank.bank.front;
  const whole = way.heights.reduce((sum: number, each) => sum + each, 0) + (way.heights.length - 1) * gap;
  const scale = Math.min(HIGH / whole, 120 / width);
  let top = 0;
  const fronts = way.heights.map((height) => {
    const front = { y: top * scale + 0.5, height: Math.max(1, height * scale - 1) };
    top += height + gap;
    return front;
  });
  return { way, fronts, taken, width: width * scale, height: whole * scale + 1 };
}
