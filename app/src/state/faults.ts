import { inject, Injector, type ErrorHandler } from '@angular/core';
import { Notice } from '../ui/notice';

/** A screen's own words for it, or Angular's number for a deferred part of one (NG0750). */
const NOT_LOADED = /dynamically imported module|importing a module script|loading chunk|NG0750/i;

/** Whether a screen, or a part of one, could not be fetched. */
export function isNotLoaded(error: unknown): boolean {
  return NOT_LOADED.test(error instanceof Error ? error.message : String(error));
}

/** Where every error ends that nobody caught: it is written to the console, and said in words on the page. */
export class Faults implements ErrorHandler {
  private readonly injector = inject(Injector);

  handleError(error: unknown): void {
    console.error(error);
    const said = error instanceof Error ? error.message : String(error);
    this.injector
      .get(Notice)
      .say(
        isNotLoaded(error)
          ? $localize`A part of Dray could not be loaded. Everything you did is kept: load the page again.`
          : $localize`Something went wrong in Dray (${said.slice(0, 120)}). What you did is kept; if it comes again, load the page anew.`,
      );
  }
}
