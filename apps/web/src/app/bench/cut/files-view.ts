import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { PrintName } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import { CSV, cutRows, drawPart, drawParts, drawSheet } from '@zabble/core';
import Papa from 'papaparse';
import { jobFeature } from '../../store/job/job.reducer';
import { Says } from '../../ui/says';
import { Paper } from '../paper';
import { PaperChoice } from '../paper-choice';
import { CsvImport } from './csv-import';
import { CutState } from './cut-state';
import { ExtraParts } from './extra-parts';

/** Made on the server, on paper. */
const PRINTS: readonly { readonly name: PrintName; readonly says: string; readonly sheets?: true }[] = [
  { name: 'cut-list.pdf', says: $localize`Cut list` },
  { name: 'labels.pdf', says: $localize`Labels` },
  { name: 'layouts.pdf', says: $localize`Sheets`, sheets: true },
];

/** Files: the cutting for those who cut elsewhere, on paper, and lists brought in. */
@Component({
  selector: 'z-files-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CsvImport, ExtraParts, PaperChoice, Says],
  templateUrl: './files-view.html',
})
export class FilesView {
  protected readonly state = inject(CutState);
  private readonly speech = inject(Speech);
  protected readonly paper = inject(Paper);
  private readonly id = inject(Store).selectSignal(jobFeature.selectId);
  protected readonly prints = PRINTS;
  protected readonly file = computed(() => ROUTES.jobFile(this.id() ?? ''));

  protected cutList(): void {
    const [job, plan] = [this.state.job(), this.state.plan()];
    if (!job || !plan) return;
    const csv = Papa.unparse(cutRows(job, plan, this.speech.words()) as string[][], CSV);
    this.paper.hand('cut-list.csv', csv, 'text/csv;charset=utf-8');
  }

  protected sheet(as: 'svg' | 'dxf'): void {
    const [shown, saw] = [this.state.shown(), this.state.saw()];
    if (!shown || !saw) return;
    const parts = this.state.byName();
    const drawing = drawSheet(shown.sheet, { ...saw, ...shown.blade }, (name) => {
      const part = parts.get(name);
      return { says: part ? this.state.titleOf(part) : name, held: part !== undefined && part.release !== 'now' };
    });
    this.paper.draw(`sheet-${shown.index + 1}`, drawing, as);
  }

  /** Only what is released: a drawing of a held part could be cut by. */
  protected parts(as: 'svg' | 'dxf'): void {
    const drawings = this.state.free().map((part) => drawPart(part, this.state.titleOf(part), this.speech.words()));
    this.paper.draw('parts', drawParts(drawings), as);
  }

  protected print(name: PrintName): void {
    this.paper.print(name, this.state.sheets());
  }
}
