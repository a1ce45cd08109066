import { DeviceStore } from './device-store';

/** A device that keeps what it is told, or nothing, and can be looked into at once. */
export class MemoryStore extends DeviceStore {
  readonly kept = new Map<string, unknown>();
  full = false;

  override read<T>(key: string): Promise<T | undefined> {
    return Promise.resolve(this.kept.get(key) as T | undefined);
  }

  override write(key: string, value: unknown): Promise<boolean> {
    if (!this.full) this.kept.set(key, JSON.parse(JSON.stringify(value)));
    return Promise.resolve(!this.full);
  }

  override drop(key: string): Promise<void> {
    this.kept.delete(key);
    return Promise.resolve();
  }
}

/** Lets what was asked of the device be answered. */
export async function answered(): Promise<void> {
  for (let turn = 0; turn < 12; turn += 1) await Promise.resolve();
}
