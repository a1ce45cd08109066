import { inject, Injectable } from '@angular/core';
import { DeviceStore } from './device-store';

/** So long what was chosen is waited for before anything is drawn, in milliseconds. */
const PATIENCE = 500;

export const SETTINGS = {
  theme: 'zabble.theme',
  bothUnits: 'zabble.both-units',
  who: 'zabble-who',
  today: 'zabble.today',
} as const;
export type Setting = keyof typeof SETTINGS;

/**
 * Small things a person chose at this device, there before anything is drawn. Where a browser keeps nothing they hold until
 * the page is closed.
 */
@Injectable({ providedIn: 'root' })
export class Settings {
  private readonly device = inject(DeviceStore);
  private readonly known = new Map<Setting, string>();

  /** Fetches them all; what does not come in time is as it was never chosen. */
  async load(): Promise<void> {
    const all = Promise.all((Object.keys(SETTINGS) as Setting[]).map((setting) => this.fetch(setting)));
    await Promise.race([all, new Promise((resolve) => setTimeout(resolve, PATIENCE))]);
  }

  read(setting: Setting): string | undefined {
    return this.known.get(setting);
  }

  write(setting: Setting, value: string): void {
    this.known.set(setting, value);
    void this.device.write(SETTINGS[setting], value);
  }

  private async fetch(setting: Setting): Promise<void> {
    const key = SETTINGS[setting];
    const kept = (await this.device.read<unknown>(key)) ?? asBefore(key);
    if (kept !== undefined && !this.known.has(setting)) this.known.set(setting, String(kept));
  }
}

/** As an older Zabble wrote it: text alone, beside what is kept. */
function asBefore(key: string): string | undefined {
  try {
    return localStorage.getItem(key) ?? undefined;
  } catch {
    return undefined;
  }
}
