import { readFileSync } from 'node:fs';
import { createElement } from 'react';
import { renderToReadableStream } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { styleOf } from '#core/car';
import { mailTo } from '#core/messages';
import { type ReportDocument, reportBlocks, reportFacts } from '#core/report';
import { replay } from '#core/walk';
import { firstWords } from '../src/server/http/firstWords';
import { ReportView } from '../src/web/report/ReportView';
import { logLines } from '../src/web/screens/walk/round/logLines';
import { testCar } from './builders/car';
import { entriesOf, WALK } from './builders/entries';
import { fullWalk } from './builders/fullWalk';
import { reportOf } from './builders/report';

/**
 * The trade's two vocabularies, word for word (common practice): what is said in one country alone. "Sill plate", "rear wing" and "boot"
 * within longer names are said in both, and left out.
 */
const onlyUk =
  /\b(tyres?|colours?|bonnet|boot|kerb\w*|windscreen|lacquer|touch-in|refurb\w*|valet\w*|headlining|number plate|nearside|offside|saloon|estate|centre|grey|aluminium|indicators|petrol)\b/i;
const onlyUs =
  /\b(tires?|colors?|hood|trunk|curb\w*|windshield|clear coat|touch-up|headliner|rocker|license plate|driver's side|passenger side|sedan|station wagon|center|gray|aluminum|turn signals|gasoline|fender)\b/i;

/** What a person typed is theirs: it is told as it was said. */
const isTyped = (text: string) => ['bonnet open', 'Blue'].some((typed) => text.includes(typed));

/** Every text in a value, however deep; names of things in code are no texts. */
function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return /^[\da-z.-]*$/.test(value) ? [] : [value];
  if (Array.isArray(value)) return value.flatMap(textsIn);
  return value && typeof value === 'object' ? Object.values(value).flatMap(textsIn) : [];
}

async function pageOf(report: ReportDocument): Promise<string[]> {
  const url = (sha256: string) => `/photos/${sha256}`;
  const files = { photoUrl: url, logoUrl: url, recordingUrl: url } as never;
  const view = createElement(ReportView, {
    report,
    sha256: 'a'.repeat(64),
    changes: undefined,
    questions: [],
    files,
  });
  const stream = await renderToReadableStream(view);
  await stream.allReady;
  const html = await new Response(stream).text();
  return html
    .replace(/<(script|style)[\s\S]*?<\/\1>/g, '')
    .replace(/&#x27;/g, "'")
    .split(/<[^>]*>/)
    .filter((text) => text.trim() !== '');
}

async function everythingSaid(car: typeof testCar): Promise<string[]> {
  // What its words were told from is ids, and is shown to nobody.
  const { messages: _, ...report } = reportOf(fullWalk, { car });
  const entries = entriesOf(fullWalk);
  const lines = logLines({
    entries,
    state: replay(WALK, entries),
    style: styleOf(car),
    page: { walk: WALK, car, entries, photos: [], reports: [] },
  });
  const texts = [
    ...textsIn(report),
    ...textsIn(reportBlocks(report, 'a'.repeat(64))),
    ...textsIn(reportFacts(report)),
    ...textsIn(mailTo(report, { link: 'https://zelk.example/r/x' } as never)),
    ...firstWords({ report, drawn: {}, sent: 1, path: '' }).split(/<[^>]*>/),
    ...(await pageOf(report)),
    ...lines.map(({ says }) => says),
  ];
  return texts.filter((text) => !isTyped(text));
}

describe('what is said of a car', () => {
  it('holds no British word in an American report, its page, its mail and its log', async () => {
    const texts = await everythingSaid({ ...testCar, country: 'US', steering: 'left' });
    expect(texts.length).toBeGreaterThan(600);
    expect(texts.join(' ')).toMatch(/\btires\b.*\bhood\b|\bhood\b.*\btires\b/is);
    expect(texts.filter((text) => onlyUk.test(text))).toEqual([]);
  });

  it('holds no American word in a British one', async () => {
    const texts = await everythingSaid(testCar);
    expect(texts.join(' ')).toMatch(/\btyres\b/i);
    expect(texts.filter((text) => onlyUs.test(text))).toEqual([]);
  });

  it('tells the day in the first answer and on the page in the same words, whatever the reader’s phone speaks', async () => {
    const report = reportOf(fullWalk);
    const line = 'Revision 1, signed 14 March 2026';
    expect(firstWords({ report, drawn: {}, sent: 1, path: '' })).toContain(line);
    expect((await pageOf(report)).join('')).toContain(line);
  });
});

it('the vocabularies tested here are those of the words that screens speak', () => {
  // A pair that is told apart in the facts but not here would go unseen.
  const facts = readFileSync(new URL('../src/core/car/partKinds/outsideKinds.ts', import.meta.url), 'utf8');
  for (const [uk, us] of [
    ['bonnet', 'hood'],
    ['windscreen', 'windshield'],
    ['tyre', 'tire'],
  ] as const) {
    expect(facts).toContain(`'${uk}'`);
    expect(onlyUk.test(uk) && onlyUs.test(us)).toBe(true);
  }
});
