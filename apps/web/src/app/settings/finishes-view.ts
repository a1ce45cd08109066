import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { dryingOf, FINISH_ROWS, readShopCosting, said, type FinishRow } from '@zabble/core';
import { ShopCostingState } from '../shop/costing';
import { readNumber } from '../ui/read-number';
import { Says } from '../ui/says';
import { Say } from '../words/say';
import { Speech } from '../words/speech';

const FIELDS = [
  { name: 'coats', called: $localize`Coats` },
  { name: 'cover', called: $localize`m² a litre` },
  { name: 'grits', called: $localize`Sandings in all` },
  { name: 'dry', called: $localize`Hours to the next coat` },
  { name: 'use', called: $localize`Hours until it is hard` },
  { name: 'least', called: $localize`°C at least` },
] as const;
type Field = (typeof FIELDS)[number]['name'];

/** Ways of finishing: what a litre covers and how often it is put on. The tin always wins. */
@Component({
  selector: 'z-finishes-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, Says],
  template: `<p i18n class="caption max-w-prose">
      Coats, cover and hours are from memory until you write what your tin says. Solvents and oily rags: as the maker’s
      sheet has it.
    </p>
    <z-says [text]="says() || shop.says()" />
    <div class="overflow-x-auto">
      <table class="w-full max-w-5xl border-collapse">
        <thead class="caption border-b-2 border-edge text-left">
          <tr>
            <th i18n class="py-1.5 pr-2 font-medium" scope="col">Finish</th>
            @for (field of fields; track field.name) {
              <th class="py-1.5 pr-2 text-right font-medium max-sm:text-xs" scope="col">{{ field.called }}</th>
            }
            <th scope="col"></th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.id) {
            <tr class="border-b border-line">
              <th class="py-1 pr-2 text-left font-medium" scope="row">
                <span class="block first-letter:uppercase">{{ called(row) | say }}</span>
                <code class="caption">finish:{{ row.id }}</code>
              </th>
              @for (field of fields; track field.name) {
                <td class="pr-2 text-right">
                  <input
                    class="write w-20 text-right max-sm:w-12 max-sm:px-1"
                    type="text"
                    inputmode="decimal"
                    [attr.aria-label]="field.called + ', ' + (called(row) | say)"
                    [value]="shown(row, field.name)"
                    (change)="write(row, field.name, $any($event.target).value)"
                  />
                </td>
              }
              <td class="text-right">
                <button
                  type="button"
                  class="min-h-11 min-w-11 rounded text-soft hover:text-lead"
                  i18n-ariaLabel
                  ariaLabel="Take {{ called(row) | say }} out"
                  (click)="drop(row)"
                >
                  ×
                </button>
              </td>
            </tr>
          }
        </tbody>
      </table>
    </div>
    <div class="flex flex-wrap items-end gap-3">
      <label class="flex flex-col gap-1">
        <span i18n class="caption">Another finish, its name</span>
        <input #name class="write w-56" type="text" maxlength="40" (keydown.enter)="add(name)" />
      </label>
      <button i18n type="button" class="press" (click)="add(name)">Put it in</button>
      @if (shop.said().finishes) {
        <button i18n type="button" class="press" (click)="say(undefined)">As they ship</button>
      }
    </div>`,
  host: { class: 'flex flex-col gap-3' },
})
export class FinishesView {
  protected readonly shop = inject(ShopCostingState);
  private readonly speech = inject(Speech);
  protected readonly fields = FIELDS;
  protected readonly says = signal('');
  protected readonly rows = computed(() => this.shop.said().finishes ?? FINISH_ROWS);

  protected called({ id }: FinishRow) {
    return said('cost/finish', { row: id });
  }

  protected write(row: FinishRow, field: Field, text: string): void {
    if (field === 'dry') return this.writeDry(row, text);
    const read = readNumber(text, $localize`a number is wanted, as 3 or 12.5`);
    if (!read.ok || read.value === undefined)
      return this.says.set(read.ok ? $localize`A number is wanted.` : read.says);
    const { value } = read;
    this.say(this.rows().map((each) => (each === row ? { ...row, [field]: value } : each)));
  }

  /** As it holds: what a row does not say is as it ships, or as usual. */
  protected shown(row: FinishRow, field: Field): string | number {
    const { dry, use, least } = dryingOf(row);
    if (field === 'dry') return dry.join(', ');
    if (field === 'use') return use;
    return field === 'least' ? (least ?? '') : row[field];
  }

  /** One for all coats, or one for each: `4, 16`. */
  private writeDry(row: FinishRow, text: string): void {
    const dry = text.split(/[,;]/u).map((each) => Number(each.trim()));
    if (dry.some((hours) => Number.isNaN(hours)) || text.trim() === '')
      return this.says.set($localize`“${text}” are no hours: one for all coats is wanted, or one for each, as 4, 16.`);
    this.say(this.rows().map((each) => (each === row ? { ...row, dry } : each)));
  }

  protected drop(row: FinishRow): void {
    this.say(this.rows().filter((each) => each !== row));
  }

  protected add(name: HTMLInputElement): void {
    const id = name.value.trim();
    if (id === '') return this.says.set($localize`A finish has a name.`);
    if (this.rows().some((row) => row.id === id)) return this.says.set($localize`“${id}” is in the list already.`);
    name.value = '';
    this.say([...this.rows(), { id, coats: 2, cover: 10, grits: 2 }]);
  }

  /** As they are to be from now on; as they ship where nothing is said. */
  protected say(finishes: readonly FinishRow[] | undefined): void {
    const read = readShopCosting({ finishes: finishes ?? [] });
    const [first] = read.ok ? [] : read.errors;
    this.says.set(first ? this.speech.say(first.said) : '');
    if (read.ok) this.shop.sayFinishes(finishes);
  }
}
