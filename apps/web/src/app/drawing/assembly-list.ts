import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { assembly, caseFixings, fixingSaid, neededSaid, nm, said, squareDiagonal, type CasePlan } from '@zabble/core';
import { Size } from '../fields/size';
import { selectJob } from '../store/job/job.selectors';
import { Say } from '../words/say';
import { Speech } from '../words/speech';

/** The order a case is put together in, and what its diagonals are when it is square. */
@Component({
  selector: 'z-assembly-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, Size],
  template: `<ol
      class="grid list-decimal grid-cols-[repeat(auto-fill,minmax(17rem,1fr))] gap-x-10 gap-y-1.5 pl-5"
      i18n-aria-label
      aria-label="Order of assembly"
    >
      @for (step of steps(); track $index) {
        <li>
          <span class="font-medium">{{ step.parts }}</span>
          @for (held of step.held; track $index) {
            <span class="caption block leading-snug">{{ held | say }}</span>
          }
        </li>
      }
    </ol>
    <p class="pt-2">
      <span i18n class="caption">In all:</span>
      @for (each of totals(); track $index; let last = $last) {
        <span>{{ each | say }}{{ last ? '' : '; ' }}</span>
      }
    </p>
    <p i18n class="caption pt-1">
      Square when both diagonals over its outer corners are
      <b class="font-semibold text-ink"><z-size kind="reading" [length]="diagonal()" [unit]="true" /></b>; edges that
      meet in glue or a rabbet stay sharp.
    </p>`,
  host: { class: 'block' },
})
export class AssemblyList {
  readonly plan = input.required<CasePlan>();
  private readonly speech = inject(Speech);
  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly diagonal = computed(() => {
    const { casework } = this.plan();
    return casework ? squareDiagonal(casework) : nm(0);
  });
  private readonly held = computed(() => {
    const job = this.job();
    return job ? caseFixings(job, this.plan()) : { fixings: [], hardware: [] };
  });
  protected readonly totals = computed(() => neededSaid(this.held().fixings, this.held().hardware));
  protected readonly steps = computed(() => {
    const { casework } = this.plan();
    if (!casework) return [];
    return assembly(casework, this.held().fixings).map(({ roles, fixings }) => ({
      parts: roles.map(({ role, count }) => this.speech.say(said(`part/${role}`, { count }))).join(', '),
      held: fixings.map(fixingSaid),
    }));
  });
}
