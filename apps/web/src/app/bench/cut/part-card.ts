import { lengthControl, LengthInput, whyNoLength } from '../../ui/length-input';
import { Say } from '../../words/say';
import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { drawerOfJob, writeExact, type CutPart, materialCalled } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { PartDrawing } from '../../drawing/part-drawing';
import { Says } from '../../ui/says';
import { Size } from '../../fields/size';
import { CutState } from './cut-state';
import { cutPatch, releasePatch } from './records';
import { Who } from '../../device/who';

/** One part: its size, what is worked into it, when it may be cut, and how it came out. */
@Component({
  selector: 'z-part-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthInput, PartDrawing, ReactiveFormsModule, Say, Says, Size],
  templateUrl: './part-card.html',
})
export class PartCard {
  readonly part = input.required<CutPart>();
  protected readonly state = inject(CutState);
  private readonly speech = inject(Speech);
  private readonly edits = inject(JobEdits);
  protected readonly who = inject(Who);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly when = computed(() => this.speech.plain(`when/${this.part().release}`));
  protected readonly says = signal('');
  protected readonly unit = computed(() => this.showing()?.unit ?? 'mm');
  protected readonly length = lengthControl();
  protected readonly width = lengthControl();
  protected readonly wrong = new FormControl('', { nonNullable: true });
  protected readonly reason = new FormControl('', { nonNullable: true });
  protected readonly name = new FormControl('', { nonNullable: true });
  protected readonly drawer = computed(() => {
    const plan = this.state.plan();
    const drawer = plan && drawerOfJob(plan, this.part());
    return drawer ? this.speech.say(drawer) : '';
  });
  protected readonly of = computed(() => materialCalled(this.part().material));
  protected readonly free = computed(() => this.part().release === 'now');
  protected readonly works = computed(() =>
    this.part().machining.map(({ kind, where, sizes }) => ({
      says: `${this.speech.plain(`cut/${kind}`)}, ${this.speech.plain(`cut-at/${where}`)}`,
      sizes: Object.entries(sizes).map(([size, { total }]) => ({ name: WORDS[size] ?? size, total })),
    })),
  );

  constructor() {
    this.name.setValue(this.who.name());
    effect(() => {
      const { length, width } = this.part();
      untracked(() => {
        this.length.setValue(length.total);
        this.width.setValue(width.total);
        this.wrong.setValue('');
        this.says.set('');
      });
    });
  }

  protected named(): void {
    this.who.set(this.name.value);
  }

  /** As it came out; with a word of what is wrong it is to be cut again. */
  protected cut(): void {
    const document = this.document();
    const unit = this.unit();
    const [length, width] = [this.length.value, this.width.value];
    if (!document) return;
    if (length === undefined || width === undefined) {
      this.says.set(this.speech.say(whyNoLength(length === undefined ? this.length : this.width)));
      return;
    }
    const amiss = this.wrong.value.trim();
    const came = {
      length: writeExact(length, unit),
      width: writeExact(width, unit),
      ...(amiss === '' ? {} : { wrong: amiss }),
    };
    const name = this.state.titleOf(this.part());
    const title = amiss === '' ? $localize`${name} cut` : $localize`${name} came out wrong`;
    const patch = cutPatch(document, [this.part()], this.who.deed(), unit, came);
    this.says.set(this.edits.apply(title, [patch]) ?? '');
  }

  protected release(): void {
    const document = this.document();
    const reason = this.reason.value.trim();
    if (!document) return;
    if (reason === '') {
      this.says.set($localize`Say why it may be cut before its turn: the reason is kept with it.`);
      return;
    }
    const patch = releasePatch(document, [this.part().name], reason, this.who.deed());
    this.says.set(this.edits.apply($localize`release ${this.state.titleOf(this.part())}`, [patch]) ?? '');
  }

  protected close(): void {
    this.state.part.set(undefined);
  }
}

const WORDS: Readonly<Record<string, string>> = {
  up: $localize`up from the lower edge`,
  in: $localize`in from the end`,
};
