import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { nm, type FrontStep, type Length } from '@zabble/core';
import { Size } from '../../fields/size';

/** What is done in one step of hanging the fronts, with its sizes. */
@Component({
  selector: 'z-front-step-body',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Size],
  template: `@switch (step().kind) {
    @case ('reveal') {
      <p i18n>
        As thick as the gap:
        @if (step().gap; as gap) {
          <b class="text-5xl font-semibold"><z-size kind="gap" [length]="gap" [unit]="true" /></b>
        }
      </p>
      @if (step().first; as first) {
        <p i18n class="text-base">Against the opening <z-size kind="spacer" [length]="first" [unit]="true" />.</p>
      }
      @if (step().beside; as beside) {
        <p i18n class="text-base">
          Beside the fronts <z-size kind="gap" [length]="beside.left" /> on the left,
          <z-size kind="gap" [length]="beside.right" /> on the right.
        </p>
      }
    }
    @case ('hold') {
      @let ledge = step().ledge;
      @let gap = step().gap;
      @if (ledge !== undefined) {
        <p i18n>
          Ledge or line at
          <b class="text-3xl font-semibold"><z-size kind="spacer" [length]="size(ledge)" [unit]="true" /></b>
          @if (ledge < 0) {
            below
          } @else {
            above
          }
          the opening’s floor
        </p>
      } @else if (gap !== undefined) {
        <p i18n>
          On spacers of <b class="text-3xl font-semibold"><z-size kind="gap" [length]="gap" [unit]="true" /></b>
        </p>
      }
      <p i18n>
        @if (step().bores > 0) {
          Hold it with screws through the {{ step().bores }} {step().bores, plural, =1 {bore} other {bores}} of its
          pull.
        } @else {
          It has no bores yet: hold it with double-sided tape and clamps.
        }
      </p>
    }
    @case ('drive') {
      <p i18n>Pull the drawer out and drive the screws from inside.</p>
      @if (step().screw; as screw) {
        <p i18n>
          None longer than
          <b class="text-3xl font-semibold"><z-size kind="part" [length]="screw.total" [unit]="true" /></b>
        </p>
      }
    }
    @case ('pull') {
      <p i18n>Take the holding screws out; the pull goes in the same bores.</p>
      @if (step().screw; as screw) {
        <p i18n>
          Screw <b class="text-3xl font-semibold"><z-size kind="part" [length]="screw.total" [unit]="true" /></b>
        </p>
      }
    }
  }`,
  host: { class: 'contents' },
})
export class FrontStepBody {
  readonly step = input.required<FrontStep>();

  protected size(length: Length): Length {
    return nm(Math.abs(length));
  }
}
