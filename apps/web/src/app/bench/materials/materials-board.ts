import { DIALOG_DATA, DialogRef } from '@angular/cdk/dialog';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { writeExact, type Material } from '@zabble/core';
import { selectJob } from '../../store/job/job.selectors';
import { MATERIAL_KINDS, MaterialCard } from './material-card';
import type { MaterialsAsked } from './materials-asked';
import { NewMaterial } from './new-material';

/** The materials of the job: all of them in a list, one of them in full, and another put in. */
@Component({
  selector: 'z-materials-board',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [MaterialCard, NewMaterial],
  template: `<div
    class="flex max-h-[92vh] w-[62rem] max-w-[96vw] flex-col rounded border border-edge bg-sheet text-ink shadow-xl"
  >
    <div class="flex items-center gap-3 border-b border-line px-5 py-3">
      <h2 i18n class="mr-auto text-xl font-semibold">
        @if (asked.what) {
          What is it made of: {{ asked.what }}
        } @else {
          Materials of this job
        }
      </h2>
      <button i18n type="button" class="press" (click)="dialog.close()">Close</button>
    </div>
    <div class="grid min-h-0 flex-1 grid-cols-[17rem_1fr] max-md:block max-md:overflow-y-auto">
      <nav
        class="overflow-y-auto border-r border-line p-2 max-md:border-r-0 max-md:border-b"
        i18n-aria-label
        aria-label="Materials"
      >
        <ul class="flex flex-col">
          @for (each of materials(); track each.id) {
            <li>
              <button
                type="button"
                class="flex min-h-11 w-full flex-col items-start rounded px-2 py-1 text-left leading-tight hover:bg-well"
                [class.bg-chalk-wash]="!making() && each.id === shown()?.id"
                [attr.aria-pressed]="!making() && each.id === shown()?.id"
                [attr.aria-label]="each.name"
                (click)="look(each.id)"
              >
                <span class="font-medium">{{ each.name }}</span>
                <span class="caption">{{ kindOf(each.kind) }}, {{ measured(each) }}</span>
              </button>
            </li>
          }
        </ul>
        <button
          i18n
          type="button"
          class="press mt-2 w-full"
          [class.press-main]="making()"
          [attr.aria-pressed]="making()"
          (click)="making.set(true)"
        >
          + Another material
        </button>
      </nav>
      <div class="overflow-y-auto px-5 py-4 max-sm:px-3" tabindex="-1">
        @if (making()) {
          <z-new-material (made)="made($event)" (left)="making.set(false)" />
        } @else if (shown(); as material) {
          <z-material-card [material]="material" [place]="place()" (turned)="look($event)" />
        }
      </div>
    </div>
  </div>`,
})
export class MaterialsBoard {
  protected readonly dialog = inject(DialogRef);
  protected readonly asked = inject<MaterialsAsked>(DIALOG_DATA);
  private readonly job = inject(Store).selectSignal(selectJob);
  private readonly chosen = signal('');
  protected readonly making = signal(this.asked.made !== undefined);
  protected readonly materials = computed(() => this.job()?.materials ?? []);
  protected readonly place = computed(() =>
    Math.max(
      0,
      this.materials().findIndex(({ id }) => id === this.chosen()),
    ),
  );
  protected readonly shown = computed(() => this.materials()[this.place()]);

  protected look(id: string): void {
    this.chosen.set(id);
    this.making.set(false);
  }

  /** As it was measured, never rounded: what is near a nominal size is not it. */
  protected measured({ thickness }: Material): string {
    return writeExact(thickness, this.job()?.unit ?? 'mm');
  }

  protected kindOf(kind: string): string {
    return MATERIAL_KINDS.find(({ value }) => value === kind)?.label ?? kind;
  }

  /** Made for something: that is told, and the board goes; else it is shown. */
  protected made(id: string): void {
    const { made } = this.asked;
    if (!made) return this.look(id);
    made(id);
    this.dialog.close();
  }
}
