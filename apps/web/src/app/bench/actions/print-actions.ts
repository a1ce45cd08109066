import { inject, Injectable } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { jobFeature } from '../../store/job/job.reducer';
import { PAPERS } from '../papers';
import type { Action } from './action';

/** Everything that can be printed, from wherever one is. */
@Injectable({ providedIn: 'root' })
export class PrintActions {
  private readonly router = inject(Router);
  private readonly id = inject(Store).selectSignal(jobFeature.selectId);

  list(): readonly Action[] {
    const group = $localize`On paper`;
    return [
      {
        name: $localize`Print: all papers`,
        group,
        words: $localize`pdf zip paper pages`,
        key: 'o',
        run: () => void this.router.navigate(['/jobs', this.id(), 'print']),
      },
      ...PAPERS.map(({ name, action, words }) => ({
        name: action,
        group,
        words,
        run: () => void this.router.navigate(['/jobs', this.id(), 'print'], { queryParams: { what: name } }),
      })),
    ];
  }
}
