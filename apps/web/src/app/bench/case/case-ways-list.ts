import { OfPlan } from '../../fields/of-plan';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { readJobDocument, valueAt, type Job, type JobDocument } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { panelsOf, sizeIn } from '../../store/case/whole-case';
import { Says } from '../../ui/says';
import type { CaseWay, Usual, WayGroup, WrittenBuild } from './case-way';
import { WAY_GROUPS } from './case-ways';
import { WayFields } from './way-fields';
import { WayPicture } from './way-picture';

/** How a case is made: each thing in a line, opening to its ways, drawn with the case's own sizes. */
@Component({
  selector: 'z-case-ways-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [OfPlan, Says, WayFields, WayPicture],
  template: `<h4 i18n class="mb-1 text-lg font-semibold">How it is made</h4>
    @for (group of groups(); track group.field) {
      <div class="border-b border-line">
        <button
          type="button"
          class="flex min-h-11 w-full items-center gap-3 rounded px-1 text-left hover:bg-chalk-wash"
          [attr.aria-expanded]="open() === group.field"
          [attr.data-holds]="path() + '.' + group.field"
          (click)="turn(group)"
        >
          <span class="w-40 font-medium max-sm:w-32">{{ group.title }}</span>
          <span class="flex-1">{{ group.now.name }}</span>
          <span aria-hidden="true" class="caption px-2">{{ open() === group.field ? '−' : '+' }}</span>
        </button>
        @if (open() === group.field) {
          <fieldset class="pb-3">
            <legend class="sr-only">{{ group.title }}</legend>
            @for (way of shown(); track way.id) {
              <label
                class="grid cursor-pointer grid-cols-[1.5rem_6rem_1fr] items-center gap-x-3 rounded px-1 py-1 has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-chalk"
                [class.bg-chalk-wash]="way.id === group.chosenId"
              >
                <input
                  zOfPlan
                  class="h-4 w-4 accent-ink"
                  type="radio"
                  [name]="group.field"
                  [attr.data-path]="path() + '.' + group.field + '.kind'"
                  [checked]="way.id === group.chosenId"
                  (change)="take(group, way.way)"
                />
                @if (way.job; as job) {
                  <z-way-picture [job]="job" [place]="0" [group]="group" />
                } @else {
                  <span></span>
                }
                <span>
                  <span class="font-medium">{{ way.way.name }}</span>
                  <span class="caption block">{{ way.way.says }}</span>
                </span>
              </label>
            }
            <z-way-fields
              class="pt-2 pl-9 max-sm:pl-1"
              [path]="path() + '.' + group.field"
              [title]="group.title"
              [fields]="group.own"
            />
          </fieldset>
        }
      </div>
    }
    <z-says [text]="says()" />`,
  host: { class: 'flex flex-col' },
})
export class CaseWaysList {
  /** Path of how the case is made. */
  readonly path = input.required<string>();
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly open = signal<string | undefined>(undefined);
  private readonly build = computed(() => valueAt(this.document(), this.path()) as WrittenBuild | undefined);
  protected readonly groups = computed(() => {
    const build = this.build();
    if (!build) return [];
    return WAY_GROUPS.map((group) => {
      const chosenId = group.chosen(build);
      const now = group.ways.find(({ id }) => id === chosenId);
      return { ...group, chosenId, now: { name: now?.name ?? chosenId }, own: group.fields[chosenId] ?? [] };
    });
  });
  /** What the pictures are of: nothing else of the job changes them, a drag of its parts least of all. */
  private readonly made = computed(() => {
    const [document, build] = [this.document(), this.build()];
    return document && build ? JSON.stringify({ unit: document.unit, materials: document.materials, build }) : '';
  });
  protected readonly shown = computed(() => {
    const group = WAY_GROUPS.find(({ field }) => field === this.open());
    const made = this.made();
    if (!group || made === '') return [];
    const { unit, materials, build } = JSON.parse(made) as Pick<JobDocument, 'unit' | 'materials'> & {
      build: WrittenBuild;
    };
    const usual = usualOf({ unit, materials });
    return group.ways.map((way) => {
      const value = way.id === group.chosen(build) ? build[group.field] : way.value(usual, build);
      return { id: way.id, way, job: pictured({ unit, materials }, { ...build, [group.field]: value }) };
    });
  });

  protected turn({ field }: WayGroup): void {
    this.open.update((open) => (open === field ? undefined : field));
  }

  protected take(group: WayGroup, way: CaseWay): void {
    const [document, build] = [this.document(), this.build()];
    if (!document || !build) return;
    const value = way.value(usualOf(document), build);
    const name = `${group.title.toLowerCase()}: ${way.name.toLowerCase()}`;
    this.says.set(this.edits.apply(name, [{ path: `${this.path()}.${group.field}`, value }]) ?? '');
  }
}

function usualOf(document: Pick<JobDocument, 'unit' | 'materials'>): Usual {
  const { panel, back } = panelsOf(document);
  const solid = document.materials.find(({ kind }) => kind === 'solid');
  return {
    size: sizeIn(document.unit),
    panel,
    thin: back,
    front: solid?.id ?? panel,
  };
}

/** A job of one such case, its front in three compartments; none where it can't be read. */
function pictured({ unit, materials }: Pick<JobDocument, 'unit' | 'materials'>, build: object): Job | undefined {
  const { place: _place, ...made } = build as WrittenBuild;
  const width = made.width ?? (unit === 'in' ? '48 in' : '1200 mm');
  const layout = { id: 'A', across: [{ id: 'B' }, { id: 'C', down: [{ id: 'D' }, { id: 'E' }] }] };
  const owner = { id: 'c', name: 'c', style: 'frameless', build: { ...made, width }, layout, banks: [] };
  const reading = readJobDocument({ format: 'zabble-job', version: 1, name: 'c', unit, materials, cases: [owner] });
  return reading.ok ? reading.job : undefined;
}
