import { provideHttpClient, withInterceptors } from '@angular/common/http';
import {
  ErrorHandler,
  isDevMode,
  provideAppInitializer,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
  type ApplicationConfig,
  inject,
} from '@angular/core';
import { provideRouter, withComponentInputBinding, withNavigationErrorHandler } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { provideEffects } from '@ngrx/effects';
import { provideStore } from '@ngrx/store';
import { routes } from './app.routes';
import { Session } from './device/session';
import { Settings } from './device/settings';
import { ownRequests } from './server-api/own-requests';
import { Notices } from './shell/notices';
import { toldStranger } from './server-api/told-stranger';
import { ToldErrors } from './shell/told-errors';
import { DAYS_SEARCH } from './workers/days-search';
import { LAYOUT_SEARCH } from './workers/layout-worker';
import { OPEN_PDF } from './workers/pdf-pages';
import { makeDaysWorker } from './workers/make-days-worker';
import { makeLayoutWorker } from './workers/make-layout-worker';

export const appConfig: ApplicationConfig = {
  providers: [
    provideZonelessChangeDetection(),
    // What a person chose at this device is there before anything is drawn.
    provideAppInitializer(async () => {
      const settings = inject(Settings);
      await inject(Session).load();
      await settings.load();
    }),
    provideBrowserGlobalErrorListeners(),
    provideRouter(
      routes,
      withComponentInputBinding(),
      withNavigationErrorHandler(({ error }) => inject(Notices).failed(error)),
    ),
    provideHttpClient(withInterceptors([ownRequests, toldStranger])),
    provideStore(),
    provideEffects(),
    { provide: ErrorHandler, useClass: ToldErrors },
    { provide: OPEN_PDF, useValue: (file: Blob) => import('./workers/open-pdf').then(({ openPdf }) => openPdf(file)) },
    { provide: LAYOUT_SEARCH, useValue: makeLayoutWorker },
    { provide: DAYS_SEARCH, useValue: makeDaysWorker },
    // The application itself stays on the device: a page can be loaded afresh while the server is away.
    provideServiceWorker('ngsw-worker.js', {
      enabled: !isDevMode(),
      registrationStrategy: 'registerWhenStable:5000',
    }),
  ],
};
