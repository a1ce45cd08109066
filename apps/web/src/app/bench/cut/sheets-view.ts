import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { isOffcut, lyingIn, rulesOf, writeExact, type Found, type StockItemOf, type Which } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { LengthField } from '../../ui/length-field';
import { NumberField } from '../../ui/number-field';
import { Says } from '../../ui/says';
import { Bookings } from './bookings';
import { CutDesk, type ShownSheet } from './cut-desk';
import { Rack } from './rack';
import { cutPatch } from './records';
import { TwoWays } from './two-ways';
import { Weigh } from './weigh';
import { Who } from '../../store/session/who';

/** A material's layout as far as it is found. */
interface Row {
  readonly id: string;
  readonly name: string;
  readonly found: Found | undefined;
  readonly tried: number;
  readonly sheets: readonly ShownSheet[];
  readonly waste: string;
  readonly cost: number | undefined;
}

/** Sheets: the layouts the search has found so far, what they are judged by, and a sheet cut and booked. */
@Component({
  selector: 'z-sheets-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Bookings, LengthField, NumberField, Says, Weigh, TwoWays],
  templateUrl: './sheets-view.html',
})
export class SheetsView {
  protected readonly desk = inject(CutDesk);
  protected readonly rack = inject(Rack);
  private readonly edits = inject(JobEdits);
  private readonly who = inject(Who);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly says = signal('');
  protected readonly ways: readonly { readonly id: Which; readonly name: string }[] = [
    { id: 'now', name: 'What may be cut now' },
    { id: 'all', name: 'All, to buy by' },
  ];

  protected readonly rows = computed((): readonly Row[] =>
    this.desk.tasks().map(({ material, task }) => {
      const found = this.desk.found().get(material.id);
      const sheets = this.desk.sheets().filter((each) => each.material === material.id);
      const area = sheets.reduce((sum, { sheet }) => sum + sheet.length * sheet.width, 0);
      const used = task.pieces.reduce((sum, { length, width }) => sum + length * width, 0);
      const bought = sheets.filter(({ sheet }) => sheet.stock === material.id).length;
      return {
        id: material.id,
        name: material.name,
        found,
        tried: this.desk.tried().get(material.id) ?? 0,
        sheets,
        waste: area > 0 ? `${Math.round(100 * (1 - used / area))} % left over` : '',
        cost: material.price === undefined ? undefined : bought * material.price,
      };
    }),
  );
  protected readonly unlaid = computed(() => {
    const laid = new Set(this.desk.tasks().map(({ material }) => material.id));
    const parts = this.desk.which() === 'all' ? this.desk.parts() : this.desk.free();
    return [...new Set(parts.map(({ material }) => material))].filter(({ id }) => !laid.has(id));
  });

  protected turnRipFirst(): void {
    const ripFirst = !(this.desk.saw()?.ripFirst ?? true);
    const name = ripFirst ? 'rip first' : 'first cut either way';
    this.says.set(this.edits.apply(name, [{ path: 'saw.ripFirst', value: ripFirst }]) ?? '');
  }

  protected show({ index }: ShownSheet): void {
    this.desk.sheet.set(index);
    this.desk.step.set(undefined);
  }

  protected partsOn({ sheet }: ShownSheet): number {
    const saw = this.desk.saw();
    return saw ? lyingIn(sheet, rulesOf(saw)).filter(({ piece }) => piece !== undefined).length : 0;
  }

  protected holds({ sheet }: ShownSheet): boolean {
    return this.namesOn(sheet).some((name) => this.desk.byName().get(name)?.release !== 'now');
  }

  /** The sheet leaves the rack, its useful off-cuts come in, and its parts are written down as cut. */
  protected book(shown: ShownSheet): void {
    const [document, job, saw] = [this.document(), this.desk.job(), this.desk.saw()];
    const unit = this.showing()?.unit ?? 'mm';
    const material = job?.materials.find(({ id }) => id === shown.material);
    if (!document || !job || !saw || !material) return;
    const { sheet } = shown;
    const brought = lyingIn(sheet, rulesOf(saw))
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
    const parts = this.namesOn(sheet).flatMap((name) => this.desk.byName().get(name) ?? []);
    const taken = sheet.stock === shown.material ? [] : [{ stock: sheet.stock, count: 1 }];
    const booked = { id: crypto.randomUUID(), job: this.id() ?? '', material: material.name, taken, brought };
    this.rack.book(booked, () => {
      const now = this.document() ?? document;
      const patch = cutPatch(now, parts, this.who.deed(), unit);
      this.says.set(this.edits.apply(`sheet of ${material.name} cut`, [patch]) ?? '');
    });
  }

  private namesOn(sheet: ShownSheet['sheet']): readonly string[] {
    const saw = this.desk.saw();
    return saw ? lyingIn(sheet, rulesOf(saw)).flatMap(({ piece }) => (piece === undefined ? [] : [piece])) : [];
  }
}
