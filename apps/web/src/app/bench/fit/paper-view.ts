import { Say } from '../../words/say';
import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { PrintName } from '@zabble/contract';
import { drawStickPaper, drawTemplates, type BankPlan } from '@zabble/core';
import { jobFeature } from '../../store/job/job.reducer';
import { FilesOut } from '../files-out';
import { PAPERS } from '../papers';

/** The papers that go to the case. */
const TO_THE_CASE: readonly PrintName[] = [
  'bench-card.pdf',
  'story-stick.pdf',
  'story-stick-strip.pdf',
  'templates.pdf',
];

/** What goes to the case on paper, true to size. */
@Component({
  selector: 'z-paper-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Say],
  template: `<div class="flex flex-col gap-4">
    <div class="flex flex-wrap items-center gap-3">
      <h3 i18n class="mr-auto text-lg font-semibold">To take to the case</h3>
    </div>
    @if (bank().bank.basis === 'planned') {
      <p i18n class="border-l-4 border-ochre bg-ochre-wash px-3 py-2 font-medium text-ochre">
        These are planned sizes: every page says so. Nothing is hung by them until the case is built and measured.
      </p>
    }
    <ul class="flex flex-col">
      @for (each of prints; track each.name) {
        <li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-2">
          <span class="min-w-60 flex-1"
            ><b class="font-semibold">{{ each.says }}</b> <span class="caption block">{{ each.what }}</span></span
          >
          <a
            i18n
            class="press"
            i18n-ariaLabel
            ariaLabel="{{ each.says }}, its pages"
            [routerLink]="['/jobs', id(), 'print']"
            [queryParams]="{ what: each.name }"
          >
            Pages
          </a>
        </li>
      }
      <li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-2">
        <span class="min-w-60 flex-1"
          ><b i18n class="font-semibold">This bank’s story stick, for a machine</b>
          <span i18n class="caption block">Full size; its marks on a layer of their own.</span></span
        >
        <span class="flex gap-2">
          <button i18n type="button" class="press" i18n-aria-label aria-label="Story stick, SVG" (click)="stick('svg')">
            SVG
          </button>
          <button i18n type="button" class="press" i18n-aria-label aria-label="Story stick, DXF" (click)="stick('dxf')">
            DXF
          </button>
        </span>
      </li>
      @for (template of templates(); track $index) {
        <li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-2">
          <span class="min-w-60 flex-1"
            ><b i18n class="font-semibold">{{ template.title | say }}, for a machine</b>
            <span i18n class="caption block"
              >{template.places.length, plural, =1 {Drawer} other {Drawers}} {{ template.places.join(', ') }}</span
            >
            @for (line of template.says; track $index) {
              <span class="caption block">{{ line | say }}</span>
            }
          </span>
          <span class="flex gap-2">
            <button
              i18n
              type="button"
              class="press"
              i18n-ariaLabel
              ariaLabel="{{ template.title | say }}, SVG"
              (click)="files.draw('template-' + ($index + 1), template.drawing, 'svg')"
            >
              SVG
            </button>
            <button
              i18n
              type="button"
              class="press"
              i18n-ariaLabel
              ariaLabel="{{ template.title | say }}, DXF"
              (click)="files.draw('template-' + ($index + 1), template.drawing, 'dxf')"
            >
              DXF
            </button>
          </span>
        </li>
      }
    </ul>
  </div>`,
})
export class PaperView {
  readonly bank = input.required<BankPlan>();
  protected readonly files = inject(FilesOut);
  protected readonly id = inject(Store).selectSignal(jobFeature.selectId);
  private readonly speech = inject(Speech);
  protected readonly prints = PAPERS.filter(({ name }) => TO_THE_CASE.includes(name));
  protected readonly templates = computed(() => drawTemplates(this.bank(), this.speech.words()));

  protected stick(as: 'svg' | 'dxf'): void {
    this.files.draw('story-stick', drawStickPaper(this.bank(), this.speech.words()), as);
  }
}
