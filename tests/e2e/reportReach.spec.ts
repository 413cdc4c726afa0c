import { fullWalk } from '../builders/fullWalk';
import { freezeWalk, linkTo } from './frozen';
import { fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { openEveryChapter } from './steps';

test('the report has no axe finding of any level, folded and unfolded, and at twice the size of letters', async ({
  page,
  server,
}) => {
  const { url } = await linkTo(server, await freezeWalk(page, server, fullWalk));
  await page.goto(url);
  await expect(page.getByText('Is this the report that was signed?')).toBeAttached();
  await noAxeFindings(page);
  await openEveryChapter(page);
  await noAxeFindings(page);
  await fitsSideways(page);

  // WCAG 2.2, 1.4.4: text at 200 % loses nothing.
  await page.addStyleTag({ content: 'html { font-size: 200% !important; }' });
  await fitsSideways(page);
  const cut = await page.evaluate(() =>
    [...document.querySelectorAll('main h1, main h2, main h3, main p, main a, main summary span')]
      .filter(
        (each) => each.scrollWidth > each.clientWidth + 2 && getComputedStyle(each).overflow === 'hidden',
      )
      .map((each) => each.textContent),
  );
  expect(cut).toEqual([]);
});

test(
  'whoever listens to the report hears what it is in order, and reaches everything by keys',
  onlyAt('desk', 'Keys belong to a desk; what is heard is the same.'),
  async ({ page, server }) => {
    const report = await freezeWalk(page, server, fullWalk);
    const { url } = await linkTo(server, report);
    await page.goto(url);
    await expect(page.getByRole('heading', { name: 'Where the findings are' })).toBeVisible();
    await expect(page.getByText('Is this the report that was signed?')).toBeAttached();

    // One main, one first heading with the car, and no level left out.
    await expect(page.getByRole('main')).toHaveCount(1);
    const levels = await page
      .locator('h1, h2, h3, h4')
      .evaluateAll((all) => all.map((each) => Number(each.tagName.slice(1))));
    expect(levels.filter((level) => level === 1)).toHaveLength(1);
    expect(levels.filter((level, i) => i > 0 && level - (levels[i - 1] ?? 0) > 1)).toEqual([]);
    // As a screen reader goes through the head: car, what must be known, six verdicts, and the ways to the yard.
    const heard = await page.getByRole('main').ariaSnapshot();
    const order = [
      `heading "${report.title}`,
      'Know this first',
      'In short',
      'This is no safety inspection',
      'Ask the yard',
      'heading "Where the findings are',
      'heading "When you collect or receive it',
      'heading "Questions and answers',
      'heading "Is this the report that was signed',
    ].map((words) => heard.indexOf(words));
    expect(
      order.every((place) => place >= 0),
      String(order),
    ).toBe(true);
    expect(order).toEqual(order.toSorted((a, b) => a - b));

    // By keys: the first verdict is reached, and opens its chapter.
    const verdict = page.getByRole('list', { name: 'In short' }).getByRole('link').first();
    for (let i = 0; i < 60 && !(await verdict.evaluate((each) => each === document.activeElement)); i++)
      await page.keyboard.press('Tab');
    await expect(verdict).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/#/);
    await expect(page.locator(`${new URL(page.url()).hash} details`).first()).toHaveAttribute('open', '');
  },
);
