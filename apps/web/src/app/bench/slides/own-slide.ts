import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  BOTTOMS,
  BUILT_IN,
  missingFromSheet,
  slideTable,
  valueAt,
  writeBare,
  writeExact,
  type BankPlan,
  type Length,
  type LengthList,
  type OwnSlideOf,
  type Patch,
  type SlideFamily,
  type Unit,
  type Words,
} from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectJob } from '../../store/job/job.selectors';
import { Choice } from '../../fields/choice';
import { LengthField } from '../../fields/length-field';
import { LengthsField } from '../../fields/lengths-field';
import { Many } from '../../fields/many';
import { NumberField } from '../../fields/number-field';
import { Pick } from '../../fields/pick';
import { Says } from '../../ui/says';
import { TextField } from '../../fields/text-field';
import { withoutRow, withRow } from './own-row';
import { ROW_GROUPS, withCutsOf, type RowGroup } from './row-groups';

/** Figures a sheet gives as lengths. */
const LENGTHS = [
  { figure: 'side', label: $localize`Each side` },
  { figure: 'insideDeduction', label: $localize`Opening less inside` },
  { figure: 'narrowBy', label: $localize`Narrower by` },
  { figure: 'parallel', label: $localize`Case true to` },
  { figure: 'square', label: $localize`Diagonals alike to` },
  { figure: 'maxSide', label: $localize`Sides up to` },
  { figure: 'top', label: $localize`Clear above` },
  { figure: 'bottom', label: $localize`Clear below` },
  { figure: 'recess', label: $localize`Bottom raised` },
  { figure: 'profile', label: $localize`Its own height` },
  { figure: 'setback', label: $localize`Set-back` },
  { figure: 'minBox', label: $localize`Lowest box` },
  { figure: 'minBottom', label: $localize`Thinnest bottom` },
  { figure: 'maxWidth', label: $localize`Widest` },
  { figure: 'overTravel', label: $localize`Comes out past by` },
] as const;

const NUMBERS = [
  { figure: 'load_kg', label: $localize`Carries`, measures: 'weight' },
  { figure: 'extension', label: $localize`Comes out, share`, measures: undefined },
  { figure: 'price', label: $localize`A pair costs`, measures: undefined },
] as const;

/** A slide of one's own: the row in use copied, and its figures written over from the sheet that came with it. */
@Component({
  selector: 'z-own-slide',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Choice, LengthField, LengthsField, Many, NumberField, Pick, Says, TextField],
  templateUrl: './own-slide.html',
})
export class OwnSlide {
  private readonly speech = inject(Speech);
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly lengths = LENGTHS;
  protected readonly numbers = NUMBERS;
  protected readonly builtIn = BUILT_IN.map(({ id, called }) => ({ value: id, label: this.speech.say(called) }));
  protected readonly bases = [
    { value: 'outside', label: $localize`outside` },
    { value: 'inside', label: $localize`inside` },
  ];
  protected readonly bottoms = this.speech.options('bottom-fit', Object.keys(BOTTOMS));
  protected readonly lists = [
    { unit: 'in', word: 'inches' },
    { unit: 'mm', word: 'millimetres' },
  ] as const;
  protected readonly family = computed(() => {
    const job = this.job();
    return job && slideTable(job).get(this.bank().bank.slide.family);
  });
  protected readonly row = computed(() => {
    const index = (this.job()?.slides ?? []).findIndex(({ id }) => id === this.bank().bank.slide.family);
    return index < 0 ? undefined : { path: `slides[${index}]` };
  });
  /** The built-in row it is like: what holds where nothing is written. */
  private readonly like = computed(() => {
    const own = this.written();
    return own && BUILT_IN.find(({ id }) => id === own.like);
  });
  private readonly written = computed(() => {
    const row = this.row();
    return row && (valueAt(this.document(), row.path) as OwnSlideOf<string> | undefined);
  });
  protected readonly groups = computed(() =>
    ROW_GROUPS.map((group) => ({ ...group, told: valueAt(this.written(), group.path) !== undefined })),
  );

  /** Figures that decide what is cut and are still the built-in row's: until each is the slide's own it must be in hand. */
  protected readonly missing = computed(() => {
    const [job, family, bank] = [this.job(), this.family(), this.bank().bank];
    const own = job?.slides?.find(({ id }) => id === family?.id);
    if (!job || !family || !own) return '';
    return missingFromSheet(own, family, bank.slide.lengths ?? job.unit)
      .map(
        (figure) =>
          LENGTHS.find((each) => each.figure === figure)?.label.toLowerCase() ?? $localize`the list of lengths`,
      )
      .join(', ');
  });

  protected usual(figure: (typeof LENGTHS)[number]['figure']): string {
    const size = this.like()?.[figure];
    return size === undefined ? $localize`none` : this.plain(size);
  }

  protected usualNumber(figure: (typeof NUMBERS)[number]['figure']): string {
    return String(this.like()?.[figure] ?? '');
  }

  protected usualList(unit: Unit): string {
    const list = this.like()?.lengths[unit]?.list;
    return list ? list.map((each) => this.plain(each, unit)).join('; ') : $localize`any length`;
  }

  protected usualOfList(unit: Unit, figure: keyof Omit<LengthList, 'list'>): string {
    const size = this.like()?.lengths[unit]?.[figure];
    return size === undefined ? $localize`none` : this.plain(size);
  }

  /** A row's cuts stand whole for those of the row it is like, so the others go along. */
  protected put(group: RowGroup, on: boolean): void {
    const [row, own, like, unit] = [this.row(), this.written(), this.like(), this.document()?.unit];
    if (!row || !own || !like || !unit) return;
    const value = on ? group.begin(like, unit, (inches, metric) => this.edits.usual(inches, metric)) : undefined;
    const along: readonly Patch[] =
      group.path.startsWith('cuts.') && on ? [{ path: `${row.path}.cuts`, value: withCutsOf(own, like, unit) }] : [];
    this.take(`${group.title}: ${on ? group.add : group.without}`.toLowerCase(), [
      ...along,
      { path: `${row.path}.${group.path}`, value },
    ]);
  }

  /** The row in use under a name of its own, every figure written out, and taken for this bank. */
  protected copy(): void {
    const [document, family] = [this.document(), this.family()];
    if (!document || !family) return;
    const { id, patch } = withRow(document, copyOf(family, document.unit, this.speech.words()));
    this.take($localize`a row from its sheet`, [patch, { path: `${this.bank().path}.slide.family`, value: id }]);
  }

  /** What used it goes back to the kind it is like. */
  protected away(): void {
    const [document, own] = [this.document(), this.written()];
    const patches = document && own && withoutRow(document, own.id);
    if (patches) this.take($localize`${own.name ?? own.id} out of the job`, patches);
  }

  private plain(size: Length, unit: Unit = this.document()?.unit ?? 'mm'): string {
    return writeBare(size, unit);
  }

  private take(name: string, patches: readonly Patch[]): void {
    this.says.set(this.edits.apply(name, patches) ?? '');
  }
}

/** Every figure of the row written out, to be written over. */
function copyOf(family: SlideFamily, unit: Unit, { say }: Words): OwnSlideOf<string> {
  const figures = Object.fromEntries(
    LENGTHS.flatMap(({ figure }) => {
      const size = family[figure];
      return size === undefined ? [] : [[figure, writeExact(size, unit)]];
    }),
  );
  const { id: like, load_kg, price, called } = family;
  return { id: like, like, name: $localize`${say(called)}, from its sheet`, ...figures, load_kg, price };
}
