/** When something was done (a moment as text, ISO 8601 in UTC), and by whom. */
export interface Deed {
  readonly at: string;
  readonly by?: string;
}
