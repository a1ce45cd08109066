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
  type HangingSchool,
  type HangStep,
  type Length,
  type Packing,
  type Stack,
} from '@zabble/core';
import { selectJob } from '../../store/job/job.selectors';
import { Size } from '../../fields/size';

const STRIPS = {
  'rear left': $localize`Left, at the back`,
  'rear right': $localize`Right, at the back`,
  'front left': $localize`Left, in front`,
  'front right': $localize`Right, in front`,
};
const SIZES: Readonly<Record<string, string>> = {
  width: $localize`wide`,
  height: $localize`high`,
  in: $localize`in from the end`,
  up: $localize`up`,
  diameter: $localize`across`,
  depth: $localize`deep`,
};

const BY: Readonly<Record<HangingSchool, string>> = {
  spacers: '',
  jig: $localize`On its stop of the jig.`,
  standing: $localize`With the box standing in the opening: run it out a little, screw a hole, run it on to the next.`,
  carried: $localize`To its line.`,
};

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
    @case ('strips') {
      @for (strip of strips(); track $index) {
        <p>
          {{ strip.name }}
          <b class="font-semibold"><z-size kind="part" [length]="strip.length.total" [unit]="true" /></b>
          @if (strip.line; as line) {
            <ng-container i18n>, brackets <z-size kind="spacer" [length]="line.total" [unit]="true" /> in</ng-container>
          }
        </p>
      }
      <p i18n class="text-base">
        Brackets over the case’s floor at
        @for (mark of strips()[0]?.marks ?? []; track mark.drawer; let last = $last) {
          <z-size kind="spacer" [length]="mark.y.total" />{{ last ? '.' : ', ' }}
        }
      </p>
    }
    @case ('member') {
      <p i18n>Part the slide. Its inner member goes on the box, its front end level with the box’s.</p>
      @if (step().line; as line) {
        <p i18n>
          Its line
          <b class="text-3xl font-semibold"><z-size kind="spacer" [length]="line.total" [unit]="true" /></b> up from the
          box’s lower edge
        </p>
      }
    }
    @case ('jig') {
      <p i18n>Its stops under each slide, over the opening’s floor:</p>
      <p>
        @for (stop of step().heights ?? []; track stop.place; let last = $last) {
          <b class="font-semibold"><z-size kind="spacer" [length]="stop.y.total" /></b>{{ last ? '' : ', ' }}
        }
      </p>
      <p i18n class="text-base">One for both sides: turn it over, never measure again.</p>
    }
    @case ('stand') {
      <p i18n>
        On packing of
        @if (step().up; as up) {
          <b class="text-3xl font-semibold"><z-size kind="spacer" [length]="up.total" [unit]="true" /></b>
        }
        over the opening’s floor, even on all four corners. Then its slide is screwed a hole at a time.
      </p>
    }
    @case ('carry') {
      <p i18n>
        Its line comes to
        @if (step().up; as up) {
          <b class="text-3xl font-semibold"><z-size kind="spacer" [length]="up.total" [unit]="true" /></b>
        }
        over the opening’s floor: carry it over from the box with a rule and mark both sides.
      </p>
    }
    @case ('notch') {
      <p>
        @for (size of sized(); track size.name) {
          {{ size.label }}
          <b class="font-semibold"><z-size kind="reading" [length]="size.length" [unit]="true" /></b>{{ ' ' }}
        }
      </p>
    }
    @case ('hooks') {
      <p>
        @for (size of sized(); track size.name) {
          {{ size.label }}
          <b class="font-semibold"><z-size kind="reading" [length]="size.length" [unit]="true" /></b>{{ ' ' }}
        }
      </p>
      <p i18n class="text-base">Press it home on the hooks first: they mark where they come.</p>
    }
    @case ('locks') {
      <p i18n>One under each front corner, hard against the box front; then click the box in.</p>
    }
    @case ('adjust') {
      <p i18n>Side, height and tilt by the slide’s own screws. What they do not reach is cut again.</p>
    }
    @case ('guide') {
      <p i18n>Between the runners, flush with the frame’s edge; glue, pre-bore and screw.</p>
    }
    @case ('kicker') {
      <p i18n>Over the top box, so that it does not tip when it is out.</p>
    }
    @case ('wax') {
      <p i18n>Wax runners and the box’s edges when it runs.</p>
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
      @if (by()) {
        <p>{{ by() }}</p>
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

  /** What its height is set by, where that is no spacer. */
  protected readonly by = computed(() => BY[this.step().by ?? 'spacers']);

  /** How wood is fixed that the drawer runs on. */
  protected readonly wood = computed(() => {
    const family = this.bank().drawers[this.step().place ?? -1]?.family;
    if (!family || isBought(family)) return '';
    return family.cuts?.batten
      ? $localize`Pre-bore, then screw it through; no glue until the box has run on it.`
      : $localize`Glue it, pre-bore and screw it, square to the front; wax it when the box runs.`;
  });

  /** Strips up the case, each by where it stands. */
  protected readonly strips = computed(() =>
    this.bank()
      .carriers.filter(({ role }) => role === 'strip')
      .map((strip) => ({ ...strip, name: STRIPS[`${strip.end ?? 'rear'} ${strip.side}`] })),
  );

  /** What is worked into the back, size by size. */
  protected readonly sized = computed(() =>
    Object.entries(this.step().sizes ?? {}).map(([name, { total }]) => ({
      name,
      label: SIZES[name] ?? name,
      length: total,
    })),
  );

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
