import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  lengthListOf,
  showStep,
  slideTable,
  writeExact,
  type BankPlan,
  type DrawerPlan,
  type Patch,
} from '@zabble/core';
import { selectJob } from '../../store/job/job.selectors';
import { Figure } from '../../fields/figure';
import { LengthField } from '../../fields/length-field';
import { Pick } from '../../fields/pick';
import { LENGTH_LISTS, offeredLength } from './length-lists';

/** The slide of each drawer: the bank's, or one of its own where it carries more or comes out further. */
@Component({
  selector: 'z-drawer-slides',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Figure, LengthField, Pick],
  template: `<section class="border-t border-line pt-4" i18n-aria-label aria-label="One drawer on another slide">
    <h3 i18n class="text-lg font-semibold">One drawer on another slide</h3>
    <div class="overflow-x-auto" tabindex="0" role="group" i18n-aria-label aria-label="The slide of each drawer">
      <table class="w-full border-collapse">
        <thead class="caption border-b border-edge text-left">
          <tr>
            <th i18n class="py-1.5 pr-2 font-medium" scope="col">Drawer</th>
            <th i18n class="py-1.5 pr-2 font-medium" scope="col">Slide</th>
            <th i18n class="py-1.5 pr-2 font-medium" scope="col">Length</th>
            <th i18n class="py-1.5 pr-2 font-medium" scope="col">From the list in</th>
            <th i18n class="py-1.5 pr-2 font-medium" scope="col">Cut off it</th>
            <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Weighs, of what it carries</th>
            <th i18n class="py-1.5 text-right font-medium" scope="col">Inside width</th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.drawer.id) {
            <tr class="border-b border-line">
              <th class="py-1 pr-2 text-left font-normal" scope="row">
                <span class="text-soft">{{ row.drawer.place + 1 }}</span> {{ row.drawer.name }}
              </th>
              <td class="py-1 pr-2">
                <z-pick
                  class="block min-w-44"
                  [path]="row.drawer.path + '.slide.family'"
                  i18n-label
                  label="Slide of drawer {{ row.drawer.place + 1 }}"
                  [hideLabel]="true"
                  [options]="families()"
                  [along]="forgetLength(row.drawer, true)"
                />
              </td>
              <td class="py-1 pr-2">
                @if (row.lengths; as lengths) {
                  <z-pick
                    class="block min-w-40"
                    [path]="row.drawer.path + '.slide.length'"
                    i18n-label
                    label="Slide length of drawer {{ row.drawer.place + 1 }}"
                    [hideLabel]="true"
                    [options]="lengths"
                  />
                } @else {
                  <z-length-field
                    [path]="row.drawer.path + '.slide.length'"
                    i18n-label
                    label="Slide length of drawer {{ row.drawer.place + 1 }}"
                    [hideLabel]="true"
                    [narrow]="true"
                    [optional]="true"
                    i18n-placeholder
                    placeholder="as the bank"
                  />
                }
              </td>
              <td class="py-1 pr-2">
                <z-pick
                  class="block min-w-28"
                  [path]="row.drawer.path + '.slide.lengths'"
                  i18n-label
                  label="Length list of drawer {{ row.drawer.place + 1 }}"
                  [hideLabel]="true"
                  [options]="lists"
                  [along]="forgetLength(row.drawer, false)"
                />
              </td>
              <td class="py-1 pr-2">
                <z-length-field
                  [path]="row.drawer.path + '.slide.cut'"
                  i18n-label
                  label="Cut off it, drawer {{ row.drawer.place + 1 }}"
                  [hideLabel]="true"
                  [narrow]="true"
                  [optional]="true"
                  placeholder="–"
                />
              </td>
              <td
                i18n
                class="pr-2 text-right whitespace-nowrap"
                [class.text-lead]="row.weight > row.drawer.family.load_kg"
              >
                {{ weight(row.weight) }} of {{ weight(row.drawer.family.load_kg) }}
              </td>
              <td class="text-right">
                <z-figure
                  [asked]="{ kind: 'dimension', drawer: row.drawer.id, dimension: 'inside.width' }"
                  i18n-label
                  label="Inside width of drawer {{ row.drawer.place + 1 }}"
                />
              </td>
            </tr>
          }
        </tbody>
      </table>
    </div>
  </section>`,
})
export class DrawerSlides {
  private readonly speech = inject(Speech);

  protected weight(kilograms: number): string {
    return this.speech.words().weight(kilograms);
  }

  readonly bank = input.required<BankPlan>();
  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly lists = [{ value: '', label: $localize`bank’s` }, ...LENGTH_LISTS];
  protected readonly families = computed(() => {
    const job = this.job();
    const all = job ? [...slideTable(job).values()] : [];
    return [
      { value: '', label: $localize`as the bank` },
      ...all.map(({ id, called }) => ({ value: id, label: this.speech.say(called) })),
    ];
  });
  protected readonly rows = computed(() =>
    this.bank().drawers.map((drawer) => {
      const { box, front, contents = 0 } = drawer.load;
      return { drawer, weight: box + front + contents, lengths: this.lengthsOf(drawer) };
    }),
  );

  /** A length of one family, or of one list, is seldom on another; a drawer with nothing of its own says nothing. */
  protected forgetLength({ path }: DrawerPlan, whole: boolean): (chosen: string) => readonly Patch[] {
    return (chosen) =>
      chosen === '' && whole
        ? [{ path: `${path}.slide`, value: undefined }]
        : [{ path: `${path}.slide.length`, value: undefined }];
  }

  /** The lengths its slide comes in; none where any length is made. */
  private lengthsOf({ family, place, nominal }: DrawerPlan) {
    const job = this.job();
    const { bank } = this.bank();
    const choice = { ...bank.slide, ...bank.drawers[place]?.slide };
    const list = job && lengthListOf(job, family, choice).list;
    if (!list) return undefined;
    const unit = choice.lengths ?? job.unit;
    const showing = { unit: job.unit, step: showStep(job) };
    const own = bank.drawers[place]?.slide?.length !== undefined;
    const used =
      nominal === undefined || own
        ? $localize`the bank’s`
        : $localize`${offeredLength(nominal, unit, showing)}, bank’s`;
    return [
      { value: '', label: used },
      ...list.map((each) => ({ value: writeExact(each, unit), label: offeredLength(each, unit, showing) })),
    ];
  }
}
