import { computed, inject, Injectable, InjectionToken, signal, type Signal } from '@angular/core';
import {
  ENGLISH,
  millimetres,
  plain,
  said,
  wordsIn,
  type Code,
  type Language,
  type PlainCode,
  type Said,
  type Words,
  type Writing,
} from '@zabble/core';

/** The language everything is said in. */
export const LANGUAGE = new InjectionToken<Language>('the language of the application', {
  providedIn: 'root',
  factory: () => ENGLISH,
});

/** How lengths are written while no job is open. */
const NO_JOB = { unit: 'mm', step: millimetres(0.5) } as const;

/** How the open job writes its lengths, from when there is a bench to open one on. */
@Injectable({ providedIn: 'root' })
export class OpenWriting {
  private readonly source = signal<Signal<Writing | undefined> | undefined>(undefined);
  readonly now = computed(() => this.source()?.());

  follow(source: Signal<Writing | undefined>): void {
    this.source.set(source);
  }
}

/** How the open job writes its lengths; nothing while none is open. */
export const WRITING = new InjectionToken<Signal<Writing | undefined>>('how the open job writes lengths', {
  providedIn: 'root',
  factory: () => inject(OpenWriting).now,
});

/** Says codes in the application’s language, lengths as the open job writes them. */
@Injectable({ providedIn: 'root' })
export class Speech {
  private readonly language = inject(LANGUAGE);
  private readonly showing = inject(WRITING);
  readonly words = computed(() => wordsIn(this.language, this.showing() ?? NO_JOB));

  /** The same for a job that is not the open one. */
  wordsOf(writing: Writing): Words {
    return wordsIn(this.language, writing);
  }

  readonly say = (what: Said): string => this.words().say(what);

  /** What a code that is about nothing else says. */
  plain(code: PlainCode): string {
    return this.say(said(code));
  }

  /** Choices of a table of codes, as a list offers them. */
  options<T extends string>(
    prefix: string,
    values: readonly T[],
  ): readonly { readonly value: T; readonly label: string }[] {
    return values.map((value) => ({ value, label: this.say(plain(`${prefix}/${value}` as Code)) }));
  }
}

/** A sentence as it begins: with a capital. */
export function begun(sentence: string): string {
  return `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}`;
}

/** A sentence as it goes on after another: without its capital. */
export function gone(sentence: string): string {
  return `${sentence.charAt(0).toLowerCase()}${sentence.slice(1)}`;
}
