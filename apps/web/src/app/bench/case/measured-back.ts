import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { nm, readFileLength, valueAt, writeExact, type MeasuredPlaceOf, type PlannedOpening } from '@zabble/core';
import { LengthsField } from '../../fields/lengths-field';
import { Size } from '../../fields/size';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { Says } from '../../ui/says';

/** A compartment without drawers as it came out: its readings, and how far they are from what was planned. */
@Component({
  selector: 'z-measured-back',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthsField, Says, Size],
  template: `@if (at(); as path) {
      <div class="flex flex-wrap items-start gap-x-4 gap-y-2">
        <z-lengths-field
          class="min-w-44 flex-1"
          [path]="path + '.width'"
          i18n-label
          label="Between its walls, as measured"
          [unit]="unit()"
        />
        <z-lengths-field class="min-w-32 flex-1" [path]="path + '.height'" i18n-label label="High" [unit]="unit()" />
        <z-lengths-field class="min-w-32 flex-1" [path]="path + '.depth'" i18n-label label="Deep" [unit]="unit()" />
        <button i18n type="button" class="press self-end" (click)="forget()">Forget the readings</button>
      </div>
      @if (off(); as by) {
        <p class="caption">
          @if (by > 0) {
            <ng-container i18n
              >Wider than planned by <z-size kind="gap" [length]="by" [unit]="true" />; shelves on pins
              follow.</ng-container
            >
          } @else {
            <ng-container i18n
              >Narrower than planned by <z-size kind="gap" [length]="narrower()" [unit]="true" />; shelves on pins
              follow.</ng-container
            >
          }
        </p>
      }
    } @else {
      <button i18n type="button" class="press self-start" (click)="begin()">Measure it back …</button>
    }
    <z-says [text]="says()" />`,
  host: { class: 'flex flex-col gap-1' },
})
export class MeasuredBack {
  /** Path of the case. */
  readonly path = input.required<string>();
  readonly opening = input.required<PlannedOpening>();
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  protected readonly says = signal('');
  protected readonly unit = computed(() => this.showing()?.unit ?? 'mm');
  private readonly all = computed(
    () => (valueAt(this.document(), `${this.path()}.measured`) ?? []) as readonly MeasuredPlaceOf<string>[],
  );
  private readonly place = computed(() =>
    this.all().findIndex(({ compartment }) => compartment === this.opening().compartment.id),
  );
  protected readonly at = computed(() => (this.place() < 0 ? undefined : `${this.path()}.measured[${this.place()}]`));
  private readonly planned = computed(() => nm(this.opening().compartment.right - this.opening().compartment.left));
  /** The least width that was read, less the one that was planned. */
  protected readonly off = computed(() => {
    const readings = (this.all()[this.place()]?.width ?? []).flatMap((text) => {
      const read = readFileLength(text);
      return read.ok ? [read.value] : [];
    });
    return readings.length > 0 ? nm(Math.min(...readings) - this.planned()) : undefined;
  });
  protected readonly narrower = computed(() => nm(Math.abs(this.off() ?? 0)));

  /** As it is planned, to be written over. */
  protected begin(): void {
    const { id } = this.opening().compartment;
    const read = { compartment: id, width: [writeExact(this.planned(), this.unit())] };
    this.put($localize`measure ${id} back`, [...this.all(), read]);
  }

  protected forget(): void {
    const { id } = this.opening().compartment;
    const left = this.all().filter(({ compartment }) => compartment !== id);
    this.put($localize`forget the readings of ${id}`, left.length > 0 ? left : undefined);
  }

  private put(name: string, value: unknown): void {
    this.says.set(this.edits.apply(name, [{ path: `${this.path()}.measured`, value }]) ?? '');
  }
}
