import type { Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import { JobsEffects, jobsFeature } from './jobs/jobs-store';

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
    path: 'buying',
    title: $localize`Buying · Zabble`,
    loadComponent: () => import('./buying/buying-page').then((m) => m.BuyingPage),
  },
  {
    path: 'today',
    title: $localize`Today · Zabble`,
    loadComponent: () => import('./days/today-page').then((m) => m.TodayPage),
  },
  {
    path: 'weeks',
    title: $localize`The weeks · Zabble`,
    loadComponent: () => import('./days/weeks-page').then((m) => m.WeeksPage),
  },
  {
    path: 'shop',
    title: $localize`The shop · Zabble`,
    loadComponent: () => import('./settings/settings-page').then((m) => m.SettingsPage),
  },
  {
    path: 'phones',
    title: $localize`Phones and tablets · Zabble`,
    loadComponent: () => import('./network/network-page').then((m) => m.NetworkPage),
  },
  { path: 'jobs/:id', loadChildren: () => import('./bench/bench.routes').then((m) => m.BENCH_ROUTES) },
  { path: '**', redirectTo: 'jobs' },
];
