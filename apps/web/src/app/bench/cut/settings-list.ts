import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { boxSteps, isPastStop, said, sawCuts, sawCutSaid, sawOf, sawSettings, type BoxStep } from '@zabble/core';
import { Say } from '../../words/say';
import { Speech } from '../../words/speech';
import { JobEdits } from '../../store/job/job-edits';
import { Says } from '../../ui/says';
import { Size } from '../../fields/size';
import { CutState } from './cut-state';

/** Every setting of fence and stop once, longest first; and what other box heights would save. */
@Component({
  selector: 'z-settings-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, Says, Size],
  template: `<section class="flex flex-col gap-2" i18n-aria-label aria-label="Saw settings">
    <h3 i18n class="border-b border-line pb-1 text-lg font-semibold">Saw settings</h3>
    @for (each of rows(); track each.name) {
      <p class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <span class="caption w-12">{{ each.name }}</span>
        @for (setting of each.list; track setting.size) {
          <span class="whitespace-nowrap">
            <b class="text-lg font-semibold"><z-size kind="part" [length]="setting.size" /></b>
            <span class="caption"> × {{ setting.parts.length }}</span>
          </span>
        }
      </p>
    }
    @if (past(); as text) {
      <p class="border-l-4 border-ochre bg-ochre-wash px-3 py-2">{{ text | say }}</p>
    }
    @if (byBlade().length > 0) {
      <div>
        <h4 i18n class="caption">Grooves and rabbets by the blade</h4>
        <ul>
          @for (cut of byBlade(); track $index) {
            <li class="border-b border-line py-1 text-sm">{{ cut }}</li>
          }
        </ul>
      </div>
    }
    @for (step of steps(); track step.step) {
      <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span i18n class="flex-1">
          Box heights down to the next <z-size kind="reading" [length]="step.step" [unit]="true" />:
          <b class="font-semibold">{{ step.saves }} {step.saves, plural, =1 {setting} other {settings}} fewer</b>, boxes
          lower by up to <z-size kind="gap" [length]="step.loses" [unit]="true" />.
        </span>
        <button i18n type="button" class="press" (click)="take(step)">Do it</button>
      </div>
    }
    <z-says [text]="says()" />
  </section>`,
})
export class SettingsList {
  private readonly state = inject(CutState);
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  protected readonly says = signal('');
  protected readonly settings = computed(() => sawSettings(this.state.free()));
  protected readonly rows = computed(() => [
    { name: $localize`Fence`, list: this.settings().fences },
    { name: $localize`Stop`, list: this.settings().stops },
  ]);
  /** Lengths the shop's stop does not take. */
  protected readonly past = computed(() => {
    const limits = this.state.job()?.saw?.limits;
    const sizes = this.settings().stops.flatMap(({ size }) => (isPastStop(size, limits) ? [size] : []));
    return sizes.length > 0 ? said('paper/past-stop', { sizes }) : undefined;
  });
  /** What is worked in by fence or stop and the height of the blade. */
  protected readonly byBlade = computed(() => {
    const [job, plan] = [this.state.job(), this.state.plan()];
    if (!job || !plan) return [];
    return sawCuts(this.state.free(), sawOf(job).kerf).map((cut) => this.speech.say(sawCutSaid(plan, cut)));
  });
  /** Once wood is cut, its height is no longer a choice. */
  protected readonly steps = computed((): readonly BoxStep[] => {
    const [job, plan] = [this.state.job(), this.state.plan()];
    return job && plan && !job.cutting?.cut?.length ? boxSteps(job, plan).slice(0, 2) : [];
  });

  protected take({ patches }: BoxStep): void {
    this.says.set(this.edits.apply($localize`box heights in steps`, patches) ?? '');
  }
}
