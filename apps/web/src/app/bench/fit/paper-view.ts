import { Say } from '../../words/say';
import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { PrintName } from '@zabble/contract';
import { drawStickPaper, drawTemplates, type BankPlan } from '@zabble/core';
import { Says } from '../../ui/says';
import { Paper } from '../paper';
import { PaperChoice } from '../paper-choice';

const PRINTS: readonly { readonly name: PrintName; readonly says: string; readonly what: string }[] = [
  {
    name: 'bench-card.pdf',
    says: $localize`Bench card`,
    what: $localize`A page a bank: face and section, boxes with their tolerance, spacers with the fence setting of each, holes, packing, and what to look out for.`,
  },
  {
    name: 'story-stick.pdf',
    says: $localize`Story stick, on pages`,
    what: $localize`Full size, joined by the lettered dashed lines. Every page has a line whose length is told: measure it first.`,
  },
  {
    name: 'story-stick-strip.pdf',
    says: $localize`Story stick, in one piece`,
    what: $localize`The same for a roll or a plotter.`,
  },
  {
    name: 'templates.pdf',
    says: $localize`Templates`,
    what: $localize`Full size: bores of the pulls, the backs of undermount boxes, the screw line of the slides.`,
  },
];

/** What goes to the case on paper, true to size. */
@Component({
  selector: 'z-paper-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [PaperChoice, Say, Says],
  template: `<div class="flex flex-col gap-4">
    <div class="flex flex-wrap items-center gap-3">
      <h3 i18n class="mr-auto text-lg font-semibold">To take to the case</h3>
      <z-paper-choice />
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
          <button
            i18n
            type="button"
            class="press"
            i18n-ariaLabel
            ariaLabel="{{ each.says }}, PDF"
            [disabled]="paper.busy()"
            (click)="paper.print(each.name)"
          >
            PDF
          </button>
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
              (click)="paper.draw('template-' + ($index + 1), template.drawing, 'svg')"
            >
              SVG
            </button>
            <button
              i18n
              type="button"
              class="press"
              i18n-ariaLabel
              ariaLabel="{{ template.title | say }}, DXF"
              (click)="paper.draw('template-' + ($index + 1), template.drawing, 'dxf')"
            >
              DXF
            </button>
          </span>
        </li>
      }
    </ul>
    <z-says [text]="paper.says()" />
  </div>`,
})
export class PaperView {
  readonly bank = input.required<BankPlan>();
  protected readonly paper = inject(Paper);
  private readonly speech = inject(Speech);
  protected readonly prints = PRINTS;
  protected readonly templates = computed(() => drawTemplates(this.bank(), this.speech.words()));

  protected stick(as: 'svg' | 'dxf'): void {
    this.paper.draw('story-stick', drawStickPaper(this.bank(), this.speech.words()), as);
  }
}
