import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { ShareField } from '../../shop/share-field';
import type { Share } from '../../shop/shares';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';

/** A share of its price that a job decides for itself; else the shop’s own holds. */
@Component({
  selector: 'z-job-share',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ShareField],
  template: `<z-share-field
    [share]="share()"
    [none]="none()"
    [path]="path()"
    [value]="value()"
    [refused]="refused()"
    (said)="put($event)"
  />`,
})
export class JobShare {
  readonly share = input.required<Share>();
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly path = computed(() => `pricing.${this.share().name}`);
  protected readonly value = computed(() => valueAt(this.document(), this.path()));
  protected readonly refused = signal('');
  protected readonly none = computed(() =>
    this.share().name === 'discount' ? $localize`none` : $localize`as the shop has it`,
  );

  protected put(value: unknown): void {
    this.refused.set(this.edits.apply(this.share().label.toLowerCase(), [{ path: this.path(), value }]) ?? '');
  }
}
