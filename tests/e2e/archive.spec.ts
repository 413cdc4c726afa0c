import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Page } from '@playwright/test';
import { Ajv2020 } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import { canonicalForm } from '#core/report';
import type { Fact } from '#core/walk';
import { idOf } from '../builders/entries';
import { fullWalk, itemsOf } from '../builders/fullWalk';
import { jpeg } from '../builders/photos';
import { unzip } from '../builders/unzip';
import { freezeWalk, linkTo, sendPhoto } from './frozen';
import { fitsSideways, noAxeFindings } from './screenChecks';
import { expect, onlyAt, test } from './server';
import { openEveryChapter } from './steps';

/** What a reader sees: what is folded away does not count. */
// biome-ignore lint/performance/useDomNodeTextContent: hidden text is not read
const seenOn = (page: Page) => page.locator('body').innerText();

/** Lines are broken anew everywhere: only the signs are compared, and letters in one size. */
const bare = (text: string) => text.replace(/\s+/g, '').toLowerCase();

test(
  'page, PDF and the archive opened without a network say the same, item by item',
  onlyAt('phone', 'what is held against each other is the words'),
  async ({ page, server, browser }) => {
    const shots: string[] = [];
    for (const seed of [1, 2, 3]) shots.push(await sendPhoto(server, await jpeg(seed)));
    const attached = (i: number, role: 'whole-car' | 'what' | 'after', finding?: string): Fact => ({
      kind: 'photo-attached',
      body: { photo: shots[i] as string, role, ...(finding && { finding }) },
    });
    // The recording never came: nothing can be played, and its line still stands.
    const facts = [
      ...fullWalk,
      attached(0, 'whole-car'),
      attached(1, 'what', idOf(0xf001)),
      attached(2, 'after', idOf(0xf004)),
    ];
    const report = await freezeWalk(page, server, facts);
    const { url, token } = await linkTo(server, report);
    const items = [...itemsOf(report), ...report.photos.map(({ caption }) => caption)];
    expect(items.length).toBeGreaterThan(250);
    const missingIn = (text: string) => items.filter((item) => !bare(text).includes(bare(item)));

    await page.goto(url);
    await expect(page.getByText('Is this the report that was signed?')).toBeAttached();
    // What is folded is there for a search of the browser; the list of parts and the readings come a moment after the head.
    await expect.poll(async () => missingIn((await page.locator('body').textContent()) ?? '')).toEqual([]);
    await openEveryChapter(page);
    await expect.poll(async () => missingIn(await seenOn(page))).toEqual([]);

    const dir = mkdtempSync(join(tmpdir(), 'zelk-archive-'));
    const stranger = await browser.newContext({ offline: true, viewport: { width: 390, height: 844 } });
    try {
      const saving = page.waitForEvent('download');
      await page.getByRole('link', { name: 'All of it to keep (ZIP)' }).click();
      const zip = join(dir, 'report.zip');
      await (await saving).saveAs(zip);
      const names = await unzip(zip, dir);
      for (const wanted of [
        'report.html',
        'report.pdf',
        'report.json',
        'report.schema.json',
        'findings.csv',
        'tyres.csv',
        'paint.csv',
        'functions.csv',
      ])
        expect(names).toContain(wanted);
      // The log is the yard's own: who did what and what was taken back is in no reader's copy.
      expect(names).not.toContain('walk.json');

      const kept = await stranger.newPage();
      const asked: string[] = [];
      kept.on('request', (request) => asked.push(request.url()));
      await kept.goto(pathToFileURL(join(dir, 'report.html')).href);
      // Folded, with contents that lead in, without any script of ours.
      expect(missingIn((await kept.locator('body').textContent()) ?? '')).toEqual([]);
      const papers = kept.locator('details', { has: kept.getByRole('heading', { name: 'Papers' }) });
      await expect(papers).not.toHaveAttribute('open');
      await kept.getByRole('navigation', { name: 'Contents' }).getByRole('link', { name: 'Papers' }).click();
      await expect(papers).toHaveAttribute('open');
      await kept.locator('details').evaluateAll((all: HTMLDetailsElement[]) => {
        for (const each of all) each.open = true;
      });
      expect(missingIn(await seenOn(kept))).toEqual([]);
      expect(asked.filter((url) => !url.startsWith('file:'))).toEqual([]);
      await expect
        .poll(() =>
          kept.evaluate(() => {
            for (const img of document.images) img.loading = 'eager';
            return [...document.images].filter(({ complete, naturalWidth }) => complete && naturalWidth > 0)
              .length;
          }),
        )
        // The cover stands on top and in its place.
        .toBeGreaterThanOrEqual(3);
      await noAxeFindings(kept);
      await fitsSideways(kept);

      const paper = execFileSync('pdftotext', ['-raw', join(dir, 'report.pdf'), '-']).toString();
      expect(itemsOf(report).filter((item) => !bare(paper).includes(bare(item)))).toEqual([]);
      // PDF 1.7, 14.8: pdfinfo of poppler-utils reads the structure independently.
      const structure = execFileSync('pdfinfo', ['-struct', join(dir, 'report.pdf')]).toString();
      expect(structure.match(/^ *H1/gm)).toHaveLength(1);
      expect(structure.match(/^ *H2/gm)?.length).toBeGreaterThan(8);
      expect(structure).toContain('Figure');

      const copy = JSON.parse(readFileSync(join(dir, 'report.json'), 'utf8'));
      expect(copy).toEqual(report);
      const shared = await fetch(`${server.origin}/api/shared/${token}`);
      const { sha256 } = (await shared.json()) as { sha256: string };
      expect(createHash('sha256').update(canonicalForm(copy)).digest('hex')).toBe(sha256);
      const ajv = new Ajv2020({ strict: false });
      addFormats.default(ajv);
      expect(ajv.validate(JSON.parse(readFileSync(join(dir, 'report.schema.json'), 'utf8')), copy)).toBe(
        true,
      );

      const own = await server.fetch(`/api/reports/${report.id}/archive`);
      mkdirSync(join(dir, 'own'));
      writeFileSync(join(dir, 'own.zip'), Buffer.from(await own.arrayBuffer()));
      const ownNames = await unzip(join(dir, 'own.zip'), join(dir, 'own'));
      expect(ownNames).toEqual(expect.arrayContaining(['walk.json', 'walk.schema.json', 'report.html']));
      expect(
        ajv.validate(
          JSON.parse(readFileSync(join(dir, 'own/walk.schema.json'), 'utf8')),
          JSON.parse(readFileSync(join(dir, 'own/walk.json'), 'utf8')),
        ),
      ).toBe(true);
    } finally {
      rmSync(dir, { recursive: true });
      await stranger.close();
    }
  },
);
