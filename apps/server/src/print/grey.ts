/** How bright the eye takes red, green and blue to be. Source: ITU-R BT.601-7 (2011), section 2.5.1. */
const BRIGHT = [0.299, 0.587, 0.114] as const;

/** The grey that is as bright as a colour; both as `#rrggbb`, or `#rgb`. */
export function greyOf(colour: string): string {
  const long = colour.length === 4 ? colour.replace(/[\da-f]/gi, '$&$&') : colour;
  const bright = BRIGHT.reduce((sum, share, at) => sum + share * parseInt(long.slice(1 + at * 2, 3 + at * 2), 16), 0);
  return `#${Math.round(bright).toString(16).padStart(2, '0').repeat(3)}`;
}
