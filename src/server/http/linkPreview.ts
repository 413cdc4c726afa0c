import { coverOf, type ReportDocument, verdictsOf } from '#core/report';
import { withinSentence } from '#core/wording';
import { asText } from '../archive/html';

interface PreviewInputs {
  report: ReportDocument;
  /** By which drawing each picture is shared; those withdrawn have none. */
  drawn: Readonly<Record<string, string>>;
  /** Address of the page and of what its link opens, as others reach them. */
  origin: string;
  path: string;
}

/** So many verdicts fit a line of a chat. */
const VERDICTS = 3;

/**
 * What chats and mail show of a link before anybody opens it (The Open Graph protocol, ogp.me): which car, the worst of it in a line, its cover as readers may
 * see it. No plate, no number: whoever reads the chat has not opened the report.
 */
export function linkPreview({ report, drawn, origin, path }: PreviewInputs): string {
  const { title, yard, revision } = report;
  const worst = verdictsOf(report)
    .slice(0, VERDICTS)
    .map(({ name, figure }) => `${name}: ${withinSentence(figure)}`)
    .join(' · ');
  const cover = coverOf(report);
  const drawing = cover && drawn[cover.sha256];
  const tags: [name: string, content: string][] = [
    ['og:type', 'article'],
    ['og:title', title],
    ['og:site_name', yard.name],
    ['og:description', `Condition report, revision ${revision}. ${worst}`],
    ...(cover && drawing
      ? [
          ['og:image', `${origin}${path}/photos/${cover.sha256}/1600?drawn=${drawing}`] as [string, string],
          ['og:image:alt', cover.caption] as [string, string],
        ]
      : []),
  ];
  return tags.map(([name, content]) => `<meta property="${name}" content="${asText(content)}" />`).join('');
}
