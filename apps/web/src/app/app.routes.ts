import type { Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import { JobsEffects, jobsFeature } from './jobs/jobs-store';
import { JobEffects } from './store/job/job.effects';
import { jobFeature } from './store/job/job.reducer';
import { LogEffects } from './store/log/log.effects';
import { logFeature } from './store/log/log.reducer';
import { sessionFeature } from './store/session/session';

export const routes: Routes = [
  { path: '', pathMatch: 'full', redirectTo: 'jobs' },
  {
    path: 'jobs',
    pathMatch: 'full',
    title: $localize`Jobs · Zabble`,
    providers: [provideState(jobsFeature), provideEffects(JobsEffects)],
    loadComponent: () => import('./jobs/jobs-page').then((m) => m.JobsPage),
  },
  {
    path: 'record',
    title: $localize`The record · Zabble`,
    loadComponent: () => import('./record/record-page').then((m) => m.RecordPage),
  },
  {
    path: 'phones',
    title: $localize`Phones and tablets · Zabble`,
    loadComponent: () => import('./network/network-page').then((m) => m.NetworkPage),
  },
  { path: 'jobs/:id', pathMatch: 'full', redirectTo: 'jobs/:id/measure' },
  {
    path: 'jobs/:id/:step',
    title: $localize`Bench · Zabble`,
    providers: [
      provideState(jobFeature),
      provideState(logFeature),
      provideState(sessionFeature),
      provideEffects(JobEffects, LogEffects),
    ],
    loadComponent: () => import('./bench/bench-page').then((m) => m.BenchPage),
  },
  { path: '**', redirectTo: 'jobs' },
];
