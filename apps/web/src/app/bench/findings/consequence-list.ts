import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import {
  groupFindings,
  kindOfDimension,
  nm,
  shownLength,
  type BankPlan,
  type Consequences,
  type Finding,
  type Length,
  type SizeChange,
  type SizeKind,
} from '@zabble/core';
import { Store } from '@ngrx/store';
import { selectShowing } from '../../store/job/job.selectors';
import { Size } from '../../fields/size';
import { sizeTitle } from '../titles';

/** So many sizes are told one by one. */
const MOST = 14;

/** What a change does downstream: sizes before and after, what is mended by it and what it asks. */
@Component({
  selector: 'z-consequence-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Size],
  template: `@if (rows().length > 0) {
      <table class="w-full max-w-2xl border-collapse">
        <thead class="caption border-b border-edge text-left">
          <tr>
            <th i18n class="py-1 font-medium" scope="col">What changes</th>
            <th class="py-1 pr-2 text-right font-medium" scope="col">{{ before() }}</th>
            <th class="py-1 pr-2 text-right font-medium" scope="col">{{ after() }}</th>
            <th i18n class="py-1 text-right font-medium" scope="col">by</th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track $index) {
            <tr class="border-b border-line">
              <th class="py-1 pr-2 text-left font-normal" scope="row">{{ row.says }}</th>
              <td class="pr-2 text-right">
                @if (row.change.before; as size) {
                  <z-size [kind]="row.kind" [length]="size" />
                } @else {
                  –
                }
              </td>
              <td i18n class="pr-2 text-right font-medium">
                @if (row.change.after; as size) {
                  <z-size [kind]="row.kind" [length]="size" />
                } @else {
                  can’t be had
                }
              </td>
              <td class="text-right text-soft">
                @if (row.by; as by) {
                  <z-size kind="gap" [length]="by" />
                }
              </td>
            </tr>
          }
        </tbody>
      </table>
      @if (more() > 0) {
        <p i18n class="caption mt-1">and {{ more() }} more sizes</p>
      }
    }
    @if (gone().length > 0) {
      <p class="mt-1.5"><span i18n class="font-semibold">No longer said:</span> {{ gone().join(' ') }}</p>
    }
    @if (come().length > 0) {
      <p class="mt-1.5"><span i18n class="font-semibold">Said then:</span> {{ come().join(' ') }}</p>
    }
    @if (rows().length === 0 && gone().length === 0 && come().length === 0) {
      <p i18n class="caption">No size of a part changes by it.</p>
    }`,
  host: { class: 'block' },
})
export class ConsequenceList {
  private readonly speech = inject(Speech);
  private readonly showing = inject(Store).selectSignal(selectShowing);
  readonly consequences = input.required<Consequences>();
  /** Banks of the plan after, for naming drawers. */
  readonly banks = input.required<readonly BankPlan[]>();
  readonly before = input($localize`now`);
  readonly after = input($localize`then`);
  protected readonly rows = computed(() =>
    this.consequences()
      .sizes.slice(0, MOST)
      .map((change) => {
        const kind = kindOfDimension(change.size);
        return { change, kind, says: this.worded(change), by: this.difference(change, kind) };
      }),
  );
  protected readonly more = computed(() => Math.max(0, this.consequences().sizes.length - MOST));
  protected readonly gone = computed(() => this.told(this.consequences().gone));
  protected readonly come = computed(() => this.told(this.consequences().come));

  private worded({ size, places, bank }: SizeChange): string {
    const drawers = this.banks().find(({ path }) => path === bank)?.drawers.length ?? 0;
    const title = sizeTitle(size);
    if (places.length === 0) return title;
    if (places.length === drawers && drawers > 1) return $localize`${title}, all drawers`;
    const numbers = places.map((place) => place + 1);
    return this.speech.words().form(numbers.length, {
      one: $localize`${title}, drawer ${listed(numbers)}`,
      other: $localize`${title}, drawers ${listed(numbers)}`,
    });
  }

  /** Between the two as they are shown. */
  private difference({ before, after }: SizeChange, kind: SizeKind): Length | undefined {
    const showing = this.showing();
    if (before === undefined || after === undefined || !showing) return undefined;
    return nm(shownLength(after, kind, showing) - shownLength(before, kind, showing));
  }

  /** What several drawers have alike is told once. */
  private told(findings: readonly Finding[]): readonly string[] {
    return groupFindings(findings).map(({ said }) => this.speech.say(said));
  }
}

/** `1, 2 and 5`. */
function listed(numbers: readonly number[]): string {
  if (numbers.length < 2) return numbers.join('');
  return $localize`${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}`;
}
