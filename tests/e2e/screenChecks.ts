import { expect, type Page } from '@playwright/test';
import axe from 'axe-core';

const STANDARDS = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'];

/**
 * Nothing that axe finds fault with on the page. Contrast, most of its work, is asked of the first and the last of the texts that look alike: those with
 * the same tags, classes and styles from the root down.
 */
export async function noAxeFindings(page: Page, { colours = true } = {}): Promise<void> {
  // It stays on the page, and is sent there once.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const found = await page.evaluate(
    async ([values, withColours]) => {
      const { run } = (window as unknown as { axe: typeof axe }).axe;
      // What passed need not be listed node by node.
      const resultTypes: axe.resultGroups[] = ['violations'];
      const rules = { 'color-contrast': { enabled: false } };
      const results = [await run(document, { resultTypes, runOnly: { type: 'tag', values }, rules })];
      const lookOf = (element: Element): string => {
        const up = element.parentElement;
        const own = [element.tagName, element.getAttribute('class'), element.getAttribute('style')];
        return `${up ? lookOf(up) : ''}/${own} ${element.matches(':disabled, [aria-disabled]')}`;
      };
      const texts = [...document.body.querySelectorAll('*')].filter(
        (element) =>
          element.matches('input, select, textarea') ||
          [...element.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.nodeValue?.trim()),
      );
      const alike = Map.groupBy(
        texts.filter((text) => text.checkVisibility()),
        lookOf,
      );
      const include = [...alike.values()].flatMap((all) => [...new Set([all[0], all.at(-1)])]) as Element[];
      if (withColours && include.length > 0)
        results.push(await run({ include }, { resultTypes, runOnly: ['color-contrast'] }));
      return results.flatMap(({ violations }) =>
        violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`),
      );
    },
    [STANDARDS, colours] as const,
  );
  expect(found).toEqual([]);
}

export const fitsSideways = (page: Page) =>
  expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth))
    .toBeLessThanOrEqual(0);

/** A thumb needs 44 × 44 pixels (WCAG 2.2, 2.5.5). Links within a sentence are as high as its line, and what a label stands for is pressed by the label. */
export async function fitsThumbs(page: Page): Promise<void> {
  const small = await page.evaluate(() => {
    const thumb = 43.5;
    const shown = (element: Element) =>
      element.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true });
    return [
      ...document.querySelectorAll(
        'button, a[href], summary, select, input, textarea, [role="button"]:not(path)',
      ),
    ]
      .filter((element) => shown(element) && !element.closest('svg'))
      .map((element) =>
        element instanceof HTMLInputElement ? (element.closest('label') ?? element) : element,
      )
      .filter((element) => {
        const { width, height } = element.getBoundingClientRect();
        if (width < 2 || height < 2) return false;
        const isInline =
          element.tagName === 'A' &&
          getComputedStyle(element).display === 'inline' &&
          element.closest('p, li, dd, td, figcaption');
        return !isInline && (width < thumb || height < thumb);
      })
      .map((element) => {
        const { width, height } = element.getBoundingClientRect();
        return `${Math.round(width)} × ${Math.round(height)}: ${element.outerHTML.slice(0, 140)}`;
      });
  });
  expect.soft([...new Set(small)]).toEqual([]);
}

/** At this width and at the other one a screen is designed for: no axe findings, and nothing scrolls sideways. Colours are the same at both, and asked of once. */
export async function cleanAtBothWidths(page: Page): Promise<void> {
  const here = page.viewportSize() ?? { width: 390, height: 844 };
  const other = here.width < 800 ? { width: 1280, height: 800 } : { width: 390, height: 844 };
  await noAxeFindings(page);
  await fitsSideways(page);
  await page.setViewportSize(other);
  await noAxeFindings(page, { colours: false });
  await fitsSideways(page);
  await page.setViewportSize(here);
}
