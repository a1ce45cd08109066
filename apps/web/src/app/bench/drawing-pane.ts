import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import { withThings, type BankPlan } from '@zabble/core';
import { AssemblyList } from '../drawing/assembly-list';
import { BankDrawing } from '../drawing/bank-drawing';
import { CaseBoard } from '../drawing/case-board';
import { CaseDrawing } from '../drawing/case-drawing';
import { CaseView, type OtherView } from '../drawing/case-view';
import { RoomView } from '../drawing/room-view';
import { SectionDrawing } from '../drawing/section-drawing';
import { SolidView } from '../drawing/solid/solid-view';
import { selectJob, selectPlan } from '../store/job/job.selectors';
import { SessionActions, sessionFeature, type Near } from '../store/session/session';
import { ChoiceRow, type Choice } from '../ui/choice-row';

type Sight = 'front' | 'room' | 'solid' | OtherView;

const SIGHTS: readonly Choice<Sight>[] = [
  { id: 'front', name: $localize`Front` },
  { id: 'plan', name: $localize`From above` },
  { id: 'section', name: $localize`Cut through` },
  { id: 'exploded', name: $localize`Taken apart` },
  { id: 'room', name: $localize`In the room` },
  { id: 'solid', name: $localize`Solid` },
];

/** What is on the bench, drawn: the whole case, a bank with its stick, or one drawer from the front and cut through. */
@Component({
  selector: 'z-drawing-pane',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    AssemblyList,
    BankDrawing,
    CaseBoard,
    CaseDrawing,
    CaseView,
    ChoiceRow,
    RoomView,
    SectionDrawing,
    SolidView,
  ],
  template: `<div class="flex items-start gap-2 px-3 pt-2">
      <div class="mr-auto">
        <h1 class="text-xl leading-tight font-semibold">{{ owner()?.name }}</h1>
        <p i18n class="caption">
          @if (bank().bank.basis === 'planned') {
            dashed: planned sizes, a forecast
          } @else {
            solid: sized to the opening as built
          }
        </p>
      </div>
      @if (views().length > 1) {
        <z-choice-row
          i18n-label
          label="How near"
          [choices]="views()"
          [chosen]="shown()"
          (chosenChange)="approach($event)"
        />
      }
    </div>
    @switch (shown()) {
      @case ('case') {
        @if (owner()) {
          <z-choice-row
            class="px-3 pt-1"
            i18n-label
            label="Seen from where"
            [choices]="sights()"
            [chosen]="sight()"
            (chosenChange)="wanted.set($event)"
          />
        }
        @if (sight() === 'solid') {
          @defer (on immediate) {
            <z-solid-view class="min-h-0 flex-1" [owner]="owner()!" (flat)="wanted.set('front')" />
          } @placeholder {
            <p i18n class="caption p-3">Drawing it …</p>
          } @error {
            <p i18n class="p-3 font-medium text-ochre" role="alert">
              The solid view did not come from the server. The front and the section show the same parts.
            </p>
          }
        } @else if (owner()?.casework; as casework) {
          @if (sight() === 'room') {
            <z-room-view class="min-h-0 flex-1" [owner]="owner()!" />
          } @else if (sight() === 'front') {
            <z-case-board class="min-h-0 flex-1" [plan]="owner()!" [casework]="casework" />
          } @else {
            <z-case-view
              class="min-h-0 flex-1"
              [casework]="standing() ?? casework"
              [view]="other()"
              [through]="through()"
            />
            @if (sight() === 'exploded') {
              <details class="max-h-[45%] shrink-0 overflow-y-auto border-t border-line px-3" [open]="roomy">
                <summary i18n class="flex min-h-11 cursor-pointer items-center font-medium">
                  Order of assembly, and what holds it
                </summary>
                <z-assembly-list class="pb-2" [plan]="owner()!" />
              </details>
            }
          }
        } @else if (whole(); as both) {
          <z-case-drawing
            class="min-h-0 flex-1"
            [plan]="both.plan"
            [own]="both.own"
            [chosen]="bank().path"
            (taken)="take($event)"
          />
        }
      }
      @case ('bank') {
        <z-bank-drawing class="min-h-0 flex-1" [bank]="bank()" [withPulls]="withPulls()" />
      }
      @case ('drawer') {
        <z-bank-drawing
          class="min-h-0 flex-1 max-lg:hidden"
          [bank]="bank()"
          [withPulls]="withPulls()"
          [near]="drawer()"
        />
        <z-section-drawing
          class="block max-h-[60%] shrink-0 max-lg:max-h-full max-lg:shrink overflow-y-auto border-t border-line px-3 pt-2"
          [bank]="bank()"
          [drawer]="drawer() ?? ''"
        />
      }
    }`,
  host: { class: 'flex min-h-0 flex-1 flex-col' },
})
export class DrawingPane {
  readonly bank = input.required<BankPlan>();
  readonly withPulls = input(false);
  /** The case is what is worked on: it is what is seen first. */
  readonly ofCase = input(false);
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly near = this.store.selectSignal(sessionFeature.selectNear);
  private readonly chosen = this.store.selectSignal(sessionFeature.selectDrawer);
  private readonly node = this.store.selectSignal(sessionFeature.selectNode);
  protected readonly drawer = computed(() =>
    this.bank().drawers.some(({ id }) => id === this.chosen()) ? this.chosen() : undefined,
  );
  private readonly at = computed(() =>
    (this.plan()?.cases ?? []).findIndex(({ path }) => this.bank().path.startsWith(`${path}.`)),
  );
  protected readonly owner = computed(() => this.plan()?.cases[this.at()]);
  /** With what stands in its compartments. */
  protected readonly standing = computed(() => {
    const owner = this.owner();
    return owner?.casework && withThings(owner.casework, owner);
  });
  protected readonly whole = computed(() => {
    const [plan, own] = [this.owner(), this.job()?.cases[this.at()]];
    return plan && own ? { plan, own } : undefined;
  });
  protected readonly views = computed((): readonly Choice<Near>[] => {
    const place = this.bank().drawers.find(({ id }) => id === this.drawer())?.place;
    return [
      ...((this.owner()?.banks.length ?? 0) > 0 || this.owner()?.casework
        ? [{ id: 'case' as const, name: $localize`Case` }]
        : []),
      { id: 'bank', name: $localize`Bank` },
      ...(place === undefined ? [] : [{ id: 'drawer' as const, name: $localize`Drawer ${place + 1}` }]),
    ];
  });
  /** The bank, where what was looked at is no more. */
  protected readonly shown = computed(() => this.views().find(({ id }) => id === this.near())?.id ?? 'bank');

  /** A case nobody told how it is made is seen from the front, and what is known of it as a solid. */
  protected readonly sights = computed((): readonly Choice<Sight>[] =>
    this.owner()?.casework ? SIGHTS : SIGHTS.filter(({ id }) => id === 'front' || id === 'solid'),
  );
  protected readonly wanted = signal<Sight>('front');
  protected readonly sight = computed(() => this.sights().find(({ id }) => id === this.wanted())?.id ?? 'front');
  protected readonly other = computed((): OtherView => {
    const sight = this.sight();
    return sight === 'front' || sight === 'room' || sight === 'solid' ? 'plan' : sight;
  });
  /** A section goes through the compartment that is worked on, or that of the bank on the bench. */
  protected readonly through = computed(() => this.node()?.id ?? this.bank().bank.compartment);

  /** On a narrow screen the list would leave nothing to the drawing. */
  protected readonly roomy = innerWidth >= 1024;

  constructor() {
    effect(() => {
      const near = this.ofCase() && this.owner()?.casework !== undefined ? 'case' : undefined;
      untracked(() => {
        if (near && this.near() !== near) this.approach(near);
      });
    });
  }

  protected approach(near: Near): void {
    this.store.dispatch(SessionActions.approached({ near }));
  }

  protected take(bank: string): void {
    this.store.dispatch(SessionActions.bankChosen({ bank }));
  }
}
