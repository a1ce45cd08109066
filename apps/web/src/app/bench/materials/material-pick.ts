import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Patch } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { selectJob } from '../../store/job/job.selectors';
import { Pick } from '../../fields/pick';
import { MaterialsState } from './materials-state';

/** Which material something is made of: one of the job’s, or one made there and then. */
@Component({
  selector: 'z-material-pick',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Pick],
  template: `<z-pick
    [path]="path()"
    [label]="label()"
    [name]="name() ?? label()"
    [hideLabel]="hideLabel()"
    [options]="options()"
    [more]="more"
  />`,
})
export class MaterialPick {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  /** What the edit is called in undo, where the label alone would not tell. */
  readonly name = input<string>();
  readonly hideLabel = input(false);
  /** What stands first where nothing need be chosen: “as the bank”. */
  readonly like = input<string>();
  private readonly edits = inject(JobEdits);
  private readonly state = inject(MaterialsState);
  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly options = computed(() => {
    const like = this.like();
    const all = (this.job()?.materials ?? []).map(({ id, name }) => ({ value: id, label: name }));
    return like === undefined ? all : [{ value: '', label: like }, ...all];
  });
  protected readonly more = {
    label: $localize`another material …`,
    run: () => void this.state.open({ made: (id) => this.take(id), what: this.label().toLowerCase() }),
  };

  private take(id: string): void {
    const patch: Patch = { path: this.path(), value: id };
    this.edits.apply((this.name() ?? this.label()).toLowerCase(), [patch]);
  }
}
