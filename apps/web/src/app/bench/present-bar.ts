import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DOCUMENT,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import { Store } from '@ngrx/store';
import type { Present } from '@zabble/contract';
import { HERE_EVERY } from '@zabble/contract/routes';
import { said, type Said } from '@zabble/core';
import { catchError, EMPTY, filter, map, pipe, switchMap, tap, timer } from 'rxjs';
import { Who } from '../device/who';
import { newId } from '../server-api/new-id';
import { PresentApi } from '../server-api/present-api';
import { JobActions } from '../store/job/job.actions';
import { jobFeature } from '../store/job/job.reducer';
import { Speech } from '../words/speech';
import { STEPS } from './steps';

interface At {
  readonly id: string;
  readonly step: string;
}

/** Who else has this job open, and what they are at; and that what they changed is taken in. */
@Component({
  selector: 'z-present-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (others().length > 0 || tookIn() > 0) {
    <p class="flex flex-wrap gap-x-4 border-b border-line bg-sheet px-4 py-1 text-sm" role="status">
      @for (each of others(); track each.page) {
        <span>
          @if (each.name) {
            <span i18n>{{ each.name }} is here too, at {{ stepOf(each) }}.</span>
          } @else {
            <span i18n>Somebody is here too, at {{ stepOf(each) }}.</span>
          }
        </span>
      }
      @if (tookIn(); as many) {
        <span i18n class="font-medium">
          {many, plural,
            =1 {One change made elsewhere is taken in.}
            other {{{ many }} changes made elsewhere are taken in.}
          }
          Nothing of yours was overwritten.
        </span>
      }
    </p>
  }`,
  host: { class: 'contents', '(window:pagehide)': 'leave(at())' },
})
export class PresentBar {
  readonly id = input.required<string>();
  readonly step = input.required<string>();
  private readonly api = inject(PresentApi);
  private readonly store = inject(Store);
  private readonly who = inject(Who);
  private readonly speech = inject(Speech);
  private readonly page = inject(DOCUMENT);
  /** This page, as long as it is open. */
  private readonly own = newId();
  protected readonly others = signal<readonly Present[]>([]);
  protected readonly tookIn = this.store.selectSignal(jobFeature.selectTookIn);
  protected readonly at = computed((): At => ({ id: this.id(), step: this.step() }));

  constructor() {
    // Nobody is told of a page nobody looks at; that the server is away is told elsewhere.
    const asked = pipe(
      switchMap((at: At) => timer(0, HERE_EVERY).pipe(map(() => at))),
      filter(() => this.page.visibilityState !== 'hidden'),
      switchMap(({ id, step }) =>
        this.api.here(id, { page: this.own, step, by: this.who.name().slice(0, 60) }).pipe(
          tap(({ others, revision }) => {
            this.others.set(others);
            this.store.dispatch(JobActions.standsAt({ id, revision }));
          }),
          catchError(() => {
            this.others.set([]);
            return EMPTY;
          }),
        ),
      ),
    );
    rxMethod<At>(asked)(this.at);
    // By a link to something else, to another job, or with the window.
    effect((cleanUp) => {
      const job = this.id();
      cleanUp(() => this.leave({ id: job, step: untracked(this.step) }));
    });
  }

  /** What the others hear last of it, and need not wait for. */
  protected leave({ id, step }: At): void {
    void this.api.leave(id, { page: this.own, step });
  }

  protected stepOf({ step }: Present): string {
    const known = STEPS.find((id) => id === step);
    const name: Said = known ? said(`step-of/${known}`) : said('step-of/measure');
    return this.speech.say(name);
  }
}
