import { newId } from '../../server-api/new-id';
import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  guessMapping,
  partOfLine,
  PART_COLUMNS,
  readLines,
  STOCK_COLUMNS,
  valueAt,
  writeExact,
  type ExtraPartOf,
  type LineReading,
  type Mapping,
  type Read,
  type StockItemOf,
  type Unit,
  type Wanted,
} from '@zabble/core';
import Papa from 'papaparse';
import { FileDrop } from '../../ui/file-drop';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { Says } from '../../ui/says';
import { CutState } from './cut-state';
import { newParts } from './known-parts';
import { Rack } from './rack';

const LARGEST = 2_000_000;

/** A list from a file: which column is what, what each line is understood as, and then taken; the refused are told. */
@Component({
  selector: 'z-csv-import',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FileDrop, Says],
  templateUrl: './csv-import.html',
})
export class CsvImport {
  readonly what = input.required<'parts' | 'stock'>();
  protected readonly title = computed(() =>
    this.what() === 'parts' ? $localize`Parts from a list` : $localize`Stock from a list`,
  );
  private readonly rack = inject(Rack);
  private readonly state = inject(CutState);
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly says = signal('');
  protected readonly done = signal('');
  protected readonly file = signal('');
  protected readonly rows = signal<readonly (readonly string[])[]>([]);
  protected readonly mapping = signal<Mapping>({});
  private readonly speech = inject(Speech);
  protected readonly titleOf = ({ field }: Wanted): string => this.speech.plain(`column/${field}`);
  protected readonly wanted = computed(() => (this.what() === 'parts' ? PART_COLUMNS : STOCK_COLUMNS));
  protected readonly headings = computed(() => this.rows()[0] ?? []);
  private readonly unit = computed((): Unit => this.showing()?.unit ?? 'mm');
  protected readonly lines = computed((): readonly LineReading[] => {
    const lines = readLines(this.rows(), this.wanted(), this.mapping(), this.unit());
    if (this.what() === 'stock') return lines;
    const materials = this.state.job()?.materials ?? [];
    return lines.map((line) => partOfLine(line, materials, this.unit()));
  });
  private readonly parts = computed(() =>
    this.what() === 'stock'
      ? []
      : this.lines().flatMap((line) => {
          const { part } = line as ReturnType<typeof partOfLine>;
          return part ? [part] : [];
        }),
  );
  private readonly had = computed(
    () => (valueAt(this.document(), 'cutting.extra') ?? []) as readonly ExtraPartOf<string>[],
  );
  /** How many of its lines the job has already. */
  protected readonly known = computed(() => this.parts().length - newParts(this.parts(), this.had()).length);
  protected readonly good = computed(() => this.lines().filter(({ ok }) => ok).length);
  protected readonly bad = computed(() => this.lines().filter(({ ok }) => !ok));

  protected async picked(event: Event): Promise<void> {
    const field = event.target as HTMLInputElement;
    await this.open([...(field.files ?? [])]);
    field.value = '';
  }

  protected async open([file]: readonly File[]): Promise<void> {
    this.done.set('');
    if (!file) return;
    if (file.size > LARGEST)
      return this.says.set($localize`${file.name} has ${file.size} bytes: a list is never so large.`);
    const { data } = Papa.parse<string[]>((await file.text()).replace(/^\uFEFF/, ''), { skipEmptyLines: false });
    const [headings, ...rest] = data;
    if (!headings || rest.length === 0) return this.says.set($localize`${file.name} has no lines under its headings.`);
    this.says.set('');
    this.file.set(file.name);
    this.mapping.set(guessMapping(headings, this.wanted()));
    this.rows.set(data);
  }

  protected map(field: string, event: Event): void {
    const column = Number((event.target as HTMLSelectElement).value);
    this.mapping.update((mapping) => ({ ...mapping, [field]: column < 0 ? undefined : column }));
  }

  protected shown(line: LineReading): string {
    if (!line.ok) return this.speech.say(line.wrong);
    return Object.values(line.values)
      .map((value, index) => this.word(Object.keys(line.values)[index] ?? '', value))
      .join(' · ');
  }

  protected take(onlyNew: boolean): void {
    if (this.what() === 'stock') {
      const items = this.lines().flatMap((line) => (line.ok ? [this.itemOf(line.values)] : []));
      this.rack.add(items, () => this.ended(items.length));
      return;
    }
    const before = this.had();
    const added = (onlyNew ? newParts(this.parts(), before) : this.parts()).map((part) => ({
      id: newId().slice(0, 8),
      ...part,
    }));
    const refused = this.edits.apply($localize`${added.length} parts from ${this.file()}`, [
      { path: 'cutting.extra', value: [...before, ...added] },
    ]);
    this.says.set(refused ?? '');
    if (!refused) this.ended(added.length);
  }

  protected leave(): void {
    this.rows.set([]);
  }

  private ended(count: number): void {
    this.done.set(
      this.speech.words().form(count, {
        one: $localize`${count} line taken from ${this.file()}.`,
        other: $localize`${count} lines taken from ${this.file()}.`,
      }),
    );
    this.leave();
  }

  private itemOf({ material, length, width, thickness, count, price, place }: Read): StockItemOf<string> {
    const exact = (value: Read[string]): string => writeExact(Number(value) as never, this.unit());
    return {
      material: String(material),
      kind: 'sheet',
      length: exact(length),
      width: exact(width),
      ...(thickness === undefined ? {} : { thickness: exact(thickness) }),
      count: typeof count === 'number' ? count : 1,
      ...(typeof price === 'number' ? { price } : {}),
      ...(place === undefined ? {} : { place: String(place) }),
    };
  }

  private word(field: string, value: Read[string]): string {
    const kind = this.wanted().find((each) => each.field === field)?.kind;
    return kind === 'length' ? writeExact(Number(value) as never, this.unit()) : String(value);
  }
}
