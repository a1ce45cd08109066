import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { HttpClient } from '@angular/common/http';
import { Store } from '@ngrx/store';
import type { PrintName } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import { cutRows, drawPart, drawParts, drawSheet, dxfOf, svgOf, type Drawing } from '@zabble/core';
import Papa from 'papaparse';
import { sentenceOf } from '../../jobs/jobs-store';
import { jobFeature } from '../../store/job/job.reducer';
import { Says } from '../../ui/says';
import { CsvImport } from './csv-import';
import { CutDesk } from './cut-desk';

/** Made on the server, on paper. */
const PRINTS: readonly { readonly name: PrintName; readonly says: string; readonly sheets?: true }[] = [
  { name: 'cut-list.pdf', says: 'Cut list' },
  { name: 'labels.pdf', says: 'Labels' },
  { name: 'layouts.pdf', says: 'Sheets', sheets: true },
];

/** Files: the cutting for those who cut elsewhere, on paper, and lists brought in. */
@Component({
  selector: 'z-files-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CsvImport, Says],
  templateUrl: './files-view.html',
})
export class FilesView {
  protected readonly desk = inject(CutDesk);
  private readonly http = inject(HttpClient);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  protected readonly id = this.store.selectSignal(jobFeature.selectId);
  protected readonly prints = PRINTS;
  protected readonly papers = [
    { id: 'a4', name: 'A4' },
    { id: 'letter', name: 'Letter' },
  ] as const;
  protected readonly paper = signal<'a4' | 'letter'>(navigator.language === 'en-US' ? 'letter' : 'a4');
  protected readonly says = signal('');
  protected readonly busy = signal(false);
  protected readonly file = computed(() => ROUTES.jobFile(this.id() ?? ''));

  protected cutList(): void {
    const [job, plan] = [this.desk.job(), this.desk.plan()];
    if (!job || !plan) return;
    const csv = Papa.unparse(cutRows(job, plan) as string[][], { escapeFormulae: true, newline: '\r\n' });
    this.hand('cut-list.csv', csv, 'text/csv;charset=utf-8');
  }

  protected sheet(as: 'svg' | 'dxf'): void {
    const [shown, saw] = [this.desk.shown(), this.desk.saw()];
    if (!shown || !saw) return;
    const parts = this.desk.byName();
    const drawing = drawSheet(shown.sheet, saw, (name) => {
      const part = parts.get(name);
      return { says: part ? this.desk.titleOf(part) : name, held: part !== undefined && part.release !== 'now' };
    });
    this.draw(`sheet-${shown.index + 1}`, drawing, as);
  }

  /** Only what is released: a drawing of a held part could be cut by. */
  protected parts(as: 'svg' | 'dxf'): void {
    this.draw('parts', drawParts(this.desk.free().map((part) => drawPart(part, this.desk.titleOf(part)))), as);
  }

  protected print(name: PrintName): void {
    const wish = {
      document: this.document(),
      job: this.id(),
      layouts: this.desk.sheets().map(({ material, sheet }) => ({ material, sheet })),
      paper: this.paper(),
      address: location.origin,
    };
    this.busy.set(true);
    this.http.post(ROUTES.print(name), wish, { responseType: 'blob' }).subscribe({
      next: (blob) => {
        this.busy.set(false);
        this.says.set('');
        this.hand(name, blob, blob.type);
      },
      error: (problem: unknown) => {
        this.busy.set(false);
        void this.told(problem);
      },
    });
  }

  /** A refusal comes as a blob here: its sentence is inside. */
  private async told(problem: unknown): Promise<void> {
    const body = (problem as { error?: unknown }).error;
    const text = body instanceof Blob ? await body.text() : '';
    try {
      this.says.set((JSON.parse(text) as { says: string }).says);
    } catch {
      this.says.set(sentenceOf(problem));
    }
  }

  private draw(name: string, drawing: Drawing, as: 'svg' | 'dxf'): void {
    const job = this.desk.job();
    if (!job) return;
    const text = as === 'svg' ? svgOf(drawing, `${job.name}: ${name}`) : dxfOf(drawing, job.unit);
    this.hand(`${name}.${as}`, text, as === 'svg' ? 'image/svg+xml' : 'application/dxf');
  }

  private hand(name: string, content: string | Blob, type: string): void {
    const url = URL.createObjectURL(new Blob([content], { type }));
    const link = Object.assign(document.createElement('a'), { href: url, download: name });
    link.click();
    setTimeout(() => URL.revokeObjectURL(url), 10_000);
  }
}
