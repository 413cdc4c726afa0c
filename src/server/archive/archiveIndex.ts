import type { ArchivedPicture } from '#core/archive';
import type { ReportDocument } from '#core/report';
import { asText, htmlPage } from './html';

/** A page that opens from the unpacked folder without a network: every picture under its heading, small, a tap away from large. */
export function archiveIndex(
  report: ReportDocument,
  pictures: readonly ArchivedPicture[],
  recordings: readonly { path: string; says: string }[],
): string {
  const sections = [...byFolder(pictures)].map(
    ([folder, here]) =>
      `<h2>${asText(folder.replace(/^\d+-/, '').replaceAll('-', ' '))}</h2><div class="row">${here
        .map(
          ({ path, caption }) =>
            `<figure><a href="${path}"><img src="${path}" alt="${asText(caption)}" loading="lazy"></a><figcaption>${asText(caption)}</figcaption></figure>`,
        )
        .join('')}</div>`,
  );
  return htmlPage(
    `${report.title}: pictures`,
    styles,
    `<h1>${asText(report.title)}</h1>
<p>${asText([report.car.stockNumber, report.yard.name].filter(Boolean).join(' · '))}. ${pictures.length} pictures, in the order of the walk.</p>
${sections.join('\n')}
${recordings.length > 0 ? `<h2>Recordings</h2><ul>${recordings.map(({ path, says }) => `<li><a href="${path}">${asText(says)}</a></li>`).join('')}</ul>` : ''}
<p><a href="findings.csv">findings.csv</a> lists the findings, and beside it lie tyres, paint and functions where they were read; walk.json is the walk itself, for another Zelk.</p>`,
  );
}

const styles = `body{max-width:70rem}h2{margin:1.5rem 0 .5rem;text-transform:capitalize}
.row{display:grid;grid-template-columns:repeat(auto-fill,minmax(15rem,1fr));gap:1rem}img{width:100%}`;

function byFolder(pictures: readonly ArchivedPicture[]): Map<string, ArchivedPicture[]> {
  const folders = new Map<string, ArchivedPicture[]>();
  for (const picture of pictures) {
    const folder = picture.path.split('/')[0] as string;
    folders.set(folder, [...(folders.get(folder) ?? []), picture]);
  }
  return folders;
}
