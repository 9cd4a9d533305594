import { bootstrapApplication } from '@angular/platform-browser';
import { App } from './app';
import { appConfig } from './app.config';
import { trustOwnScripts } from './data/own-scripts';

trustOwnScripts();
bootstrapApplication(App, appConfig).catch((error: unknown) => console.error(error));
