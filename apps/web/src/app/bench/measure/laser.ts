import { PLACE_NAMES, SIZE_NAMES } from '../../words/place-names';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { Store } from '@ngrx/store';
import {
  inMillimetres,
  millimetres,
  readingLength,
  turnBasis,
  valueAt,
  writeLength,
  type BankPlan,
  type OpeningReadingOf,
  type Patch,
} from '@zabble/core';
import { of, startWith, switchMap } from 'rxjs';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { isWriting } from '../../ui/is-writing';
import { Says } from '../../ui/says';
import { Size } from '../../fields/size';
import { MeasuringDevice } from './measuring-device';
import { nextPlace, placed } from './reading-places';

const SIZES = [
  { size: 'width', label: $localize`Width` },
  { size: 'height', label: $localize`Height` },
  { size: 'depth', label: $localize`Depth` },
] as const;
type Measured = (typeof SIZES)[number]['size'];

/** The laser measure: what it reads as it is held, which size it fills, and one key that takes the reading. */
@Component({
  selector: 'z-laser',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says, Size],
  template: `<section
    class="flex flex-col gap-2 rounded border border-line bg-board px-3 py-2"
    i18n-aria-label
    aria-label="Laser measure"
  >
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
      @if (on()) {
        <div class="flex gap-1" role="group" i18n-aria-label aria-label="The laser fills">
          @for (each of sizes; track each.size) {
            <button
              type="button"
              class="press"
              [class.press-main]="each.size === size()"
              [attr.aria-pressed]="each.size === size()"
              (click)="size.set(each.size)"
            >
              {{ each.label }}
            </button>
          }
        </div>
        <p class="flex min-w-40 items-baseline gap-2 text-3xl font-semibold" data-laser>
          @if (reading(); as read) {
            <z-size kind="reading" [length]="lengthOf(read.mm)" [unit]="true" />
          } @else {
            <span i18n class="text-base font-normal" role="status">waiting for the laser …</span>
          }
        </p>
        <button i18n type="button" class="press press-main px-6" [disabled]="!reading()" (click)="take()">
          Take {{ sizeName() }} {{ next() + 1 }}{{ placesSaid() }}
          <kbd class="font-normal opacity-80 max-sm:hidden">t</kbd>
        </button>
        <button i18n type="button" class="press" (click)="on.set(false)">Off</button>
      } @else {
        <button i18n type="button" class="press" (click)="on.set(true)">Laser measure</button>
        <p i18n class="caption min-w-0 flex-1 max-sm:basis-full">
          Simulated: what it reads is made up, a little off the size known so far.
        </p>
      }
    </div>
    @if (on()) {
      <p i18n class="caption" role="status">
        @if (reading(); as read) {
          {{ read.mm.toFixed(1) }} mm, reading {{ read.number }}, battery {{ read.battery }} %.
        }
        @if (taken()) {
          Taken: {{ taken() }}.
        } @else if (planned()) {
          Simulated. Taking one turns these sizes to as built; the planned ones are kept beside them.
        } @else {
          Simulated: what it reads is made up.
        }
      </p>
    }
    <z-says [text]="says()" />
  </section>`,
  host: { '(document:keydown.t)': 'key($event)' },
})
export class Laser {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly device = inject(MeasuringDevice);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly sizes = SIZES;
  protected readonly on = signal(false);
  protected readonly size = signal<Measured>('width');
  protected readonly sizeName = computed(() => SIZE_NAMES[this.size()]);
  protected readonly placesSaid = computed(() =>
    this.place()
      .map((each) => `, ${PLACE_NAMES[each]}`)
      .join(''),
  );
  protected readonly says = signal('');
  protected readonly taken = signal('');
  protected readonly planned = computed(() => this.bank().bank.basis === 'planned');
  /** The readings are not of the built case yet: the first one taken stands in their place. */
  private readonly unmeasured = computed(() => {
    const { opening, aside } = this.bank().bank;
    const size = this.size();
    return this.planned() || (aside !== undefined && JSON.stringify(aside[size]) === JSON.stringify(opening[size]));
  });
  protected readonly next = computed(() => (this.unmeasured() ? 0 : this.bank().bank.opening[this.size()].length));
  /** Where the next reading is asked for. */
  protected readonly place = computed(() => {
    const readings = valueAt(this.document(), `${this.bank().path}.opening.${this.size()}`);
    return nextPlace(this.size(), this.unmeasured() ? [] : (readings as readonly OpeningReadingOf<string>[]));
  });
  /** Held about the size as it is planned: what is read does not move with what was taken. */
  private readonly aim = computed(
    () => {
      const { opening, aside } = this.bank().bank;
      const [about] = (this.planned() ? opening : (aside ?? opening))[this.size()];
      return this.on() && about !== undefined
        ? { about: inMillimetres(readingLength(about)), place: this.next() }
        : undefined;
    },
    { equal: (a, b) => a?.about === b?.about && a?.place === b?.place },
  );
  protected readonly reading = toSignal(
    toObservable(this.aim).pipe(
      switchMap((aim) => (aim ? this.device.readings('laser', aim).pipe(startWith(undefined)) : of(undefined))),
    ),
  );

  protected lengthOf(mm: number) {
    return millimetres(mm);
  }

  protected key(event: Event): void {
    const { altKey, ctrlKey, metaKey } = event as KeyboardEvent;
    if (!this.on() || isWriting(event) || altKey || ctrlKey || metaKey) return;
    this.take();
    event.preventDefault();
  }

  protected take(): void {
    const [read, document, showing] = [this.reading(), this.document(), this.showing()];
    if (!read || !document || !showing) return;
    const { path } = this.bank();
    const [size, next] = [this.size(), this.next()];
    const at = `${path}.opening.${size}`;
    const place = this.place();
    const value = placed(`${read.mm.toFixed(1)} mm`, place);
    const turned = this.planned() && valueAt(document, `${path}.basis`) === 'planned' ? turnBasis(document, path) : [];
    const patch: Patch = this.unmeasured() ? { path: at, value: [value] } : { path: `${at}[${next}]`, value };
    const refused = this.edits.apply($localize`laser: ${this.sizeName()} ${next + 1}`, [...turned, patch]);
    this.says.set(refused ?? '');
    if (refused === undefined)
      this.taken.set(
        `${[`${this.sizeName()} ${next + 1}`, ...place.map((each) => PLACE_NAMES[each])].join(', ')}, ${writeLength(millimetres(read.mm), 'reading', showing, { unit: true, mark: true })}`,
      );
  }
}
