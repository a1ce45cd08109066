/** Percent of sheets that is lost before they are laid out; common practice. */
export const USUAL_WASTE = 20;
