import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { ThemeButton } from '../shell/theme-button';
import { Wordmark } from '../shell/wordmark';
import { Says } from '../ui/says';
import { Views } from '../ui/views';
import { ShopClock } from './clock';
import { DaysState } from './days-state';
import { HoursView } from './hours-view';
import { JobsAtWork } from './jobs-at-work';
import { OutView } from './out-view';
import { TakenView } from './taken-view';
import { WeeksView } from './weeks-view';

const VIEWS = [
  { id: 'weeks', name: $localize`The order of work` },
  { id: 'jobs', name: $localize`Jobs and their dates` },
  { id: 'hours', name: $localize`Hours, people, places` },
  { id: 'taken', name: $localize`Planned and taken` },
  { id: 'out', name: $localize`Take it along` },
] as const;

/** The weeks: the order of work over days, what it rests on, and what comes of it. */
@Component({
  selector: 'z-weeks-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [HoursView, JobsAtWork, OutView, RouterLink, Says, TakenView, ThemeButton, Views, WeeksView, Wordmark],
  providers: [ShopClock, DaysState],
  template: `<div class="mx-auto flex min-h-full max-w-[82rem] flex-col px-6 pb-8 max-sm:px-3">
    <header class="flex flex-wrap items-center gap-3 py-3">
      <z-wordmark />
      <span class="flex-1"></span>
      <a i18n class="press" routerLink="/today">Today</a>
      <a i18n class="press" routerLink="/jobs">Jobs</a>
      <z-theme-button />
    </header>
    <main class="flex flex-col gap-4">
      <h1 i18n class="mt-1 text-3xl font-semibold">The weeks</h1>
      <z-says [text]="state.says()" />
      <z-views i18n-label label="Views of the weeks" [views]="views" [(view)]="view">
        @switch (view()) {
          @case ('jobs') {
            <z-jobs-at-work />
          }
          @case ('hours') {
            <z-hours-view />
          }
          @case ('taken') {
            <z-taken-view />
          }
          @case ('out') {
            <z-out-view />
          }
          @default {
            <z-weeks-view />
          }
        }
      </z-views>
    </main>
  </div>`,
})
export class WeeksPage {
  protected readonly state = inject(DaysState);
  protected readonly views = VIEWS;
  protected readonly view = signal('weeks');
}
