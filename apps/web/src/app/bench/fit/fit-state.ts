import { Injectable, signal } from '@angular/core';

/** The views of the step Fit, in the order of the work. */
export const FIT_VIEWS = ['doors', 'hang', 'measure', 'fronts', 'record', 'paper'] as const;
export type FitView = (typeof FIT_VIEWS)[number];

/** What is looked at in the step Fit. */
@Injectable({ providedIn: 'root' })
export class FitState {
  readonly view = signal<FitView>('hang');
  /** The reading a sum leads to, by its path. */
  readonly reading = signal<string | undefined>(undefined);

  lead(path: string): void {
    this.view.set('measure');
    this.reading.set(path);
  }
}
