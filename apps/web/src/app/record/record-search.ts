import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import type { RecordPage } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import { catchError, debounceTime, of, switchMap } from 'rxjs';
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
  protected readonly page = signal(1);
  protected readonly says = signal('');
  private readonly asked = computed(() => ({ search: this.search(), kind: this.kind(), page: this.page() }));
  protected readonly found = toSignal(
    toObservable(this.asked).pipe(
      debounceTime(PAUSE),
      switchMap(({ search, kind, page }) =>
        this.api.find(search, kind, page).pipe(
          catchError((problem: unknown) => {
            this.says.set(sentenceOf(problem));
            return of<RecordPage | undefined>(undefined);
          }),
        ),
      ),
    ),
  );
  protected readonly pages = computed(() => {
    const found = this.found();
    return found ? Math.max(1, Math.ceil(found.total / found.size)) : 1;
  });

  protected look(search: string): void {
    this.search.set(search);
    this.page.set(1);
  }

  protected choose(kind: string): void {
    this.kind.set(kind);
    this.page.set(1);
  }

  protected turn(page: number): void {
    this.page.set(page);
  }

  protected photo(job: string, id: string): string {
    return ROUTES.photo(job, id);
  }
}
