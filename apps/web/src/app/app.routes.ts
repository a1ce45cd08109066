import type { Routes } from '@angular/router';

export const routes: Routes = [
  { path: '', pathMatch: 'full', redirectTo: 'jobs' },
  { path: 'jobs', title: 'Jobs · Zabble', loadComponent: () => import('./jobs/jobs-page').then((m) => m.JobsPage) },
  {
    path: 'record',
    title: 'The record · Zabble',
    loadComponent: () => import('./record/record-page').then((m) => m.RecordPage),
  },
  { path: 'jobs/:id', pathMatch: 'full', redirectTo: 'jobs/:id/measure' },
  {
    path: 'jobs/:id/:step',
    title: 'Bench · Zabble',
    loadComponent: () => import('./bench/bench-page').then((m) => m.BenchPage),
  },
  { path: '**', redirectTo: 'jobs' },
];
