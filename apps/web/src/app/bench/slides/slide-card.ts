import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  lengthListOf,
  slideTable,
  writeExact,
  type BankPlan,
  type Length,
  type Patch,
  type SlideFamily,
  withoutLength,
} from '@zabble/core';
import { selectJob, selectShowing } from '../../store/job/job.selectors';
import { LengthField } from '../../fields/length-field';
import { Pick } from '../../fields/pick';
import { Size } from '../../fields/size';
import { LENGTH_LISTS, offeredLength } from './length-lists';

/** The slide: its family, its length, and the figures of the row that are used. */
@Component({
  selector: 'z-slide-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, Pick, Size],
  templateUrl: './slide-card.html',
})
export class SlideCard {
  private readonly speech = inject(Speech);
  readonly bank = input.required<BankPlan>();
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly families = computed(() => {
    const job = this.job();
    return job
      ? [...slideTable(job).values()].map(({ id, called }) => ({ value: id, label: this.speech.say(called) }))
      : [];
  });
  protected readonly family = computed(() => {
    const job = this.job();
    return job && slideTable(job).get(this.bank().bank.slide.family);
  });
  private readonly list = computed(() => {
    const [job, family] = [this.job(), this.family()];
    return job && family && lengthListOf(job, family, this.bank().bank.slide);
  });
  /** Lengths on offer; a family of any length has a field instead. */
  protected readonly lengths = computed(() => {
    const showing = this.showing();
    const longest = { value: '', label: $localize`Longest that fits` };
    const list = this.list()?.list;
    if (!list || !showing) return undefined;
    return [
      longest,
      ...list.map((each) => ({
        value: this.exact(each),
        label: offeredLength(each, this.listUnit(), showing),
      })),
    ];
  });
  protected readonly figures = computed(() => {
    const [family, list] = [this.family(), this.list()];
    return family && list ? figuresOf(family, list.boxShorter) : [];
  });
  protected readonly lists = [{ value: '', label: $localize`as the job` }, ...LENGTH_LISTS];
  protected readonly forgetLengthAlone = (): readonly Patch[] => [
    { path: `${this.bank().path}.slide.length`, value: undefined },
  ];
  /** A length of one family is seldom on the list of another. */
  protected readonly forgetLength = (): readonly Patch[] => withoutLength(this.bank().path);

  private exact(length: Length): string {
    return writeExact(length, this.listUnit());
  }

  protected weight(kilograms: number): string {
    return this.speech.words().weight(kilograms);
  }

  private listUnit(): 'in' | 'mm' {
    return this.bank().bank.slide.lengths ?? this.job()?.unit ?? 'mm';
  }
}

function figuresOf(family: SlideFamily, boxShorter: Length) {
  const row = (figure: string, label: string, size: Length | undefined) => ({ figure, label, size });
  return [
    row('side', $localize`each side`, family.basis === 'outside' ? family.side : undefined),
    row(
      'insideDeduction',
      $localize`opening less inside`,
      family.basis === 'inside' ? family.insideDeduction : undefined,
    ),
    row('narrowBy', $localize`may be narrower by`, family.narrowBy),
    row('parallel', $localize`case true to`, family.parallel),
    row('square', $localize`diagonals alike to`, family.square),
    row('top', $localize`clear above`, family.top),
    row('bottom', $localize`clear below`, family.bottom),
    row('profile', $localize`its own height`, family.profile),
    row('setback', $localize`set-back`, family.setback),
    row('boxShorter', $localize`box shorter by`, boxShorter === 0 ? undefined : boxShorter),
    row('recess', $localize`bottom raised by`, family.recess),
    row('maxSide', $localize`sides up to`, family.maxSide),
    row('adjust.height', $localize`adjusts up by`, family.adjust?.height),
    row('adjust.sideways', $localize`adjusts sideways by`, family.adjust?.sideways),
    row('adjust.depth', $localize`adjusts in and out by`, family.adjust?.depth),
    row('adjust.tilt', $localize`tilts by`, family.adjust?.tilt),
  ].filter((each): each is { figure: string; label: string; size: Length } => each.size !== undefined);
}
