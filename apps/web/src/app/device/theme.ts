import { computed, effect, Injectable, signal } from '@angular/core';
import { settings } from './settings';

export type Theme = 'light' | 'dim';
const KEY = 'zabble.theme';

/** Light or dim, as the person last chose, or as the system asks. */
@Injectable({ providedIn: 'root' })
export class ThemeChoice {
  readonly theme = signal<Theme>(
    remembered() ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dim' : 'light'),
  );
  readonly other = computed<Theme>(() => (this.theme() === 'light' ? 'dim' : 'light'));

  constructor() {
    effect(() => {
      document.documentElement.dataset['theme'] = this.theme();
    });
  }

  turn(): void {
    this.theme.set(this.other());
    settings.write(KEY, this.theme());
  }
}

function remembered(): Theme | undefined {
  const kept = settings.read(KEY);
  return kept === 'light' || kept === 'dim' ? kept : undefined;
}
