/** What a command prints and how it ends. */
export interface Outcome {
  readonly out: string;
  readonly err: string;
  readonly code: 0 | 2;
}
