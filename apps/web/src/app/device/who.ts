import { inject, Injectable, signal } from '@angular/core';
import type { Deed } from '@zabble/core';
import { Session } from './session';
import { Settings } from './settings';

/** Who works at this device: written to what is done, so that a crew can tell. */
@Injectable({ providedIn: 'root' })
export class Who {
  private readonly settings = inject(Settings);
  /** Who is signed in is who does it: the server writes that down, whatever is sent. */
  private readonly signedIn = inject(Session).person()?.name;
  readonly name = signal(this.signedIn ?? this.settings.read('who') ?? '');

  set(name: string): void {
    if (this.signedIn !== undefined) return;
    this.name.set(name.trim());
    this.settings.write('who', name.trim());
  }

  deed(): Deed {
    const at = new Date().toISOString();
    return this.name() === '' ? { at } : { at, by: this.name() };
  }
}
