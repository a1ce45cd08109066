import { Follows } from './follows';
import { PLACE_NAMES } from '../../words/place-names';
import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  isBought,
  stackSaid,
  turnBasis,
  usualBuildOutStock,
  valueAt,
  writeExact,
  type BankPlan,
  type Length,
  type Patch,
} from '@zabble/core';
import { OpeningDrawing } from '../../drawing/opening-drawing';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectJob, selectShowing } from '../../store/job/job.selectors';
import { Choice } from '../../fields/choice';
import { Figure } from '../../fields/figure';
import { LengthField } from '../../fields/length-field';
import { Many } from '../../fields/many';
import { Size } from '../../fields/size';
import { MaterialsState } from '../materials/materials-state';
import { Against } from './against';
import { Laser } from './laser';
import { Readings } from './readings';

/** Measure: the opening as measured, or as planned. */
@Component({
  selector: 'z-measure-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Follows, Against, Choice, Figure, Laser, LengthField, Many, OpeningDrawing, Readings, Size],
  templateUrl: './measure-step.html',
})
export class MeasureStep {
  private readonly speech = inject(Speech);
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly materials = inject(MaterialsState);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly sizes = [
    { size: 'width', label: $localize`Width` },
    { size: 'height', label: $localize`Height` },
    { size: 'depth', label: $localize`Depth` },
  ] as const;
  protected readonly bases = [
    { value: 'planned', label: $localize`Planned` },
    { value: 'as-built', label: $localize`As built` },
  ];
  /** From where a depth is measured. */
  protected readonly depthFrom = computed(() =>
    this.framed()
      ? $localize`From the face of the frame to the inside of the back.`
      : $localize`From the front edge of the case’s sides to the inside of the back.`,
  );
  private readonly framed = computed(() => {
    const owner = this.bank().path.replace(/\.banks\[\d+\]$/, '');
    return valueAt(this.document(), `${owner}.style`) === 'face-frame';
  });
  private readonly job = this.store.selectSignal(selectJob);
  protected readonly stock = computed(() =>
    (this.job()?.materials ?? []).map(({ id, name }) => ({ value: id, label: name })),
  );
  protected readonly rests = [
    { value: undefined, label: $localize`to be mended` },
    { value: 'packed', label: $localize`packed` },
    { value: 'planed', label: $localize`nothing: all planed to fit` },
  ];
  protected readonly behinds = [
    { value: undefined, label: $localize`nothing yet` },
    { value: 'strips', label: $localize`strips` },
    { value: 'blocking', label: $localize`blocking` },
  ];
  /** Slides under the boxes, behind a face frame. */
  protected readonly under = computed(
    () => this.framed() && this.bank().drawers.some(({ family }) => family.seat === 'bay' && isBought(family)),
  );
  /** How the build-outs come out, side by side. */
  protected readonly stacks = computed(() => {
    const { buildOut } = this.bank();
    const job = this.job();
    if (!buildOut || !job) return [];
    return (['left', 'right'] as const).map((side) => ({
      side,
      off: buildOut[side].off.total !== 0,
      says: `${side === 'left' ? $localize`Left` : $localize`Right`}: ${this.speech.say(stackSaid(buildOut[side], job.materials))}`,
    }));
  });
  /** What build-outs are made up from where nobody says. */
  protected readonly usualStock = computed(() => {
    const job = this.job();
    return job ? usualBuildOutStock(job).map(({ id }) => id) : [];
  });
  /** Planned in a compartment: its sizes are not written here, they follow from the case. */
  protected readonly follows = computed(() => {
    const { compartment, basis } = this.bank().bank;
    return compartment !== undefined && basis === 'planned';
  });
  protected readonly hasDiagonals = computed(() => this.stands('.opening.diagonals'));
  protected readonly hasBuildOut = computed(() => this.stands('.buildOut'));
  protected readonly rack = computed(() => {
    const rack = this.bank().opening.rack;
    return rack === undefined || rack === 0
      ? undefined
      : { size: Math.abs(rack) as Length, side: PLACE_NAMES[rack > 0 ? 'right' : 'left'] };
  });

  /** The readings of the other basis come with it; those there were are set aside. */
  protected readonly alongBasis = (): readonly Patch[] => {
    const document = this.document();
    return document ? turnBasis(document, this.bank().path) : [];
  };

  /** The bank nobody asks about any more. */
  protected readonly answered = signal('');
  /** Planned, and nothing was ever measured of it: asked once, before somebody turns planned sizes into built ones. */
  protected readonly asks = computed(() => {
    const { path, bank } = this.bank();
    return bank.basis === 'planned' && !bank.aside && this.answered() !== path;
  });

  /** What was typed was measured: it stands as built, and nothing is set aside. */
  protected measured(): void {
    this.edits.apply($localize`sizes measured at the case`, [{ path: `${this.bank().path}.basis`, value: 'as-built' }]);
  }

  /** Diagonals start as a square opening would have them, to the nearest sixty-fourth or half millimetre. */
  protected addDiagonals(): void {
    const { width, height } = this.bank().opening;
    const grain = this.showing()?.unit === 'in' ? 396_875 : 500_000;
    const square = (Math.round(Math.hypot(width.total, height.total) / grain) * grain) as Length;
    const value = writeExact(square, this.showing()?.unit ?? 'mm');
    this.edits.apply($localize`add diagonals`, [
      { path: `${this.bank().path}.opening.diagonals`, value: [value, value] },
    ]);
  }

  /** Made there and then, and used for the build-outs with those that are. */
  protected anotherStock(): void {
    const path = `${this.bank().path}.buildOut.from`;
    const made = (id: string): void => {
      const from = valueAt(this.document(), path) as readonly string[] | undefined;
      if (from && !from.includes(id))
        this.edits.apply($localize`build-outs made up from`, [{ path, value: [...from, id] }]);
    };
    void this.materials.open({ made, what: $localize`build-outs` });
  }

  protected addBuildOut(): void {
    const value = this.edits.usual('3/4 in', '18 mm');
    this.edits.apply($localize`add build-outs`, [
      { path: `${this.bank().path}.buildOut`, value: { left: value, right: value } },
    ]);
  }

  protected drop(field: 'opening.diagonals' | 'buildOut', name: string): void {
    this.edits.apply($localize`take away ${name}`, [{ path: `${this.bank().path}.${field}`, value: undefined }]);
  }

  private stands(field: string): boolean {
    return valueAt(this.document(), `${this.bank().path}${field}`) !== undefined;
  }
}
