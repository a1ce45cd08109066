/** The secret behind the # of a link; it is taken out of the address, so that it stays in no history. */
export function linkToken(page: Document): string {
  const token = page.location.hash.slice(1);
  page.defaultView?.history.replaceState(null, '', page.location.pathname);
  return token;
}
