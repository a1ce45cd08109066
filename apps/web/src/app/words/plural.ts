import { locale } from './locale';

/** The form that goes with a number, by the plural rules of the language captions are in. */
export function plural(
  many: number,
  forms: Readonly<Partial<Record<Intl.LDMLPluralRule, string>>> & { other: string },
): string {
  return forms[new Intl.PluralRules(locale()).select(many)] ?? forms.other;
}
