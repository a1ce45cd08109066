import { Views } from '../ui/views';
import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { ThemeButton } from '../shell/theme-button';
import { Wordmark } from '../shell/wordmark';
import { HabitFields } from './habit-fields';
import { ShopHabits } from '../shop/habits';
import { LessonsView } from './lessons-view';
import { RecordSearch } from './record-search';

const VIEWS = [
  { id: 'otherwise', name: $localize`What to do otherwise next time` },
  { id: 'search', name: $localize`Look it up` },
] as const;

/** The record of the whole shop: what to do otherwise next time, from what came out; and everything to be looked up. */
@Component({
  selector: 'z-record-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [HabitFields, LessonsView, RecordSearch, ThemeButton, Views, Wordmark],
  template: `<div class="mx-auto flex min-h-full max-w-[70rem] flex-col px-6 pb-8 max-sm:px-3">
    <header class="flex flex-wrap items-center gap-3 py-3">
      <z-wordmark />
      <span class="flex-1"></span>
      <z-theme-button />
    </header>
    <main class="flex flex-col gap-5">
      <h1 i18n class="mt-1 text-3xl font-semibold">The record</h1>
      <z-views i18n-label label="Views of the record" [views]="views" [(view)]="view">
        @if (view() === 'search') {
          <z-record-search />
        } @else {
          <div class="grid grid-cols-[minmax(0,1fr)_18rem] gap-8 max-lg:grid-cols-1">
            <z-lessons-view />
            <z-habit-fields />
          </div>
        }
      </z-views>
    </main>
  </div>`,
})
export class RecordPage {
  protected readonly views = VIEWS;
  protected readonly view = signal('otherwise');

  constructor() {
    inject(ShopHabits).fetch();
  }
}
