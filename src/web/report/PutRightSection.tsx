import type { ReactNode } from 'react';
import type { ReportDocument } from '#core/report';
import { sentence, shortDay } from '#core/wording';
import { PhotoRow } from './PhotoRow';
import type { PhotoUrl } from './photoUrl';
import { Section } from './Section';

/** What has been mended since it was noted, with pictures of before and after, and whether that was promised. */
export function PutRightSection({ report, photoUrl }: { report: ReportDocument; photoUrl: PhotoUrl }) {
  const { putRight = [], othersPutRight = [] } = report;
  if (putRight.length + othersPutRight.length === 0) return null;
  const pictures = (numbers: readonly number[]) => (
    <PhotoRow photos={report.photos.filter(({ number }) => numbers.includes(number))} photoUrl={photoUrl} />
  );
  return (
    <Section title="Put right since it was found" chapter="put-right">
      {putRight.map(({ number, line, partName, says, at, kept, before, after }) => (
        <Mended key={number} id={`put-right-${number}`} title={`${number}. ${line}`} kept={kept}>
          <p>
            {sentence(partName)}: <span className="font-bold">{says}</span>, {shortDay(at)}
          </p>
          {pictures([...before, ...after])}
        </Mended>
      ))}
      {othersPutRight.map(({ what, says, at, kept, after }) => (
        <Mended key={what} title={what} kept={kept}>
          <p>
            <span className="font-bold">{says}</span>, {shortDay(at)}
          </p>
          {pictures(after)}
        </Mended>
      ))}
    </Section>
  );
}

function Mended({
  id,
  title,
  kept,
  children,
}: {
  id?: string;
  title: string;
  kept: string | undefined;
  children: ReactNode;
}) {
  return (
    <article {...(id && { id })} className="scroll-mt-4 border-b border-line py-3">
      <h3 className="text-lg leading-tight">{title}</h3>
      {children}
      {kept && <p className="mt-1">{sentence(kept)}.</p>}
    </article>
  );
}
