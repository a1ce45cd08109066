import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { ShopSlide } from '@zabble/contract';
import { valueAt, type BankPlan, type OwnSlideOf, slidePatches } from '@zabble/core';
import type { Observable } from 'rxjs';
import { asking } from '../../server-api/asking';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { Says } from '../../ui/says';
import { withRow } from './own-row';
import { ShopApi } from '../../server-api/shop-api';

/** The shop's list of slides: those owned, kept across jobs; any of them serves this bank, the one in use can be kept. */
@Component({
  selector: 'z-shop-slides',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `<section
    class="flex flex-col gap-2 border-t border-line pt-4"
    i18n-aria-label
    aria-label="The shop’s slides"
  >
    <div class="flex flex-wrap items-center gap-3">
      <h3 i18n class="mr-auto text-lg font-semibold">The shop’s slides</h3>
      @if (own(); as row) {
        <button i18n type="button" class="press" (click)="keep(row)">Keep {{ row.name }} for other jobs</button>
      }
    </div>
    @if (list(); as slides) {
      <ul class="flex flex-col">
        @for (slide of slides; track slide.id) {
          <li class="flex flex-wrap items-center gap-2 border-b border-line py-1">
            <span class="mr-auto font-medium">{{ slide.row.name }}</span>
            <button
              i18n
              type="button"
              class="press"
              i18n-ariaLabel
              ariaLabel="Use {{ slide.row.name }}"
              (click)="use(slide)"
            >
              Use
            </button>
            <button
              type="button"
              class="min-h-11 min-w-11 rounded text-soft hover:text-lead"
              i18n-ariaLabel
              ariaLabel="Take {{ slide.row.name }} off the shop’s list"
              (click)="drop(slide)"
            >
              ×
            </button>
          </li>
        } @empty {
          <li i18n class="caption">
            Nothing is kept yet. Write a row from the sheet of a slide you own and keep it here for every job.
          </li>
        }
      </ul>
    } @else if (says() === '') {
      <p i18n class="caption" role="status">Fetching the list …</p>
    }
    <z-says [text]="says()" />
  </section>`,
})
export class ShopSlides {
  readonly bank = input.required<BankPlan>();
  private readonly api = inject(ShopApi);
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly list = signal<readonly ShopSlide[] | undefined>(undefined);
  protected readonly says = signal('');
  private readonly ask = asking(this.says);
  /** The row from its sheet this bank uses. */
  protected readonly own = computed(() => {
    const rows = (valueAt(this.document(), 'slides') ?? []) as readonly OwnSlideOf<string>[];
    return rows.find(({ id }) => id === this.bank().bank.slide.family);
  });

  constructor() {
    this.fetch();
  }

  protected keep(row: OwnSlideOf<string>): void {
    this.then(this.api.keep(row));
  }

  protected drop(slide: ShopSlide): void {
    this.then(this.api.delete(slide));
  }

  /** The row comes into the job, as it is kept now, and serves this bank. */
  protected use({ row }: ShopSlide): void {
    const document = this.document();
    if (!document) return;
    const { id, patch } = withRow(document, row);
    const patches = [patch, ...slidePatches(this.bank().path, id)];
    this.says.set(this.edits.apply($localize`slide: ${(row.name ?? id).toLowerCase()}`, patches) ?? '');
  }

  private then(done: Observable<unknown>): void {
    this.ask(done, () => this.fetch());
  }

  private fetch(): void {
    this.ask(this.api.slides(), ({ items }) => this.list.set(items));
  }
}
