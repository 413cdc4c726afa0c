import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import type { Browser, Page } from '@playwright/test';
import {
  chaptersOf,
  mustKnow,
  onArrivalSays,
  type ReportDocument,
  safetySays,
  saidNothingOf,
  verdictsOf,
} from '#core/report';
import { shortDay } from '#core/wording';
import { putDemoYard } from '../builders/demoYard';
import { RunningServer, signInAt } from '../builders/runningServer';
import { expect, onlyAt, test } from './server';

/**
 * Twenty questions a buyer far away has, put to three reports of the invented yard as they are first opened on a phone: by how many taps, and how many screens
 * of scrolling after them, is the answer reached? Where a report has no answer, that it has none is the answer.
 */
interface Asked {
  question: string;
  /** What is tapped, in order. */
  taps: (report: ReportDocument) => readonly Tap[];
  /** Words of the answer, all of which must be met. */
  answer: (report: ReportDocument) => readonly string[];
}
type Tap = readonly [role: 'link' | 'button', name: string | RegExp] | readonly ['fold', title: string];

const MOST_TAPS = 2;
const MOST_SCREENS = 1;

/** A chapter by the contents: the button, then its line. Nothing where the report has no such chapter. */
const chapter =
  (id: string) =>
  (report: ReportDocument): readonly Tap[] => {
    const found = chaptersOf(report).find((each) => each.id === id);
    return found
      ? [
          ['button', 'Contents'],
          ['link', found.title],
        ]
      : [];
  };
const verdict = (name: RegExp) => (): readonly Tap[] => [['link', name]];
const none = (): readonly Tap[] => [];
const silence = (report: ReportDocument, about: RegExp): string[] => {
  const said = saidNothingOf(report).find((says) => about.test(says));
  return said ? [said.slice(1)] : [];
};
const verdictSays = (report: ReportDocument, area: string): string[] =>
  verdictsOf(report)
    .filter((each) => each.area === area)
    .map(({ says }) => says.slice(1));
/** What a report says of something, or that it says nothing of it. */
const orSilence = (said: readonly (string | undefined)[], otherwise: readonly string[]): string[] => {
  const told = said.filter((each) => each !== undefined && each !== '') as string[];
  return told.length > 0 ? told : [...otherwise];
};

const questions: readonly Asked[] = [
  { question: 'Is anything unsafe?', taps: none, answer: (report) => [safetySays(report)] },
  {
    question: 'What must I know before I buy?',
    taps: none,
    answer: (report) => mustKnow(report).map(({ says }) => says),
  },
  {
    question: 'How far has it run?',
    taps: none,
    answer: (report) => [report.odometer ?? 'Odometer not read'],
  },
  {
    question: 'Which tyres are to be replaced, and when?',
    taps: verdict(/Tyres|Tires/),
    answer: (report) =>
      orSilence(
        (report.tyres?.rows ?? [])
          .filter(({ when }) => when === 'now' || when === 'soon')
          .map(({ says }) => says),
        verdictSays(report, 'tyres'),
      ),
  },
  {
    question: 'Does the mileage fit?',
    taps: verdict(/Papers/),
    answer: (report) =>
      orSilence([report.papers?.asks[0], report.papers?.says[0]], silence(report, /papers/)).slice(0, 1),
  },
  {
    question: 'What would I see walking up to it?',
    taps: (report) =>
      report.findings.some(({ notice }) => notice === 'across-the-bay') ? [['link', /Body/]] : [],
    answer: (report) =>
      orSilence(
        report.findings
          .filter(({ notice }) => notice === 'across-the-bay')
          .slice(0, 1)
          .map(({ line }) => line),
        verdictSays(report, 'body'),
      ),
  },
  { question: 'Was it painted?', taps: none, answer: (report) => verdictSays(report, 'paint') },
  {
    question: 'Which panels are painted?',
    taps: verdict(/Paint/),
    answer: (report) =>
      orSilence(
        (report.paint?.rows ?? [])
          .filter(({ class: is }) => ['thicker', 'far-thicker', 'local-repair', 'thin'].includes(is))
          .slice(0, 1)
          .map(({ name }) => name),
        report.paint ? verdictSays(report, 'paint') : ['Paint depth of any panel'],
      ),
  },
  {
    question: 'What does not work?',
    taps: verdict(/Does it work/),
    answer: (report) =>
      orSilence(
        report.functions ? report.functions.faulty.slice(0, 1).map(({ name }) => `Faulty: ${name}`) : [],
        report.functions ? [report.functions.summary] : silence(report, /switched on/),
      ),
  },
  {
    question: 'How many keys?',
    taps: verdict(/Papers/),
    answer: (report) =>
      orSilence(
        (report.papers?.says ?? []).filter((says) => /\bkeys?\b/i.test(says)).slice(0, 1),
        silence(report, /keys/),
      ),
  },
  {
    question: 'What was not looked at?',
    taps: verdict(/Not looked at/),
    answer: (report) =>
      orSilence(
        [report.notSeen[0]?.name, report.notLookedAt[0]].slice(0, 1),
        verdictSays(report, 'not-seen'),
      ),
  },
  {
    question: 'What will be done before I collect it?',
    taps: (report) => (promised(report).length > 6 ? [['fold', 'Will be put right before collection']] : []),
    answer: (report) => orSilence([promised(report)[0]?.action], ['Not in this report']),
  },
  {
    question: 'By when?',
    taps: none,
    answer: (report) => orSilence([promised(report).find(({ by }) => by)?.by], ['Not in this report']),
  },
  {
    question: 'What does it cost?',
    taps: none,
    answer: (report) =>
      orSilence(silence(report, /prices/), ['The yard offers to put these right at a price']).slice(0, 1),
  },
  {
    question: 'What if it differs when it arrives?',
    taps: chapter('arrival'),
    answer: (report) => [onArrivalSays(report).slice(0, 60)],
  },
  { question: 'How do I reach the yard?', taps: none, answer: () => ['Ask'] },
  {
    question: 'Who says so, and when was it walked?',
    taps: chapter('made'),
    answer: (report) => [`signed by ${report.signedBy}`, `Walked ${shortDay(report.walkedFrom)}`].slice(0, 1),
  },
  {
    question: 'What comes with it?',
    taps: chapter('kit'),
    answer: (report) => orSilence([report.kit?.there[0]], silence(report, /comes with it/)),
  },
  {
    question: 'How did it drive?',
    taps: chapter('drove'),
    answer: (report) =>
      orSilence(
        [report.drove?.[0]],
        orSilence(
          [silence(report, /not driven/)[0], silence(report, /switched on or driven/)[0]],
          report.functions ? [report.functions.summary] : [],
        ).slice(0, 1),
      ),
  },
  {
    question: 'What has its story been?',
    taps: chapter('story'),
    answer: (report) => orSilence([report.story?.[0]], ['This is no safety inspection']),
  },
];
const promised = ({ findings, remedies = [] }: ReportDocument) =>
  [...findings, ...remedies].filter((each) => each.promised);

/** Screens one has to scroll until the nearest place where it stands has been met, from where one is. */
async function screensTo(page: Page, words: string): Promise<number> {
  const found = page.getByText(words, { exact: false }).locator('visible=true');
  await expect(found.first(), words).toBeAttached({ timeout: 15_000 });
  const all = await found.evaluateAll((elements) =>
    elements.map((element) => {
      const { top, bottom } = element.getBoundingClientRect();
      const below = (Math.min(bottom, top + 60) - window.innerHeight) / window.innerHeight;
      return Math.max(0, below, -top / window.innerHeight);
    }),
  );
  return Math.min(...all);
}

async function tap(page: Page, [kind, name]: Tap): Promise<void> {
  if (kind === 'fold') await page.locator('summary', { hasText: name }).first().click();
  else if (kind === 'link' && name instanceof RegExp)
    await page
      .getByRole('list', { name: 'In short' })
      .getByRole('link', { name })
      .first()
      .click({ timeout: 10_000 });
  else if (kind === 'link')
    await page
      .getByRole('navigation', { name: 'Contents of the report' })
      .getByRole('link', { name, exact: true })
      .click();
  else await page.getByRole('button', { name, exact: true }).click();
}

const readerOn = (browser: Browser): Promise<Page> =>
  browser.newPage({ viewport: { width: 390, height: 844 }, reducedMotion: 'reduce' });

/** The report as one meets it at the first: it remembers nothing that was opened in it. */
async function openFresh(page: Page, url: string): Promise<void> {
  await page.goto(url);
  await expect(page.getByRole('list', { name: 'In short' })).toBeVisible();
  await page.waitForLoadState('networkidle');
}

test(
  'twenty questions of a buyer are answered within two taps and one screen',
  onlyAt('phone', 'At the desk more stands on a screen.'),
  async ({ browser }) => {
    const server = new RunningServer(null);
    putDemoYard(server.dataDir);
    await server.start();
    const signed = await signInAt(server.origin, 'Nell Harrick');
    const ask = async (path: string, body?: unknown) =>
      (
        await fetch(server.origin + path, {
          method: body ? 'POST' : 'GET',
          headers: { 'Content-Type': 'application/json', ...signed },
          ...(body !== undefined && { body: JSON.stringify(body) }),
        })
      ).json();
    const told: string[] = [];
    const missed: string[] = [];
    let longest = '';
    for (const stock of ['BT-104', 'BT-122', 'BT-136']) {
      const { cars } = await ask(`/api/cars?search=${stock}`);
      const { walks } = await ask(`/api/cars/${cars[0].id ?? cars[0].car.id}`);
      const reports = walks.flatMap((walk: { reports: unknown[] }) => walk.reports);
      const { path } = await ask(`/api/reports/${reports.at(-1).id}/shares`, { label: 'A reader' });
      longest ||= path;
      const { report } = (await ask(path.replace('/r/', '/api/shared/'))) as { report: ReportDocument };
      const page = await readerOn(browser);
      // Whoever taps the same meets the same screen: looking for an answer changes nothing on it.
      const byTaps = new Map<string, Asked[]>();
      for (const each of questions) {
        const ways = String(each.taps(report));
        byTaps.set(ways, [...(byTaps.get(ways) ?? []), each]);
      }
      for (const alike of byTaps.values()) {
        const ways = (alike[0] as Asked).taps(report);
        await openFresh(page, server.origin + path);
        for (const way of ways) await tap(page, way);
        await page.waitForTimeout(150);
        for (const { question, answer } of alike) {
          const far = await Promise.all(answer(report).map((words) => screensTo(page, words)));
          const screens = Math.max(0, ...far);
          told.push(`${stock} ${question} ${ways.length} taps, ${screens.toFixed(2)} screens`);
          if (ways.length > MOST_TAPS || screens > MOST_SCREENS) missed.push(told.at(-1) ?? '');
        }
      }
      await page.context().close();
    }
    // Printed from the browser, the longest of them takes a dozen sheets.
    const paper = await readerOn(browser);
    await openFresh(paper, server.origin + longest);
    await paper.emulateMedia({ media: 'print' });
    await paper.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
    await expect.poll(() => paper.locator('main details:not([open])').count()).toBe(0);
    await paper.evaluate(async () => {
      for (const image of document.images) image.loading = 'eager';
      await Promise.all([...document.images].map((image) => image.decode().catch(() => undefined)));
    });
    const margin = { top: '12mm', bottom: '12mm', left: '12mm', right: '12mm' };
    const file = join(server.dataDir, 'printed.pdf');
    await paper.pdf({ path: file, format: 'A4', margin });
    const pages = Number(/Pages:\s+(\d+)/.exec(execFileSync('pdfinfo', [file]).toString())?.[1]);
    console.log(`Printed from the browser: ${pages} pages`);
    console.log(told.join('\n'));
    await server.end();
    server.remove();
    expect(pages).toBeLessThanOrEqual(12);
    expect(told).toHaveLength(3 * 20);
    expect(missed).toEqual([]);
  },
);
