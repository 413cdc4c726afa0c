import {
  chapterOfArea,
  chaptersOf,
  coverOf,
  firstLinesOf,
  type MustKnow,
  type ReportDocument,
  safetySays,
  saidNothingOf,
  verdictsOf,
} from '#core/report';
import { longDay, sentence, shortDay, withinSentence } from '#core/wording';
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
 * puts itself in its place; its looks are those of `src/web/report/ReaderHead`.
 */
export function firstWords({ report, drawn, sent, path }: FirstWordsInputs): string {
  const { title, revision, frozenAt, walkedFrom, odometer } = report;
  const chapters = chaptersOf(report);
  const { top, more, moreSays } = firstLinesOf(report);
  const silent = saidNothingOf(report);
  const toOf = ({ to }: MustKnow) =>
    to && ('finding' in to ? `#finding-${to.finding}` : `#${chapterOfArea(to.area, chapters)}`);
  const lineOf = (each: MustKnow) => {
    const look = `inline-block py-1 font-bold ${each.bySeller ? '' : 'text-warn'}`;
    const to = toOf(each);
    return to
      ? `<li><a href="${to}" class="${look} underline underline-offset-4">${asText(each.says)}</a></li>`
      : `<li><span class="${look}">${asText(each.says)}</span></li>`;
  };
  return `${sent < revision ? revised(sent, revision) : ''}<main class="report mx-auto max-w-3xl pb-16 xl:mr-0 xl:ml-[max(240px,calc(50%-24rem))] xl:grid xl:max-w-248 xl:grid-cols-[minmax(0,34rem)_minmax(0,26rem)] xl:gap-x-8"><div class="xl:col-start-1">
${band(report, path)}
<header class="flex items-start gap-3 px-4 pt-3">${cover(report, drawn, path)}<div class="min-w-0"><h1 class="text-2xl leading-tight sm:text-3xl">${asText(title)}</h1>
<p>${asText(odometer ?? 'Odometer not read')}</p><p class="text-sm text-soft">Walked ${shortDay(walkedFrom)}. Revision ${revision}, signed ${longDay(frozenAt)}</p></div></header>
${top.length > 0 ? `<div class="mx-4 mt-3 border-l-8 border-warn pl-3"><ul>${top.map(lineOf).join('')}</ul>${more.length > 0 ? `<details><summary class="py-1 font-bold">${moreSays}</summary><ul>${more.map(lineOf).join('')}</ul></details>` : ''}</div>` : ''}
<ul class="mx-4 mt-3 border-t border-ink">${verdictsOf(report)
    .map(
      ({ area, name, figure, says }) =>
        `<li class="border-b border-line"><a href="#${chapterOfArea(area, chapters)}" class="grid min-h-12 grid-cols-[1.25rem_minmax(0,1fr)] gap-x-2 py-1.5 hover:bg-fill"><span class="mt-0.5 size-5 shrink-0"></span><span class="min-w-0"><span class="flex flex-wrap justify-between gap-x-3 leading-tight"><span class="font-bold">${asText(name)}</span><span class="font-bold tabular-nums">${asText(figure)}</span></span><span class="block text-sm leading-snug">${asText(sentence(says))}</span></span></a></li>`,
    )
    .join('')}</ul>
<p class="mx-4 mt-2 text-sm">${asText(safetySays(report))}</p>
${silent.length > 0 ? `<p class="mx-4 mt-1 text-sm"><span class="font-bold">Not in this report:</span> ${asText(silent.map(withinSentence).join('; '))}.</p>` : ''}
</div></main>`;
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
  const drawing = photo && drawn[photo.sha256];
  if (!photo || !drawing) return '';
  return `<img src="${path}/photos/${photo.sha256}/320?drawn=${drawing}" alt="${asText(photo.caption)}" width="160" height="120" class="h-24 w-32 shrink-0 bg-fill object-cover sm:h-36 sm:w-48">`;
}
