import { DOCUMENT, effect, inject, Injectable, signal } from '@angular/core';
import { Device } from '../data/device';

export type Theme = 'system' | 'light' | 'dark';

/** Light, dark, or as the system has it; kept on this device. */
@Injectable({ providedIn: 'root' })
export class ThemeChoice {
  private readonly device = inject(Device);
  private readonly root = inject(DOCUMENT).documentElement;
  private readonly chosen = signal<Theme>('system');
  readonly theme = this.chosen.asReadonly();

  constructor() {
    void this.device
      .get<Theme>('theme')
      .then((theme) => theme && this.chosen.set(theme))
      .catch(() => undefined);
    effect(() => {
      const theme = this.chosen();
      if (theme === 'system') this.root.removeAttribute('data-theme');
      else this.root.setAttribute('data-theme', theme);
    });
  }

  choose(theme: Theme): void {
    this.chosen.set(theme);
    void this.device.set('theme', theme).catch(() => undefined);
  }
}
