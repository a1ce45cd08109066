import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { dxfOf, plainFileName, svgOf, type Drawing } from '@zabble/core';
import { handOver } from '../device/hand-over';
import { jobFeature } from '../store/job/job.reducer';

/** Files out of the job as it stands on the screen, made here: drawings for machines, lists. */
@Injectable({ providedIn: 'root' })
export class FilesOut {
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);

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
