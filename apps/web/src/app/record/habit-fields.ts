import { Speech } from '../words/speech';
import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { readLength, writeExact, type HabitName } from '@zabble/core';
import { Says } from '../ui/says';
import { MoneyField } from '../shop/money-field';
import { HABIT_WORDS, HABITS, ShopHabits } from '../shop/habits';

/** The shop’s habits, written as on wood with their unit; new jobs start from them. */
@Component({
  selector: 'z-habit-fields',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [MoneyField, Says],
  template: `<section class="flex flex-col gap-3" aria-labelledby="habits">
    <h2 i18n id="habits" class="text-lg font-semibold">The shop’s habits</h2>
    <p i18n class="caption">Every new job starts from them. Empty: as Zabble begins.</p>
    @for (name of names; track name) {
      <label class="flex flex-col gap-1">
        <span class="caption"
          ><b class="font-semibold text-ink">{{ words[name].name }}</b> {{ words[name].says }}</span
        >
        <input
          class="write"
          type="text"
          autocomplete="off"
          i18n-placeholder
          placeholder="1/32 in, 0.8 mm"
          [attr.aria-invalid]="wrong() === name"
          [value]="habits.texts()[name] ?? ''"
          (change)="keep(name, $any($event.target).value)"
        />
      </label>
    }
    <z-money-field />
    <z-says [text]="says() || habits.says()" />
  </section>`,
})
export class HabitFields {
  protected readonly habits = inject(ShopHabits);
  protected readonly names = HABITS;
  private readonly speech = inject(Speech);
  protected readonly words = HABIT_WORDS;
  protected readonly says = signal('');
  protected readonly wrong = signal<HabitName | undefined>(undefined);

  protected keep(name: HabitName, text: string): void {
    const written = text.trim();
    const unit = /mm|cm/.test(written) ? 'mm' : 'in';
    const read = written === '' ? undefined : readLength(written, unit);
    this.says.set(read && !read.ok ? `${HABIT_WORDS[name].name}: ${this.speech.say(read.wrong)}` : '');
    this.wrong.set(read && !read.ok ? name : undefined);
    if (!read || read.ok) this.habits.keep(name, read ? writeExact(read.value, unit) : '');
  }
}
