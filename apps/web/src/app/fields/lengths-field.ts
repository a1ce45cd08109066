import { Speech } from '../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { readFileLength, readLength, valueAt, writeBare, writeExact, type Length, type Unit } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { jobFeature } from '../store/job/job.reducer';
import { keptText } from '../ui/kept-text';
import { Says } from '../ui/says';
import { Writing } from '../ui/writing';

/** Several lengths in one line, set apart by semicolons or commas: “10; 12; 14”. An empty field takes the list out. */
@Component({
  selector: 'z-lengths-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says],
  template: `<div class="flex min-w-0 flex-col gap-1">
    <label class="caption" [for]="id()">{{ label() }}</label>
    <input
      class="write w-full min-w-0"
      type="text"
      autocomplete="off"
      maxlength="2000"
      [id]="id()"
      [attr.data-path]="path()"
      [attr.placeholder]="placeholder() || null"
      [attr.aria-invalid]="says() !== ''"
      [readOnly]="!edits.open()"
      [formControl]="control"
      (change)="take()"
      (focus)="writing.entered(written)"
      (blur)="writing.left(written)"
      (keydown.escape)="written.settle()"
    />
    <z-says [text]="says()" />
  </div>`,
})
export class LengthsField {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  /** How bare numbers are read and the list is shown. */
  readonly unit = input.required<Unit>();
  readonly placeholder = input('');
  protected readonly writing = inject(Writing);
  protected readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly id = computed(() => `lengths-${this.path().replace(/[^A-Za-z0-9]+/g, '-')}`);
  private readonly kept = computed(() => {
    const list = (valueAt(this.document(), this.path()) ?? []) as readonly string[];
    return list.map((each) => this.plain(each)).join('; ');
  });

  private readonly field = keptText(this.kept);
  protected readonly control = this.field.control;
  protected readonly says = this.field.says;
  protected readonly written = this.field.written;

  protected take(): void {
    const texts = this.control.value
      .split(/;|,\s|,$/)
      .map((each) => each.trim())
      .filter((each) => each !== '');
    const lengths: Length[] = [];
    for (const text of texts) {
      const read = readLength(text, this.unit());
      if (!read.ok) return this.says.set(this.speech.say(read.wrong));
      lengths.push(read.value);
    }
    const value = lengths.length === 0 ? undefined : lengths.map((each) => writeExact(each, this.unit()));
    this.says.set(this.edits.apply(this.label().toLowerCase(), [{ path: this.path(), value }]) ?? '');
  }

  private plain(written: string): string {
    const read = readFileLength(written);
    return read.ok ? writeBare(read.value, this.unit()) : written;
  }
}
