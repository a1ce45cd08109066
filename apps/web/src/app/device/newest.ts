import { inject, Injectable } from '@angular/core';
import { DeviceStore } from './device-store';

/** Keeps something for each of the jobs last worked on, and lets go of it for those before them. */
@Injectable({ providedIn: 'root' })
export class NewestJobs {
  private readonly store = inject(DeviceStore);

  /** `prefix` and the job's id make the key; so many jobs are kept. */
  async write(prefix: string, id: string, value: unknown, most: number): Promise<boolean> {
    // First: a page that goes meanwhile has it.
    const written = this.store.write(`${prefix}${id}`, value);
    const order = `${prefix}order`;
    const before = (await this.store.read<readonly string[]>(order)) ?? [];
    const now = [id, ...before.filter((each) => each !== id)];
    await Promise.all(now.slice(most).map((old) => this.store.drop(`${prefix}${old}`)));
    await this.store.write(order, now.slice(0, most));
    return written;
  }

  read<T>(prefix: string, id: string): Promise<T | undefined> {
    return this.store.read<T>(`${prefix}${id}`);
  }
}
