import { DEVICE_NAMES } from '../../words/place-names';
import { ReactiveFormsModule } from '@angular/forms';
import { lengthControl, LengthInput, whyNoLength } from '../../ui/length-input';
import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { Store } from '@ngrx/store';
import { inMillimetres, millimetres, type Length } from '@zabble/core';
import { of, startWith, switchMap } from 'rxjs';
import { selectShowing } from '../../store/job/job.selectors';
import { isWriting } from '../../ui/is-writing';
import { Says } from '../../ui/says';
import { Size } from '../../fields/size';
import { MeasuringDevice } from '../measure/measuring-device';

/** A size as it was taken, and by what. */
export interface TakenSize {
  readonly length: Length;
  readonly device: 'typed' | 'laser' | 'caliper';
}

const LOW = 15;

/** One reading: typed as on wood, or taken from the device that suits it with one key. */
@Component({
  selector: 'z-reading-entry',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthInput, ReactiveFormsModule, Says, Size],
  template: `<div class="flex flex-col gap-2 rounded border border-line bg-board px-3 py-3">
    <div class="flex flex-wrap items-center gap-x-3 gap-y-2">
      <label class="flex min-w-0 flex-1 items-center gap-2">
        <span class="sr-only">{{ label() }}</span>
        <input
          class="write min-h-14 w-40 min-w-0 flex-1 text-2xl"
          type="text"
          [zLength]="unit()"
          i18n-placeholder
          placeholder="size, {{ unit() }}"
          [formControl]="size"
          (keydown.enter)="keep()"
        />
      </label>
      <button i18n type="button" class="press press-main min-h-14 px-6 text-lg" (click)="keep()">Keep</button>
    </div>
    <div class="flex flex-wrap items-center gap-x-3 gap-y-2">
      @if (on()) {
        <p class="flex min-w-36 items-baseline text-3xl font-semibold" data-device>
          @if (reading(); as read) {
            <z-size kind="reading" [length]="lengthOf(read.mm)" [unit]="true" />
          } @else {
            <span i18n class="text-base font-normal" role="status">waiting for the {{ names[device()] }} …</span>
          }
        </p>
        <button
          i18n
          type="button"
          class="press press-main min-h-14 flex-1 px-6 text-lg"
          [disabled]="!reading()"
          (click)="take()"
        >
          Take it <kbd class="font-normal opacity-80 max-sm:hidden">t</kbd>
        </button>
        <button i18n type="button" class="press min-h-14" (click)="on.set(false)">Off</button>
        <p i18n class="caption w-full" role="status">
          @if (reading(); as read) {
            <span [class.text-lead]="read.battery < low" [class.font-medium]="read.battery < low"
              >{{ read.mm }} mm, battery {{ read.battery }} %{read.battery < low, select,
                true {: low, charge it}
                other {}
              }.</span
            >
          }
          Simulated: what it reads is made up.
        </p>
      } @else {
        <button i18n type="button" class="press min-h-14" (click)="on.set(true)">
          @if (device() === 'laser') {
            Laser measure
          } @else {
            Caliper
          }
        </button>
        <span i18n class="caption">Simulated; a real one would send the same.</span>
      }
    </div>
    <z-says [text]="says()" />
  </div>`,
  host: { '(document:keydown.t)': 'key($event)' },
})
export class ReadingEntry {
  private readonly speech = inject(Speech);
  readonly label = input.required<string>();
  readonly device = input.required<'laser' | 'caliper'>();
  /** The size as it is known so far, and which of its places. */
  readonly about = input.required<Length>();
  readonly place = input(0);
  readonly taken = output<TakenSize>();
  protected readonly names = DEVICE_NAMES;
  private readonly devices = inject(MeasuringDevice);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  protected readonly unit = computed(() => this.showing()?.unit ?? 'mm');
  protected readonly size = lengthControl();
  protected readonly says = signal('');
  protected readonly on = signal(false);
  protected readonly low = LOW;
  private readonly aim = computed(
    () =>
      this.on()
        ? { device: this.device(), about: Math.max(1, inMillimetres(this.about())), place: this.place() }
        : undefined,
    { equal: (a, b) => a?.about === b?.about && a?.place === b?.place && a?.device === b?.device },
  );
  protected readonly reading = toSignal(
    toObservable(this.aim).pipe(
      switchMap((aim) => (aim ? this.devices.readings(aim.device, aim).pipe(startWith(undefined)) : of(undefined))),
    ),
  );

  protected lengthOf(mm: number): Length {
    return millimetres(mm);
  }

  protected keep(): void {
    const length = this.size.value;
    if (length === undefined) {
      this.says.set(this.speech.say(whyNoLength(this.size)));
      return;
    }
    this.says.set('');
    this.size.reset();
    this.taken.emit({ length, device: 'typed' });
  }

  protected take(): void {
    const read = this.reading();
    if (read) this.taken.emit({ length: millimetres(read.mm), device: read.device });
  }

  protected key(event: Event): void {
    const { altKey, ctrlKey, metaKey } = event as KeyboardEvent;
    if (!this.on() || isWriting(event) || altKey || ctrlKey || metaKey) return;
    this.take();
    event.preventDefault();
  }
}
