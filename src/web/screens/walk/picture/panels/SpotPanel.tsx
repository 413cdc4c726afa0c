import clsx from 'clsx';
import { X } from 'lucide-react';
import { vocabularyOf } from '#core/car';
import { type AttachedPhoto, findingLine, isStanding, pictureOf } from '#core/walk';
import { Strip } from '../../../../map/Strip';
import type { OpenWalk } from '../../../../sync/useWalk';

/** Which finding the next tap places. One picture can show where several are. */
export function SpotPanel({
  walk,
  sha256,
  attached,
  chosen,
  onChoose,
}: {
  walk: OpenWalk;
  sha256: string;
  attached: readonly AttachedPhoto[];
  chosen: string | undefined;
  onChoose: (finding: string) => void;
}) {
  const { state, page, record } = walk;
  const { spots } = pictureOf(state, sha256);
  const parts = new Set(attached.flatMap(({ part }) => part ?? []));
  // Those of the part it shows come first.
  const findings = state.findings
    .filter((finding) => isStanding(finding))
    .toSorted((a, b) => Number(parts.has(b.part)) - Number(parts.has(a.part)) || a.number - b.number);
  if (findings.length === 0) return <p>No findings yet: log one on the walk first.</p>;
  return (
    <ul>
      {findings.map((finding) => (
        <li key={finding.id} className="flex border-b border-line">
          <button
            type="button"
            aria-pressed={finding.id === chosen}
            onClick={() => onChoose(finding.id)}
            className={clsx(
              'flex min-h-12 min-w-0 flex-1 items-center gap-2 px-1 text-left',
              finding.id === chosen && 'bg-accent-fill font-bold',
            )}
          >
            <Strip
              number={finding.number}
              notice={finding.details.notice}
              standing={finding.standing.status}
            />
            <span className="min-w-0">{findingLine(finding, vocabularyOf(page.car))}</span>
          </button>
          {spots.has(finding.id) && (
            <button
              type="button"
              aria-label={`Take the spot of finding ${finding.number} off`}
              className="grid size-12 place-items-center"
              onClick={() =>
                record({ kind: 'spot-on-photo', body: { photo: sha256, finding: finding.id, at: null } })
              }
            >
              <X aria-hidden size={18} />
            </button>
          )}
        </li>
      ))}
    </ul>
  );
}
