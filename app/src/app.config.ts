import {
  ErrorHandler,
  inject,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
  type ApplicationConfig,
} from '@angular/core';
import { provideRouter, withComponentInputBinding, withNavigationErrorHandler } from '@angular/router';
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
    provideRouter(
      routes,
      withComponentInputBinding(),
      withNavigationErrorHandler((failed) => void inject(LoadAgain).onFailure(failed)),
    ),
  ],
};
