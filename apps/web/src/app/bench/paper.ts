import { handOver } from '../device/hand-over';
import { PrintApi } from '../server-api/print-api';
import { inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { PrintName } from '@zabble/contract';
import { dxfOf, plainFileName, svgOf, type Drawing, type JobDocument, type MaterialLayout } from '@zabble/core';
import { asking } from '../server-api/asking';
import { jobFeature } from '../store/job/job.reducer';
import { logFeature } from '../store/log/log.reducer';

export type PaperSize = 'a4' | 'letter';

/** Files out of the job as it stands on the screen: paper is made on the server, drawings here. */
@Injectable({ providedIn: 'root' })
export class Paper {
  private readonly api = inject(PrintApi);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly log = this.store.selectSignal(logFeature.selectEntries);
  readonly size = signal<PaperSize>(navigator.language === 'en-US' ? 'letter' : 'a4');
  readonly says = signal('');
  private readonly ask = asking(this.says);
  readonly busy = signal(false);

  /** With what was measured back: paper shows the same plan. */
  private whole(): JobDocument | undefined {
    const [document, log] = [this.document(), this.log()];
    return document && log.length > 0 ? { ...document, log } : document;
  }

  print(name: PrintName, layouts: readonly MaterialLayout[] = []): void {
    const wish = {
      document: this.whole(),
      job: this.id(),
      layouts: layouts.map(({ material, sheet, blade }) => ({ material, sheet, ...(blade ? { blade } : {}) })),
      paper: this.size(),
      address: location.origin,
    };
    this.busy.set(true);
    this.ask(
      this.api.print(name, wish),
      (blob) => {
        this.busy.set(false);
        this.hand(name, blob, blob.type);
      },
      () => this.busy.set(false),
    );
  }

  /** A drawing as a file, at full size, in the job's unit. */
  draw(name: string, drawing: Drawing, as: 'svg' | 'dxf'): void {
    const document = this.document();
    if (!document) return;
    const text = as === 'svg' ? svgOf(drawing, `${document.name}: ${name}`) : dxfOf(drawing, document.unit);
    this.hand(`${name}.${as}`, text, as === 'svg' ? 'image/svg+xml' : 'application/dxf');
  }

  /** As a file that has the job's name before its own. */
  hand(name: string, content: string | Blob, type: string): void {
    const job = plainFileName(this.document()?.name ?? '');
    handOver(`${job}-${name}`, new Blob([content], { type }));
  }
}
