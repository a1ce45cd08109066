import { ChangeDetectionStrategy, Component, computed, inject, LOCALE_ID } from '@angular/core';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import { EMPTY, interval, pipe, switchMap, tap } from 'rxjs';
import type { LetInCode } from '@zabble/contract';
import { ThemeButton } from '../shell/theme-button';
import { Wordmark } from '../shell/wordmark';
import { ShopNetwork } from '../shop/network';
import { CameraCode } from '../ui/camera-code';
import { Says } from '../ui/says';

/** So often it is looked whether the device a code is shown to has come in, in milliseconds. */
const LOOK_EVERY = 2000;

/** Phones and tablets of the shop: whether its network is let in, by which address, and who of it is. */
@Component({
  selector: 'z-network-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CameraCode, Says, ThemeButton, Wordmark],
  templateUrl: './network-page.html',
})
export class NetworkPage {
  protected readonly network = inject(ShopNetwork);
  private readonly locale = inject(LOCALE_ID);
  private readonly moment = new Intl.DateTimeFormat(this.locale, { dateStyle: 'medium', timeStyle: 'short' });
  private readonly clock = new Intl.DateTimeFormat(this.locale, { timeStyle: 'short' });
  protected readonly state = this.network.state;
  protected readonly code = this.network.code;
  /** As it is read out. */
  protected readonly digits = computed(() => this.code()?.code.replace(/^(...)/, '$1 ') ?? '');
  /** What is listened at, with nothing else on the way: without the code. */
  protected readonly page = computed(() => this.code()?.page.replace(/\?.*$/, '') ?? '');

  constructor() {
    this.network.hideCode();
    this.network.came.set(undefined);
    this.network.fetch();
    rxMethod<LetInCode | undefined>(
      pipe(
        switchMap((code) => (code ? interval(LOOK_EVERY) : EMPTY)),
        tap(() => this.lookOn()),
      ),
    )(this.code);
  }

  protected at(moment: string): string {
    return this.moment.format(new Date(moment));
  }

  protected until(moment: string): string {
    return this.clock.format(new Date(moment));
  }

  /** A code that is too old is shown no longer. */
  private lookOn(): void {
    const code = this.code();
    if (code && Date.parse(code.until) <= Date.now()) this.network.hideCode();
    else this.network.look();
  }
}
