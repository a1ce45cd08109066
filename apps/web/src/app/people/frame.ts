import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { ThemeButton } from '../shell/theme-button';
import { Wordmark } from '../shell/wordmark';

/** A page with one thing to do on it. */
@Component({
  selector: 'z-people-frame',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ThemeButton, Wordmark],
  template: `<div
    class="mx-auto flex min-h-full flex-col px-6 pb-8 max-sm:px-3"
    [class]="wide() ? 'max-w-[60rem]' : 'max-w-[30rem]'"
  >
    <header class="flex flex-wrap items-center gap-3 py-3">
      <z-wordmark />
      <span class="flex-1"></span>
      <ng-content select="[beside]" />
      <z-theme-button />
    </header>
    <main class="flex flex-col gap-5">
      <h1 class="mt-1 text-3xl font-semibold">{{ heading() }}</h1>
      <ng-content />
    </main>
  </div>`,
})
export class PeopleFrame {
  readonly heading = input.required<string>();
  readonly wide = input(false);
}
