import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';

import { unitCalled } from '../shop/counted';
import { readNumber } from '../ui/read-number';
import { Says } from '../ui/says';
import { Speech } from '../words/speech';
import { BuyingState } from './buying-state';
import { ChosenJobs } from './chosen-jobs';

interface Row {
  readonly key: string;
  readonly what: string;
  readonly unit: string;
  readonly count: number;
}

/** The hardware drawer as it is counted, and what was laid aside out of it. */
@Component({
  selector: 'z-drawer-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `<p i18n class="caption max-w-prose">
      What lies here is taken before anything is bought. Rows of the chosen jobs stand here too, to be counted.
    </p>
    <z-says [text]="says() || state.says()" />
    <table class="w-full border-collapse">
      <thead class="caption border-b-2 border-edge text-left">
        <tr>
          <th i18n class="py-1.5 pr-2 font-medium" scope="col">What</th>
          <th i18n class="py-1.5 pr-2 font-medium max-sm:hidden" scope="col">Key</th>
          <th i18n class="py-1.5 text-right font-medium" scope="col">Lies there</th>
        </tr>
      </thead>
      <tbody>
        @for (row of rows(); track row.key) {
          <tr class="border-b border-line align-baseline">
            <th class="py-1 pr-2 text-left font-normal" scope="row">
              <span class="block first-letter:uppercase">{{ row.what }}</span>
            </th>
            <td class="pr-2 max-sm:hidden">
              <code>{{ row.key }}</code>
            </td>
            <td class="text-right whitespace-nowrap">
              <label>
                <span i18n class="sr-only">Count of {{ row.what }}</span>
                <input
                  class="write w-24 text-right"
                  type="text"
                  inputmode="decimal"
                  autocomplete="off"
                  [attr.aria-invalid]="wrong() === row.key"
                  [value]="row.count"
                  (change)="count(row, $any($event.target).value)"
                />
              </label>
              <span class="inline-block w-16 text-left">&nbsp;{{ called(row) }}</span>
            </td>
          </tr>
        } @empty {
          <tr>
            <td i18n class="py-3" colspan="3">
              The drawer is empty. Choose jobs first: what they want can be counted here.
            </td>
          </tr>
        }
      </tbody>
    </table>
    @if (state.kept().aside.length > 0) {
      <h2 i18n class="mt-2 text-lg font-semibold">Laid aside for jobs</h2>
      <ul class="flex flex-col">
        @for (each of state.kept().aside; track each.id + each.job + each.key) {
          <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-line py-1">
            <span
              >{{ each.count }} × <code>{{ each.key }}</code>
              <span class="caption block">{{ jobs.nameOf(each.job) }}</span></span
            >
            <button i18n type="button" class="press" (click)="state.putBack(each.id)">Put back</button>
          </li>
        }
      </ul>
    }`,
  host: { class: 'flex flex-col gap-3' },
})
export class DrawerView {
  protected readonly state = inject(BuyingState);
  protected readonly jobs = inject(ChosenJobs);
  private readonly speech = inject(Speech);
  protected readonly says = signal('');
  protected readonly wrong = signal('');

  /** What lies there, and what the chosen jobs want of its kind. */
  protected readonly rows = computed((): readonly Row[] => {
    const there = this.state.kept().drawer;
    const known = new Set(there.map(({ key }) => key));
    const wanted = this.state
      .lines()
      .filter(({ kind, key }) => kind !== 'sheets' && kind !== 'wood' && kind !== 'bought' && !known.has(key))
      .map(({ key, what, unit }) => ({ key, what: this.speech.say(what), unit, count: 0 }));
    return [...there, ...wanted];
  });

  protected called({ unit, count }: Row): string {
    return unitCalled(unit, count);
  }

  protected count(row: Row, text: string): void {
    const read = readNumber(text.trim() || '0', $localize`a number is wanted, as 40 or 2.5`);
    const many = read.ok ? read.value : undefined;
    const isWrong = many === undefined || many < 0 || many > 1e9;
    this.wrong.set(isWrong ? row.key : '');
    if (isWrong) return this.says.set(read.ok ? $localize`A count is nought or more.` : read.says);
    this.says.set('');
    const { count: was, ...of } = row;
    this.state.count(of, was, Math.round(many * 1e6) / 1e6);
  }
}
