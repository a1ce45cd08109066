import { selectShowing } from './store/job/job.selectors';
import { WRITING } from './words/speech';
import { provideHttpClient } from '@angular/common/http';
import { isDevMode, provideZonelessChangeDetection, type ApplicationConfig, inject } from '@angular/core';
import { provideRouter, withComponentInputBinding } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import { routes } from './app.routes';
import { JobEffects } from './store/job/job.effects';
import { JobsEffects, jobsFeature } from './jobs/jobs-store';
import { jobFeature } from './store/job/job.reducer';
import { LogEffects } from './store/log/log.effects';
import { logFeature } from './store/log/log.reducer';
import { sessionFeature } from './store/session/session';
import { LAYOUT_SEARCH } from './workers/layout-worker';
import { makeLayoutWorker } from './workers/make-layout-worker';

export const appConfig: ApplicationConfig = {
  providers: [
    provideZonelessChangeDetection(),
    provideRouter(routes, withComponentInputBinding()),
    provideHttpClient(),
    provideStore({
      [jobFeature.name]: jobFeature.reducer,
      [logFeature.name]: logFeature.reducer,
      [jobsFeature.name]: jobsFeature.reducer,
      [sessionFeature.name]: sessionFeature.reducer,
    }),
    provideEffects(JobEffects, JobsEffects, LogEffects),
    { provide: WRITING, useFactory: () => inject(Store).selectSignal(selectShowing) },
    { provide: LAYOUT_SEARCH, useValue: makeLayoutWorker },
    // The application itself stays on the device: a page can be loaded afresh while the server is away.
    provideServiceWorker('ngsw-worker.js', {
      enabled: !isDevMode(),
      registrationStrategy: 'registerWhenStable:5000',
    }),
  ],
};
