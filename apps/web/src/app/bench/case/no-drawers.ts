import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt, type CasePlan } from '@zabble/core';
import { CaseBoard } from '../../drawing/case-board';
import { bankIn } from '../../store/case/hold-edits';
import type { WrittenCase } from '../../store/case/nodes';
import { sessionFeature } from '../../store/session/session';
import { Says } from '../../ui/says';
import { CaseState } from './case-state';

/** So many drawers are put in to begin with. */
const DRAWERS = 3;

/** A job of whole cases in which no drawer stands yet: the bench is laid out around its first ones. */
@Component({
  selector: 'z-no-drawers',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CaseBoard, Says],
  template: `<div class="flex flex-wrap items-center gap-4 px-6 py-4">
      <p i18n class="text-lg">No drawers stand in this job yet. Press the compartment they go into.</p>
      @if (compartment(); as id) {
        <button i18n type="button" class="press press-main" (click)="put(id)">Drawers in {{ id }}</button>
      }
      <z-says [text]="says()" />
    </div>
    @if (owner().casework; as casework) {
      <z-case-board class="min-h-96 flex-1" [plan]="owner()" [casework]="casework" />
    }`,
  host: { class: 'flex min-h-0 flex-1 flex-col' },
})
export class NoDrawers {
  readonly owner = input.required<CasePlan>();
  private readonly state = inject(CaseState);
  private readonly node = inject(Store).selectSignal(sessionFeature.selectNode);
  protected readonly says = signal('');
  /** The one that is taken up, or the first. */
  protected readonly compartment = computed(() => {
    const all = this.owner().casework?.openings.map(({ compartment }) => compartment.id) ?? [];
    return all.find((id) => id === this.node()?.id) ?? all[0];
  });

  protected put(compartment: string): void {
    const { path, id, casework } = this.owner();
    const refused = this.state.apply(
      $localize`drawers in ${compartment}`,
      (document, spoken) => {
        const owner = valueAt(document, path) as WrittenCase | undefined;
        return owner && casework && bankIn(document, owner, path, casework, compartment, DRAWERS, spoken);
      },
      id,
    );
    this.says.set(refused ?? '');
  }
}
