import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Paper } from './paper';

/** A4 or Letter, for everything that is printed. */
@Component({
  selector: 'z-paper-choice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<span class="flex gap-1" role="group" i18n-aria-label aria-label="Paper">
    @for (each of sizes; track each.id) {
      <button
        type="button"
        class="press text-base"
        [class.press-main]="paper.size() === each.id"
        [attr.aria-pressed]="paper.size() === each.id"
        (click)="paper.size.set(each.id)"
      >
        {{ each.name }}
      </button>
    }
  </span>`,
})
export class PaperChoice {
  protected readonly paper = inject(Paper);
  protected readonly sizes = [
    { id: 'a4', name: 'A4' },
    { id: 'letter', name: $localize`Letter` },
  ] as const;
}
