import { ChevronDown } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { type FaceId, faceName } from '#core/car';
import type { ReportChanges, ReportDocument } from '#core/report';
import { type NoticeDistance, noticeDistances, noticeWords } from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../components/Button';
import { FindingCard } from './FindingCard';
import { useFolding } from './FoldContext';
import type { PhotoUrl } from './photoUrl';

interface FindingGroupsProps {
  report: ReportDocument;
  changes: ReportChanges | undefined;
  isOnlyNew: boolean;
  photoUrl: PhotoUrl;
}

const farthestFirst = [...noticeDistances].reverse();
/** With fewer there is nothing to choose from. */
export const WORTH_CHOOSING = 6;
/** More than this that are seen only up close are folded: a reader who has five minutes looks from afar. */
const MOST_NEAR = 4;

/** Findings by the distance they are noticed from; the reader may look at one distance or one side alone. */
export function FindingGroups({ report, changes, isOnlyNew, photoUrl }: FindingGroupsProps) {
  const [distance, setDistance] = useState<NoticeDistance>();
  const [face, setFace] = useState<FaceId>();
  const told = new Set([...(changes?.added ?? []), ...(changes?.changed.map(({ number }) => number) ?? [])]);
  const faces = new Map(report.parts.map((part) => [part.part, part.face]));
  const shown = report.findings.filter(
    (finding) =>
      (!isOnlyNew || told.has(finding.number)) &&
      (!distance || finding.notice === distance) &&
      (!face || faces.get(finding.part) === face),
  );
  const groups = [...farthestFirst, undefined]
    .map((notice) => ({ notice, findings: shown.filter((finding) => finding.notice === notice) }))
    .filter(({ findings }) => findings.length > 0);
  const facesMet = [...new Set(report.findings.flatMap(({ part }) => faces.get(part) ?? []))];
  return (
    <>
      {report.findings.length >= WORTH_CHOOSING && (
        <fieldset className="mt-6 px-4">
          <legend className="mb-1 text-sm font-bold text-soft">Show findings</legend>
          <div className="flex flex-wrap gap-2">
            <Select
              label="Noticed from"
              value={distance ?? ''}
              options={[
                ['', 'from any distance'],
                ...farthestFirst.map((each) => [each, noticeWords[each].name.toLowerCase()] as const),
              ]}
              onChange={(value) => setDistance((value || undefined) as NoticeDistance | undefined)}
            />
            <Select
              label="Side"
              value={face ?? ''}
              options={[
                ['', 'on every side'],
                ...facesMet.map((each) => [each, sentence(faceName(each, report.car))] as const),
              ]}
              onChange={(value) => setFace((value || undefined) as FaceId | undefined)}
            />
          </div>
          <p role="status" className="mt-2 text-soft">
            {shown.length === report.findings.length
              ? `All ${shown.length} are shown.`
              : `${shown.length} of ${report.findings.length} are shown.`}
          </p>
          {shown.length === 0 && (
            <Button
              className="mt-2"
              onClick={() => {
                setDistance(undefined);
                setFace(undefined);
              }}
            >
              Show all of them
            </Button>
          )}
        </fieldset>
      )}
      {groups.map(({ notice, findings }) => (
        <Group
          key={notice ?? 'unsaid'}
          notice={notice}
          count={findings.length}
          folds={notice === 'up-close' && findings.length > MOST_NEAR && !distance && !face && !isOnlyNew}
        >
          {findings.map((finding) => (
            <FindingCard
              key={finding.number}
              finding={finding}
              report={report}
              photoUrl={photoUrl}
              news={
                changes?.added.includes(finding.number)
                  ? `New since revision ${changes.since}`
                  : told.has(finding.number)
                    ? `Changed since revision ${changes?.since}`
                    : undefined
              }
            />
          ))}
        </Group>
      ))}
    </>
  );
}

interface GroupProps {
  notice: NoticeDistance | undefined;
  count: number;
  folds: boolean;
  children: ReactNode;
}

/** Findings noticed from one distance; many that are seen only up close are folded. */
function Group({ notice, count, folds, children }: GroupProps) {
  const { isAllOpen } = useFolding();
  const name = notice ? noticeWords[notice].name : 'Distance not noted';
  const hint = notice && noticeWords[notice].hint;
  if (!folds)
    return (
      <section className="mt-8 px-4">
        <h2 className="text-2xl">{name}</h2>
        {hint && <p className="text-soft">{hint}</p>}
        {children}
      </section>
    );
  return (
    <section className="mt-8 px-4">
      <details open={isAllOpen} className="group border-b border-line">
        <summary className="grid min-h-14 cursor-pointer grid-cols-[1.25rem_minmax(0,1fr)] content-center gap-x-2 py-2">
          <ChevronDown aria-hidden size={20} className="mt-1.5 -rotate-90 group-open:rotate-0" />
          <h2 className="text-2xl leading-tight">{name}</h2>
          <span className="col-start-2 text-soft">
            {count} findings, {hint}
          </span>
        </summary>
        {children}
      </details>
    </section>
  );
}

interface SelectProps {
  label: string;
  value: string;
  options: readonly (readonly [value: string, label: string])[];
  onChange: (value: string) => void;
}

const Select = ({ label, value, options, onChange }: SelectProps) => (
  <select
    aria-label={label}
    value={value}
    onChange={(event) => onChange(event.target.value)}
    className="min-h-12 min-w-0 flex-1 rounded-md border border-soft bg-sheet px-3"
  >
    {options.map(([each, says]) => (
      <option key={each} value={each}>
        {says}
      </option>
    ))}
  </select>
);
