import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { PrintName } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import { CSV, cutRows, drawPart, drawParts, drawSheet } from '@zabble/core';
import Papa from 'papaparse';
import { jobFeature } from '../../store/job/job.reducer';
import { FilesOut } from '../files-out';
import { PAPERS } from '../papers';
import { CsvImport } from './csv-import';
import { CutState } from './cut-state';
import { ExtraParts } from './extra-parts';

/** The papers of the cutting. */
const OF_THE_CUTTING: readonly PrintName[] = ['cut-list.pdf', 'labels.pdf', 'layouts.pdf'];

/** Files: the cutting for those who cut elsewhere, on paper, and lists brought in. */
@Component({
  selector: 'z-files-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CsvImport, ExtraParts, RouterLink],
  templateUrl: './files-view.html',
})
export class FilesView {
  protected readonly state = inject(CutState);
  private readonly speech = inject(Speech);
  protected readonly files = inject(FilesOut);
  protected readonly id = inject(Store).selectSignal(jobFeature.selectId);
  protected readonly prints = PAPERS.filter(({ name }) => OF_THE_CUTTING.includes(name));
  protected readonly file = computed(() => ROUTES.jobFile(this.id() ?? ''));

  protected cutList(): void {
    const [job, plan] = [this.state.job(), this.state.plan()];
    if (!job || !plan) return;
    const csv = Papa.unparse(cutRows(job, plan, this.speech.words()) as string[][], CSV);
    this.files.hand('cut-list.csv', csv, 'text/csv;charset=utf-8');
  }

  protected sheet(as: 'svg' | 'dxf'): void {
    const [shown, saw] = [this.state.shown(), this.state.saw()];
    if (!shown || !saw) return;
    const parts = this.state.byName();
    const drawing = drawSheet(shown.sheet, { ...saw, ...shown.blade }, (name) => {
      const part = parts.get(name);
      return { says: part ? this.state.titleOf(part) : name, held: part !== undefined && part.release !== 'now' };
    });
    this.files.draw(`sheet-${shown.index + 1}`, drawing, as);
  }

  /** Only what is released: a drawing of a held part could be cut by. */
  protected parts(as: 'svg' | 'dxf'): void {
    const drawings = this.state.free().map((part) => drawPart(part, this.state.titleOf(part), this.speech.words()));
    this.files.draw('parts', drawParts(drawings), as);
  }
}
