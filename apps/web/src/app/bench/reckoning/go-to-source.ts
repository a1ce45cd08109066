import { inject, Injectable } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Source } from '@zabble/core';
import { jobFeature } from '../../store/job/job.reducer';
import { SessionActions } from '../../store/session/session';
import { FitState } from '../fit/fit-state';
import { stepOfPath } from '../steps';

/** Leads from a term of a sum to where it came from: its field, its figure of the slide, or the sum before it. */
@Injectable({ providedIn: 'root' })
export class GoToSource {
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly fit = inject(FitState);
  private readonly job = this.store.selectSignal(jobFeature.selectId);

  to(source: Source): void {
    switch (source.kind) {
      case 'dimension': {
        const { drawer, dimension } = source;
        this.store.dispatch(
          SessionActions.asked({
            asked: { kind: 'dimension', dimension, ...(drawer === undefined ? {} : { drawer }) },
          }),
        );
        return;
      }
      case 'field':
        if (source.path.startsWith('log[')) this.fit.lead(source.path);
        void this.show(stepOfPath(source.path), fieldAt(source.path), source.path);
        return;
      case 'figure':
        void this.show('slides', `[data-figure="${CSS.escape(`${source.family}.${source.figure}`)}"]`);
        return;
      case 'table':
        void this.show(
          'boxes',
          `[data-table="${CSS.escape(source.table)}"] select, [data-table="${CSS.escape(source.table)}"]`,
        );
    }
  }

  private async show(step: string, selector: string, path = ''): Promise<void> {
    await this.router.navigate(['/jobs', this.job(), step]);
    const found = (await appearing(selector, path === '' ? MOST : FEW)) ?? (await unfolded(path, selector));
    if (!found) return;
    found.scrollIntoView({ block: 'center' });
    found.focus();
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    if (!still) found.animate([{ boxShadow: '0 0 0 5px var(--chalk)' }, { boxShadow: '0 0 0 5px transparent' }], 900);
  }
}

/** The field of a path, or the one that holds the whole list it stands in. */
function fieldAt(path: string): string {
  return [path, path.replace(/\[\d+\]$/, '')].map((each) => `[data-path="${CSS.escape(each)}"]`).join(', ');
}

/** Frames that are waited for a field: fewer where it may be folded away. */
const MOST = 60;
const FEW = 12;

/** What holds the field is unfolded: it tells by the beginning of the paths in it. */
async function unfolded(path: string, selector: string): Promise<HTMLElement | undefined> {
  const holders = [...document.querySelectorAll<HTMLElement>('[data-holds]')];
  const holder = holders.find(({ dataset }) => path.startsWith(dataset['holds'] ?? ' '));
  if (!holder) return undefined;
  if (holder.getAttribute('aria-expanded') === 'false') holder.click();
  return appearing(selector);
}

/** The step is drawn a frame or two after it is gone to. */
async function appearing(selector: string, most = MOST): Promise<HTMLElement | undefined> {
  for (let frame = 0; frame < most; frame += 1) {
    const found = document.querySelector<HTMLElement>(selector);
    if (found) return found;
    await new Promise((resolve) => requestAnimationFrame(resolve));
  }
  return undefined;
}
