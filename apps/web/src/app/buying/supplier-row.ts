import { ChangeDetectionStrategy, Component, effect, inject, input, signal, untracked } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import type { ShopRow } from '@zabble/contract';
import { readSupplier, type Supplier } from '@zabble/core';
import { Suppliers } from '../shop/suppliers';
import { readNumber } from '../ui/read-number';
import { Says } from '../ui/says';
import { Speech } from '../words/speech';

const text = () => new FormControl('', { nonNullable: true });

/** One supplier, to be written; an empty one is the next. */
@Component({
  selector: 'z-supplier-row',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says],
  template: `<form
    class="grid grid-cols-[repeat(auto-fit,minmax(11rem,1fr))] gap-x-4 gap-y-2 border-b border-edge py-3"
    [formGroup]="form"
    (submit)="keep($event)"
  >
    <label class="flex flex-col gap-1">
      <span i18n class="caption">Name</span>
      <input class="write" type="text" maxlength="120" formControlName="name" [readonly]="row() !== undefined" />
    </label>
    <label class="flex flex-col gap-1">
      <span i18n class="caption">Ordered from</span>
      <select class="write" formControlName="by">
        <option i18n value="hand">by hand</option>
        <option i18n value="service">by its service</option>
      </select>
    </label>
    <label class="flex flex-col gap-1">
      <span i18n class="caption">Usual days</span>
      <input class="write" type="text" inputmode="numeric" maxlength="3" formControlName="leadDays" />
    </label>
    <label class="flex flex-col gap-1">
      <span i18n class="caption">We are known there as</span>
      <input class="write" type="text" maxlength="120" formControlName="customer" />
    </label>
    <label class="flex flex-col gap-1">
      <span i18n class="caption">Where orders go</span>
      <textarea class="write py-2" rows="2" maxlength="2000" formControlName="address"></textarea>
    </label>
    <label class="flex flex-col gap-1">
      <span i18n class="caption">Notes</span>
      <textarea class="write py-2" rows="2" maxlength="2000" formControlName="notes"></textarea>
    </label>
    <div class="col-span-full flex flex-wrap gap-2">
      @if (row(); as kept) {
        <button i18n type="submit" class="press" [disabled]="form.pristine">Keep what changed</button>
        <button i18n type="button" class="press" (click)="suppliers.drop(kept)">Take it out</button>
      } @else {
        <button i18n type="submit" class="press press-main">Put this supplier in</button>
      }
    </div>
    <z-says class="col-span-full" [text]="says()" />
  </form>`,
})
export class SupplierRow {
  readonly row = input<ShopRow<Supplier>>();
  protected readonly suppliers = inject(Suppliers);
  private readonly speech = inject(Speech);
  protected readonly says = signal('');
  protected readonly form = new FormGroup({
    name: text(),
    by: new FormControl<Supplier['by']>('hand', { nonNullable: true }),
    leadDays: text(),
    address: text(),
    customer: text(),
    notes: text(),
  });

  constructor() {
    effect(() => {
      const { leadDays, ...supplier } = this.row()?.row ?? { leadDays: undefined };
      untracked(() => this.form.reset({ ...supplier, leadDays: String(leadDays ?? '') }));
    });
  }

  protected keep(event: Event): void {
    event.preventDefault();
    const { leadDays, name, by, ...others } = this.form.getRawValue();
    const days = readNumber(leadDays, $localize`a whole number of days is wanted, as 5`);
    if (!days.ok) return this.says.set(days.says);
    const told = Object.fromEntries(Object.entries(others).filter(([, value]) => value.trim() !== ''));
    const read = readSupplier({
      ...{ name: name.trim(), by, ...told },
      ...(days.value === undefined ? {} : { leadDays: days.value }),
    });
    const [first] = read.ok ? [] : read.errors;
    if (!read.ok) return this.says.set(first ? this.speech.say(first.said) : '');
    this.says.set('');
    this.suppliers.keep(read.row);
    this.form.markAsPristine();
    if (!this.row()) this.form.reset();
  }
}
