import type { ArchivedPicture } from '#core/archive';
import type { ReportDocument } from '#core/report';

/** A page that opens from the unpacked folder without a network: every picture under its heading, small, a tap away from large. */
export function archiveIndex(
  report: ReportDocument,
  pictures: readonly ArchivedPicture[],
  recordings: readonly { path: string; says: string }[],
): string {
  const sections = [...byFolder(pictures)].map(
    ([folder, here]) =>
      `<h2>${text(folder.replace(/^\d+-/, '').replaceAll('-', ' '))}</h2><div class="row">${here
        .map(
          ({ path, caption }) =>
            `<figure><a href="${path}"><img src="${path}" alt="${text(caption)}" loading="lazy"></a><figcaption>${text(caption)}</figcaption></figure>`,
        )
        .join('')}</div>`,
  );
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>${text(report.title)}: pictures</title>
<style>
body{font:16px/1.45 system-ui,sans-serif;margin:1rem;max-width:70rem;color:#14181c;background:#fbfaf6}
h2{margin:1.5rem 0 .5rem;text-transform:capitalize}
.row{display:grid;grid-template-columns:repeat(auto-fill,minmax(15rem,1fr));gap:1rem}
figure{margin:0}img{width:100%;height:auto;display:block}figcaption{color:#414a51;margin-top:.25rem}
</style></head><body>
<h1>${text(report.title)}</h1>
<p>${text([report.car.stockNumber, report.yard.name].filter(Boolean).join(' · '))}. ${pictures.length} pictures, in the order of the walk.</p>
${sections.join('\n')}
${recordings.length > 0 ? `<h2>Recordings</h2><ul>${recordings.map(({ path, says }) => `<li><a href="${path}">${text(says)}</a></li>`).join('')}</ul>` : ''}
<p><a href="findings.csv">findings.csv</a> lists the findings, and beside it lie tyres, paint and functions where they were read; walk.json is the walk itself, for another Zelk.</p>
</body></html>
`;
}

function byFolder(pictures: readonly ArchivedPicture[]): Map<string, ArchivedPicture[]> {
  const folders = new Map<string, ArchivedPicture[]>();
  for (const picture of pictures) {
    const folder = picture.path.split('/')[0] as string;
    folders.set(folder, [...(folders.get(folder) ?? []), picture]);
  }
  return folders;
}

const signs: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const text = (raw: string): string => raw.replace(/[&<>"]/g, (sign) => signs[sign] as string);
