import type { ArchivedPicture } from '#core/archive';
import {
  type Block,
  type CoverNote,
  coverBlocks,
  coverOf,
  findingLines,
  isNoticeUnsaid,
  type ReportDocument,
  type ReportPhoto,
  readerLines,
  reportBlocks,
  reportFacts,
  svgOf,
} from '#core/report';
import { inkOn, yardLine } from '#core/yard';
import { asText, htmlPage } from './html';

interface ReportHtmlInputs {
  report: ReportDocument;
  fingerprint: string;
  /** What was hidden of its pictures since it was frozen. */
  notes: readonly CoverNote[];
  /** In the order of the report's photos. */
  pictures: readonly ArchivedPicture[];
  /** Whether a picture's file lies beside the page. */
  isHere: (sha256: string) => boolean;
  recordings: readonly { path: string; says: string }[];
  /** Name of the yard's logo beside the page. */
  logo: string | undefined;
}

const styles = `
body{max-width:52rem}h1{font-size:2rem;line-height:1.15;margin:.75rem 0 .25rem}h2{margin:2rem 0 .5rem}h3{margin:.25rem 0}
p{margin:.3rem 0}.yard{display:flex;gap:1rem;align-items:center;padding:.75rem 1rem;margin:-1rem -1rem 0}.yard img{height:3rem;background:#fff;padding:.25rem}
dl{display:grid;grid-template-columns:max-content 1fr;gap:.15rem 1rem}dt{color:#414a51}dd{margin:0}
.must{border-left:.5rem solid #8f1d1d;padding-left:.75rem;color:#8f1d1d;font-weight:700}.quiet{color:#414a51;font-size:.9rem}.bold{font-weight:700}.sum{border-left:.5rem solid #ffc933;padding-left:.75rem;font-size:1.1rem}
.finding{border-bottom:1px solid #c9cdc8;padding:1rem 0;display:grid;gap:1rem}@media(min-width:40rem){.finding.has{grid-template-columns:2fr 3fr}}
.photos{display:grid;grid-template-columns:repeat(auto-fill,minmax(10rem,1fr));gap:.75rem;align-content:start}.large{grid-template-columns:repeat(auto-fill,minmax(16rem,1fr))}
.gone{aspect-ratio:4/3;border:1px dashed #414a51;color:#414a51;display:grid;place-items:center;padding:1rem;text-align:center}
.tape{display:inline-block;background:#ffc933;font-weight:700;padding:0 .5rem;transform:rotate(-3deg)}.tape.far{padding-right:2.5rem}.tape.step{padding-right:1.25rem}
.tape.unsure{background:#fff;outline:1px dashed #14181c}.tape.guess{background:linear-gradient(90deg,#ffc933 5px,#fff 5px);outline:1px dashed #14181c}table{border-collapse:collapse;width:100%}.scroll{overflow-x:auto}
nav ol{columns:2;padding-left:1.5rem;margin:1.5rem 0}nav li{break-inside:avoid}nav a{display:inline-block;padding:.3rem 0}details{border-bottom:1px solid #c9cdc8}summary{cursor:pointer;padding:.6rem 0 .6rem 1.3rem;text-indent:-1.3rem}summary h2{display:inline;font-size:1.3rem;margin:0}details>div{padding-bottom:1.5rem}
@media print{details::details-content{content-visibility:visible;block-size:auto}}
td:last-child{min-width:14rem}th,td{text-align:left;vertical-align:top;padding:.3rem .6rem .3rem 0;border-bottom:1px solid #c9cdc8}th{color:#414a51;font-weight:400}`;

/** The report as one page that opens from a folder, without a network, with its pictures beside it. */
export function reportHtml({
  report,
  fingerprint,
  notes,
  pictures,
  isHere,
  recordings,
  logo,
}: ReportHtmlInputs): string {
  const pathOf = ({ number }: ReportPhoto) => pictures[number - 1]?.path;
  const withdrawn = new Set(notes.flatMap(({ number, isWithdrawn }) => (isWithdrawn ? [number] : [])));
  const figure = (photo: ReportPhoto) => {
    const path = pathOf(photo);
    if (!path) return '';
    if (withdrawn.has(photo.number))
      return `<figure><div class="gone">Withdrawn</div><figcaption><b>Photo ${photo.number}</b></figcaption></figure>`;
    if (!isHere(photo.sha256))
      return `<figure><div class="gone">Not sent yet, or its file is gone</div><figcaption><b>Photo ${photo.number}</b> ${asText(photo.caption)}</figcaption></figure>`;
    return `<figure><a href="${asText(path)}"><img src="${asText(path)}" alt="${asText(photo.caption)}" loading="lazy"></a><figcaption><b>Photo ${photo.number}</b> ${asText(photo.caption)}</figcaption></figure>`;
  };
  const cover = coverOf(report);
  const head = [
    yardOf(report, logo),
    `<h1>${asText(report.title)}</h1>`,
    `<p class="quiet">Condition report, revision ${report.revision}</p>`,
    cover ? figure(cover) : '',
    ...firstLines(report),
    `<dl>${reportFacts(report)
      .map(([name, value]) => `<dt>${asText(name)}</dt><dd>${asText(value)}</dd>`)
      .join('')}</dl>`,
    report.paragraph ? `<p>${asText(report.paragraph)}</p>` : '',
    `<div class="sum">${report.summary.map((line) => `<p>${asText(line)}</p>`).join('')}</div>`,
  ];
  const chapters: Chapter[] = [
    ...chaptersOf([...coverBlocks(notes), ...reportBlocks(report, fingerprint)], figure),
    ...(recordings.length > 0
      ? [
          {
            title: 'Recordings',
            pieces: recordings.map(
              ({ path, says }) => `<p><a href="${asText(path)}">${asText(says)}</a></p>`,
            ),
          },
        ]
      : []),
  ];
  const body = [...head, contents(chapters), ...chapters.map(folded)];
  return htmlPage(
    `${report.title}: condition report`,
    styles,
    `<main>${body.filter(Boolean).join('\n')}</main>`,
  );
}

function firstLines(report: ReportDocument): string[] {
  const { must, verdicts, limits } = readerLines(report);
  const lines = (all: readonly string[]) => all.map((each) => `<p>${asText(each)}</p>`).join('');
  return [
    must.length > 0 ? `<div class="must">${lines(must)}</div>` : '',
    `<div class="sum">${lines(verdicts)}</div>`,
    `<div class="quiet">${lines(limits)}</div>`,
  ];
}

function yardOf({ yard }: ReportDocument, logo: string | undefined): string {
  const look = yard.colour ? ` style="background:${yard.colour};color:${inkOn(yard.colour)}"` : '';
  return `<div class="yard"${look}>${logo ? `<img src="${asText(logo)}" alt="">` : ''}<span>${asText(yardLine(yard))}</span></div>`;
}

const tapeLook = { 'across-the-bay': ' far', 'one-step-back': ' step', 'up-close': '' } as const;

/** A heading and the pieces under it. */
interface Chapter {
  title: string;
  pieces: string[];
}

/** Piece by piece; a table is named by the heading it stands under. */
function chaptersOf(blocks: readonly Block[], figure: (photo: ReportPhoto) => string): Chapter[] {
  const chapters: Chapter[] = [];
  for (const block of blocks)
    if (block.is === 'heading') chapters.push({ title: block.text, pieces: [] });
    else chapters.at(-1)?.pieces.push(blockOf(block, figure, chapters.at(-1)?.title ?? ''));
  return chapters;
}

/** Where the findings are is open; the rest is opened by the hand, by a link of the contents, by a search. No script runs. */
const folded = ({ title, pieces }: Chapter, i: number): string =>
  `<details${i === 0 ? ' open' : ''}><summary><h2>${asText(title)}</h2></summary><div id="chapter-${i + 1}">${pieces.join('\n')}</div></details>`;

const contents = (chapters: readonly Chapter[]): string =>
  `<nav aria-label="Contents"><ol>${chapters.map(({ title }, i) => `<li><a href="#chapter-${i + 1}">${asText(title)}</a></li>`).join('')}</ol></nav>`;

function blockOf(
  block: Exclude<Block, { is: 'heading' }>,
  figure: (photo: ReportPhoto) => string,
  under: string,
): string {
  switch (block.is) {
    case 'text': {
      const look = block.weight ?? (block.isQuiet ? 'quiet' : undefined);
      return `<p${look ? ` class="${look}"` : ''}>${asText(block.text)}</p>`;
    }
    case 'table':
      return `<div class="scroll" tabindex="0" role="region" aria-label="${asText(under)}"><table><thead>${row('th', block.head)}</thead><tbody>${block.rows.map((cells) => row('td', cells)).join('')}</tbody></table></div>`;
    case 'drawing':
      return svgOf(block.drawing);
    case 'finding': {
      const { finding, photos } = block;
      const { name, lines } = findingLines(finding);
      const isGuess = isNoticeUnsaid(finding) && !finding.suspected;
      const look = `${finding.notice ? tapeLook[finding.notice] : ''}${finding.suspected ? ' unsure' : ''}${isGuess ? ' guess' : ''}`;
      return `<section class="finding${photos.length > 0 ? ' has' : ''}"><div><span class="tape${look}">${finding.number}</span><h3>${asText(name)}</h3>${lines.map((line) => `<p>${asText(line)}</p>`).join('')}</div>${grid(photos, '', figure)}</section>`;
    }
    case 'photos':
      return grid(block.photos, block.size === 'large' ? ' large' : '', figure);
    default:
      return block satisfies never;
  }
}

const row = (tag: 'th' | 'td', cells: readonly string[]): string =>
  // A head without a word is no head.
  `<tr>${cells.map((cell) => (cell === '' ? '<td></td>' : `<${tag}>${asText(cell)}</${tag}>`)).join('')}</tr>`;

const grid = (
  photos: readonly ReportPhoto[],
  look: string,
  figure: (photo: ReportPhoto) => string,
): string => (photos.length === 0 ? '' : `<div class="photos${look}">${photos.map(figure).join('')}</div>`);
