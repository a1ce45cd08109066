import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Session } from '../device/session';
import { AuditView } from '../people/audit-view';
import { CrewView } from '../people/crew-view';
import { ThemeButton } from '../shell/theme-button';
import { Wordmark } from '../shell/wordmark';
import { PriceBookView } from '../shop/price-book';
import { Views } from '../ui/views';
import { CustomersView } from './customers-view';
import { FinishesView } from './finishes-view';
import { MinutesView } from './minutes-view';
import { UsualView } from './usual-view';

const VIEWS = [
  { id: 'usual', name: $localize`Prices` },
  { id: 'minutes', name: $localize`Minutes` },
  { id: 'finishes', name: $localize`Finishes` },
  { id: 'book', name: $localize`Price book` },
  { id: 'customers', name: $localize`Customers` },
] as const;
/** For who says who belongs to the shop, where people sign in. */
const OF_OWNERS = [
  { id: 'crew', name: $localize`People` },
  { id: 'audit', name: $localize`What was done` },
] as const;

/** What the shop says once for all its jobs: how prices are made, what work takes, and for whom. */
@Component({
  selector: 'z-settings-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    AuditView,
    CrewView,
    CustomersView,
    FinishesView,
    MinutesView,
    PriceBookView,
    RouterLink,
    ThemeButton,
    UsualView,
    Views,
    Wordmark,
  ],
  template: `<div class="mx-auto flex min-h-full max-w-[70rem] flex-col px-6 pb-8 max-sm:px-3">
    <header class="flex flex-wrap items-center gap-3 py-3">
      <z-wordmark />
      <span class="flex-1"></span>
      <a i18n class="press" routerLink="/jobs">Jobs</a>
      <z-theme-button />
    </header>
    <main class="flex flex-col gap-5">
      <h1 i18n class="mt-1 text-3xl font-semibold">The shop</h1>
      <z-views i18n-label label="Views of the shop" [views]="views()" [(view)]="view">
        @switch (view()) {
          @case ('minutes') {
            <z-minutes-view />
          }
          @case ('finishes') {
            <z-finishes-view />
          }
          @case ('book') {
            <z-price-book />
          }
          @case ('customers') {
            <z-customers-view />
          }
          @case ('crew') {
            <z-crew-view />
          }
          @case ('audit') {
            <z-audit-view />
          }
          @default {
            <z-usual-view />
          }
        }
      </z-views>
    </main>
  </div>`,
})
export class SettingsPage {
  private readonly session = inject(Session);
  protected readonly views = computed(() =>
    this.session.shared() && this.session.role() === 'owner' ? [...VIEWS, ...OF_OWNERS] : VIEWS,
  );
  protected readonly view = signal('usual');
}
