import { newId } from '../../server-api/new-id';
import { problemOf } from '../../server-api/problem';
import { PhotosApi } from '../../server-api/photos-api';
import { inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { LARGEST_PICTURE } from '@zabble/contract/routes';
import { firstValueFrom } from 'rxjs';
import { jobFeature } from '../../store/job/job.reducer';

export type Sent = { readonly ok: true; readonly id: string } | { readonly ok: false; readonly says: string };

/** Sends photographs of the job on the bench to the server. */
@Injectable({ providedIn: 'root' })
export class Photos {
  private readonly api = inject(PhotosApi);
  private readonly job = inject(Store).selectSignal(jobFeature.selectId);
  readonly busy = signal(false);

  async send(file: File): Promise<Sent> {
    if (file.size > LARGEST_PICTURE)
      return {
        ok: false,
        says: $localize`${file.name} has ${megabytes(file.size)} MB: a photograph may have ${megabytes(LARGEST_PICTURE)}. Nothing was kept.`,
      };
    const id = newId();
    this.busy.set(true);
    try {
      await firstValueFrom(this.api.keep(this.job() ?? '', id, file));
      return { ok: true, id };
    } catch (problem) {
      return {
        ok: false,
        says: problemOf(problem)?.says ?? $localize`The server is not reached. The photograph was not kept; try again.`,
      };
    } finally {
      this.busy.set(false);
    }
  }
}

function megabytes(bytes: number): string {
  return (bytes / 1_000_000).toFixed(1);
}
