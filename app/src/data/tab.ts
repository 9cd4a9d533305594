import { Injectable } from '@angular/core';

const KEY = 'dray tab';
const lockOf = (id: string) => `dray tab ${id}`;

/**
 * This tab, the same over a reload. It holds a lock by its name for as long as it is open, so that others know what was done in
 * a tab that is still there from what was done in one that is gone.
 */
@Injectable({ providedIn: 'root' })
export class Tab {
  readonly id = this.kept() ?? crypto.randomUUID();

  constructor() {
    try {
      sessionStorage.setItem(KEY, this.id);
    } catch {
      // Without it a reload makes another tab of this one, which then takes over what is left of the first.
    }
    // Never let go: the browser does, when the tab closes.
    void this.locks?.request(lockOf(this.id), () => new Promise(() => undefined)).catch(() => undefined);
  }

  /** Whether a tab of that name is open beside this one; none is known of where the browser cannot tell. */
  async others(): Promise<(id: string) => boolean> {
    const { held = [] } = (await this.locks?.query().catch(() => undefined)) ?? {};
    const open = new Set(held.map(({ name }) => name));
    return (id) => id !== this.id && open.has(lockOf(id));
  }

  private get locks(): LockManager | undefined {
    // Only there where the page came over https, or from this machine.
    return (navigator as Partial<Navigator>).locks;
  }

  private kept(): string | undefined {
    try {
      return sessionStorage.getItem(KEY) ?? undefined;
    } catch {
      return undefined;
    }
  }
}
