import { computed, DOCUMENT, inject, Injectable, signal } from '@angular/core';
import type { SessionState } from '@zabble/contract';
import { firstValueFrom, timeout } from 'rxjs';
import { PageShop } from '../server-api/page-shop';
import { SessionApi } from '../server-api/session-api';
import { DeviceStore } from './device-store';

/** What was told last is kept here: a page can be loaded while the server is away. */
const KEY = 'zabble.session';
/** So long the server is waited for where nothing was ever told, in milliseconds. */
const PATIENCE = 4000;

const OWN: SessionState = { mode: 'own' };

/**
 * How the server is run and who is signed in. What this device keeps is of that person in that shop: another never sees it.
 * Known before anything else is read from the device; whatever changes it loads the page afresh.
 */
@Injectable({ providedIn: 'root' })
export class Session {
  private readonly api = inject(SessionApi);
  private readonly device = inject(DeviceStore);
  private readonly pageShop = inject(PageShop);
  private readonly page = inject(DOCUMENT).defaultView;
  private readonly now = signal<SessionState>(OWN);
  readonly shared = computed(() => this.now().mode === 'shared');
  readonly person = computed(() => this.now().person);
  readonly role = computed(() => this.person()?.shop?.role);
  /** Nobody signs in, or somebody did and belongs to a shop that is not deleted. */
  readonly mayEnter = computed(() => {
    const person = this.person();
    return !this.shared() || (person?.shop !== undefined && person.deletedFor === undefined);
  });

  /** What was told last counts at once, and is looked at again meanwhile. */
  async load(): Promise<void> {
    const last = lastTold();
    if (last) this.take(last);
    const asked = firstValueFrom(this.api.state().pipe(timeout(PATIENCE))).catch(() => undefined);
    if (last) void asked.then((told) => told && this.compare(told));
    else this.take((await asked) ?? OWN, true);
  }

  /** Another person, another shop, or nobody: the page begins anew, at this address. */
  async changed(to: string): Promise<void> {
    const told = await firstValueFrom(this.api.state()).catch(() => undefined);
    if (told) tell(told);
    this.page?.location.assign(to);
  }

  private compare(told: SessionState): void {
    tell(told);
    if (whomOf(told) === whomOf(this.now())) this.now.set(told);
    else this.page?.location.reload();
  }

  private take(state: SessionState, isNew = false): void {
    if (isNew) tell(state);
    this.now.set(state);
    this.pageShop.id.set(state.person?.shop?.id);
    const whom = whomOf(state);
    if (whom !== '') this.device.keepFor(whom);
  }
}

/** Whose what is kept here is: empty on a device of one’s own. */
const whomOf = ({ mode, person }: SessionState): string =>
  mode === 'own' ? '' : `${person?.id ?? 'nobody'}.${person?.shop?.id ?? 'none'}`;

function lastTold(): SessionState | undefined {
  try {
    const text = localStorage.getItem(KEY);
    return text === null ? undefined : (JSON.parse(text) as SessionState);
  } catch {
    return undefined;
  }
}

function tell(state: SessionState): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(state));
  } catch {
    // A browser that keeps nothing is told each time.
  }
}
