import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { ActivatedRoute, RouterLink } from '@angular/router';
import { ThemeButton } from '../shell/theme-button';
import { Wordmark } from '../shell/wordmark';
import { Views } from '../ui/views';
import { BuyingState } from './buying-state';
import { ChosenJobs } from './chosen-jobs';
import { DrawerView } from './drawer-view';
import { OrdersView } from './orders-view';
import { SuppliersView } from './suppliers-view';
import { ToBuy } from './to-buy';

const VIEWS = [
  { id: 'list', name: $localize`To buy` },
  { id: 'orders', name: $localize`Orders` },
  { id: 'drawer', name: $localize`The drawer` },
  { id: 'suppliers', name: $localize`Suppliers` },
] as const;

/** Buying for any number of jobs: the list, what is ordered, what lies in the drawer, and who sells. */
@Component({
  selector: 'z-buying-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [DrawerView, OrdersView, RouterLink, SuppliersView, ThemeButton, ToBuy, Views, Wordmark],
  providers: [ChosenJobs, BuyingState],
  template: `<div class="mx-auto flex min-h-full max-w-[82rem] flex-col px-6 pb-8 max-sm:px-3">
    <header class="flex flex-wrap items-center gap-3 py-3">
      <z-wordmark />
      <span class="flex-1"></span>
      <a i18n class="press" routerLink="/jobs">Jobs</a>
      <z-theme-button />
    </header>
    <main class="flex flex-col gap-5">
      <h1 i18n class="mt-1 text-3xl font-semibold">Buying</h1>
      @if (state.done()) {
        <p class="border-l-4 border-edge bg-sheet px-3 py-2" role="status">{{ state.done() }}</p>
      }
      <z-views i18n-label label="Views of buying" [views]="views" [(view)]="view">
        @switch (view()) {
          @case ('orders') {
            <z-orders-view />
          }
          @case ('drawer') {
            <z-drawer-view />
          }
          @case ('suppliers') {
            <z-suppliers-view />
          }
          @default {
            <z-to-buy />
          }
        }
      </z-views>
    </main>
  </div>`,
})
export class BuyingPage {
  protected readonly state = inject(BuyingState);
  protected readonly views = VIEWS;
  protected readonly view = signal('list');

  constructor() {
    const chosen = inject(ActivatedRoute).snapshot.queryParamMap.get('jobs') ?? '';
    inject(ChosenJobs).begin(chosen.split(',').filter(Boolean));
  }
}
