import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toObservable } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { tapResponse } from '@ngrx/operators';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import type { FoundEntry, RecordPage } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import { debounceTime, pipe, switchMap } from 'rxjs';
import { sentenceOf } from '../server-api/problem';
import { RecordApi } from '../server-api/record-api';

const KINDS = [
  { id: '', name: $localize`everything` },
  { id: 'fault', name: $localize`faults` },
  { id: 'reading', name: $localize`readings` },
  { id: 'step', name: $localize`steps` },
  { id: 'note', name: $localize`notes` },
  { id: 'photo', name: $localize`photographs` },
  { id: 'time', name: $localize`time` },
  { id: 'task', name: $localize`tasks` },
] as const;
const PAUSE = 250;

/** “Every time a front came out tight”: the logs of all jobs, by words and kind, newest first. */
@Component({
  selector: 'z-record-search',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'flex flex-col gap-4' },
  imports: [RouterLink],
  templateUrl: './record-search.html',
})
export class RecordSearch {
  private readonly api = inject(RecordApi);
  protected readonly kinds = KINDS;
  protected readonly search = signal('');
  protected readonly kind = signal('');
  protected readonly says = signal('');
  /** What was found so far: the newest, and older ones as they are asked for. */
  protected readonly lines = signal<readonly FoundEntry[] | undefined>(undefined);
  protected readonly last = signal<RecordPage | undefined>(undefined);
  private readonly asked = computed(() => ({ search: this.search(), kind: this.kind() }));
  private readonly ask = rxMethod<{ readonly search: string; readonly kind: string; readonly after?: string }>(
    pipe(
      switchMap(({ search, kind, after }) =>
        this.api.find(search, kind, after).pipe(
          tapResponse({
            next: (page) => {
              this.says.set('');
              this.lines.update((before) => [...((after === undefined ? undefined : before) ?? []), ...page.items]);
              this.last.set(page);
            },
            error: (problem) => this.says.set(sentenceOf(problem)),
          }),
        ),
      ),
    ),
  );

  constructor() {
    this.ask(toObservable(this.asked).pipe(debounceTime(PAUSE)));
  }

  protected older(): void {
    const after = this.last()?.next;
    if (after) this.ask({ ...this.asked(), after });
  }

  protected photo(job: string, id: string): string {
    return ROUTES.photo(job, id);
  }
}
