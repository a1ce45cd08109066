import { tap } from 'rxjs';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import { Speech } from '../words/speech';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
  type OnDestroy,
} from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import {
  readLength,
  readSignedFileLength,
  readSignedLength,
  valueAt,
  writeBare,
  writeExact,
  type Length,
  type Patch,
  type Unit,
} from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { jobFeature } from '../store/job/job.reducer';
import { selectShowing } from '../store/job/job.selectors';
import { Size } from './size';
import { Writing } from '../ui/writing';

/** How long after the last key a length that reads whole counts as written. */
const PAUSE = 900;
/** What ends so is still being written. */
const OPEN_END = /[-+*/×÷(.,\s]$/;
let sittings = 0;

/** One length told by another: a reveal by the gap that holds a rail and two of them. */
export interface ShownAs {
  readonly shown: (kept: Length) => Length;
  readonly kept: (shown: Length) => Length;
}

/**
 * A measured length, written as on wood: fractions, either unit, short sums. What can’t be read stays as typed with a
 * sentence beneath, and the plan stays as it was.
 */
@Component({
  selector: 'z-length-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Size],
  templateUrl: './length-field.html',
})
export class LengthField implements OnDestroy {
  /** Path of the length in the job document. */
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  /** What the edit is called in undo: “width reading 2”. */
  readonly name = input<string>();
  readonly hideLabel = input(false);
  /** An empty field takes the length out of the job. */
  readonly optional = input(false);
  /** Shown in an empty field. */
  readonly placeholder = input('');
  readonly narrow = input(false);
  /** It may be under nothing: a place left of where one counts from. */
  readonly signed = input(false);
  /** Where the job has another length than the one asked for: what is shown of it, and what is kept of what is written. */
  readonly as = input<ShownAs>();
  /** Changes that go with this one. */
  readonly along = input<readonly Patch[]>([]);

  protected readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly writing = inject(Writing);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly showing = inject(Store).selectSignal(selectShowing);
  protected readonly control = new FormControl('', { nonNullable: true });
  private readonly text = signal('');
  protected readonly says = signal('');
  private readonly sitting = signal(0);
  private timer: ReturnType<typeof setTimeout> | undefined;
  /** What stood in the job when someone came into the field. */
  private before: readonly Patch[] = [];
  private readonly written = { half: () => this.isHalf(), settle: () => this.settleNow() };

  protected readonly id = computed(() => `field-${this.path().replace(/[^A-Za-z0-9]+/g, '-')}`);
  private readonly kept = computed((): Length | undefined => {
    const written = valueAt(this.document(), this.path());
    const read = typeof written === 'string' ? readSignedFileLength(written) : undefined;
    return read?.ok ? (this.as()?.shown(read.value) ?? read.value) : undefined;
  });
  /** How bare numbers are read and kept ones are told; another edit of the job leaves what is written here alone. */
  private readonly unit = computed(() => this.showing()?.unit);
  /** What was read, where it isn't what stands in the field. */
  protected readonly echo = computed((): Length | undefined => {
    const showing = this.showing();
    if (!showing || this.says() !== '' || this.text().trim() === '') return undefined;
    const read = readSignedLength(this.text(), showing.unit);
    if (!read.ok || this.plain(read.value) === this.text().trim()) return undefined;
    return read.value;
  });

  constructor() {
    rxMethod<string>(tap((text) => this.typed(text)))(this.control.valueChanges);
    effect(() => {
      const kept = this.kept();
      this.unit();
      untracked(() => {
        if (this.sitting() === 0) this.settle(kept);
      });
    });
  }

  /** A step gone to by its key takes the field away: what was just written is taken first. */
  ngOnDestroy(): void {
    this.writing.left(this.written);
    if (this.pause()) this.take();
  }

  protected started(event: FocusEvent): void {
    sittings += 1;
    this.sitting.set(sittings);
    const paths = [this.path(), ...this.along().map(({ path }) => path)];
    this.before = paths.map((path) => ({ path, value: valueAt(this.document(), path) }));
    this.writing.entered(this.written);
    (event.target as HTMLInputElement).select();
  }

  private typed(text: string): void {
    this.text.set(text);
    this.pause();
    this.timer = setTimeout(() => {
      if (this.isWhole(this.text())) {
        this.timer = undefined;
        this.take();
      } else this.says.set(this.amiss(this.text()));
    }, PAUSE);
  }

  /**
   * Whether a text someone pauses at is a whole length and no beginning of one: it reads, it does not end open, and it is
   * not another size altogether than what stands, as `3` is on the way to `35 3/8`.
   */
  private isWhole(text: string): boolean {
    const [kept, showing] = [this.kept(), this.showing()];
    if (kept === undefined || !showing || OPEN_END.test(text)) return false;
    const read = readSignedLength(text, showing.unit);
    if (!read.ok) return false;
    const [now, before] = [Math.abs(read.value), Math.abs(kept)];
    return 2 * now >= before && now <= 2 * before;
  }

  /** What can't be read of a text that does not end open, told at a pause; nothing is taken. */
  private amiss(text: string): string {
    const showing = this.showing();
    if (!showing || text.trim() === '' || OPEN_END.test(text)) return '';
    const read = this.read(text, showing.unit);
    return read.ok ? '' : this.speech.say(read.wrong);
  }

  private isHalf(): boolean {
    const kept = this.kept();
    return this.text().trim() !== (kept === undefined ? '' : this.plain(kept));
  }

  private settleNow(): void {
    this.pause();
    this.settle(this.kept());
    this.stands();
  }

  /** Leaving the field: a length is set neatly, anything else stays as typed with its sentence. */
  protected left(): void {
    this.enter();
    this.writing.left(this.written);
    this.sitting.set(0);
  }

  protected enter(): void {
    this.pause();
    this.take();
    if (this.says() !== '') return;
    this.settle(this.kept());
    this.stands();
  }

  /** What is in the job now is what stands. */
  private stands(): void {
    this.before = this.before.map(({ path }) => ({ path, value: valueAt(this.document(), path) }));
  }

  /** What stood when someone came into the field, a pause on the way or not. */
  protected escape(): void {
    this.pause();
    this.says.set('');
    this.edits.apply(this.title(), this.before, this.merge());
    this.settle(this.kept());
  }

  /** Ends the wait for the next key; true when there was one. */
  private pause(): boolean {
    const waiting = this.timer !== undefined;
    clearTimeout(this.timer);
    this.timer = undefined;
    return waiting;
  }

  private take(): void {
    const showing = this.showing();
    if (!showing) return;
    const text = this.text().trim();
    if (text === '' && this.optional()) {
      this.says.set(
        this.edits.apply($localize`clear ${this.title()}`, [{ path: this.path(), value: undefined }], this.merge()) ??
          '',
      );
      return;
    }
    const kept = this.kept();
    if (kept !== undefined && text === this.plain(kept)) {
      this.says.set('');
      return;
    }
    const read = this.read(text, showing.unit);
    this.says.set(read.ok ? (this.put(read.value) ?? '') : this.speech.say(read.wrong));
  }

  /** Under nothing only where that may be. */
  private read(text: string, unit: Unit): ReturnType<typeof readLength> {
    return this.signed() ? readSignedLength(text, unit) : readLength(text, unit);
  }

  private put(length: Length): string | undefined {
    const showing = this.showing();
    const value = writeExact(this.as()?.kept(length) ?? length, showing?.unit ?? 'mm');
    return this.edits.apply(this.title(), [{ path: this.path(), value }, ...this.along()], this.merge());
  }

  private settle(kept: Length | undefined): void {
    this.says.set('');
    const text = kept === undefined ? '' : this.plain(kept);
    this.text.set(text);
    this.control.setValue(text, { emitEvent: false });
  }

  /** As the field shows a kept length: exactly, in the job’s unit where it is whole there. */
  private plain(length: Length): string {
    return writeBare(length, this.showing()?.unit ?? 'mm');
  }

  private title(): string {
    return this.name() ?? this.label().toLowerCase();
  }

  private merge(): string {
    return `${this.path()}#${this.sitting()}`;
  }
}
