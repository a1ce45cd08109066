import { Say } from '../words/say';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { said, type BankPlan, type Step } from '@zabble/core';
import { standingOf, STEPS } from './steps';

/** The steps in working order, each with how it stands; any of them may be gone to. */
@Component({
  selector: 'z-step-tabs',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Say],
  template: `<nav i18n-aria-label aria-label="Steps of the work">
    <ol class="grid grid-cols-[repeat(9,auto)] border-b-2 max-sm:grid-cols-5 border-ink">
      @for (step of steps(); track step.id; let i = $index) {
        <li>
          <a
            class="flex h-full min-h-14 flex-col justify-center rounded-t px-2 py-1.5 max-sm:px-1"
            [class.bg-ink]="step.id === current()"
            [class.text-sheet]="step.id === current()"
            [class.hover:bg-well]="step.id !== current()"
            [routerLink]="['/jobs', job(), step.id]"
            [attr.aria-current]="step.id === current() ? 'step' : null"
          >
            <span class="text-lg leading-tight font-semibold max-sm:text-[0.9375rem]">{{ step.name | say }}</span>
            <span
              class="text-[0.8125rem] leading-tight"
              [class.text-soft]="step.id !== current() && step.state === 'done'"
              [class.text-lead]="step.id !== current() && step.state === 'mend'"
              [class.text-ochre]="step.id !== current() && (step.state === 'held' || step.state === 'wants')"
              >{{ step.said | say }}</span
            >
          </a>
        </li>
      }
    </ol>
  </nav>`,
})
export class StepTabs {
  readonly bank = input.required<BankPlan>();
  readonly job = input.required<string>();
  readonly current = input.required<Step>();
  protected readonly steps = computed(() =>
    STEPS.map((id) => ({ id, name: said(`step-of/${id}`), ...standingOf(this.bank(), id) })),
  );
}
