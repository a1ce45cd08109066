/** What is asked of the board of materials: to show them, or to make one and say which. */
export interface MaterialsAsked {
  /** A material is to be made; this is told its id. */
  readonly made?: (id: string) => void;
  /** What it is for, in words. */
  readonly what?: string;
}
