import { inject, Injectable, linkedSignal, signal } from '@angular/core';
import { Width } from './width';

/** The frame around the screens: the way between them, which stands beside on a desk and is called up where there is no room. */
@Injectable({ providedIn: 'root' })
export class Frame {
  private readonly width = inject(Width);
  /** A screen has the whole page: a class is under way. */
  readonly whole = signal(false);
  readonly open = linkedSignal(() => !this.width.phone() && !this.whole());
}
