import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import {
  contentOf,
  FILES,
  KNOWN_THINGS,
  type BankPlan,
  type DrawerPlan,
  type FilesKind,
  type Patch,
} from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { LengthField } from '../../fields/length-field';
import { NumberField } from '../../fields/number-field';
import { Pick } from '../../fields/pick';
import { TextField } from '../../fields/text-field';
import { Says } from '../../ui/says';
import { Say } from '../../words/say';
import { Speech } from '../../words/speech';

/** What goes into a drawer: each thing with its height, how many, its weight and the room it lies on. */
@Component({
  selector: 'z-contents-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, NumberField, Pick, Say, Says, TextField],
  template: `<section class="flex flex-col gap-2" i18n-ariaLabel ariaLabel="What goes into drawer {{ number() }}">
    <h3 i18n class="font-semibold">What goes in</h3>
    @for (thing of things(); track $index; let i = $index) {
      <div class="flex flex-wrap items-end gap-2 border-b border-line pb-2" role="group" [attr.aria-label]="thing.name">
        <z-text-field class="w-44" [path]="path(i) + '.name'" i18n-label label="Thing" />
        <z-length-field
          [path]="path(i) + '.height'"
          i18n-label
          label="High"
          i18n-name
          name="{{ thing.name }}, height"
          [narrow]="true"
        />
        <z-number-field
          [path]="path(i) + '.count'"
          i18n-label
          label="Count"
          placeholder="1"
          [narrow]="true"
          [optional]="true"
        />
        <z-number-field
          [path]="path(i) + '.weight_kg'"
          measures="weight"
          i18n-label
          label="Each"
          [narrow]="true"
          [optional]="true"
        />
        <z-pick
          class="w-32"
          [path]="path(i) + '.files'"
          i18n-label
          label="Hanging files"
          i18n-name
          name="{{ thing.name }}, hanging files"
          [options]="files"
          [along]="alongFiles(i)"
        />
        @if (thing.footprint) {
          <z-length-field [path]="path(i) + '.footprint[0]'" i18n-label label="Across" [narrow]="true" />
          <z-length-field [path]="path(i) + '.footprint[1]'" i18n-label label="Deep" [narrow]="true" />
        } @else {
          <button i18n type="button" class="press" (click)="measure(i)">+ across and deep</button>
        }
        <button
          type="button"
          class="min-h-11 min-w-11 rounded text-soft hover:text-lead"
          i18n-ariaLabel
          ariaLabel="Take out {{ thing.name }}"
          (click)="takeOut(i, thing.name)"
        >
          ×
        </button>
      </div>
    } @empty {
      <p i18n class="caption">Nothing is written for it. What is stored decides how low the front may be.</p>
    }
    <div class="flex flex-wrap items-end gap-3">
      <button i18n type="button" class="press" (click)="add()">+ Put something in</button>
      <label class="flex flex-col gap-1">
        <span i18n class="caption">Or something known, to be measured</span>
        <select #known class="write w-56" (change)="addKnown(known)">
          <option value=""></option>
          @for (each of knownThings; track each.id) {
            <option [value]="each.id">{{ each.called | say }}</option>
          }
        </select>
      </label>
    </div>
    <z-says [text]="says()" />
  </section>`,
})
export class ContentsList {
  readonly bank = input.required<BankPlan>();
  readonly drawer = input.required<DrawerPlan>();
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  protected readonly says = signal('');
  protected readonly number = computed(() => this.drawer().place + 1);
  protected readonly things = computed(() => this.bank().bank.drawers[this.drawer().place]?.contents ?? []);

  protected readonly knownThings = KNOWN_THINGS;
  protected readonly files = [
    { value: '', label: $localize`no` },
    { value: 'letter', label: $localize`letter` },
    { value: 'legal', label: $localize`legal` },
    { value: 'a4', label: $localize`A4` },
  ];

  /** They hang so high over the bottom. */
  protected alongFiles(index: number): (kind: string) => readonly Patch[] {
    return (kind) => {
      if (kind === '') return [];
      const value = this.edits.written(FILES[kind as FilesKind].clear);
      return [{ path: `${this.path(index)}.height`, value }];
    };
  }

  protected path(index: number): string {
    return `${this.drawer().path}.contents[${index}]`;
  }

  protected add(): void {
    this.put({ name: $localize`thing`, height: this.edits.usual('1 in', '25 mm') });
  }

  private put(value: object): void {
    const path = this.path(this.things().length);
    const patch =
      this.things().length === 0 ? { path: `${this.drawer().path}.contents`, value: [value] } : { path, value };
    this.take($localize`put something in drawer ${this.number()}`, patch);
  }

  /** With the sizes of its row; the list is for the next one again. */
  protected addKnown(list: HTMLSelectElement): void {
    const thing = KNOWN_THINGS.find(({ id }) => id === list.value);
    list.value = '';
    if (!thing) return;
    this.put(contentOf(thing, this.speech.say(thing.called), (length) => this.edits.written(length)));
  }

  protected measure(index: number): void {
    const side = this.edits.usual('2 in', '50 mm');
    this.take($localize`across and deep`, { path: `${this.path(index)}.footprint`, value: [side, side] });
  }

  protected takeOut(index: number, name: string): void {
    const last = this.things().length === 1;
    const path = last ? `${this.drawer().path}.contents` : this.path(index);
    this.take($localize`take out ${name}`, { path, value: undefined });
  }

  private take(name: string, patch: { path: string; value: unknown }): void {
    this.says.set(this.edits.apply(name, [patch]) ?? '');
  }
}
