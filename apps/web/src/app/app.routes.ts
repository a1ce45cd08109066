import { entered } from './people/entered';
import type { Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState } from '@ngrx/store';
import { JobsEffects, jobsFeature } from './jobs/jobs-store';

export const routes: Routes = [
  { path: '', pathMatch: 'full', redirectTo: 'jobs' },
  {
    path: 'sign-in',
    title: $localize`Sign in · Zabble`,
    loadComponent: () => import('./people/sign-in-page').then((m) => m.SignInPage),
  },
  {
    path: 'join',
    title: $localize`You are invited · Zabble`,
    loadComponent: () => import('./people/join-page').then((m) => m.JoinPage),
  },
  {
    path: 'forgotten',
    title: $localize`A new password · Zabble`,
    loadComponent: () => import('./people/forgotten-page').then((m) => m.ForgottenPage),
  },
  {
    path: 'new-password',
    title: $localize`A new password · Zabble`,
    loadComponent: () => import('./people/new-password-page').then((m) => m.NewPasswordPage),
  },
  {
    path: 'account',
    title: $localize`Your account · Zabble`,
    canActivate: [entered],
    loadComponent: () => import('./people/account-page').then((m) => m.AccountPage),
  },
  {
    path: 'jobs',
    pathMatch: 'full',
    canActivate: [entered],
    title: $localize`Jobs · Zabble`,
    providers: [provideState(jobsFeature), provideEffects(JobsEffects)],
    loadComponent: () => import('./jobs/jobs-page').then((m) => m.JobsPage),
  },
  {
    path: 'record',
    canActivate: [entered],
    title: $localize`The record · Zabble`,
    loadComponent: () => import('./record/record-page').then((m) => m.RecordPage),
  },
  {
    path: 'buying',
    canActivate: [entered],
    title: $localize`Buying · Zabble`,
    loadComponent: () => import('./buying/buying-page').then((m) => m.BuyingPage),
  },
  {
    path: 'today',
    canActivate: [entered],
    title: $localize`Today · Zabble`,
    loadComponent: () => import('./days/today-page').then((m) => m.TodayPage),
  },
  {
    path: 'weeks',
    canActivate: [entered],
    title: $localize`The weeks · Zabble`,
    loadComponent: () => import('./days/weeks-page').then((m) => m.WeeksPage),
  },
  {
    path: 'shop',
    canActivate: [entered],
    title: $localize`The shop · Zabble`,
    loadComponent: () => import('./settings/settings-page').then((m) => m.SettingsPage),
  },
  {
    path: 'phones',
    canActivate: [entered],
    title: $localize`Phones and tablets · Zabble`,
    loadComponent: () => import('./network/network-page').then((m) => m.NetworkPage),
  },
  {
    path: 'jobs/:id',
    canActivate: [entered],
    loadChildren: () => import('./bench/bench.routes').then((m) => m.BENCH_ROUTES),
  },
  { path: '**', redirectTo: 'jobs' },
];
