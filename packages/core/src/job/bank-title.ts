/** What a bank is called: its name, or its id where it has none. */
export function bankTitle({ id, name }: { readonly id: string; readonly name?: string }): string {
  return name === undefined || name.trim() === '' ? `bank ${id}` : name;
}
