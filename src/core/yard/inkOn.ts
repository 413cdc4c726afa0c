/** Black and white: the two inks a coloured band may carry. */
export const inks = { dark: '#000000', light: '#ffffff' } as const;

/** Relative luminance of #rrggbb, 0 to 1 (WCAG 2.2, "relative luminance"). */
function luminance(colour: string): number {
  const channel = (at: number) => {
    const c = Number.parseInt(colour.slice(at, at + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
}

/** How far two colours stand apart, 1 to 21 (WCAG 2.2, "contrast ratio"). */
export function contrast(a: string, b: string): number {
  const [light, dark] = [luminance(a), luminance(b)].toSorted((x, y) => y - x) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

/** The ink that reads better on a colour; at least 4.5 : 1 on any. */
export const inkOn = (colour: string): string =>
  contrast(colour, inks.dark) >= contrast(colour, inks.light) ? inks.dark : inks.light;
