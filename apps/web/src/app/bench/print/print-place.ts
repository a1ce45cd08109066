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
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { ActivatedRoute, Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Step } from '@zabble/core';
import { ROUTES } from '@zabble/contract/routes';
import { debounceTime, of, switchMap } from 'rxjs';
import { handOver } from '../../device/hand-over';
import { jobFeature } from '../../store/job/job.reducer';
import { selectPlan } from '../../store/job/job.selectors';
import { ChoiceRow, type Choice } from '../../ui/choice-row';
import { ShopNetwork } from '../../shop/network';
import { CutState } from '../cut/cut-state';
import { WHICH_PARTS } from '../cut/which-parts';
import { PagesView } from './pages-view';
import { CUT_LIST, PAPERS } from '../papers';
import { PrintState, type Ink, type PaperSize, type PrintStanding, type PrintWishNow } from './print-state';
import { ZipPress } from './zip-press';

const SIZES: readonly Choice<PaperSize>[] = [
  { id: 'a4', name: 'A4' },
  { id: 'letter', name: $localize`Letter` },
];
const INKS: readonly Choice<Ink>[] = [
  { id: 'colour', name: $localize`Colour` },
  { id: 'grey', name: $localize`Grey` },
];

/** So long nothing changes before pages are made anew, in milliseconds. */
const SETTLED = 250;

/** Everything that can be printed: which paper, on what, in which colours, with its pages shown before. */
@Component({
  selector: 'z-print-place',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ChoiceRow, PagesView, RouterLink, ZipPress],
  templateUrl: './print-place.html',
  host: { class: 'contents' },
})
export class PrintPlace implements OnDestroy {
  /** The step it is gone back to. */
  readonly back = input.required<Step>();
  protected readonly state = inject(PrintState);
  protected readonly cut = inject(CutState);
  private readonly router = inject(Router);
  private readonly route = inject(ActivatedRoute);
  private readonly query = toSignal(this.route.queryParamMap);
  private readonly plan = inject(Store).selectSignal(selectPlan);
  protected readonly id = inject(Store).selectSignal(jobFeature.selectId);
  protected readonly papers = PAPERS;
  protected readonly sizes = SIZES;
  protected readonly inks = INKS;
  protected readonly ways = WHICH_PARTS;
  protected readonly paper = computed(() => {
    const asked = this.query()?.get('what');
    return PAPERS.find(({ name }) => name === asked) ?? CUT_LIST;
  });
  protected readonly sheets = computed(() => this.paper().name === 'layouts.pdf');
  protected readonly layingOut = computed(() => this.sheets() && this.cut.running());
  protected readonly codes = computed(() => this.paper().name === 'labels.pdf');
  protected readonly network = inject(ShopNetwork);
  protected readonly planned = computed(() =>
    (this.plan()?.cases ?? []).some(({ banks }) => banks.some(({ bank }) => bank.basis === 'planned')),
  );
  protected readonly file = computed(() => ROUTES.jobFile(this.id() ?? ''));
  /** The solid view is printed as it was seen, and it was not seen yet. */
  protected readonly unseen = computed(() => this.paper().name === 'solid-view.pdf' && !this.state.seen());
  protected readonly stopped = signal(false);
  /** Counts how often it was tried again. */
  protected readonly again = signal(0);
  /** Nothing while sheets are still being laid out, or the person said stop. */
  private readonly wish = computed((): PrintWishNow | undefined => {
    this.again();
    return this.stopped() || this.layingOut() ? undefined : this.state.wish(this.paper().name);
  });
  private readonly standing = toSignal<PrintStanding | undefined>(
    toObservable(this.wish).pipe(
      debounceTime(SETTLED),
      switchMap((wish) => (wish ? this.state.print(untracked(this.paper).name, wish) : of(undefined))),
    ),
  );

  protected readonly made = computed(() => {
    const now = this.standing();
    return now?.kind === 'made' && this.wish() ? now : undefined;
  });
  protected readonly refused = computed(() => {
    const now = this.standing();
    return now?.kind === 'refused' ? now : undefined;
  });
  protected readonly pages = computed(() => {
    const now = this.standing();
    return now?.kind === 'making' ? now.pages : 0;
  });

  constructor() {
    this.network.know();
    // The sheets go into the zip too, whatever paper is looked at.
    this.cut.active.set(true);
    effect(() => {
      this.paper();
      untracked(() => this.stopped.set(false));
    });
  }

  ngOnDestroy(): void {
    this.cut.active.set(false);
  }

  protected choose(what: string): void {
    void this.router.navigate([], { relativeTo: this.route, queryParams: { what }, replaceUrl: true });
  }

  protected save(made: { readonly name: string; readonly blob: Blob }): void {
    handOver(made.name, made.blob);
  }

  /** In a tab of its own, where the browser prints it at full size. */
  protected open({ blob }: { readonly blob: Blob }): void {
    const url = URL.createObjectURL(blob);
    globalThis.open(url, '_blank');
    setTimeout(() => URL.revokeObjectURL(url), LOOKED_AT);
  }
}

/** So long a file may be looked at in a tab of its own and still be loaded afresh, in milliseconds. */
const LOOKED_AT = 10 * 60_000;
