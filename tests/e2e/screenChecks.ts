import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

export async function noAxeFindings(
  page: Page,
  { leaveOut = [] }: { leaveOut?: string[] } = {},
): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    // What passed need not be listed node by node: that takes half of the time.
    .options({ resultTypes: ['violations'] })
    .disableRules(leaveOut)
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  expect(violations.map((violation) => `${violation.id}: ${violation.nodes[0]?.html}`)).toEqual([]);
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
  await noAxeFindings(page, { leaveOut: ['color-contrast'] });
  await fitsSideways(page);
  await page.setViewportSize(here);
}
