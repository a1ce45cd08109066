import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { LARGEST_PICTURE, ROUTES } from '@zabble/contract/routes';
import type { PhotoKept, Problem } from '@zabble/contract';
import { firstValueFrom } from 'rxjs';
import { jobFeature } from '../../store/job/job.reducer';

export type Sent = { readonly ok: true; readonly id: string } | { readonly ok: false; readonly says: string };

/** Sends photographs of the job on the bench to the server. */
@Injectable({ providedIn: 'root' })
export class Photos {
  private readonly http = inject(HttpClient);
  private readonly job = inject(Store).selectSignal(jobFeature.selectId);
  readonly busy = signal(false);

  async send(file: File): Promise<Sent> {
    if (file.size > LARGEST_PICTURE)
      return {
        ok: false,
        says: `${file.name} has ${megabytes(file.size)} MB: a photograph may have ${megabytes(LARGEST_PICTURE)}. Nothing was kept.`,
      };
    const id = crypto.randomUUID();
    this.busy.set(true);
    try {
      const headers = { 'Content-Type': file.type || 'application/octet-stream' };
      await firstValueFrom(this.http.put<PhotoKept>(ROUTES.photo(this.job() ?? '', id), file, { headers }));
      return { ok: true, id };
    } catch (problem) {
      const says = problem instanceof HttpErrorResponse ? (problem.error as Problem | null)?.says : undefined;
      return { ok: false, says: says ?? 'The server is not reached. The photograph was not kept; try again.' };
    } finally {
      this.busy.set(false);
    }
  }
}

function megabytes(bytes: number): string {
  return (bytes / 1_000_000).toFixed(1);
}
