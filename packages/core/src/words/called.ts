/** A drawer as it is called: its place (0 is the top one) and its name, where it has one. */
export interface CalledDrawer {
  readonly place: number;
  readonly name?: string;
}

/** A bank as it is called: by its name, or by its id where it has none. */
export interface CalledBank {
  readonly id: string;
  readonly name?: string;
  /** It is a door. */
  readonly door?: true;
}
