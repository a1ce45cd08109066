import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  isBought,
  readingAt,
  said,
  stackSaid,
  toPack,
  type BankPlan,
  type HangStep,
  type Length,
  type Packing,
  type Stack,
} from '@zabble/core';
import { selectJob } from '../../store/job/job.selectors';
import { Size } from '../../fields/size';

/** What is done in one step of the hanging, with its sizes. */
@Component({
  selector: 'z-hang-step-body',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Size],
  template: `@switch (step().kind) {
    @case ('build-out') {
      @if (step().buildOut; as sides) {
        <p i18n>
          Left <b class="font-semibold"><z-size kind="part" [length]="sides.left.wanted" [unit]="true" /></b>
          <span class="caption block">{{ made(sides.left) }}</span>
        </p>
        <p i18n>
          Right <b class="font-semibold"><z-size kind="part" [length]="sides.right.wanted" [unit]="true" /></b>
          <span class="caption block">{{ made(sides.right) }}</span>
        </p>
      }
    }
    @case ('spacer') {
      <p i18n>
        Fence at
        @if (step().spacer; as spacer) {
          <b class="text-5xl font-semibold"><z-size kind="spacer" [length]="spacer.total" [unit]="true" /></b>
        }
      </p>
      <p i18n class="text-base">One for both sides. Set the fence to it; don’t take it off what was before.</p>
    }
    @case ('test') {
      <p i18n>Put the box in and run it out and in. It is true when it runs alike on both sides and stays shut.</p>
    }
    @case ('lock') {
      <p i18n>One round hole on each side, so that nothing moves again.</p>
    }
    @default {
      @if (step().spacer; as spacer) {
        <p i18n>
          @if (spacer.total === 0) {
            On the floor of the opening: no spacer.
          } @else {
            On the spacer of
            <b class="text-3xl font-semibold"><z-size kind="spacer" [length]="spacer.total" [unit]="true" /></b>
          }
        </p>
      }
      @if (wood()) {
        <p class="text-base">{{ wood() }}</p>
      }
      @if (step().setback; as back) {
        <p i18n>
          <b class="font-semibold"><z-size kind="gap" [length]="back.total" [unit]="true" /></b> back from the front
          edge
        </p>
      }
      @if (step().holes; as holes) {
        <p i18n>
          First hole
          <b class="font-semibold"><z-size kind="reading" [length]="holes.first.total" [unit]="true" /></b> back, slots
          first
        </p>
      }
      @for (pack of told(step().packing); track pack.reading) {
        <p i18n class="text-base">Pack {{ packed(pack.eachSide) }} a side {{ at(pack) }}.</p>
      }
      @for (pack of told(step().level); track pack.place) {
        <p i18n class="text-base">Pack {{ packed(pack.eachSide) }} a side at this level’s {{ pack.place }}.</p>
      }
    }
  }`,
  host: { class: 'contents' },
})
export class HangStepBody {
  readonly step = input.required<HangStep>();
  readonly bank = input.required<BankPlan>();
  private readonly job = inject(Store).selectSignal(selectJob);
  private readonly speech = inject(Speech);

  /** How wood is fixed that the drawer runs on. */
  protected readonly wood = computed(() => {
    const family = this.bank().drawers[this.step().place ?? -1]?.family;
    if (!family || isBought(family)) return '';
    return family.cuts?.batten
      ? $localize`Pre-bore, then screw it through; no glue until the box has run on it.`
      : $localize`Glue it, pre-bore and screw it, square to the front; wax it when the box runs.`;
  });

  /** Those that come to something to pack with. */
  protected told<T extends { readonly eachSide: Length }>(packing: readonly T[] = []): readonly T[] {
    return packing.filter(({ eachSide }) => toPack(eachSide, this.job()?.unit ?? 'mm') > 0);
  }

  /** Never more than is needed: the opening would get narrower than its box. */
  protected packed(eachSide: Length): string {
    return this.speech.words().size(eachSide, 'packing');
  }

  /** Where the reading was taken that is over the narrowest. */
  protected at({ reading }: Packing): string {
    return this.speech.say(said('at-reading', readingAt(this.bank().bank, 'width', reading)));
  }

  /** “1 of 3/4 in plywood + 1 of 1/4 in hardboard”. */
  protected made(stack: Stack): string {
    return this.speech.say(stackSaid(stack, this.job()?.materials ?? []));
  }
}
