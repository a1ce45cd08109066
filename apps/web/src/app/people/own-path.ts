/** Only a path of this application: nobody is led elsewhere from here. */
export function ownPath(to: string | undefined): string {
  return to !== undefined && /^\/(?![/\\])[\x21-\x7e]*$/.test(to) && !to.startsWith('/sign-in') ? to : '/jobs';
}
