import { computed, inject, Injectable, signal } from '@angular/core';
import type { Role } from '@zabble/contract';
import { Session } from './session';

/** What changes in a shop: its jobs and lists, or only the record of the work. */
type Change = 'plan' | 'record';

const MAY_CHANGE: Readonly<Record<Role, readonly Change[]>> = {
  owner: ['plan', 'record'],
  maker: ['plan', 'record'],
  helper: ['record'],
  looker: [],
};

/** Who may not change all that is shown is told so before they try. */
const ONLY: Readonly<Partial<Record<Role, string>>> = {
  helper: $localize`You are a helper in this shop: you write to the record and its steps. Plans, prices and lists are changed by makers.`,
  looker: $localize`You look on in this shop: all of it is shown and printed, and nothing is changed.`,
};

/** A refusal is shown so long, in milliseconds. */
const SHOWN = 8000;

/**
 * What the person at this device may change here. The server decides; this keeps what it would refuse from being begun, so
 * that nothing stays behind on the device that is never kept.
 */
@Injectable({ providedIn: 'root' })
export class Rights {
  private readonly session = inject(Session);
  private readonly role = computed(() => this.session.role() ?? 'owner');
  /** Whether jobs and lists are theirs to change. */
  readonly plan = computed(() => MAY_CHANGE[this.role()].includes('plan'));
  /** Whether the record and its steps are theirs to write. */
  readonly record = computed(() => MAY_CHANGE[this.role()].includes('record'));
  /** What is said of it, where it is not everything. */
  readonly only = computed(() => ONLY[this.role()] ?? '');
  /** Why what was tried just now was not done. */
  readonly refused = signal('');
  private timer: ReturnType<typeof setTimeout> | undefined;

  /** Undefined where it may be changed; else the sentence that says who may. */
  refuses(change: Change): string | undefined {
    if (MAY_CHANGE[this.role()].includes(change)) return undefined;
    this.refused.set(
      change === 'record'
        ? $localize`Nothing was written: you look on in this shop.`
        : $localize`Nothing was changed: plans and lists of this shop are changed by its makers and owners.`,
    );
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.refused.set(''), SHOWN);
    return this.refused();
  }
}
