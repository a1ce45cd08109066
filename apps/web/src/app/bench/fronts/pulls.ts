import { OfPlan } from '../../fields/of-plan';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BankPlan, Patch } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { sessionFeature } from '../../store/session/session';
import { Choice, type AnyOption } from '../../fields/choice';
import { LengthField } from '../../fields/length-field';
import { Size } from '../../fields/size';
import { Says } from '../../ui/says';
import { size as sizeField, type WayField } from '../case/case-way';
import { WayFields } from '../case/way-fields';

const SCHOOLS = [
  { value: 'none', label: $localize`None` },
  { value: 'centre', label: $localize`In the middle` },
  { value: 'from-top', label: $localize`From the top edge` },
  { value: 'third-when-low', label: $localize`Higher on low drawers` },
] as const;

const SORTS: readonly AnyOption[] = [
  { value: 'bought', label: $localize`bought` },
  { value: 'made', label: $localize`made` },
  { value: 'grip', label: $localize`a grip cut out` },
  { value: 'none', label: $localize`none` },
];

/** Where the pulls sit and are bored. */
@Component({
  selector: 'z-pulls',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [OfPlan, LengthField, Says, Size, Choice, WayFields],
  template: `<section class="flex flex-col gap-3 border-t border-line pt-4" i18n-aria-label aria-label="Pulls">
    <h3 i18n class="text-lg font-semibold">Pulls</h3>
    <div class="flex flex-wrap gap-1" role="group" i18n-aria-label aria-label="Where pulls sit">
      @for (option of schools; track option.value) {
        <button
          zOfPlan
          type="button"
          class="press"
          [class.press-main]="option.value === school()"
          [attr.aria-pressed]="option.value === school()"
          [attr.data-path]="path() + '.school'"
          (click)="choose(option.value, option.label)"
        >
          {{ option.label }}
        </button>
      }
    </div>
    @if (pull(); as now) {
      <div class="flex flex-wrap items-start gap-3">
        @if (now.school === 'from-top') {
          <z-length-field [path]="path() + '.fromTop'" i18n-label label="Below the top edge" [narrow]="true" />
        }
        @if (now.school === 'third-when-low') {
          <z-length-field [path]="path() + '.lowUnder'" i18n-label label="Low is under" [narrow]="true" />
        }
        <z-length-field
          [path]="path() + '.centres'"
          i18n-label
          label="Bore centres"
          [narrow]="true"
          [optional]="true"
          i18n-placeholder
          placeholder="knob"
        />
        <z-length-field
          [path]="path() + '.height'"
          i18n-label
          label="Its height"
          [narrow]="true"
          [optional]="true"
          i18n-placeholder
          placeholder="any"
        />
        <z-length-field [path]="path() + '.purchase'" i18n-label label="Screw bites" [narrow]="true" />
        <z-length-field
          [path]="path() + '.twoOver'"
          i18n-label
          label="Two on fronts over"
          [narrow]="true"
          [optional]="true"
          [placeholder]="usual()"
        />
        <z-choice [path]="path() + '.count'" i18n-label label="Pulls on a front" [options]="counts" />
      </div>
      <div class="flex flex-wrap items-start gap-3">
        <z-choice
          [path]="path() + '.kind'"
          i18n-label
          label="It is"
          [options]="sorts"
          fallback="bought"
          [along]="alongKind"
        />
        <z-way-fields [path]="path()" i18n-title title="pulls" [fields]="kinds()" />
      </div>
      @if (bores(); as found) {
        <dl class="grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-1" i18n-aria-label aria-label="Bores">
          <dt i18n class="caption">Drawer {{ found.number }}, bored from its left edge at</dt>
          <dd class="flex flex-wrap gap-x-4 text-lg">
            @for (bore of found.bores; track $index) {
              <z-size kind="spacer" [length]="bore.x.total" />
            }
          </dd>
          <dt i18n class="caption">and up from its lower edge</dt>
          <dd class="text-lg"><z-size kind="spacer" [length]="found.bores[0]!.y.total" /></dd>
          @if (found.screw; as screw) {
            <dt i18n class="caption">with a screw no longer than</dt>
            <dd class="text-lg"><z-size kind="part" [length]="screw.total" /></dd>
          }
        </dl>
      }
    }
    <z-says [text]="says()" />
  </section>`,
})
export class Pulls {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly chosen = this.store.selectSignal(sessionFeature.selectDrawer);
  protected readonly says = signal('');
  protected readonly schools = SCHOOLS;
  protected readonly path = computed(() => `${this.bank().path}.front.pull`);
  protected readonly pull = computed(() => this.bank().bank.front.pull);
  protected readonly school = computed(() => this.pull()?.school ?? 'none');
  protected readonly counts = [
    { value: undefined, label: $localize`by width` },
    { value: 1, label: '1' },
    { value: 2, label: '2' },
  ];
  protected readonly usual = computed(() => this.edits.usual('24 in', '600 mm'));
  protected readonly bores = computed(() => {
    const { drawers } = this.bank();
    const drawer = drawers.find(({ id }) => id === this.chosen()) ?? drawers[0];
    if (!drawer || drawer.bores.length === 0) return undefined;
    return { number: drawer.place + 1, bores: drawer.bores, screw: drawer.dimensions['screw.pull'] };
  });

  protected readonly sorts = SORTS;
  /** One that is made, or cut out, begins with its sizes. */
  protected readonly alongKind = (kind: AnyOption['value']): readonly Patch[] => {
    const [now, size] = [this.pull(), (inches: string, metric: string) => this.edits.usual(inches, metric)];
    if (kind === 'made' && !now?.made) {
      const material = this.bank().bank.front.material;
      const made = { material, length: size('4 in', '100 mm'), height: size('5/8 in', '16 mm') };
      return [{ path: `${this.path()}.made`, value: made }];
    }
    if (kind === 'grip' && !now?.grip)
      return [{ path: `${this.path()}.grip`, value: { width: size('4 in', '100 mm'), height: size('1 in', '25 mm') } }];
    return [];
  };

  /** What of that there is to tell. */
  protected readonly kinds = computed((): readonly WayField[] => {
    const kind = this.pull()?.kind;
    return [
      sizeField('projection', $localize`Stands out`, '0'),
      ...(kind === undefined || kind === 'bought'
        ? ([{ kind: 'text', name: 'name', label: $localize`Bought by the name`, optional: true }] as const)
        : []),
      ...(kind === 'made'
        ? ([
            { kind: 'material', name: 'made.material', label: $localize`Made of` },
            sizeField('made.length', $localize`Long`),
            sizeField('made.height', $localize`High`),
            { kind: 'count', name: 'made.angle', label: $localize`Lower edge bevelled, degrees`, placeholder: '–' },
          ] as const)
        : []),
      ...(kind === 'grip'
        ? [
            sizeField('grip.width', $localize`Grip wide`),
            sizeField('grip.height', $localize`Grip high`),
            sizeField('grip.radius', $localize`Corners round by`, '0'),
            sizeField('grip.fromTop', $localize`From the top edge`, '0'),
          ]
        : []),
    ];
  });

  protected choose(school: string, label: string): void {
    const patches = school === 'none' ? [{ path: this.path(), value: undefined }] : this.along(school);
    this.says.set(this.edits.apply($localize`pulls: ${label.toLowerCase()}`, patches) ?? '');
  }

  /** A school comes with the figure it needs, and the first with a purchase. */
  private along(school: string): readonly Patch[] {
    const now = this.pull();
    const at = (field: string, value: unknown): Patch => ({ path: `${this.path()}.${field}`, value });
    return [
      at('school', school),
      ...(now?.purchase === undefined ? [at('purchase', '8 mm')] : []),
      ...(school === 'from-top' && now?.fromTop === undefined
        ? [at('fromTop', this.edits.usual('1 1/2 in', '40 mm'))]
        : []),
      ...(school === 'third-when-low' && now?.lowUnder === undefined
        ? [at('lowUnder', this.edits.usual('16 in', '400 mm'))]
        : []),
    ];
  }
}
