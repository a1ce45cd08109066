import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Choice } from '../../fields/choice';
import { Store } from '@ngrx/store';
import { LengthField } from '../../fields/length-field';
import { LengthsField } from '../../fields/lengths-field';
import { Many } from '../../fields/many';
import { NumberField } from '../../fields/number-field';
import { Pick } from '../../fields/pick';
import { TextField } from '../../fields/text-field';
import { Toggle } from '../../fields/toggle';
import { selectShowing } from '../../store/job/job.selectors';
import { MaterialPick } from '../materials/material-pick';
import type { WayField } from './case-way';

/** The fields of a way of making, each by what it holds. */
@Component({
  selector: 'z-way-fields',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Choice, LengthField, LengthsField, Many, MaterialPick, NumberField, Pick, TextField, Toggle],
  template: `@for (field of fields(); track field.name) {
    @let at = path() + '.' + field.name;
    @switch (field.kind) {
      @case ('length') {
        <z-length-field
          [path]="at"
          [label]="field.label"
          [name]="title() + ': ' + field.label.toLowerCase()"
          [narrow]="true"
          [optional]="field.optional === true"
          [signed]="field.signed === true"
          [placeholder]="field.placeholder ?? ''"
        />
      }
      @case ('material') {
        <z-material-pick
          class="min-w-44"
          [path]="at"
          [label]="field.label"
          [name]="title() + ' ' + field.label.toLowerCase()"
          [like]="field.like"
        />
      }
      @case ('count') {
        <z-number-field
          [path]="at"
          [label]="field.label"
          [name]="title() + ': ' + field.label.toLowerCase()"
          [narrow]="true"
          [optional]="true"
          [placeholder]="field.placeholder"
        />
      }
      @case ('many') {
        <z-many [path]="at" [label]="field.label" [options]="field.options" [fallback]="none" />
      }
      @case ('lengths') {
        <z-lengths-field class="min-w-44" [path]="at" [label]="field.label" [unit]="unit()" />
      }
      @case ('text') {
        <z-text-field
          class="w-40"
          [path]="at"
          [label]="field.label"
          [name]="title() + ': ' + field.label.toLowerCase()"
          [optional]="field.optional === true"
        />
      }
      @case ('pick') {
        <z-pick
          class="min-w-44"
          [path]="at"
          [label]="field.label"
          [name]="title() + ' ' + field.label.toLowerCase()"
          [options]="field.options"
        />
      }
      @case ('yes') {
        <z-toggle class="self-end" [path]="at" [label]="field.label" />
      }
      @case ('choice') {
        <z-choice
          [path]="at"
          [label]="field.label"
          [name]="title() + ' ' + field.label.toLowerCase()"
          [options]="field.options"
          [fallback]="field.fallback"
        />
      }
    }
  }`,
  host: { class: 'flex flex-wrap items-start gap-x-4 gap-y-2' },
})
export class WayFields {
  protected readonly none: readonly string[] = [];
  private readonly showing = inject(Store).selectSignal(selectShowing);
  protected readonly unit = computed(() => this.showing()?.unit ?? 'mm');
  /** Path of what the fields belong to. */
  readonly path = input.required<string>();
  readonly title = input.required<string>();
  readonly fields = input.required<readonly WayField[]>();
}
