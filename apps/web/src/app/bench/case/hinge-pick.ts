import { OfPlan } from '../../fields/of-plan';
import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { Store } from '@ngrx/store';
import { compareHinges, hingeTable, type DoorPlan, type HingeServing } from '@zabble/core';
import { Size } from '../../fields/size';
import { selectJob } from '../../store/job/job.selectors';
import { Say } from '../../words/say';
import { Speech } from '../../words/speech';
import { HingePicture } from './hinge-picture';

/** Every hinge as it would serve a door, side by side, each drawn from above as it would stand; one is taken. */
@Component({
  selector: 'z-hinge-pick',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [OfPlan, HingePicture, Say, Size],
  template: `<div class="overflow-x-auto" tabindex="0" role="group" i18n-aria-label aria-label="Hinges side by side">
    <table class="w-full border-collapse">
      <thead class="caption border-b-2 border-edge text-left">
        <tr>
          <th i18n class="py-1.5 pr-2 font-medium" scope="col">Hinge</th>
          <th i18n class="py-1.5 pr-2 font-medium" scope="col">From above</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Tab, plate</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Stands in, open</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">So many carry</th>
          <th class="py-1.5" scope="col"></th>
        </tr>
      </thead>
      <tbody>
        @for (row of rows(); track row.hinge.id) {
          <tr class="border-b border-line" [class.bg-chalk-wash]="row.hinge.id === used()">
            <th class="max-w-52 py-2 pr-2 pl-2 text-left font-medium" scope="row">{{ row.hinge.called | say }}</th>
            <td class="pr-2">
              <z-hinge-picture [serving]="row" [door]="door()" />
            </td>
            <td class="pr-2 text-right whitespace-nowrap">
              @if (!row.reaches) {
                <span i18n class="text-lead">does not reach</span>
              } @else if (row.tab !== undefined) {
                <z-size kind="gap" [length]="row.tab" />, <z-size kind="gap" [length]="row.plate!" />
              } @else if (row.hinge.bore) {
                <span i18n class="caption">by its sheet</span>
              } @else {
                –
              }
            </td>
            <td class="pr-2 text-right"><z-size kind="gap" [length]="row.protrusion" /></td>
            <td class="pr-2 text-right whitespace-nowrap" [class.text-lead]="tooLittle(row)">
              @if (row.hung; as hung) {
                {{ hung.count }}: {{ weight(hung.carries_kg) }}
              } @else {
                –
              }
            </td>
            <td class="py-1 text-right">
              @if (row.hinge.id === used()) {
                <span i18n class="caption pr-2">in use</span>
              } @else {
                <button
                  zOfPlan
                  type="button"
                  class="press px-2"
                  [attr.data-path]="door().path + '.hinge.family'"
                  i18n-ariaLabel
                  ariaLabel="Take {{ row.hinge.called | say }}"
                  (click)="taken.emit(row.hinge.id)"
                >
                  <ng-container i18n>Take</ng-container>
                </button>
              }
            </td>
          </tr>
        }
      </tbody>
    </table>
  </div>`,
  host: { class: 'block' },
})
export class HingePick {
  readonly door = input.required<DoorPlan>();
  readonly taken = output<string>();
  private readonly speech = inject(Speech);
  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly used = computed(() => this.door().hinge.id);
  protected readonly rows = computed(() => compareHinges(this.door(), hingeTable(this.job() ?? {})));

  protected tooLittle({ hung }: HingeServing): boolean {
    return hung !== undefined && this.door().leaves.some(({ weight_kg }) => weight_kg > hung.carries_kg);
  }

  protected weight(kilograms: number): string {
    return this.speech.words().weight(kilograms);
  }
}
