import { Injectable, signal } from '@angular/core';
import type { Deed } from '@zabble/core';
import { settings } from './settings';

const KEY = 'zabble-who';

/** Who works at this device: written to what is done, so that a crew can tell. */
@Injectable({ providedIn: 'root' })
export class Who {
  readonly name = signal(settings.read(KEY) ?? '');

  set(name: string): void {
    this.name.set(name.trim());
    settings.write(KEY, name.trim());
  }

  deed(): Deed {
    const at = new Date().toISOString();
    return this.name() === '' ? { at } : { at, by: this.name() };
  }
}
