import { ChangeDetectionStrategy, Component, DestroyRef, effect, inject, input, signal } from '@angular/core';
import { OPEN_PDF, type PdfPages } from '../../workers/pdf-pages';
import { OnePage } from './one-page';

/** The pages of a paper under one another; each is drawn when it comes into sight. */
@Component({
  selector: 'z-pages-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [OnePage],
  template: `@if (shown(); as pages) {
      <ol class="flex flex-col items-center gap-4">
        @for (size of pages.sizes; track $index; let index = $index) {
          <li class="w-full" [style.max-width]="size.width > size.height ? '64rem' : '52rem'">
            <div class="bg-white shadow-sm ring-1 ring-line" [style.aspect-ratio]="size.width / size.height">
              @defer (on viewport) {
                <z-one-page
                  [pages]="pages"
                  [page]="index"
                  i18n-label
                  label="{{ what() }}, page {{ index + 1 }} of {{ pages.sizes.length }}"
                />
              } @placeholder {
                <span class="block h-full"></span>
              }
            </div>
            <p i18n class="caption pt-1 text-center">Page {{ index + 1 }} of {{ pages.sizes.length }}</p>
          </li>
        }
      </ol>
    } @else if (unread()) {
      <p i18n class="font-medium text-ochre" role="alert">
        The pages can’t be shown in this browser. The file itself is whole: save it, or open it in a tab of its own.
      </p>
    }`,
})
export class PagesView {
  readonly file = input.required<Blob>();
  readonly what = input.required<string>();
  private readonly open = inject(OPEN_PDF);
  protected readonly shown = signal<PdfPages | undefined>(undefined);
  protected readonly unread = signal(false);

  constructor() {
    effect((onCleanup) => {
      const opening = this.open(this.file());
      let gone = false;
      opening.then(
        (pages) => {
          if (gone) return;
          this.shown()?.end();
          this.shown.set(pages);
        },
        () => this.unread.set(!gone),
      );
      onCleanup(() => {
        gone = true;
      });
    });
    inject(DestroyRef).onDestroy(() => this.shown()?.end());
  }
}
