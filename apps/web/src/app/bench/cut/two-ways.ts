import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { LengthField } from '../../fields/length-field';
import { Says } from '../../ui/says';

/** A length and a width that go together: as usual, or both said. */
@Component({
  selector: 'z-two-ways',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, Says],
  template: `<div class="flex flex-wrap items-end gap-3" role="group" [attr.aria-label]="label()">
      @if (told()) {
        <z-length-field [path]="path() + '.length'" i18n-label label="{{ label() }}, long" [narrow]="true" />
        <z-length-field
          [path]="path() + '.width'"
          i18n-label
          label="wide"
          i18n-name
          name="{{ label() }}, wide"
          [narrow]="true"
        />
        <button i18n type="button" class="press" (click)="put(undefined)">As usual</button>
      } @else {
        <p i18n class="flex min-h-11 items-center">{{ label() }} the usual.</p>
        <button i18n type="button" class="press" i18n-ariaLabel ariaLabel="{{ label() }}: say how much" (click)="say()">
          Say how much
        </button>
      }
    </div>
    <z-says [text]="says()" />`,
})
export class TwoWays {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  /** To begin with: long and wide, in inches and in millimetres. */
  readonly usual = input.required<readonly [string, string, string, string]>();
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly told = computed(() => valueAt(this.document(), this.path()) !== undefined);

  protected say(): void {
    const [longInches, wideInches, long, wide] = this.usual();
    this.put({ length: this.edits.usual(longInches, long), width: this.edits.usual(wideInches, wide) });
  }

  protected put(value: object | undefined): void {
    const name = `${this.label().toLowerCase()} ${value ? $localize`so much` : $localize`as usual`}`;
    this.says.set(this.edits.apply(name, [{ path: this.path(), value }]) ?? '');
  }
}
