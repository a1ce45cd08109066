import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { largest, STEADY, valueAt, writeBare, writeExact, type CasePlan, type Length } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { LengthField } from '../../fields/length-field';
import { NumberField } from '../../fields/number-field';
import { Says } from '../../ui/says';
import { Toggle } from '../../fields/toggle';

/** How the case stands, for whether it tips: weight, depth, feet, and what holds it. */
@Component({
  selector: 'z-stand',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, NumberField, Says, Toggle],
  template: `<div class="flex flex-col gap-2" role="group" i18n-ariaLabel ariaLabel="How {{ owner().name }} stands">
    @if (told()) {
      <div class="flex flex-wrap items-start gap-x-4 gap-y-2">
        <z-number-field
          [path]="path() + '.weight_kg'"
          i18n-label
          measures="weight"
          label="Case alone"
          i18n-name
          name="weight of {{ owner().name }}"
          [narrow]="true"
          [optional]="whole()"
          [placeholder]="follows().weight"
        />
        <z-length-field
          [path]="path() + '.depth'"
          i18n-label
          label="Deep in all"
          i18n-name
          name="depth of {{ owner().name }}"
          [narrow]="true"
          [optional]="whole()"
          [placeholder]="follows().depth"
        />
        <z-length-field
          [path]="path() + '.frontFeet'"
          i18n-label
          label="Front feet stand back"
          i18n-name
          name="front feet of {{ owner().name }}"
          [narrow]="true"
          [optional]="whole()"
          [placeholder]="follows().frontFeet"
        />
        <div class="flex flex-col self-end">
          <z-toggle [path]="path() + '.anchored'" i18n-label label="Fastened to the wall" />
          <z-toggle [path]="path() + '.interlock'" i18n-label label="One drawer out at a time" />
        </div>
        <button i18n type="button" class="press self-end" (click)="forget()">Not judged</button>
      </div>
      <p i18n class="caption">
        {{ ratio() }} What can tip can hurt a child: anchor it; local rules and the published furniture stability
        standard decide.
      </p>
    } @else {
      <div class="flex flex-wrap items-center gap-3">
        <button i18n type="button" class="press" (click)="tell()">Say how it stands</button>
        @if (whole()) {
          <p i18n class="caption flex-1">
            {{ ratio() }} Its weight follows from its parts. What can tip can hurt a child: anchor it; local rules and
            the published furniture stability standard decide.
          </p>
        } @else {
          <p i18n class="caption flex-1">Then it is judged whether it tips with its drawers out.</p>
        }
      </div>
    }
    <z-says [text]="says()" />
  </div>`,
})
export class Stand {
  /** Path of the stand in the job document. */
  readonly path = input.required<string>();
  readonly owner = input.required<CasePlan>();
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly told = computed(() => valueAt(this.document(), this.path()) !== undefined);
  /** What is not told of a whole case follows from it. */
  protected readonly whole = computed(() => this.owner().casework !== undefined);
  protected readonly follows = computed(() => {
    const [{ stand, casework }, unit] = [this.owner(), this.document()?.unit ?? 'mm'];
    const length = (size: Length | undefined): string => (size === undefined || !casework ? '' : writeBare(size, unit));
    return {
      weight: casework && stand ? String(Math.round(stand.weight_kg * 10) / 10) : '',
      depth: length(stand?.depth),
      frontFeet: length(stand?.frontFeet),
    };
  });
  protected readonly ratio = computed(() => {
    const ratio = this.owner().balance?.ratio;
    if (ratio === undefined) return '';
    if (!Number.isFinite(ratio)) return $localize`Nothing of it hangs before its front feet.`;
    return $localize`What stands behind its front feet is ${ratio.toFixed(2)} times what hangs before them; ${STEADY} is wanted.`;
  });

  /** As deep as its deepest opening to begin with, and a weight to be written over. */
  protected tell(): void {
    if (this.whole()) return this.put($localize`how ${this.owner().name} stands`, {});
    const document = this.document();
    const deepest = largest(this.owner().banks.map(({ opening }) => opening.depth.total));
    const value = {
      weight_kg: 30,
      depth: writeExact(deepest, document?.unit ?? 'mm'),
      frontFeet: this.edits.usual('0 in', '0 mm'),
    };
    this.put($localize`how ${this.owner().name} stands`, value);
  }

  protected forget(): void {
    this.put($localize`${this.owner().name} not judged`, undefined);
  }

  private put(name: string, value: object | undefined): void {
    this.says.set(this.edits.apply(name, [{ path: this.path(), value }]) ?? '');
  }
}
