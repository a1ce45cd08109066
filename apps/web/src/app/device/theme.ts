import { computed, effect, inject, Injectable, signal } from '@angular/core';
import { Settings } from './settings';

export type Theme = 'light' | 'dim';

/** Light or dim, as the person last chose, or as the system asks. */
@Injectable({ providedIn: 'root' })
export class ThemeChoice {
  private readonly settings = inject(Settings);
  readonly theme = signal<Theme>(
    known(this.settings.read('theme')) ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dim' : 'light'),
  );
  readonly other = computed<Theme>(() => (this.theme() === 'light' ? 'dim' : 'light'));

  constructor() {
    effect(() => {
      document.documentElement.dataset['theme'] = this.theme();
    });
  }

  turn(): void {
    this.theme.set(this.other());
    this.settings.write('theme', this.theme());
  }
}

function known(kept: string | undefined): Theme | undefined {
  return kept === 'light' || kept === 'dim' ? kept : undefined;
}
