import { OfPlan } from '../../fields/of-plan';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BankPlan, Edge } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { selectJob } from '../../store/job/job.selectors';
import { LengthField } from '../../fields/length-field';
import { Says } from '../../ui/says';
import { MaterialPick } from '../materials/material-pick';

const EDGES: readonly Edge[] = ['top', 'bottom', 'left', 'right'];

/** How the fronts are made: from one piece, banded, or as a frame with its panel. */
@Component({
  selector: 'z-making',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [OfPlan, LengthField, MaterialPick, Says],
  template: `<section
    class="flex flex-col gap-3 border-t border-line pt-4"
    i18n-aria-label
    aria-label="How fronts are made"
  >
    <h3 i18n class="text-lg font-semibold">Made</h3>
    <z-material-pick
      class="max-w-80"
      [path]="path() + '.material'"
      [label]="ofTitle()"
      i18n-name
      name="material of the fronts"
    />
    <div class="flex flex-wrap gap-1" role="group" i18n-aria-label aria-label="How fronts are made">
      @for (way of ways; track way.value) {
        <button
          type="button"
          class="press"
          [class.press-main]="way.value === made()"
          [attr.aria-pressed]="way.value === made()"
          (click)="choose(way.value, way.label)"
        >
          {{ way.label }}
        </button>
      }
    </div>
    @if (made() === 'banded') {
      <div class="flex flex-wrap items-end gap-3">
        <z-length-field [path]="path() + '.band.thickness'" i18n-label label="Band" [narrow]="true" />
        <div class="flex flex-wrap gap-1" role="group" i18n-aria-label aria-label="Edges that are banded">
          @for (edge of edges; track edge) {
            <button
              zOfPlan
              type="button"
              class="press"
              [class.press-main]="isBanded(edge)"
              [attr.aria-pressed]="isBanded(edge)"
              [attr.data-path]="path() + '.band.edges'"
              (click)="turn(edge)"
            >
              {{ edge }}
            </button>
          }
        </div>
      </div>
    }
    @if (made() === 'framed') {
      <div class="flex flex-wrap items-start gap-3">
        <z-length-field [path]="path() + '.frame.stile'" i18n-label label="Stiles" [narrow]="true" />
        <z-length-field
          [path]="path() + '.frame.rail'"
          i18n-label
          label="Rails"
          [narrow]="true"
          [optional]="true"
          i18n-placeholder
          placeholder="as stiles"
        />
        <z-length-field [path]="path() + '.frame.groove'" i18n-label label="Groove" [narrow]="true" />
        <z-length-field
          [path]="path() + '.frame.grooveWidth'"
          i18n-label
          label="Groove wide"
          [narrow]="true"
          [optional]="true"
          i18n-placeholder
          placeholder="as the panel"
        />
        <z-length-field
          [path]="path() + '.frame.grooveFrom'"
          i18n-label
          label="Groove from the face"
          [narrow]="true"
          [optional]="true"
          i18n-placeholder
          placeholder="in the middle"
        />
        <z-length-field
          [path]="path() + '.frame.play'"
          i18n-label
          label="Play"
          i18n-name
          name="play of the panel"
          [narrow]="true"
        />
        <z-material-pick class="w-60" [path]="path() + '.frame.panel'" i18n-label label="Panel of" />
      </div>
    }
    <z-says [text]="says()" />
  </section>`,
})
export class Making {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly says = signal('');
  protected readonly edges = EDGES;
  protected readonly ways = [
    { value: 'plain', label: $localize`In one piece` },
    { value: 'banded', label: $localize`Edges banded` },
    { value: 'framed', label: $localize`Framed` },
  ] as const;
  protected readonly ofTitle = computed(() => (this.made() === 'framed' ? $localize`Frame of` : $localize`Of`));
  protected readonly path = computed(() => `${this.bank().path}.front`);
  private readonly front = computed(() => this.bank().bank.front);
  protected readonly made = computed(() => (this.front().frame ? 'framed' : this.front().band ? 'banded' : 'plain'));

  protected isBanded(edge: Edge): boolean {
    return this.front().band?.edges.includes(edge) ?? false;
  }

  /** The last banded edge goes with the band itself. */
  protected turn(edge: Edge): void {
    const now = this.front().band?.edges ?? [];
    const edges = now.includes(edge) ? now.filter((each) => each !== edge) : [...now, edge];
    const patch =
      edges.length === 0
        ? { path: `${this.path()}.band`, value: undefined }
        : { path: `${this.path()}.band.edges`, value: EDGES.filter((each) => edges.includes(each)) };
    this.says.set(this.edits.apply($localize`band of the ${edge} edge`, [patch]) ?? '');
  }

  protected choose(way: 'plain' | 'banded' | 'framed', label: string): void {
    const band = way === 'banded' ? { thickness: this.edits.usual('1/32 in', '1 mm'), edges: EDGES } : undefined;
    const { materials = [] } = this.job() ?? {};
    const wood = materials.find(({ id }) => id === this.front().material);
    // The thickest the job has that leaves half of the frame beside its groove.
    const [thin] = materials
      .filter(({ thickness }) => 2 * thickness <= (wood?.thickness ?? 0))
      .sort((a, b) => b.thickness - a.thickness);
    const material = thin?.id ?? this.front().material;
    const sizes = {
      stile: this.edits.usual('2 1/4 in', '57 mm'),
      groove: this.edits.usual('3/8 in', '10 mm'),
      play: '3 mm',
    };
    const frame = way === 'framed' ? { ...sizes, panel: material } : undefined;
    const patches = [
      { path: `${this.path()}.band`, value: band },
      { path: `${this.path()}.frame`, value: frame },
    ];
    this.says.set(this.edits.apply($localize`fronts made: ${label.toLowerCase()}`, patches) ?? '');
  }
}
