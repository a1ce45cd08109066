import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { CaseworkPlan, CasePlan } from '@zabble/core';
import { CaseBand } from './case-band';
import { CaseSpace } from './case-space';
import { CaseWaysList } from './case-ways-list';
import { CompartmentCard } from './compartment-card';
import { RoundAbout } from './round-about';
import { ThingsIn } from './things-in';

/** A case that is planned whole: how its front is divided, how large it is and how it is made. */
@Component({
  selector: 'z-whole-case',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CaseBand, CaseSpace, CaseWaysList, CompartmentCard, RoundAbout, ThingsIn],
  template: `<z-compartment-card [plan]="plan()" [casework]="casework()" />
    <z-case-space [path]="path()" [casework]="casework()" />
    <z-case-ways-list [path]="path()" />
    <div>
      <z-things-in [plan]="plan()" [casework]="casework()" />
      <z-round-about class="mt-5" [plan]="plan()" [casework]="casework()" />
      <z-case-band [of]="path()" [casework]="casework()" />
    </div>`,
  host: { class: 'flex flex-col gap-5' },
})
export class WholeCase {
  readonly plan = input.required<CasePlan>();
  readonly casework = input.required<CaseworkPlan>();
  protected readonly path = computed(() => `${this.plan().path}.build`);
}
