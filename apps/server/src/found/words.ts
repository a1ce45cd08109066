/** Longer words are found by their beginning. In UTF-16 units. */
const LONGEST = 32;
/** Scripts that are written without blanks between words: there a word may begin at every letter. */
const UNBROKEN =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}\p{Script=Myanmar}]/u;
/** So much of such a run is kept from each of its letters. */
const LONGEST_UNBROKEN = 12;
/** More words than a search can mean. */
const MOST_ASKED = 8;

/**
 * The words a text is found by, each once: without case, accents and other marks, figures as they are. In a script
 * without blanks every letter begins one.
 */
export function wordsOf(text: string): readonly string[] {
  return [...new Set(plainWords(text).flatMap((word) => [word.slice(0, LONGEST), ...insideOf(word)]))];
}

/** The beginnings of words that are looked for, the first of them. */
export function beginningsOf(text: string): readonly string[] {
  const words = plainWords(text).map((word) => word.slice(0, UNBROKEN.test(word) ? LONGEST_UNBROKEN : LONGEST));
  return [...new Set(words)].slice(0, MOST_ASKED);
}

/** Words as one text, each with a blank before it, so that ` ab` finds what begins so. */
export function asText(words: readonly string[], most: number): string {
  let text = '';
  for (const word of words) {
    if (text.length + word.length + 1 > most) break;
    text += ` ${word}`;
  }
  return text;
}

function plainWords(text: string): readonly string[] {
  const plain = text
    .normalize('NFKD')
    .toUpperCase()
    .toLowerCase()
    .replace(/\p{M}+/gu, '')
    .replaceAll('ς', 'σ');
  return plain.split(/[^\p{L}\p{N}]+/u).filter((word) => word !== '');
}

function insideOf(word: string): readonly string[] {
  if (!UNBROKEN.test(word)) return [];
  const letters = [...word];
  return letters.flatMap((letter, at) =>
    UNBROKEN.test(letter) ? [letters.slice(at).join('').slice(0, LONGEST_UNBROKEN)] : [],
  );
}
