import { coverOf, type ReportDocument, stopsTheDrive } from '#core/report';
import { longDay } from '#core/wording';
import { inkOn, yardLine } from '#core/yard';
import { asText } from '../archive/html';

interface FirstWordsInputs {
  report: ReportDocument;
  /** By which drawing each picture is shared; those withdrawn have none. */
  drawn: Readonly<Record<string, string>>;
  /** The revision the link was made for. */
  sent: number;
  /** Path of what the link opens. */
  path: string;
}

/**
 * The head of the report as the page draws it, ready in the first answer: a reader far away reads while the rest of the page still travels. The page
 * puts itself in its place; its looks are those of `src/web/report`.
 */
export function firstWords({ report, drawn, sent, path }: FirstWordsInputs): string {
  const { title, revision, frozenAt, paragraph, summary } = report;
  return `${sent < revision ? revised(sent, revision) : ''}<main class="mx-auto max-w-3xl pb-16">
${band(report, path)}
<header class="px-4 pt-2"><h1 class="mt-1 text-3xl leading-tight">${asText(title)}</h1>
<p class="text-soft">Condition report, revision ${revision}, ${longDay(frozenAt)}</p></header>
${cover(report, drawn, path)}
${paragraph ? `<p class="mx-4 mt-4 text-lg">${asText(paragraph)}</p>` : ''}
<section class="mx-4 mt-4 border-l-8 border-tape pl-3 text-lg">${summary.map((line) => `<p${stopsTheDrive(line) ? ' class="font-bold text-warn"' : ''}>${asText(line)}</p>`).join('')}</section>
</main>`;
}

/** As wide and high as the page's own notice, so that nothing below it moves. */
const revised = (sent: number, revision: number): string =>
  `<div class="m-4 flex gap-2 rounded-md border border-line bg-accent-fill p-3 text-ink"><span class="mt-0.5 size-5 shrink-0"></span><div class="min-w-0">You were sent revision ${sent}; the report has been revised since, and this is revision ${revision}.</div></div>`;

function band({ yard }: ReportDocument, path: string): string {
  const line = yardLine(yard);
  if (!yard.colour && !yard.logo) return `<p class="px-4 pt-4 text-soft">${asText(line)}</p>`;
  const look = yard.colour ? ` style="background-color:${yard.colour};color:${inkOn(yard.colour)}"` : '';
  const logo = yard.logo
    ? `<img src="${path}/logos/${yard.logo}" alt="" class="h-12 w-24 shrink-0 rounded-sm bg-white object-contain p-1">`
    : '';
  return `<div class="flex items-center gap-4 px-4 py-3"${look}>${logo}<p class="min-w-0 leading-tight"><span class="block text-lg font-bold">${asText(yard.name)}</span>${asText(line.slice(yard.name.length).replace(/^ · /, ''))}</p></div>`;
}

function cover(report: ReportDocument, drawn: FirstWordsInputs['drawn'], path: string): string {
  const photo = coverOf(report);
  if (!photo) return '';
  const { sha256, width = 4, height = 3, caption } = photo;
  const drawing = drawn[sha256];
  if (!drawing) return '';
  const url = (wide: number) => `${path}/photos/${sha256}/${wide}?drawn=${drawing}`;
  return `<div class="mt-3 flex snap-x gap-2 overflow-x-auto px-4"><div class="w-[88%] shrink-0 snap-center sm:w-[70%]"><figure class="min-w-0">
<img src="${url(1600)}" srcset="${url(320)} 320w, ${url(1600)} 1600w" sizes="(min-width: 640px) 360px, 46vw" alt="${asText(caption)}" width="${width}" height="${height}" class="h-auto w-full bg-fill">
<figcaption class="mt-1 flex min-h-12 items-center text-sm text-soft"><span class="min-w-0 flex-1"><span class="font-bold text-ink">Photo ${photo.number}</span> ${asText(caption)}</span></figcaption></figure></div></div>`;
}
