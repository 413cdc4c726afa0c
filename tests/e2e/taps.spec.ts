import type { Page } from '@playwright/test';
import { bodyStyle, middleOf, type Part } from '../../src/core/car';
import { expect, onlyAt, test } from './server';
import { saved } from './steps';

/** Kinds to look for, whichever the part offers first. */
const wanted = [
  'Scratch',
  'Scratch in the glass',
  'Kerbing',
  'Cut',
  'Split or worn',
  'Cracked or broken',
  'Worn',
  'Stain',
  'Corrosion',
  'Leak or fluid mark',
  'Perished or split',
];

const style = bodyStyle('hatch-5');

/** A place on the part itself, where its mark is best seen: the middle of its box may lie on another. */
function onIt(box: { x: number; y: number; width: number; height: number }, id: string) {
  const part = style.parts.get(id) as Part;
  const { u, v } = middleOf(part);
  const seen = part.face && style.faces[part.face].mirrored ? 1 - u : u;
  return { x: box.x + box.width * seen, y: box.y + box.height * v };
}

type Point = readonly [number, number];

/** Draws on the part in hand: along it, or round it where it is a wheel. */
async function draw(page: Page, part: string): Promise<void> {
  const box = await page.locator(`[data-part="${part}"]`).boundingBox();
  if (!box) throw new Error(`${part} is not on the screen`);
  const isWheel = part.startsWith('wheel-');
  const on = onIt(box, part);
  const middle: Point = isWheel ? [box.x + box.width / 2, box.y + box.height / 2] : [on.x, on.y];
  const along = Array.from({ length: 9 }, (_, i): Point => {
    const turn = (Math.PI * i) / 12;
    return isWheel
      ? [middle[0] + 0.4 * box.width * Math.sin(turn), middle[1] - 0.4 * box.height * Math.cos(turn)]
      : [middle[0] + (i - 4) * Math.max(3, box.width * 0.03), middle[1] + (i - 4) * 1.5];
  });
  const [first, ...others] = along;
  await page.mouse.move(...(first as Point));
  await page.mouse.down();
  for (const point of others) await page.mouse.move(...point);
  await page.mouse.up();
}

test(
  '30 findings with kind, spot, size and distance and 40 clear parts take at most 250 taps',
  onlyAt('phone', 'taps are counted where there is glass'),
  async ({ page, server, beginWalk }) => {
    test.setTimeout(240_000);
    await beginWalk();
    // Taps and strokes alike begin with a finger going down.
    await page.evaluate(() => {
      const counter = window as unknown as { taps: number };
      counter.taps = 0;
      document.addEventListener('pointerdown', () => counter.taps++, true);
    });
    const here = page.locator('[aria-current="true"]');
    const walkOn = async (part: string) => {
      await expect(here).not.toHaveAttribute('data-part', part);
      // The guard against double taps, and the glide to the next part.
      await page.waitForTimeout(340);
    };
    for (let i = 0; i < 70; i++) {
      const part = (await here.getAttribute('data-part')) as string;
      if (i % 7 >= 3) {
        await page.getByRole('button', { name: /^(Rest is clear|Clear)$/ }).click();
        await walkOn(part);
        continue;
      }
      const box = await here.boundingBox();
      if (!box) throw new Error(`${part} is not on the screen`);
      const { x, y } = onIt(box, part);
      await page.mouse.click(x, y);
      await expect(page.getByRole('heading', { name: 'What is it?' })).toBeVisible();
      const offered = await page.getByRole('button').allTextContents();
      const kind = wanted.find((name) => offered.includes(name)) ?? 'Something else';
      await page.getByRole('button', { name: kind, exact: true }).click();
      await expect(page.getByText(/^Logged on the/)).toBeVisible();
      await draw(page, part);
      await page.getByRole('button', { name: 'Up close', exact: true }).click();
      await page.getByRole('button', { name: 'Rest is clear' }).click();
      await walkOn(part);
    }
    const taps = await page.evaluate(() => (window as unknown as { taps: number }).taps);
    expect(taps).toBeLessThanOrEqual(250);
    await saved(page);
    const { entries } = await (
      await fetch(`${server.origin}/api/walks/${page.url().split('/').at(-1)}`)
    ).json();
    const noted = entries.filter((entry: { kind: string }) => entry.kind === 'finding-noted');
    expect(noted).toHaveLength(30);
    for (const { body } of noted) {
      const changes = entries
        .filter(
          (entry: { kind: string; body: { finding?: string } }) =>
            entry.kind === 'finding-amended' && entry.body.finding === body.finding,
        )
        .map((entry: { body: { changes: object } }) => entry.body.changes);
      const told = Object.assign({}, body.details, ...changes);
      expect(told.notice, body.part).toBe('up-close');
      expect(told.lengthMm, `${body.part} ${body.kind}`).toBeGreaterThan(0);
    }
    const cleared = new Set(
      entries
        .filter((entry: { kind: string }) => entry.kind === 'part-cleared')
        .map((entry: { body: { part: string } }) => entry.body.part),
    );
    expect(cleared.size).toBe(70);
    test.info().annotations.push({ type: 'taps', description: String(taps) });
    console.log(`Taps for 30 findings and 40 clear parts: ${taps}`);
  },
);
