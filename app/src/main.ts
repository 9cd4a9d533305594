import { isDevMode } from '@angular/core';
import { bootstrapApplication } from '@angular/platform-browser';
import { App } from './app';
import { appConfig } from './app.config';

bootstrapApplication(App, appConfig)
  .then(keepForTheTrain)
  .catch((error: unknown) => console.error(error));

/** Late, so that fetching everything for the train never competes with the first picture. */
function keepForTheTrain(): void {
  if (isDevMode() || !('serviceWorker' in navigator)) return;
  setTimeout(() => {
    navigator.serviceWorker.register('keep-worker.js').catch((error: unknown) => console.warn(error));
  }, 3000);
}
