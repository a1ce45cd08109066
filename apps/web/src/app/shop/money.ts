import { computed, inject, Injectable, Pipe, signal, type PipeTransform } from '@angular/core';
import { asking } from '../server-api/asking';
import { ShopApi } from '../server-api/shop-api';
import { LANGUAGE } from '../words/speech';

/** The code of no currency at all (ISO 4217): amounts then have the sign ¤ before them. */
const NONE = 'XXX';

/** In what the shop's prices are, asked for once; amounts are told in it wherever they stand. */
@Injectable({ providedIn: 'root' })
export class ShopMoney {
  private readonly api = inject(ShopApi);
  private readonly locale = inject(LANGUAGE).locale;
  readonly currency = signal<string | null>(null);
  readonly says = signal('');
  private readonly ask = asking(this.says);
  private readonly quiet = asking({ set: (says) => says === '' || this.says.set(says) });
  private readonly format = computed(
    () =>
      new Intl.NumberFormat(this.locale, {
        style: 'currency',
        currency: this.currency() ?? NONE,
        currencyDisplay: 'narrowSymbol',
      }),
  );
  /** Currencies by their names, the code behind. */
  readonly choices = computed(() => {
    const names = new Intl.DisplayNames(this.locale, { type: 'currency' });
    return Intl.supportedValuesOf('currency')
      .filter((code) => code !== NONE)
      .map((code) => ({ code, name: names.of(code) ?? code }))
      .sort((a, b) => a.name.localeCompare(b.name, this.locale));
  });

  constructor() {
    this.look();
  }

  /** An amount with its currency: `$74.00`; `¤74.00` while the shop has not said which. */
  readonly say = (amount: number): string =>
    this.format()
      .formatToParts(amount)
      .map(({ type, value }) => (type === 'currency' && value === NONE ? '¤' : value))
      .join('');

  /** After the name of a field that takes an amount: which currency it is of, where the shop has said. */
  readonly after = computed(() => (this.currency() === null ? '' : `, ${this.currency() ?? ''}`));

  /** What is said of a refusal stays said. */
  private look(): void {
    this.quiet(this.api.money(), ({ currency }) => this.currency.set(currency));
  }

  keep(currency: string | null): void {
    const ask = this.api.keepMoney(currency, this.currency());
    this.ask(
      ask,
      (kept) => this.currency.set(kept.currency),
      () => this.look(),
    );
  }
}

/** Says an amount in the shop's currency; nothing where there is none. */
@Pipe({ name: 'money', pure: false })
export class MoneyPipe implements PipeTransform {
  private readonly money = inject(ShopMoney);

  transform(amount: number | undefined): string {
    return amount === undefined ? '' : this.money.say(amount);
  }
}
