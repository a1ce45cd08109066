/** Text as it may stand in a page. */
export function escaped(text: string): string {
  return text.replace(/[&<>"']/g, (letter) => `&#${letter.charCodeAt(0)};`);
}
