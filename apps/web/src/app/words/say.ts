import { inject, Pipe, type PipeTransform } from '@angular/core';
import type { Said } from '@zabble/core';
import { Speech } from './speech';

/** `{{ finding.said | say }}`: what a code says. Codes are made anew with every plan, so it need not look again. */
@Pipe({ name: 'say' })
export class Say implements PipeTransform {
  private readonly speech = inject(Speech);

  transform(what: Said): string {
    return this.speech.say(what);
  }
}
