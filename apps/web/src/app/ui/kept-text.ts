import { effect, signal, untracked, type Signal } from '@angular/core';
import { FormControl } from '@angular/forms';

/**
 * The text of a field beside what is kept: it follows what is kept, has a sentence for what is wrong with it, and can be
 * put back as it stood. To be made where an effect can be.
 */
export function keptText(kept: Signal<string>) {
  const control = new FormControl('', { nonNullable: true });
  const says = signal('');
  effect(() => {
    const text = kept();
    untracked(() => control.setValue(text));
  });
  const written = {
    half: () => control.value !== kept(),
    settle: () => {
      control.setValue(kept());
      says.set('');
    },
  };
  return { control, says, written };
}
