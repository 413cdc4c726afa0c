import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

/** Custom properties of every block of the style sheet, by what precedes it. */
function colours(): Record<'light' | 'dark' | 'more' | 'darkMore', Record<string, string>> {
  const css = readFileSync('src/web/styles.css', 'utf8');
  const block = (head: string) => {
    const from = css.indexOf(head);
    if (from < 0) throw new Error(`no ${head}`);
    const body = css.slice(from + head.length, css.indexOf('\n}', from));
    return Object.fromEntries(
      [...body.matchAll(/--color-([\w-]+): ([^;]+);/g)].map(([, name = '', value = '']) => [name, value]),
    );
  };
  const light = block('@theme {');
  const dark = { ...light, ...block('@media screen and (prefers-color-scheme: dark) {') };
  const more = block('@media (prefers-contrast: more) {');
  const darkMore = block('@media screen and (prefers-contrast: more) and (prefers-color-scheme: dark) {');
  const settled = (values: Record<string, string>) =>
    Object.fromEntries(
      Object.entries(values).map(([name, value]) => [
        name,
        value.startsWith('var(') ? (values[/--color-([\w-]+)/.exec(value)?.[1] ?? ''] ?? value) : value,
      ]),
    );
  return {
    light,
    dark,
    more: settled({ ...light, ...more }),
    darkMore: settled({ ...dark, ...more, ...darkMore }),
  };
}

/** Relative luminance and contrast: WCAG 2.2, definitions of both. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const c = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
const contrast = (a: string, b: string) => {
  const [high, low] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number];
  return (high + 0.05) / (low + 0.05);
};

describe.each(Object.entries(colours()))('the %s theme', (name, theme) => {
  const ratio = (a: string, b: string) => contrast(theme[a] ?? '', theme[b] ?? '');
  it('is written in daylight contrast', () => {
    for (const back of [
      'ground',
      'sheet',
      'fill',
      'clear',
      'tape-pale',
      'accent-fill',
      'thick',
      'thin',
      'under',
    ])
      expect(ratio('ink', back), `ink on ${back}`).toBeGreaterThanOrEqual(7);
    for (const back of ['ground', 'sheet', 'fill', 'clear'])
      expect(ratio('soft', back), `soft on ${back}`).toBeGreaterThanOrEqual(4.5);
    for (const [text, back] of [
      ['warn', 'warn-fill'],
      ['warn', 'sheet'],
      ['on-accent', 'accent'],
      ['accent', 'ground'],
      ['night', 'tape'],
      ['clear-ink', 'clear'],
    ] as const)
      expect(ratio(text, back), `${text} on ${back}`).toBeGreaterThanOrEqual(4.5);
  });

  it('draws every outline, and tells done from not done by more than a hue', () => {
    // Outlines are ink; marks on them are a tick, hatching and tape.
    for (const fill of ['sheet', 'clear', 'tape-pale', 'glass'])
      expect(ratio('ink', fill), fill).toBeGreaterThanOrEqual(3);
    expect(ratio('tape', 'clear')).toBeGreaterThan(name.startsWith('dark') ? 3 : 1.1);
    if (name.endsWith('ore')) expect(ratio('line', 'sheet')).toBeGreaterThanOrEqual(3);
  });
});
