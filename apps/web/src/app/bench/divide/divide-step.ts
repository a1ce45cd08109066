import { CdkDrag, CdkDragHandle, CdkDropList, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BankPlan, DrawerPlan, Patch } from '@zabble/core';
import { HELD } from '../../drawing/held';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectPlan, selectShowing } from '../../store/job/job.selectors';
import { SessionActions, sessionFeature } from '../../store/session/session';
import { Choice } from '../../fields/choice';
import { Figure } from '../../fields/figure';
import { LengthField } from '../../fields/length-field';
import { NumberField } from '../../fields/number-field';
import { TextField } from '../../fields/text-field';
import { addPatch, lockPatch, removePatches, schemePatches } from './bank-edits';
import { DrawerCard } from './drawer-card';
import { movePatch } from './drawer-edits';
import { OtherWays } from './other-ways';
import { Turn } from './turn';
import { Pick } from '../../fields/pick';
import { Says } from '../../ui/says';

/** Divide: how many fronts, how they grow, which are locked. */
@Component({
  selector: 'z-divide-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    CdkDrag,
    CdkDragHandle,
    CdkDropList,
    Choice,
    DrawerCard,
    Figure,
    LengthField,
    NumberField,
    OtherWays,
    Says,
    TextField,
    Turn,
    Pick,
  ],
  templateUrl: './divide-step.html',
})
export class DivideStep {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly showing = this.store.selectSignal(selectShowing);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly plan = this.store.selectSignal(selectPlan);
  /** The other banks of the job, whose lines may come from this one. */
  protected readonly neighbours = computed(() =>
    (this.plan()?.cases ?? []).flatMap(({ banks }) => banks).filter((bank) => bank.path !== this.bank().path),
  );
  protected readonly chosen = this.store.selectSignal(sessionFeature.selectDrawer);
  /** The drawer whose wishes are laid out below the table: the chosen one, else the top one. */
  protected readonly card = computed(() => {
    const { drawers } = this.bank();
    return drawers.find(({ id }) => id === this.chosen()) ?? drawers[0];
  });
  protected readonly says = signal('');
  protected readonly schemes = [
    { value: 'equal', label: $localize`Equal` },
    { value: 'step', label: $localize`Step` },
    { value: 'ratio', label: $localize`Ratio` },
    { value: 'contents', label: $localize`By contents` },
    { value: 'manual', label: $localize`By hand` },
  ];
  protected readonly ends = computed(() => [
    { value: 'bottom', label: $localize`the bottom` },
    { value: 'top', label: $localize`the top` },
    ...this.bank().drawers.map(({ id, place, name }) => ({
      value: `drawer ${id}`,
      label: $localize`drawer ${place + 1}${name ? `, ${name}` : ''}`,
    })),
  ]);
  /** A drawer is named by its id. */
  protected readonly asMakeup = (value: string): unknown =>
    value.startsWith('drawer ') ? { drawer: value.slice('drawer '.length) } : value;
  protected readonly ofMakeup = (value: unknown): string =>
    typeof value === 'string' ? value : `drawer ${(value as { readonly drawer: string }).drawer}`;
  protected readonly scheme = computed(() => this.bank().bank.division.scheme);
  protected readonly turned = computed(() => {
    const scheme = this.scheme();
    return scheme === 'step' || scheme === 'ratio' ? scheme : undefined;
  });
  protected readonly alongScheme = computed(() => {
    const [bank, unit] = [this.bank(), this.unit()];
    return (scheme: string): readonly Patch[] => schemePatches(bank, scheme, unit);
  });

  protected add(): void {
    this.take($localize`add a drawer`, [addPatch(this.bank())]);
  }

  protected remove(drawer: DrawerPlan): void {
    this.take(
      $localize`take away drawer ${drawer.place + 1}`,
      removePatches(this.bank(), drawer.place, this.neighbours()),
    );
  }

  protected drop({ previousIndex, currentIndex }: CdkDragDrop<unknown>): void {
    const document = this.document();
    if (document && previousIndex !== currentIndex)
      this.take($localize`move drawer ${previousIndex + 1}`, [
        movePatch(document, this.bank(), previousIndex, currentIndex),
      ]);
  }

  protected lock(drawer: DrawerPlan): void {
    const number = drawer.place + 1;
    this.take(this.isLocked(drawer) ? $localize`free drawer ${number}` : $localize`lock drawer ${number}`, [
      lockPatch(this.bank(), drawer.place, this.unit()),
    ]);
  }

  protected isLocked(drawer: DrawerPlan): boolean {
    return this.bank().bank.drawers[drawer.place]?.height !== undefined;
  }

  protected why(drawer: DrawerPlan): string {
    const tie = this.bank().bank.drawers[drawer.place]?.sameAs;
    const other = tie === undefined ? undefined : this.bank().drawers.find(({ id }) => id === tie);
    if (other) return $localize`same as ${other.place + 1}`;
    if (drawer.held && drawer.held !== 'locked') return HELD[drawer.held];
    return drawer.makeup ? $localize`takes the rest` : '';
  }

  /** Trays behind a door have no fronts: they share the opening itself. */
  protected readonly trays = computed(() => this.bank().bank.front.mount === 'none');

  protected heightOf(number: number): string {
    return $localize`Front height of drawer ${number}`;
  }

  protected shareOf(number: number): string {
    return $localize`Share of tray ${number}`;
  }

  protected choose(drawer: DrawerPlan): void {
    this.store.dispatch(SessionActions.drawerChosen({ drawer: drawer.id }));
  }

  private take(name: string, patches: readonly Patch[]): void {
    this.says.set(this.edits.apply(name, patches) ?? '');
  }

  private unit() {
    return this.showing()?.unit ?? 'mm';
  }
}
