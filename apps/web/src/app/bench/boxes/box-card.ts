import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { BOTTOMS, CORNERS, type BankPlan, type DrawerPlan } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import type { Option } from '../../ui/choice';
import { LengthField } from '../../ui/length-field';
import { Pick } from '../../ui/pick';
import { Says } from '../../ui/says';

/** What one box has of its own: its height by hand, another it is cut as high as, its stock, corners and bottom. */
@Component({
  selector: 'z-box-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, Pick, Says],
  template: `<section class="flex flex-col gap-3 border-t border-line pt-4" [attr.aria-label]="'Box ' + number()">
    <div class="flex min-h-11 flex-wrap items-center gap-2">
      <h3 class="mr-auto text-lg font-semibold">
        Box {{ number() }}{{ drawer().name ? ', ' + drawer().name : '' }}, where it differs
      </h3>
      @if (own()) {
        <button type="button" class="press" (click)="forget()">As the others</button>
      }
    </div>
    <div class="grid grid-cols-3 items-start gap-3 max-lg:grid-cols-2 max-sm:grid-cols-1">
      <z-length-field
        [path]="drawer().path + '.boxHeight'"
        label="Box height by hand"
        [name]="'box height of drawer ' + number()"
        [optional]="true"
        placeholder="as it fits"
      />
      <z-pick
        [path]="drawer().path + '.boxSameAs'"
        label="Cut as high as"
        [name]="'box of drawer ' + number() + ' as high as'"
        [options]="likes()"
      />
      @for (field of fields(); track field.path) {
        <z-pick
          [path]="drawer().path + '.box.' + field.path"
          [label]="field.label"
          [name]="field.label + ' of drawer ' + number()"
          [options]="field.options"
        />
      }
    </div>
    <z-says [text]="says()" />
  </section>`,
})
export class BoxCard {
  readonly bank = input.required<BankPlan>();
  readonly drawer = input.required<DrawerPlan>();
  readonly materials = input.required<readonly Option[]>();
  private readonly edits = inject(JobEdits);
  protected readonly says = signal('');
  protected readonly number = computed(() => this.drawer().place + 1);
  private readonly written = computed(() => this.bank().bank.drawers[this.drawer().place]);
  protected readonly own = computed(() => {
    const { box, boxHeight, boxSameAs } = this.written() ?? {};
    return boxHeight !== undefined || boxSameAs !== undefined || (box !== undefined && Object.keys(box).length > 0);
  });
  protected readonly likes = computed(() => [
    { value: '', label: 'no other' },
    ...this.bank()
      .drawers.filter(({ id }) => id !== this.drawer().id)
      .map(({ id, place, name }) => ({ value: id, label: `box ${place + 1}${name ? `, ${name}` : ''}` })),
  ]);
  protected readonly fields = computed(() => {
    const like = { value: '', label: 'as the bank' };
    const rows = (table: Readonly<Record<string, { readonly name: string }>>): readonly Option[] => [
      like,
      ...Object.entries(table).map(([value, { name }]) => ({ value, label: name })),
    ];
    const stock = [like, ...this.materials()];
    return [
      { path: 'sides', label: 'Sides', options: stock },
      { path: 'ends', label: 'Front and back', options: stock },
      { path: 'bottom', label: 'Bottom of', options: stock },
      { path: 'corner.joint', label: 'Corners', options: rows(CORNERS) },
      { path: 'bottomFit', label: 'Bottom fitted', options: rows(BOTTOMS) },
    ];
  });

  protected forget(): void {
    const patches = ['boxHeight', 'boxSameAs', 'box'].map((field) => ({
      path: `${this.drawer().path}.${field}`,
      value: undefined,
    }));
    this.says.set(this.edits.apply(`box ${this.number()} as the others`, patches) ?? '');
  }
}
