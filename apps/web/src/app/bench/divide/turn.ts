import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { inches, millimetres, nm, writeExact, writeLength, type BankPlan } from '@zabble/core';
import { Store } from '@ngrx/store';
import { JobEdits } from '../../store/job/job-edits';
import { selectShowing } from '../../store/job/job.selectors';
import { Says } from '../../ui/says';

/** A sixteenth of an inch, or a millimetre, to a notch of the step; a hundredth to one of the ratio. */
const NOTCH = { in: inches(1, 16), mm: millimetres(1) } as const;
const MOST = { in: 40, mm: 60 } as const;
const RATIO = { least: 70, most: 200 } as const;
let turns = 0;

/** The step or the ratio by which the fronts grow, turned by hand: the drawing follows with every frame. */
@Component({
  selector: 'z-turn',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `<div class="flex flex-col gap-1">
    <label i18n class="caption" for="turn">Turn it</label>
    <input
      id="turn"
      class="h-11 w-56 accent-ink"
      type="range"
      [min]="range().least"
      [max]="range().most"
      step="1"
      [value]="range().value"
      [attr.aria-valuetext]="told()"
      (pointerdown)="begin()"
      (focus)="begin()"
      (input)="turn($any($event.target).value)"
    />
    <z-says [text]="says()" />
  </div>`,
})
export class Turn {
  readonly bank = input.required<BankPlan>();
  readonly what = input.required<'step' | 'ratio'>();
  private readonly edits = inject(JobEdits);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  protected readonly says = signal('');
  private merge = '';
  private wanted: number | undefined;
  private readonly unit = computed(() => this.showing()?.unit ?? 'mm');
  protected readonly range = computed(() => {
    const { step, ratio } = this.bank().bank.division;
    if (this.what() === 'ratio') return { ...RATIO, value: Math.round((ratio ?? 1) * 100) };
    return { least: 0, most: MOST[this.unit()], value: Math.round((step ?? 0) / NOTCH[this.unit()]) };
  });
  protected readonly told = computed(() => {
    const { step = nm(0), ratio = 1 } = this.bank().bank.division;
    return this.what() === 'ratio'
      ? String(ratio)
      : writeLength(step, 'reading', this.showing() ?? { unit: 'mm', step: nm(500_000) }, { unit: true });
  });

  /** From taking hold of it to letting go is one step of undo. */
  protected begin(): void {
    turns += 1;
    this.merge = `turn ${turns}`;
  }

  protected turn(value: string): void {
    if (this.wanted === undefined) requestAnimationFrame(() => this.follow());
    this.wanted = Number(value);
  }

  private follow(): void {
    const { wanted } = this;
    this.wanted = undefined;
    if (wanted === undefined) return;
    const what = this.what();
    const value = what === 'ratio' ? wanted / 100 : writeExact(nm(wanted * NOTCH[this.unit()]), this.unit());
    const patch = { path: `${this.bank().path}.division.${what}`, value };
    this.says.set(
      this.edits.apply(what === 'ratio' ? $localize`turn the ratio` : $localize`turn the step`, [patch], this.merge) ??
        '',
    );
  }
}
