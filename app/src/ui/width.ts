import { BreakpointObserver } from '@angular/cdk/layout';
import { inject, Injectable } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { map } from 'rxjs';

const PHONE = '(max-width: 700px)';
const NARROW = '(max-width: 1000px)';

/** How much room the page has: what stands beside on a desk stands below or behind a button on less. */
@Injectable({ providedIn: 'root' })
export class Width {
  private readonly breakpoints = inject(BreakpointObserver);
  /** One column for a thumb. */
  readonly phone = this.matches(PHONE);
  /** A phone, or a tablet held upright. */
  readonly narrow = this.matches(NARROW);

  private matches(query: string) {
    return toSignal(this.breakpoints.observe(query).pipe(map(({ matches }) => matches)), {
      initialValue: this.breakpoints.isMatched(query),
    });
  }
}
