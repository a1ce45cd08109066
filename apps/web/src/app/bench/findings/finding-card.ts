import { gone, Speech } from '../../words/speech';
import { Say } from '../../words/say';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { consequences, patched, saidKey, type Consequences, type JobFindingGroup, type Remedy } from '@zabble/core';
import { differences } from '../../store/job/differences';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectPlan } from '../../store/job/job.selectors';
import { planMemo, readMemo } from '../../store/job/memo';
import { Says } from '../../ui/says';
import { ConsequenceList } from './consequence-list';
import { FindingPlaces } from './finding-places';
import { SEVERITIES, TONES } from './severities';

/** A change of the job is told in so many lines. */
const MOST = 6;

/** One thing an old hand would say, and what would mend it: pressed, a remedy first shows all it would change. */
@Component({
  selector: 'z-finding-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ConsequenceList, Say, Says],
  template: `<div
    class="flex gap-3 rounded border-l-4 px-3 py-2"
    [class]="tones[group().finding.severity]"
    [attr.data-code]="group().finding.code"
  >
    <strong class="w-12 shrink-0 py-0.5 font-semibold">{{ name() }}</strong>
    <div class="min-w-0 flex-1">
      <p class="py-0.5">
        @if (where().length === 1 && bank() === '') {
          <span class="font-semibold">{{ where()[0] }}:</span>
        }
        {{ group().said | say }}
      </p>
      @if (where().length > 1) {
        <p class="py-0.5 text-sm font-medium">{{ where().join(' · ') }}</p>
      }
      @if (group().remedies.length > 0) {
        <div class="flex flex-wrap gap-2 pt-1.5 pb-1">
          @for (remedy of group().remedies; track $index) {
            <button
              type="button"
              class="press"
              [class.press-main]="remedy === tried()"
              [attr.aria-expanded]="remedy === tried()"
              (click)="look(remedy)"
            >
              {{ remedy | say }}
            </button>
          }
        </div>
      }
      @if (preview(); as found) {
        <div
          class="mt-1 rounded bg-sheet px-3 py-2 text-ink"
          role="group"
          i18n-aria-label
          aria-label="What it would change"
        >
          @for (each of found.written; track each.path) {
            <p>
              {{ each.where }}: {{ each.mine }} → <span class="font-medium">{{ each.theirs }}</span>
            </p>
          }
          @if (found.more > 0) {
            <p i18n class="caption">and {{ found.more }} more like these</p>
          }
          <z-consequence-list class="mt-1.5" [consequences]="found.consequences" [banks]="found.banks" />
          <div class="mt-2 flex gap-2">
            <button i18n type="button" class="press press-main" (click)="mend(found.remedy)">
              @if (found.here) {
                Do it in all of them
              } @else {
                Do it
              }
            </button>
            @if (found.here; as here) {
              <button i18n type="button" class="press" (click)="mend(here)">Only in this bank</button>
            }
            <button i18n type="button" class="press" (click)="looked.set(undefined)">Leave it</button>
          </div>
        </div>
      }
      <z-says [text]="says()" />
    </div>
  </div>`,
  host: { class: 'block' },
})
export class FindingCard {
  readonly group = input.required<JobFindingGroup>();
  /** The bank on the bench, where the finding is told for it. */
  readonly bank = input('');
  private readonly places = inject(FindingPlaces);
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly plan = this.store.selectSignal(selectPlan);
  protected readonly tones = TONES;
  protected readonly where = computed(() => this.places.say(this.group()));
  protected readonly name = computed(
    () => SEVERITIES.find(({ severity }) => severity === this.group().finding.severity)?.name ?? '',
  );
  protected readonly says = signal('');
  /** The remedy that is looked at. */
  protected readonly looked = signal<Remedy | undefined>(undefined);
  /** Only while this finding still offers just this: another bank's stands under another path. */
  protected readonly tried = computed(() => {
    const looked = JSON.stringify(this.looked());
    return this.group().remedies.find((remedy) => JSON.stringify(remedy) === looked);
  });
  protected readonly preview = computed(() => {
    const [remedy, document, before] = [this.tried(), this.document(), this.plan()];
    if (!remedy || !document || !before) return undefined;
    const then = patched(document, remedy.patches);
    const reading = readMemo(then);
    if (!reading.ok) return undefined;
    const after = planMemo(reading.job);
    const written = differences(document, then, this.speech.words());
    return {
      remedy,
      here: this.here(remedy),
      written: written.slice(0, MOST),
      more: Math.max(0, written.length - MOST),
      consequences: this.besidesItself(consequences(before, after)),
      banks: after.cases.flatMap(({ banks }) => banks),
    };
  });

  /** The same for the bank on the bench alone, where the finding is shared with others and it would do less. */
  private here(remedy: Remedy): Remedy | undefined {
    const { banks } = this.group();
    if (banks.length < 2) return undefined;
    const own = banks
      .find(({ path }) => path === this.bank())
      ?.remedies.find((each) => saidKey(each) === saidKey(remedy));
    return own && own.patches.length < remedy.patches.length ? own : undefined;
  }

  /** That this finding goes is what the remedy is for; only the others are told. */
  private besidesItself(all: Consequences): Consequences {
    return { ...all, gone: all.gone.filter(({ code }) => code !== this.group().finding.code) };
  }

  protected look(remedy: Remedy): void {
    this.looked.set(remedy === this.tried() ? undefined : remedy);
  }

  /** Done; undo brings it back. */
  protected mend(remedy: Remedy): void {
    this.says.set(this.edits.apply(gone(this.speech.say(remedy)), remedy.patches) ?? '');
    this.looked.set(undefined);
  }
}
