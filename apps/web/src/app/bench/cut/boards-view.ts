import { Say } from '../../words/say';
import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { allowanceOf, boardList, said, type BoardRow, type Bought } from '@zabble/core';
import { Size } from '../../fields/size';
import { CutState } from './cut-state';

/** Boards: solid wood over size, and what that comes to at the yard. */
@Component({
  selector: 'z-boards-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, Size],
  template: `@for (group of groups(); track $index) {
      <section class="mb-4" [attr.aria-label]="group.wood | say">
        <h3 class="flex flex-wrap items-baseline justify-between gap-x-4 border-b-2 border-ink pb-1">
          <span class="text-lg font-semibold">{{ group.wood | say }}</span>
          <span class="font-semibold">{{ bought(group.bought) }}</span>
        </h3>
        @for (glued of group.glueUps; track $index) {
          <div class="border-b border-line py-2">
            <p i18n class="text-lg">
              Glue up one panel
              <b class="font-semibold"
                ><z-size kind="part" [length]="glued.length" /> ×
                <z-size kind="part" [length]="glued.width" [unit]="true"
              /></b>
              from {{ glued.boards.count }} {glued.boards.count, plural, =1 {board} other {boards}} of
              <b class="font-semibold"><z-size kind="part" [length]="glued.boards.width" [unit]="true" /></b>
            </p>
            <p i18n class="caption">
              @if (glued.part; as part) {
                for the {{ part | say }}.
              } @else {
                for {{ glued.parts.length }} fronts, cut from it in their order.
              }
              No dowel, tenon or screw within
              <z-size kind="gap" [length]="glued.clear" [unit]="true" /> of a cut line:
              @for (line of glued.cutLines; track $index; let last = $last) {
                <z-size kind="part" [length]="line" />{{ last ? '' : '; ' }}
              }
              from its {glued.parts[0]?.upright, select, true {upper end} other {upper edge}}.
            </p>
          </div>
        }
        <table class="w-full border-collapse">
          <thead class="caption text-right">
            <tr>
              <th i18n class="w-14 py-1 font-medium" scope="col">Count</th>
              <th i18n class="py-1 font-medium" scope="col">Long</th>
              <th i18n class="py-1 font-medium" scope="col">Wide</th>
              <th i18n class="py-1 font-medium" scope="col">Thick</th>
              <th i18n class="py-1 font-medium" scope="col">From rough</th>
              <th i18n class="py-1 pl-5 text-left font-medium" scope="col">For</th>
            </tr>
          </thead>
          <tbody>
            @for (row of group.rows; track $index) {
              <tr class="border-b border-line text-right text-lg">
                <td class="py-1.5">{{ row.count }}</td>
                <td><z-size kind="part" [length]="row.length" /></td>
                <td><z-size kind="part" [length]="row.width" /></td>
                <td><z-size kind="reading" [length]="row.thickness" /></td>
                <td><z-size kind="part" [length]="row.rough" /></td>
                <td class="pl-5 text-left text-base">{{ called(row) }}</td>
              </tr>
            }
          </tbody>
        </table>
      </section>
    } @empty {
      <p i18n class="caption">
        Nothing of this job is made of boards: its materials come in sheets, and it has no wooden runners or rails.
      </p>
    }
    @if (over(); as more) {
      <p i18n class="caption">
        Over size by <z-size kind="gap" [length]="more.length" [unit]="true" /> of length and
        <z-size kind="gap" [length]="more.width" [unit]="true" /> of width, waste not counted: add a fifth to two fifths
        for knots and figure. Rails stand between the case’s sides; what their joints take is added by hand.
      </p>
    }`,
})
export class BoardsView {
  protected bought(rough: Bought): string {
    return this.speech.say(said('boards/bought', rough));
  }

  private readonly state = inject(CutState);
  private readonly speech = inject(Speech);
  protected readonly groups = computed(() => {
    const [job, plan] = [this.state.job(), this.state.plan()];
    return job && plan ? boardList(job, plan) : [];
  });
  protected readonly over = computed(() => {
    const job = this.state.job();
    return job && this.groups().length > 0 ? allowanceOf(job) : undefined;
  });

  protected called({ what, count }: BoardRow): string {
    return this.speech.say(said(`part/${what}`, { count }));
  }
}
