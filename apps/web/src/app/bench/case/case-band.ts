import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { MEMBERS, said, valueAt, type CaseBandOf, type CaseworkPlan, type MemberRole } from '@zabble/core';
import type { Option } from '../../fields/choice';
import { LengthField } from '../../fields/length-field';
import { Many } from '../../fields/many';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { Says } from '../../ui/says';
import { Speech } from '../../words/speech';

const EDGES: Readonly<Record<'lying' | 'upright', readonly Option[]>> = {
  lying: [
    { value: 'front', label: $localize`front` },
    { value: 'back', label: $localize`back` },
    { value: 'left', label: $localize`left` },
    { value: 'right', label: $localize`right` },
  ],
  upright: [
    { value: 'front', label: $localize`front` },
    { value: 'back', label: $localize`back` },
    { value: 'top', label: $localize`top` },
    { value: 'bottom', label: $localize`bottom` },
  ],
};

/** Members whose edges may be banded, and how each stands. */
const BANDED: readonly (readonly [role: MemberRole, stands: keyof typeof EDGES])[] = [
  ['case-side-left', 'upright'],
  ['case-side-right', 'upright'],
  ['case-bottom', 'lying'],
  ['case-top', 'lying'],
  ['stretcher', 'lying'],
  ['divider', 'upright'],
  ['fixed-shelf', 'lying'],
  ['case-rail', 'lying'],
  ['kick-board', 'lying'],
  ['worktop', 'lying'],
  ['filler', 'upright'],
  ['shelf', 'lying'],
];

/** Edging of members: how thick, how far over it is cut, and which edges of which have it. */
@Component({
  selector: 'z-case-band',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, Many, Says],
  template: `<details>
    <summary class="flex min-h-11 cursor-pointer items-center gap-3 border-b border-line">
      <span i18n class="w-64 font-medium max-sm:w-44">Edging of members</span>
      <span class="caption">{{ told() }}</span>
    </summary>
    <div class="flex flex-col gap-2 pt-1 pb-3">
      @if (band()) {
        <div class="flex flex-wrap items-start gap-x-4 gap-y-2">
          <z-length-field
            [path]="path() + '.thickness'"
            i18n-label
            label="Thick"
            i18n-name
            name="thickness of edging"
            [narrow]="true"
          />
          <z-length-field
            [path]="path() + '.over'"
            i18n-label
            label="Cut over by, and trimmed flush"
            i18n-name
            name="edging cut over by"
            [narrow]="true"
            [optional]="true"
            placeholder="0"
          />
          <button i18n type="button" class="press self-end" (click)="without()">No edging</button>
        </div>
        @for (row of rows(); track row.path) {
          <z-many [path]="row.path" [label]="row.label" [options]="row.edges" [fallback]="none" />
        }
      } @else {
        <p i18n class="caption">
          A band takes its thickness off the panel under it; grooves and dados are measured from it.
        </p>
        <div><button i18n type="button" class="press" (click)="begin()">Band the front edges</button></div>
      }
      <z-says [text]="says()" />
    </div>
  </details>`,
  host: { class: 'block' },
})
export class CaseBand {
  /** Path of how the case is made. */
  readonly of = input.required<string>();
  readonly casework = input.required<CaseworkPlan>();
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly none: readonly string[] = [];
  protected readonly path = computed(() => `${this.of()}.band`);
  protected readonly band = computed(() => valueAt(this.document(), this.path()) as CaseBandOf<string> | undefined);
  protected readonly told = computed(() => {
    const band = this.band();
    return band ? $localize`${band.thickness} thick` : $localize`none`;
  });
  /** Of the members there are. */
  protected readonly rows = computed(() =>
    BANDED.filter(([role]) => this.casework().members.some((each) => each.role === role)).map(([role, stands]) => ({
      path: `${this.path()}.members.${MEMBERS[role].written}`,
      label: this.speech.say(said(`part/${role}`, { count: 2 })),
      edges: EDGES[stands],
    })),
  );

  protected begin(): void {
    const members = Object.fromEntries(
      BANDED.slice(0, 7)
        .filter(([role]) => this.casework().members.some((each) => each.role === role))
        .map(([role]) => [MEMBERS[role].written, ['front']]),
    );
    this.put($localize`band the front edges`, { thickness: this.edits.usual('1/32 in', '1 mm'), members });
  }

  protected without(): void {
    this.put($localize`no edging`, undefined);
  }

  private put(name: string, value: unknown): void {
    this.says.set(this.edits.apply(name, [{ path: this.path(), value }]) ?? '');
  }
}
