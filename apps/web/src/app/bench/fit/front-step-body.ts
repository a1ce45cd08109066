import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { boxFixings, nm, said, type BankPlan, type FrontStep, type Holding, type Length } from '@zabble/core';
import { Size } from '../../fields/size';
import { selectJob } from '../../store/job/job.selectors';
import { Speech } from '../../words/speech';

/** How it is held, school by school. */
const HELD: Readonly<Record<Holding, string>> = {
  'pull-bores': $localize`Hold it with screws through the bores of its pull.`,
  pins: $localize`Press it on the pins: they mark it and hold it.`,
  tape: $localize`Press it on: the tape holds it until it is screwed.`,
  clamps: $localize`Clamp it to the box front, with pads on its face.`,
  wedges: '',
  'drop-of-glue': $localize`Press it on and hold it for a minute.`,
  'wide-holes': $localize`Screws through the wide holes, washers under their heads, just snug: it can still be shifted.`,
};

const DOES: Readonly<Partial<Record<FrontStep['kind'], string>>> = {
  drive: $localize`Pull the drawer out and drive the screws from inside.`,
  pins: $localize`Two pins in the box front, well in from its edges; nip off their heads so that they stand proud by a hair.`,
  tape: $localize`Two strips of double-sided tape on the box front, clear of where its screws come.`,
  glue: $localize`A drop at each corner of the box front, clear of where its screws come.`,
  wide: $localize`Bore the box front wide, 8 mm (5/16 in), where its screws come; each takes a washer.`,
  tack: $localize`Brads from inside through the box front, so that it stays when the wedges are drawn.`,
  bored: $localize`Bore through the box front from inside while it is clamped, with a stop on the bit.`,
  shift: $localize`Shift it on its spacers until the gaps are even, then drive the screws home.`,
  bores: $localize`Bore for its pull from the face, with a backing behind it.`,
};
const SCREWED: ReadonlySet<FrontStep['kind']> = new Set<FrontStep['kind']>(['drive', 'wide', 'bored', 'shift']);

/** What is done in one step of hanging the fronts, with its sizes. */
@Component({
  selector: 'z-front-step-body',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Size],
  template: `@switch (step().kind) {
    @case ('reveal') {
      <p i18n>
        As thick as the gap:
        @if (step().gap; as gap) {
          <b class="text-5xl font-semibold"><z-size kind="gap" [length]="gap" [unit]="true" /></b>
        }
      </p>
      @if (step().first; as first) {
        <p i18n class="text-base">Against the opening <z-size kind="spacer" [length]="first" [unit]="true" />.</p>
      }
      @if (step().beside; as beside) {
        <p i18n class="text-base">
          Beside the fronts <z-size kind="gap" [length]="beside.left" /> on the left,
          <z-size kind="gap" [length]="beside.right" /> on the right.
        </p>
      }
    }
    @case ('hold') {
      @let ledge = step().ledge;
      @let gap = step().gap;
      @if (ledge !== undefined) {
        <p i18n>
          Ledge or line at
          <b class="text-3xl font-semibold"><z-size kind="spacer" [length]="size(ledge)" [unit]="true" /></b>
          @if (ledge < 0) {
            below
          } @else {
            above
          }
          the opening’s floor
        </p>
      } @else if (gap !== undefined) {
        <p i18n>
          On spacers of <b class="text-3xl font-semibold"><z-size kind="gap" [length]="gap" [unit]="true" /></b>
        </p>
      }
      <p>{{ held() }}</p>
    }
    @case ('wedges') {
      <p i18n>
        Wedges all round
        @if (step().gap; as gap) {
          at <b class="text-3xl font-semibold"><z-size kind="gap" [length]="gap" [unit]="true" /></b>
        } @else {
          on its ledge
        }
        until its gaps are even.
      </p>
    }
    @case ('pull') {
      <p>{{ last() }}</p>
      @if (step().screw; as screw) {
        <p i18n>
          Screw <b class="text-3xl font-semibold"><z-size kind="part" [length]="screw.total" [unit]="true" /></b>
        </p>
      }
    }
    @default {
      <p>{{ does() }}</p>
      @if (screws(); as so) {
        <p class="text-base">{{ so }}</p>
      }
      @if (step().screw; as screw) {
        <p i18n>
          None longer than
          <b class="text-3xl font-semibold"><z-size kind="part" [length]="screw.total" [unit]="true" /></b>
        </p>
      }
    }
  }`,
  host: { class: 'contents' },
})
export class FrontStepBody {
  readonly step = input.required<FrontStep>();
  readonly bank = input.required<BankPlan>();
  private readonly job = inject(Store).selectSignal(selectJob);
  private readonly speech = inject(Speech);
  private readonly school = computed(() => this.step().holding ?? 'pull-bores');
  protected readonly held = computed(() =>
    this.school() === 'pull-bores' && this.step().bores === 0
      ? $localize`It has no bores yet: hold it with double-sided tape and clamps.`
      : HELD[this.school()],
  );
  protected readonly does = computed(() => DOES[this.step().kind] ?? '');
  /** The same bores hold it first only where its school has them bored before. */
  protected readonly last = computed(() =>
    this.school() === 'pull-bores'
      ? $localize`Take the holding screws out; the pull goes in the same bores.`
      : $localize`In the bores that were made for it.`,
  );
  /** How many screws its box front takes, where one is driven or bored for. */
  protected readonly screws = computed(() => {
    const [job, drawer] = [this.job(), this.bank().drawers[this.step().place ?? -1]];
    if (!job || !drawer || !SCREWED.has(this.step().kind)) return '';
    const found = boxFixings(job, this.bank(), drawer).find(({ one, count }) => one === 'drawer-front' && count > 0);
    return found ? this.speech.say(said('fixing', { kind: 'screw', count: found.count, long: found.long })) : '';
  });

  protected size(length: Length): Length {
    return nm(Math.abs(length));
  }
}
