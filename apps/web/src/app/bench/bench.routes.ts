import { inject, provideEnvironmentInitializer } from '@angular/core';
import type { Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState, Store } from '@ngrx/store';
import { JobEffects } from '../store/job/job.effects';
import { jobFeature } from '../store/job/job.reducer';
import { writingOf } from '../store/job/job.selectors';
import { LogEffects } from '../store/log/log.effects';
import { logFeature } from '../store/log/log.reducer';
import { sessionFeature } from '../store/session/session';
import { OpenWriting } from '../words/speech';
import { BenchPage } from './bench-page';

/** The bench of a job with all that is kept for it: it comes with the planner, which the list of jobs does without. */
export const BENCH_ROUTES: Routes = [
  { path: '', pathMatch: 'full', redirectTo: 'measure' },
  {
    path: ':step',
    title: $localize`Bench · Zabble`,
    providers: [
      provideState(jobFeature),
      provideState(logFeature),
      provideState(sessionFeature),
      provideEffects(JobEffects, LogEffects),
      provideEnvironmentInitializer(() => inject(OpenWriting).follow(inject(Store).selectSignal(writingOf))),
    ],
    component: BenchPage,
  },
];
