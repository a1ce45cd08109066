import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { drawPanel, drawRow, type BankPlan, type GrainRun, type Patch } from '@zabble/core';
import { PanelDrawing } from '../../drawing/panel-drawing';
import { JobEdits } from '../../store/job/job-edits';
import { selectJob, selectPlan } from '../../store/job/job.selectors';
import { LengthField } from '../../fields/length-field';
import { Says } from '../../ui/says';
import { Size } from '../../fields/size';

type Way = 'single' | 'down' | 'across';

/** Fronts one by one, or from one panel so that the grain runs through: down the bank, or across the case too. */
@Component({
  selector: 'z-panel-run',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, PanelDrawing, Says, Size],
  template: `<section class="flex flex-col gap-3 border-t border-line pt-4" i18n-aria-label aria-label="One panel">
    <h3 i18n class="text-lg font-semibold">One panel</h3>
    <div class="flex flex-wrap gap-1" role="group" i18n-aria-label aria-label="Fronts are cut">
      @for (each of ways(); track each.way) {
        <button
          type="button"
          class="press"
          [class.press-main]="each.way === way()"
          [attr.aria-pressed]="each.way === way()"
          (click)="take(each.way)"
        >
          {{ each.label }}
        </button>
      }
    </div>
    @if (path(); as at) {
      <div class="flex flex-wrap items-start gap-3">
        <z-length-field [path]="at + '.kerf'" i18n-label label="Kerf" [narrow]="true" />
        <z-length-field [path]="at + '.trim'" i18n-label label="Trim, both ends" [narrow]="true" />
        <z-length-field
          [path]="at + '.strip'"
          i18n-label
          label="Strip cut out"
          [narrow]="true"
          [optional]="true"
          i18n-placeholder
          placeholder="none"
        />
      </div>
      <div class="flex flex-wrap items-end gap-6">
        @for (drawn of drawings(); track drawn.label) {
          <z-panel-drawing [drawing]="drawn.drawing" [label]="drawn.label" [numbers]="drawn.numbers" />
        }
        <dl class="grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-1.5">
          @for (run of runs(); track run.says) {
            <dt class="caption">{{ run.says }}</dt>
            <dd class="text-xl"><z-size kind="part" [length]="run.run.panel.total" /></dd>
            @if (run.run.jumps.length > 0) {
              <dt i18n class="caption">The figure</dt>
              <dd i18n>
                @if (jump(run.run); as off) {
                  jumps by <z-size kind="gap" [length]="off" /> at a joint
                } @else {
                  runs through unbroken
                }
              </dd>
            }
          }
        </dl>
      </div>
      @if (withDoors()) {
        <p i18n class="caption">
          Doors of one piece come from it too where they are of the fronts’ material and the grain of fronts runs up.
        </p>
      }
    } @else {
      <p i18n class="caption">Cut from one panel, in their order, the grain runs through the fronts.</p>
    }
    <z-says [text]="says()" />
  </section>`,
})
export class PanelRun {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly job = this.store.selectSignal(selectJob);
  protected readonly says = signal('');
  private readonly owner = computed(() =>
    this.plan()?.cases.find(({ path }) => this.bank().path.startsWith(`${path}.banks`)),
  );
  protected readonly way = computed((): Way => {
    if (this.bank().bank.front.run) return 'down';
    return this.bank().run ? 'across' : 'single';
  });
  protected readonly ways = computed(() => [
    { way: 'single' as const, label: $localize`One by one` },
    { way: 'down' as const, label: $localize`From one panel, down the bank` },
    ...((this.owner()?.banks.length ?? 0) + (this.owner()?.doors.length ?? 0) > 1
      ? [{ way: 'across' as const, label: $localize`From one panel, across the case` }]
      : []),
  ]);
  /** Where the figures of the run stand; nothing where there is none. */
  protected readonly path = computed(() => {
    if (this.way() === 'single') return '';
    return this.way() === 'down' ? `${this.bank().path}.front.run` : `${this.owner()?.path}.run`;
  });
  protected readonly runs = computed(() => {
    const [down, across] = [this.bank().run, this.way() === 'across' ? this.owner()?.run : undefined];
    return [
      ...(across ? [{ says: $localize`Panel, across the case`, run: across }] : []),
      ...(down
        ? [
            {
              says: this.way() === 'down' ? $localize`Panel, along the run` : $localize`Panel, down the banks`,
              run: down,
            },
          ]
        : []),
    ];
  });
  protected readonly drawings = computed(() => {
    const owner = this.owner();
    const shared = this.job()?.cases.find(({ id }) => id === owner?.id)?.run;
    if (this.way() === 'across' && owner && shared) {
      const drawing = drawRow(owner, shared);
      const numbers = Object.fromEntries([
        ...owner.banks.flatMap((bank) => bank.drawers.map(({ id, place }) => [`${bank.id}/${id}`, place + 1] as const)),
        ...owner.doors.flatMap(({ id, leaves }) =>
          leaves.map((_, leaf) => [leaves.length > 1 ? `${id} ${leaf + 1}` : id, id] as const),
        ),
      ]);
      return drawing ? [{ drawing, label: $localize`The panel across the case with its cuts`, numbers }] : [];
    }
    const drawing = drawPanel(this.bank());
    const numbers = Object.fromEntries(this.bank().drawers.map(({ id, place }) => [id, place + 1]));
    return drawing ? [{ drawing, label: $localize`The panel with its cuts`, numbers }] : [];
  });

  protected readonly withDoors = computed(() => this.way() === 'across' && (this.owner()?.doors.length ?? 0) > 0);

  /** The largest jump, either way; nothing where the figure runs through. */
  protected jump({ jumps }: GrainRun) {
    return [...jumps].map(({ total }) => total).sort((a, b) => Math.abs(b) - Math.abs(a))[0];
  }

  protected take(way: Way): void {
    if (way === this.way()) return;
    const own = `${this.bank().path}.front.run`;
    const shared = `${this.owner()?.path}.run`;
    const value = { kerf: this.edits.usual('1/8 in', '3.2 mm'), trim: this.edits.usual('1/2 in', '10 mm') };
    const patches: readonly Patch[] = {
      single: [
        { path: own, value: undefined },
        { path: shared, value: undefined },
      ],
      down: [
        { path: own, value },
        { path: shared, value: undefined },
      ],
      across: [
        ...(this.owner()?.banks ?? []).map(({ path }) => ({ path: `${path}.front.run`, value: undefined })),
        { path: shared, value },
      ],
    }[way];
    const name = {
      single: $localize`fronts one by one`,
      down: $localize`fronts from one panel`,
      across: $localize`fronts from one panel across`,
    };
    this.says.set(this.edits.apply(name[way], patches) ?? '');
  }
}
