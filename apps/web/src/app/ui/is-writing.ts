/** Whether a key goes to a field someone writes in, so that it is no single-letter key of the bench. */
export function isWriting({ target }: Event): boolean {
  return target instanceof HTMLElement && /^(INPUT|SELECT|TEXTAREA)$/.test(target.tagName);
}
