import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { ReactiveFormsModule } from '@angular/forms';
import { keptText } from '../ui/kept-text';
import { readNumber } from '../ui/read-number';
import { Says } from '../ui/says';
import type { Share } from './shares';

let fields = 0;

/** A number with how it is meant, or nothing: then what `none` says holds. */
@Component({
  selector: 'z-share-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says],
  template: `<div class="flex flex-col gap-1" role="group" [attr.aria-label]="share().label">
    <label class="caption" [for]="id">{{ share().label }}</label>
    <div class="flex gap-2">
      @if (now(); as told) {
        <input
          class="write w-20 text-right"
          type="text"
          inputmode="decimal"
          autocomplete="off"
          [attr.aria-label]="share().label + ', ' + unit(told.way)"
          [attr.data-path]="path()"
          [formControl]="control"
          (change)="take(control.value)"
          (keydown.escape)="field.written.settle()"
        />
      }
      <select
        class="write min-w-0 flex-1"
        [id]="id"
        [value]="now()?.way ?? ''"
        (change)="choose($any($event.target).value)"
      >
        <option value="">{{ none() }}</option>
        @for (way of share().ways; track way.id) {
          <option [value]="way.id" [selected]="way.id === now()?.way">{{ way.label }}</option>
        }
      </select>
    </div>
    <z-says [text]="says() || refused()" />
  </div>`,
})
export class ShareField {
  readonly share = input.required<Share>();
  readonly none = input.required<string>();
  /** As it is kept. */
  readonly value = input<unknown>();
  readonly path = input<string>();
  /** Why what was said last was not taken. */
  readonly refused = input('');
  /** As it is to be kept; undefined where nothing is said any more. */
  readonly said = output<unknown>();
  protected readonly id = `share-${(fields += 1)}`;
  protected readonly now = computed(() => this.share().shape.read(this.value()));
  protected readonly field = keptText(computed(() => String(this.now()?.amount ?? '')));
  protected readonly control = this.field.control;
  protected readonly says = signal('');

  protected unit(way: string): string {
    return this.share().ways.find(({ id }) => id === way)?.label ?? '';
  }

  protected choose(way: string): void {
    const begins = this.share().ways.find(({ id }) => id === way)?.begins;
    this.put(begins === undefined ? undefined : this.share().shape.write(way, this.now()?.amount ?? begins));
  }

  protected take(text: string): void {
    const read = readNumber(text, $localize`a number is wanted, as 20 or 7.5`);
    const way = this.now()?.way;
    if (!read.ok || way === undefined) return this.says.set(read.ok ? '' : read.says);
    this.put(read.value === undefined ? undefined : this.share().shape.write(way, read.value));
  }

  private put(value: unknown): void {
    this.says.set('');
    this.said.emit(value);
  }
}
