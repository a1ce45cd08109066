import { OfPlan } from '../../fields/of-plan';
import { MoneyPipe } from '../../shop/money';
import { newId } from '../../server-api/new-id';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { holds, isOffcut, lyingIn, movesOf, stepsOf, writeExact, type Found, type StockItemOf } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { LengthField } from '../../fields/length-field';
import { NumberField } from '../../fields/number-field';
import { Says } from '../../ui/says';
import { Bookings } from './bookings';
import { CutState, type ShownSheet } from './cut-state';
import { ChoiceRow } from '../../ui/choice-row';
import { Rack } from './rack';
import { SheetWalk } from './sheet-walk';
import { namesOn } from './taken-edits';
import { TwoWays } from './two-ways';
import { WHICH_PARTS } from './which-parts';
import { Importance } from './importance';

/** A material's layout as far as it is found. */
interface Row {
  readonly id: string;
  readonly name: string;
  readonly found: Found | undefined;
  readonly tried: number;
  readonly sheets: readonly ShownSheet[];
  readonly waste: string;
  readonly cost: number | undefined;
  /** Sheets only found, and not taken yet. */
  readonly fresh: number;
  /** Sheets taken that nobody has begun, and those of them the plan no longer holds. */
  readonly untouched: number;
  readonly stale: number;
  /** How often the saw is set, in all. */
  readonly moves: number;
}

/** Area of the parts in a sheet. */
function usedOf({ sheet, blade }: ShownSheet): number {
  return lyingIn(sheet, blade).reduce((sum, { piece, long, wide }) => sum + (piece === undefined ? 0 : long * wide), 0);
}

/** What the shop can take, each by its field. */
const LIMITS = [
  { path: 'saw.limits.rip', label: $localize`Longest rip`, placeholder: $localize`any` },
  { path: 'saw.limits.crosscut', label: $localize`Widest crosscut`, placeholder: $localize`any` },
  { path: 'saw.limits.stop', label: $localize`Longest against the stop`, placeholder: $localize`any` },
  { path: 'saw.limits.planer', label: $localize`Widest through the planer`, placeholder: $localize`usual` },
  { path: 'saw.limits.driver', label: $localize`A driver wants before it`, placeholder: $localize`usual` },
  { path: 'saw.limits.drill', label: $localize`A drill wants before it`, placeholder: $localize`usual` },
];

/** Sheets: the layouts the search has found so far, what they are judged by, and a sheet cut and booked. */
@Component({
  selector: 'z-sheets-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [OfPlan, MoneyPipe, ChoiceRow, Bookings, LengthField, NumberField, Says, Importance, TwoWays],
  templateUrl: './sheets-view.html',
})
export class SheetsView {
  protected readonly state = inject(CutState);
  protected readonly rack = inject(Rack);
  protected readonly limits = LIMITS;
  private readonly edits = inject(JobEdits);
  private readonly walk = inject(SheetWalk);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly says = signal('');
  protected readonly ways = WHICH_PARTS;

  protected readonly rows = computed((): readonly Row[] =>
    this.materials().map((material) => {
      const found = this.state.found().get(material.id);
      const sheets = this.state.sheets().filter((each) => each.material === material.id);
      const area = sheets.reduce((sum, { sheet }) => sum + sheet.length * sheet.width, 0);
      const used = sheets.reduce((sum, each) => sum + usedOf(each), 0);
      const bought = sheets.filter(({ sheet }) => sheet.stock === material.id).length;
      return {
        id: material.id,
        name: material.name,
        found,
        tried: this.state.tried().get(material.id) ?? 0,
        sheets,
        fresh: sheets.filter(({ taken }) => !taken).length,
        untouched: this.state
          .taken()
          .filter(({ material: of, begun, finished }) => of === material.id && !begun && !finished).length,
        stale: this.state.taken().filter((each) => each.material === material.id && !holds(each)).length,
        moves: sheets.reduce((sum, { sheet, blade }) => sum + movesOf(stepsOf(sheet, blade)), 0),
        waste: area > 0 ? $localize`${Math.round(100 * (1 - used / area))} % left over` : '',
        cost: material.price === undefined ? undefined : bought * material.price,
      };
    }),
  );
  /** Those that are to be laid out, or have sheets taken. */
  private readonly materials = computed(() => {
    const asked = new Set(this.state.tasks().map(({ material }) => material.id));
    const taken = new Set(this.state.taken().flatMap((each) => (each.finished ? [] : each.material)));
    return (this.state.job()?.materials ?? []).filter(({ id }) => asked.has(id) || taken.has(id));
  });
  protected readonly unlaid = computed(() => {
    const laid = new Set(this.materials().map(({ id }) => id));
    const parts = this.state.which() === 'all' ? this.state.parts() : this.state.free();
    return [...new Set(parts.map(({ material }) => material))].filter(({ id }) => !laid.has(id));
  });

  protected turnRipFirst(): void {
    const ripFirst = !(this.state.saw()?.ripFirst ?? true);
    const name = ripFirst ? $localize`rip first` : $localize`first cut either way`;
    this.says.set(this.edits.apply(name, [{ path: 'saw.ripFirst', value: ripFirst }]) ?? '');
  }

  protected show({ key }: ShownSheet): void {
    this.state.sheet.set(key);
    this.state.step.set(undefined);
  }

  protected take(material: string): void {
    this.says.set(this.walk.take(material));
  }

  protected again(material: string): void {
    this.says.set(this.walk.again(material));
  }

  protected partsOn({ sheet, blade }: ShownSheet): number {
    return namesOn(sheet, blade).length;
  }

  protected holds({ sheet, blade }: ShownSheet): boolean {
    return namesOn(sheet, blade).some((name) => this.state.byName().get(name)?.release !== 'now');
  }

  /** The sheet leaves the rack, its useful off-cuts come in, and its parts are written down as cut. */
  protected book(shown: ShownSheet): void {
    const [document, job, saw] = [this.document(), this.state.job(), this.state.saw()];
    const unit = this.showing()?.unit ?? 'mm';
    const material = job?.materials.find(({ id }) => id === shown.material);
    if (!document || !job || !saw || !material) return;
    const { sheet } = shown;
    const brought = lyingIn(sheet, shown.blade)
      .filter(({ piece, long, wide }) => piece === undefined && isOffcut(saw.offcut, long, wide))
      .map(({ long, wide }): StockItemOf<string> => ({
        material: material.name,
        kind: 'off-cut',
        length: writeExact(long, unit),
        width: writeExact(wide, unit),
        thickness: writeExact(material.thickness, unit),
        count: 1,
        from: job.name,
      }));
    const taken = sheet.stock === shown.material ? [] : [{ stock: sheet.stock, count: 1 }];
    const booked = { id: newId(), job: this.id() ?? '', material: material.name, taken, brought };
    this.rack.book(booked, () => {
      this.says.set(this.edits.apply($localize`sheet of ${material.name} cut`, this.walk.finished(shown)) ?? '');
    });
  }
}
