import { inject, Injectable, InjectionToken, signal, type OnDestroy } from '@angular/core';
import type { Moment, Now } from '@zabble/core';
import { locale } from '../words/locale';

/** The time it is, in milliseconds since 1970; a test gives its own. */
export const TIME = new InjectionToken<() => number>('time', { providedIn: 'root', factory: () => () => Date.now() });

const MINUTE = 60_000;

/** The clock of this device, which is the shop’s: a new minute every minute while somebody looks. */
@Injectable()
export class ShopClock implements OnDestroy {
  private readonly time = inject(TIME);
  readonly now = signal(this.read());
  private readonly ticking = setInterval(() => this.look(), 5_000);

  ngOnDestroy(): void {
    clearInterval(this.ticking);
  }

  /** The time it is this moment: what is pressed is done now, not when the clock was last looked at. */
  look(): Now {
    const now = this.read();
    if (now.now !== this.now().now) this.now.set(now);
    return now;
  }

  /** A moment of a record on this clock. */
  moment(at: string): Moment {
    return Math.floor(Date.parse(at) / MINUTE) + this.now().zone;
  }

  private read(): Now {
    const zone = -new Date(this.time()).getTimezoneOffset();
    return { now: Math.floor(this.time() / MINUTE) + zone, zone };
  }
}

const utc = (options: Intl.DateTimeFormatOptions) => {
  let made: Intl.DateTimeFormat | undefined;
  return (at: Moment): string =>
    (made ??= new Intl.DateTimeFormat(locale(), { ...options, timeZone: 'UTC' })).format(new Date(at * MINUTE));
};

/** `8:15`, as it is written here. */
export const timeOfDay = utc({ hour: 'numeric', minute: '2-digit' });
/** `Tue 8 Dec`. */
export const dayName = utc({ weekday: 'short', day: 'numeric', month: 'short' });
/** `Tuesday 8 December`. */
export const longDay = utc({ weekday: 'long', day: 'numeric', month: 'long' });
/** `8 Dec`. */
export const shortDay = utc({ day: 'numeric', month: 'short' });

const DAY = 1440;
const isSameDay = (one: Moment, other: Moment): boolean => Math.floor(one / DAY) === Math.floor(other / DAY);

/** When, as it is said today: the time alone if it is today. */
export const whenSaid = (at: Moment, now: Moment): string =>
  isSameDay(at, now) ? timeOfDay(at) : $localize`${dayName(at)}, ${timeOfDay(at)}`;

const HOUR = 60;

/** Minutes as people say them. */
export function minutesSaid(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / HOUR), Math.round(minutes % HOUR)];
  if (hours === 0) return $localize`${rest} min`;
  return rest === 0 ? $localize`${hours} h` : $localize`${hours} h ${rest} min`;
}
