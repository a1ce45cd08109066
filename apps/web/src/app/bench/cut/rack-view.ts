import { MoneyPipe } from '../../shop/money';
import { newId } from '../../server-api/new-id';
import { lengthControl, LengthInput, wrongLength } from '../../ui/length-input';
import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import type { StockEntry } from '@zabble/contract';
import { readLength, sameName, writeExact, type StockItemOf, type Length } from '@zabble/core';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { readMoney } from '../../ui/read-number';
import { Says } from '../../ui/says';
import { CsvImport } from './csv-import';
import { CutState } from './cut-state';
import { PriceView } from './price-view';
import { Rack } from './rack';

const SIZES = ['length', 'width', 'thickness'] as const;
const text = () => new FormControl('', { nonNullable: true });

/** The shop's rack: sheets, boards and off-cuts, kept across jobs. */
@Component({
  selector: 'z-rack-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [MoneyPipe, CsvImport, LengthInput, PriceView, ReactiveFormsModule, Says],
  templateUrl: './rack-view.html',
})
export class RackView {
  protected readonly lengths = [
    { name: 'length', label: $localize`Length` },
    { name: 'width', label: $localize`Width` },
    { name: 'thickness', label: $localize`Thick, measured` },
  ];
  protected readonly numbers = [
    { name: 'count', label: $localize`Count` },
    { name: 'price', label: $localize`Price of one` },
  ];
  private readonly speech = inject(Speech);
  protected readonly rack = inject(Rack);
  private readonly state = inject(CutState);
  private readonly store = inject(Store);
  private readonly showing = this.store.selectSignal(selectShowing);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly form = new FormGroup({
    material: text(),
    kind: new FormControl<StockItemOf<string>['kind']>('sheet', { nonNullable: true }),
    length: lengthControl(),
    width: lengthControl(),
    thickness: lengthControl(),
    count: new FormControl('1', { nonNullable: true }),
    price: text(),
    place: text(),
  });
  protected readonly names = computed(() => this.document()?.materials.map(({ name }) => name) ?? []);
  protected readonly unit = computed(() => this.showing()?.unit ?? 'mm');

  /** Of a material of this job: a layout will use it. */
  protected serves({ item }: StockEntry): boolean {
    return (
      item.kind !== 'board' && (this.state.job()?.materials ?? []).some(({ name }) => sameName(name, item.material))
    );
  }

  /** A thickness other than the job counts with. */
  protected differs({ item }: StockEntry): string {
    const material = this.state.job()?.materials.find(({ name }) => sameName(name, item.material));
    const read = item.thickness === undefined ? undefined : readLength(item.thickness, this.unit());
    if (!material || !read?.ok || Math.abs(read.value - material.thickness) < 150_000) return '';
    return $localize`measures ${item.thickness ?? ''}, the job counts ${writeExact(material.thickness, this.unit())}`;
  }

  protected add(): void {
    const { length, width, thickness, count, price, place, material, kind } = this.form.getRawValue();
    const wrong = SIZES.flatMap((name) => {
      const why = wrongLength(this.form.controls[name]);
      return why ? [`${name}: ${this.speech.say(why)}`] : [];
    });
    const [number, money] = [Number(count), readMoney(price)];
    if (material.trim() === '') return this.says.set($localize`What is it made of? A layout finds it by that name.`);
    if (wrong[0] !== undefined) return this.says.set(wrong[0]);
    if (length === undefined || width === undefined) return this.says.set($localize`How long and how wide is it?`);
    if (!Number.isInteger(number) || number < 1)
      return this.says.set($localize`Read ${JSON.stringify(count)}\: how many there are is a whole number.`);
    if (!money.ok) return this.says.set(money.says);
    const exact = (each: Length): string => writeExact(each, this.unit());
    this.says.set('');
    this.rack.keep(newId(), {
      material: material.trim(),
      kind,
      length: exact(length),
      width: exact(width),
      ...(thickness === undefined ? {} : { thickness: exact(thickness) }),
      count: number,
      ...(money.value === undefined ? {} : { price: money.value }),
      ...(place.trim() === '' ? {} : { place: place.trim() }),
    });
  }

  protected change({ id }: StockEntry, by: number): void {
    this.rack.change(id, by);
  }
}
