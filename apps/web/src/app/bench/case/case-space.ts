import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt, writeExact, type CaseworkPlan, type Patch, type SpaceOf } from '@zabble/core';
import { LengthField } from '../../fields/length-field';
import { LengthsField } from '../../fields/lengths-field';
import { NumberField } from '../../fields/number-field';
import { Size } from '../../fields/size';
import { Toggle } from '../../fields/toggle';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { Says } from '../../ui/says';
import { MaterialPick } from '../materials/material-pick';

/** How large a case is: its outer sizes, or the space it goes into as that was measured. */
@Component({
  selector: 'z-case-space',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, LengthsField, MaterialPick, NumberField, Says, Size, Toggle],
  templateUrl: './case-space.html',
  host: { class: 'flex flex-col gap-3' },
})
export class CaseSpace {
  /** Path of how the case is made. */
  readonly path = input.required<string>();
  readonly casework = input.required<CaseworkPlan>();
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  protected readonly says = signal('');
  protected readonly unit = computed(() => this.showing()?.unit ?? 'mm');
  protected readonly place = computed(
    () => valueAt(this.document(), `${this.path()}.place`) as SpaceOf<string> | undefined,
  );
  protected readonly follows = computed(() => valueAt(this.document(), `${this.path()}.width`) === undefined);
  protected readonly cleats = computed(() => valueAt(this.document(), `${this.path()}.cleats`) !== undefined);

  /** The space as wide as the case is, to be written over; the case then follows from it. */
  protected intoSpace(): void {
    const width = this.casework().outline.width.total;
    const place = {
      width: [writeExact(width, this.unit())],
      fillers: { left: this.edits.usual('1/2 in', '12 mm'), right: this.edits.usual('1/2 in', '12 mm') },
    };
    this.put($localize`into a space`, [
      { path: `${this.path()}.place`, value: place },
      { path: `${this.path()}.width`, value: undefined },
    ]);
  }

  protected freeStanding(): void {
    const width = writeExact(this.casework().outline.width.total, this.unit());
    this.put($localize`standing free`, [
      { path: `${this.path()}.width`, value: width },
      { path: `${this.path()}.place`, value: undefined },
    ]);
  }

  protected turnCleats(): void {
    const build = valueAt(this.document(), this.path()) as { readonly panel: string };
    const value = this.cleats()
      ? undefined
      : { material: build.panel, width: this.edits.usual('3 1/2 in', '90 mm'), count: 2 };
    this.put(this.cleats() ? $localize`no cleats` : $localize`cleats`, [{ path: `${this.path()}.cleats`, value }]);
  }

  /** A way in has both sizes: the other one until it is told. Door leaves and stud walls of common practice. */
  protected wayAlong(other: 'width' | 'height'): readonly Patch[] {
    const usual = other === 'width' ? this.edits.usual('30 in', '760 mm') : this.edits.usual('78 in', '1980 mm');
    return this.besides(`${this.path()}.place.way.${other}`, usual);
  }

  protected studAlong(other: 'first' | 'pitch'): readonly Patch[] {
    const usual = other === 'first' ? this.edits.usual('8 in', '200 mm') : this.edits.usual('16 in', '400 mm');
    return this.besides(`${this.path()}.place.studs.${other}`, usual);
  }

  private besides(path: string, value: string): readonly Patch[] {
    return valueAt(this.document(), path) === undefined ? [{ path, value }] : [];
  }

  private put(name: string, patches: Parameters<JobEdits['apply']>[1]): void {
    this.says.set(this.edits.apply(name, patches) ?? '');
  }
}
