import { computed, inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { PrintName } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import { catchError, map, of, startWith, type Observable } from 'rxjs';
import { PrintApi } from '../../server-api/print-api';
import { sentenceOf } from '../../server-api/problem';
import { jobFeature } from '../../store/job/job.reducer';
import { logFeature } from '../../store/log/log.reducer';
import { ShopNetwork } from '../../shop/network';
import { SolidPictures } from '../../drawing/solid/pictures';
import { CutState } from '../cut/cut-state';

export type PaperSize = 'a4' | 'letter';
export type Ink = 'colour' | 'grey';

/** What has codes on it that lead here. */
const CODES = new Set<PrintName>(['labels.pdf', 'job.zip']);

/** How a print stands. */
export type PrintStanding =
  | { readonly kind: 'making'; readonly pages: number }
  | { readonly kind: 'made'; readonly name: string; readonly blob: Blob }
  | { readonly kind: 'refused'; readonly says: string };

/** What is sent to be printed: the job as it stands on the screen, and what it is printed on. */
export interface PrintWishNow {
  readonly document: JobDocument;
  readonly job: string | undefined;
  readonly layouts: readonly object[];
  readonly paper: PaperSize;
  readonly ink: Ink;
  readonly address: string;
  /** Of the solid view: what was seen of it, and the case it is of. */
  readonly picture?: string;
  readonly pictured?: string;
}

/** On which paper and in which colours a person prints, and the printing itself. */
@Injectable({ providedIn: 'root' })
export class PrintState {
  private readonly api = inject(PrintApi);
  private readonly cut = inject(CutState);
  private readonly network = inject(ShopNetwork);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly log = this.store.selectSignal(logFeature.selectEntries);
  readonly size = signal<PaperSize>(navigator.language === 'en-US' ? 'letter' : 'a4');
  readonly ink = signal<Ink>('colour');
  private readonly pictures = inject(SolidPictures);
  /** What was seen of this job as a solid, where a picture of it was taken. */
  readonly seen = computed(() => {
    const taken = this.pictures.taken();
    return taken?.job === this.id() ? taken : undefined;
  });
  private readonly layouts = computed(() =>
    this.cut.sheets().map(({ material, sheet, blade }) => ({ material, sheet, blade })),
  );

  /** The wish for a paper; sheets go only with what shows them, so that nothing else is printed again for them. */
  wish(name: PrintName): PrintWishNow | undefined {
    const [document, log] = [this.document(), this.log()];
    const seen = name === 'solid-view.pdf' ? this.seen() : undefined;
    if (!document || (name === 'solid-view.pdf' && !seen)) return undefined;
    const sheets = name === 'layouts.pdf' || name === 'job.zip';
    return {
      // With what was measured back: paper shows the same plan.
      document: log.length > 0 ? { ...document, log } : document,
      job: this.id(),
      layouts: sheets ? this.layouts() : [],
      paper: this.size(),
      ink: this.ink(),
      address: CODES.has(name) ? (this.network.reached() ?? location.origin) : location.origin,
      ...(seen ? { picture: seen[this.ink()], pictured: seen.owner } : {}),
    };
  }

  /** Prints and tells how it stands, until it is made or refused; given up when nobody listens any more. */
  print(name: PrintName, wish: PrintWishNow): Observable<PrintStanding> {
    return this.api.print(name, wish).pipe(
      map((event): PrintStanding =>
        event.kind === 'pages' ? { ...event, kind: 'making' } : { ...event, kind: 'made' },
      ),
      catchError((problem: unknown) => of<PrintStanding>({ kind: 'refused', says: sentenceOf(problem) })),
      startWith<PrintStanding>({ kind: 'making', pages: 0 }),
    );
  }
}
