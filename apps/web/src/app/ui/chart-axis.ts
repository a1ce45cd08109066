/** A colour of the theme by its name. */
export type Ink = (name: string) => string;

/** The theme’s colours as they are now. */
export function inkNow(): Ink {
  const style = getComputedStyle(document.documentElement);
  return (name) => style.getPropertyValue(`--${name}`).trim();
}

/** An axis with its name in the middle, in the application’s own type. */
export function chartAxis(name: string, ink: Ink) {
  return {
    name,
    nameLocation: 'middle' as const,
    nameGap: 30,
    nameTextStyle: { color: ink('soft'), fontSize: 13, fontFamily: 'Barlow' },
    axisLabel: { color: ink('soft'), fontSize: 13, fontFamily: 'Barlow' },
    axisLine: { show: true, lineStyle: { color: ink('edge') } },
    splitLine: { lineStyle: { color: ink('line') } },
  };
}
