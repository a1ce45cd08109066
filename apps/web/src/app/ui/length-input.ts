import { booleanAttribute, Directive, effect, ElementRef, inject, input, signal, untracked } from '@angular/core';
import {
  FormControl,
  NG_VALIDATORS,
  NG_VALUE_ACCESSOR,
  type AbstractControl,
  type ControlValueAccessor,
  type ValidationErrors,
  type Validator,
} from '@angular/forms';
import { plain, quoted, readLength, said, writeBare, type Length, type Said, type Unit } from '@zabble/core';

/** A control for a length, nothing written in it yet: its value is undefined then, where a bare control would have null. */
export function lengthControl(): FormControl<Length | undefined> {
  return new FormControl<Length | undefined>({ value: undefined, disabled: false }, { nonNullable: true });
}

/** What is wrong with the length in a control; nothing where it reads, or where none is written. */
export function wrongLength({ errors }: AbstractControl): Said | undefined {
  return (errors?.['length'] as Said | undefined) ?? undefined;
}

/** Why a control that has no length has none. */
export function whyNoLength(control: AbstractControl): Said {
  return wrongLength(control) ?? plain('nothing-written');
}

/**
 * A field for a length as a form control: its value is the length, undefined while nothing is written or what is written
 * can’t be read; that stays as typed, and `wrongLength` says what is wrong with it. Bare numbers take the unit given; when
 * that is another, a length stays what it is and is written in it. With `positive` it must be more than nothing.
 */
@Directive({
  selector: 'input[zLength]',
  host: {
    '(input)': 'typed($any($event.target).value)',
    '(blur)': 'touched()',
    '[attr.aria-invalid]': 'wrong() !== undefined',
    autocomplete: 'off',
    spellcheck: 'false',
  },
  providers: [
    { provide: NG_VALUE_ACCESSOR, useExisting: LengthInput, multi: true },
    { provide: NG_VALIDATORS, useExisting: LengthInput, multi: true },
  ],
})
export class LengthInput implements ControlValueAccessor, Validator {
  readonly zLength = input.required<Unit>();
  readonly positive = input(false, { transform: booleanAttribute });
  private readonly field = inject<ElementRef<HTMLInputElement>>(ElementRef).nativeElement;
  protected readonly wrong = signal<Said | undefined>(undefined);
  private length: Length | undefined;
  private unit: Unit | undefined;
  private changed: (length: Length | undefined) => void = () => undefined;
  protected touched: () => void = () => undefined;

  constructor() {
    effect(() => {
      const unit = this.zLength();
      untracked(() => {
        // Not while it is written in: then it stays as typed.
        if (this.length !== undefined && this.unit !== undefined && unit !== this.unit) this.writeValue(this.length);
        this.unit = unit;
      });
    });
  }

  /** A length from the form: written neatly, exactly. */
  writeValue(length: Length | undefined | null): void {
    this.length = length ?? undefined;
    this.field.value = this.length === undefined ? '' : writeBare(this.length, this.zLength());
    this.wrong.set(undefined);
  }

  registerOnChange(changed: (length: Length | undefined) => void): void {
    this.changed = changed;
  }

  registerOnTouched(touched: () => void): void {
    this.touched = touched;
  }

  setDisabledState(disabled: boolean): void {
    this.field.disabled = disabled;
  }

  validate(): ValidationErrors | null {
    const wrong = this.wrong();
    return wrong ? { length: wrong } : null;
  }

  protected typed(text: string): void {
    const read = text.trim() === '' ? undefined : readLength(text, this.zLength());
    const nothing = this.positive() && read?.ok && read.value === 0;
    const why = nothing
      ? said('read-wrong', { read: { quoted: quoted(text) }, why: said('more-than-nothing') })
      : undefined;
    this.wrong.set(read?.ok === false ? read.wrong : why);
    this.length = read?.ok && !nothing ? read.value : undefined;
    this.changed(this.length);
  }
}
