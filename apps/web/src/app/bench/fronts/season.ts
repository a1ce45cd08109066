import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { moistureContent, moistureRise, USUAL_RISE } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { selectJob } from '../../store/job/job.selectors';
import { NumberField } from '../../fields/number-field';
import { Says } from '../../ui/says';

/** The air solid fronts are fitted in and the wettest they will see: what they may still grow by. */
@Component({
  selector: 'z-season',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [NumberField, Says],
  template: `<section
    class="flex flex-col gap-2 border-t border-line pt-4"
    i18n-aria-label
    aria-label="Season of fitting"
  >
    <h3 i18n class="text-lg font-semibold">Season of fitting</h3>
    @if (climate(); as air) {
      <div class="flex flex-wrap items-end gap-3">
        <z-number-field path="climate.fitting.temperature_c" i18n-label measures="temperature" label="Fitted at" />
        <z-number-field path="climate.fitting.humidity" i18n-label label="Fitted at, % damp" />
        <z-number-field path="climate.wettest.temperature_c" i18n-label measures="temperature" label="Wettest" />
        <z-number-field path="climate.wettest.humidity" i18n-label label="Wettest, % damp" />
        <button i18n type="button" class="press" (click)="forget()">Use the usual rise</button>
      </div>
      <p i18n class="caption">
        The wood comes to {{ percent(air.fitting) }} of moisture where it is fitted and {{ percent(air.wettest) }} in
        the wettest season: {{ rise() }} still to come.
      </p>
    } @else {
      <p i18n class="caption">Nothing is known of the air, so a usual rise of {{ usual }} % of moisture is counted.</p>
      <div><button i18n type="button" class="press" (click)="tell()">Say what air they are fitted in</button></div>
    }
    <z-says [text]="says()" />
  </section>`,
})
export class Season {
  private readonly edits = inject(JobEdits);
  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly says = signal('');
  protected readonly usual = USUAL_RISE;
  protected readonly climate = computed(() => this.job()?.climate);
  protected readonly rise = computed(() => `${moistureRise(this.climate()).toFixed(1)} %`);

  protected percent(air: Parameters<typeof moistureContent>[0]): string {
    return `${moistureContent(air).toFixed(1)} %`;
  }

  protected tell(): void {
    const value = { fitting: { temperature_c: 20, humidity: 45 }, wettest: { temperature_c: 20, humidity: 65 } };
    this.says.set(this.edits.apply($localize`season of fitting`, [{ path: 'climate', value }]) ?? '');
  }

  protected forget(): void {
    this.says.set(this.edits.apply($localize`use the usual rise`, [{ path: 'climate', value: undefined }]) ?? '');
  }
}
