import { inject, Injectable } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { PrintName } from '@zabble/contract';
import { jobFeature } from '../../store/job/job.reducer';
import { FitState } from '../fit/fit-state';
import { Paper } from '../paper';
import type { Action } from './action';

/** What goes on paper, each by its name, and where its view is: there anything amiss is told. */
const PRINTS: readonly {
  readonly name: PrintName;
  readonly says: string;
  readonly words: string;
  readonly at: 'cut' | 'fit';
}[] = [
  { name: 'cut-list.pdf', says: $localize`Print the cut list`, words: $localize`pdf paper parts`, at: 'cut' },
  { name: 'labels.pdf', says: $localize`Print labels`, words: $localize`pdf paper label stickers parts`, at: 'cut' },
  { name: 'bench-card.pdf', says: $localize`Print the bench card`, words: $localize`pdf paper spacers`, at: 'fit' },
  {
    name: 'story-stick.pdf',
    says: $localize`Print the story stick`,
    words: $localize`pdf paper full size rod`,
    at: 'fit',
  },
  {
    name: 'templates.pdf',
    says: $localize`Print templates`,
    words: $localize`pdf paper full size boring pulls`,
    at: 'fit',
  },
];

/** Everything that can be printed, from wherever one is. */
@Injectable({ providedIn: 'root' })
export class PrintActions {
  private readonly paper = inject(Paper);
  private readonly fit = inject(FitState);
  private readonly router = inject(Router);
  private readonly id = inject(Store).selectSignal(jobFeature.selectId);

  list(): readonly Action[] {
    const group = $localize`On paper`;
    return PRINTS.map(({ name, says, words, at }) => ({
      name: says,
      group,
      words,
      run: () => void this.print(name, at),
    }));
  }

  private async print(name: PrintName, at: 'cut' | 'fit'): Promise<void> {
    if (at === 'fit') this.fit.view.set('paper');
    const queryParams = at === 'cut' ? { view: 'files' } : {};
    await this.router.navigate(['/jobs', this.id(), at], { queryParams });
    this.paper.print(name);
  }
}
