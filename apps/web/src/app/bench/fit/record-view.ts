import { Say } from '../../words/say';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { ROUTES } from '@zabble/contract/routes';
import { recordLines, type BankPlan, type Recorded } from '@zabble/core';
import { jobFeature } from '../../store/job/job.reducer';
import { selectJob } from '../../store/job/job.selectors';
import { logFeature } from '../../store/log/log.reducer';
import { Says } from '../../ui/says';
import { RecordEntry } from './record-entry';

const KINDS = [
  { id: 'all', name: $localize`All`, kinds: undefined },
  { id: 'readings', name: $localize`Readings`, kinds: ['reading'] },
  { id: 'work', name: $localize`Work`, kinds: ['step', 'task', 'gate', 'released', 'cut', 'time'] },
  { id: 'faults', name: $localize`Faults`, kinds: ['fault', 'wrong'] },
  { id: 'notes', name: $localize`Notes, photographs`, kinds: ['note', 'photo'] },
] as const;

interface Day {
  readonly day: string;
  readonly lines: readonly Recorded[];
}

/** Everything that was measured, done, cut and noted, in its order; and what there is to add. */
@Component({
  selector: 'z-record-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'flex flex-col gap-4' },
  imports: [RecordEntry, RouterLink, Say, Says],
  templateUrl: './record-view.html',
})
export class RecordView {
  readonly bank = input.required<BankPlan>();
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly id = this.store.selectSignal(jobFeature.selectId);
  protected readonly refused = this.store.selectSignal(logFeature.selectSays);
  protected readonly kinds = KINDS;
  protected readonly kind = signal<(typeof KINDS)[number]['id']>('all');
  private readonly lines = computed(() => {
    const job = this.job();
    return job ? recordLines(job) : [];
  });
  protected readonly days = computed((): readonly Day[] => {
    const wanted: readonly string[] | undefined = KINDS.find(({ id }) => id === this.kind())?.kinds;
    const shown = this.lines().filter(({ kind }) => !wanted || wanted.includes(kind));
    const days = [...new Set(shown.map(({ at }) => at.slice(0, 10)))];
    return days.map((day) => ({ day, lines: shown.filter(({ at }) => at.startsWith(day)) }));
  });

  /** All the time that was written down, as hours and minutes. */
  protected readonly spent = computed(() => {
    const minutes = (this.job()?.log ?? []).reduce(
      (sum, entry) => sum + (entry.kind === 'time' ? entry.minutes : 0),
      0,
    );
    if (minutes === 0) return '';
    const hours = Math.floor(minutes / 60);
    return [
      ...(hours > 0 ? [$localize`${hours} h`] : []),
      ...(minutes % 60 > 0 ? [$localize`${minutes % 60} min`] : []),
    ].join(' ');
  });

  protected photo(id: string): string {
    return ROUTES.photo(this.id() ?? '', id);
  }
}
