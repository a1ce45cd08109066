import { computed, DOCUMENT, inject, Injectable, signal } from '@angular/core';
import type { LetInCode, LetInDevice, NetworkState } from '@zabble/contract';
import { asking } from '../server-api/asking';
import { NetworkApi } from '../server-api/network-api';

/** What only this machine calls itself. */
const LOOPBACK = /^(?:localhost|127\.[\d.]+|\[::1\])$/;

/** How Zabble is reached from phones and tablets, and who of them is let in. */
@Injectable({ providedIn: 'root' })
export class ShopNetwork {
  private readonly api = inject(NetworkApi);
  readonly state = signal<NetworkState | undefined>(undefined);
  /** What is shown to let one device in. */
  readonly code = signal<LetInCode | undefined>(undefined);
  /** The device that was last let in while this is looked at. */
  readonly came = signal<LetInDevice | undefined>(undefined);
  readonly says = signal('');
  private readonly page = inject(DOCUMENT).defaultView?.location;
  /** Where others reach this Zabble: where this page itself is called at, unless only this machine calls it so. */
  readonly reached = computed(() =>
    this.page && !LOOPBACK.test(this.page.hostname) ? this.page.origin : (this.state()?.address ?? undefined),
  );
  private readonly ask = asking(this.says);
  private readonly quiet = asking({ set: () => undefined });

  fetch(): void {
    this.ask(this.api.state(), (state) => this.state.set(state));
  }

  /** Looks how it is, where that was not looked at yet; that it can’t be seen is nobody’s trouble. */
  know(): void {
    if (!this.state()) this.quiet(this.api.state(), (state) => this.state.set(state));
  }

  /** Looks whether the device the code is shown to has come in; then the code is used up. */
  look(): void {
    this.quiet(this.api.state(), (state) => {
      const known = new Set(this.state()?.devices.map(({ id }) => id));
      const came = state.devices.find(({ id }) => !known.has(id));
      this.state.set(state);
      if (!came) return;
      this.came.set(came);
      this.code.set(undefined);
    });
  }

  set(open: boolean, address?: string): void {
    this.code.set(undefined);
    this.ask(
      this.api.set(open, address),
      (state) => this.state.set(state),
      () => this.look(),
    );
  }

  askCode(): void {
    this.came.set(undefined);
    this.ask(this.api.code(), (code) => this.code.set(code));
  }

  hideCode(): void {
    this.code.set(undefined);
  }

  withdraw({ id }: LetInDevice): void {
    if (this.came()?.id === id) this.came.set(undefined);
    this.ask(
      this.api.withdraw(id),
      () => this.fetch(),
      () => this.look(),
    );
  }
}
