import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import type { JobSummary } from '@zabble/contract';
import { asking } from '../server-api/asking';
import { JobsApi } from '../server-api/jobs-api';
import { Says } from '../ui/says';
import { shortDay } from './clock';
import { DaysState } from './days-state';

/** Which jobs are worked on, and when each is promised for. */
@Component({
  selector: 'z-jobs-at-work',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `<fieldset class="flex flex-col">
    <legend i18n class="mb-1 text-lg font-semibold">Worked on</legend>
    <z-says [text]="says()" />
    @for (job of rows(); track job.id) {
      <div class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-1.5">
        <label class="flex min-h-11 min-w-0 grow items-center gap-3">
          <input
            type="checkbox"
            class="size-6 shrink-0"
            [checked]="job.by !== undefined"
            (change)="state.sayJob(job.id, { atWork: job.by === undefined })"
          />
          <span class="min-w-0 text-lg break-words"
            >{{ job.name }} <span class="caption">{{ job.customer }}</span></span
          >
        </label>
        @if (job.by === 'quote') {
          <span i18n class="caption">its quote is accepted</span>
        }
        @if (job.by) {
          <span class="caption">{{ job.stands }}</span>
          <label class="flex items-center gap-2">
            <span i18n class="caption">promised for</span>
            <input
              class="write"
              type="date"
              [attr.aria-label]="promised(job.name)"
              [value]="job.due ?? ''"
              (change)="due(job.id, $any($event.target).value)"
            />
          </label>
        }
      </div>
    } @empty {
      <p i18n class="caption">There is no job yet.</p>
    }
    @if (next() !== null) {
      <button i18n type="button" class="press self-start" (click)="more()">Older jobs</button>
    }
  </fieldset>`,
  host: { class: 'block' },
})
export class JobsAtWork {
  protected readonly state = inject(DaysState);
  private readonly api = inject(JobsApi);
  protected readonly says = signal('');
  private readonly ask = asking(this.says);
  private readonly all = signal<readonly JobSummary[]>([]);
  protected readonly next = signal<string | null>(null);

  /** Those that are worked on first, in the order they are promised. */
  protected readonly rows = computed(() => {
    const { by = {}, read } = this.state.kept() ?? {};
    const days = this.state.days();
    const working = (read?.jobs ?? []).map(({ id, document, due }) => {
      const own = days?.jobs.find(({ job }) => job === id);
      const stands = own?.end === undefined ? '' : $localize`done ${shortDay(own.end)}`;
      return { id, name: document.name, customer: document.customer ?? '', by: by[id], due, stands };
    });
    const others = this.all()
      .filter(({ id }) => by[id] === undefined)
      .map(({ id, name, customer }) => ({
        id,
        name,
        customer: customer ?? '',
        by: undefined,
        due: undefined,
        stands: '',
      }));
    return [...working, ...others];
  });

  constructor() {
    this.more();
  }

  protected more(): void {
    this.ask(this.api.list('', this.next() ?? undefined, false), ({ items, next }) => {
      this.all.update((known) => [...known, ...items]);
      this.next.set(next);
    });
  }

  protected due(job: string, date: string): void {
    this.state.sayJob(job, { due: date === '' ? null : date });
  }

  protected promised(name: string): string {
    return $localize`${name} is promised for`;
  }
}
