import {
  ErrorHandler,
  inject,
  isDevMode,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
  type ApplicationConfig,
} from '@angular/core';
import { provideRouter, withComponentInputBinding, withNavigationErrorHandler } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { routes } from './app.routes';
import { Faults } from './state/faults';
import { LoadAgain } from './state/load-again';
import { provideInterface } from './ui/interface';

export const appConfig: ApplicationConfig = {
  providers: [
    provideZonelessChangeDetection(),
    provideBrowserGlobalErrorListeners(),
    { provide: ErrorHandler, useClass: Faults },
    provideInterface(),
    // Late, so that fetching everything for the train never competes with the first picture.
    provideServiceWorker('keep-worker.js', {
      enabled: !isDevMode(),
      registrationStrategy: 'registerWithDelay:3000',
    }),
    provideRouter(
      routes,
      withComponentInputBinding(),
      withNavigationErrorHandler((failed) => void inject(LoadAgain).onFailure(failed)),
    ),
  ],
};
