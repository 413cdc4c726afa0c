import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

export async function noAxeFindings(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    // What passed need not be listed node by node: that takes half of the time.
    .options({ resultTypes: ['violations'] })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  expect(violations.map((violation) => `${violation.id}: ${violation.nodes[0]?.html}`)).toEqual([]);
}

export const fitsSideways = (page: Page) =>
  expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth))
    .toBeLessThanOrEqual(0);
