import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { BOTTOMS, type BankPlan } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { LengthField } from '../../fields/length-field';
import { Says } from '../../ui/says';
import { MaterialPick } from '../materials/material-pick';

/** The batten that carries a wide bottom in two halves: with it or without. */
@Component({
  selector: 'z-muntin',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, MaterialPick, Says],
  template: `@if (grooved()) {
    <section class="flex flex-col gap-2" i18n-aria-label aria-label="Muntin">
      @if (muntin()) {
        <div class="flex flex-wrap items-end gap-3">
          <z-material-pick class="w-56" [path]="path() + '.material'" i18n-label label="Muntin of" />
          <z-length-field [path]="path() + '.width'" i18n-label label="Muntin wide" [narrow]="true" />
          <button i18n type="button" class="press" (click)="remove()">Without one</button>
        </div>
      } @else {
        <p i18n class="caption">A muntin, front to back, carries a wide thin bottom in two halves.</p>
        <div><button i18n type="button" class="press" (click)="add()">Add a muntin</button></div>
      }
      <z-says [text]="says()" />
    </section>
  }`,
})
export class Muntin {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  protected readonly says = signal('');
  protected readonly path = computed(() => `${this.bank().path}.box.muntin`);
  protected readonly muntin = computed(() => this.bank().bank.box.muntin);
  protected readonly grooved = computed(() => BOTTOMS[this.bank().bank.box.bottomFit].raised);

  protected add(): void {
    this.put({ material: this.bank().bank.box.sides, width: this.edits.usual('2 in', '50 mm') }, $localize`a muntin`);
  }

  protected remove(): void {
    this.put(undefined, $localize`without a muntin`);
  }

  private put(value: object | undefined, name: string): void {
    this.says.set(this.edits.apply(name, [{ path: this.path(), value }]) ?? '');
  }
}
