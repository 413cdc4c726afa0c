import type { ReportDocument } from '#core/report';
import { Button } from '../../components/Button';
import type { PhotoUrl } from '../../report/photoUrl';
import type { Draft, DraftAnswer, DraftStore } from './draftStore';
import { PartCheck } from './PartCheck';

interface FaceCheckProps {
  title: string;
  parts: ReportDocument['parts'];
  draft: Draft;
  store: DraftStore;
  photoUrl: PhotoUrl;
  onAnswers: (answers: Record<string, DraftAnswer>) => void;
}

const asDescribed: DraftAnswer = { verdict: 'as-described', note: '', photos: [] };

/** The parts of one side; when the rest of it is as described, one tap says so. */
export function FaceCheck({ title, parts, draft, store, photoUrl, onAnswers }: FaceCheckProps) {
  const open = parts.filter(({ part }) => !draft.answers[part]?.verdict);
  return (
    <details className="group border-b border-ink" open={open.length < parts.length}>
      <summary className="flex min-h-14 cursor-pointer items-center gap-3">
        <h3 className="min-w-0 flex-1 text-xl">{title}</h3>
        <span className={`tabular-nums ${open.length === 0 ? 'font-bold text-clear-ink' : 'text-soft'}`}>
          {open.length === 0 ? '✓ all answered' : `${parts.length - open.length} of ${parts.length}`}
        </span>
      </summary>
      <ul className="border-t border-line">
        {parts.map((part) => (
          <PartCheck
            key={part.part}
            part={part}
            report={draft.report}
            link={draft.link}
            store={store}
            answer={draft.answers[part.part]}
            photoUrl={photoUrl}
            onAnswer={(answer) => onAnswers({ [part.part]: answer })}
          />
        ))}
      </ul>
      {open.length > 0 && (
        <Button
          className="my-3 w-full"
          onClick={() =>
            onAnswers(
              Object.fromEntries(open.map(({ part }) => [part, { ...asDescribed, ...keptOf(draft, part) }])),
            )
          }
        >
          {open.length === parts.length ? 'All of it' : `The other ${open.length}`} as described
        </Button>
      )}
    </details>
  );
}

/** A note typed before the answer was taken back stays. */
function keptOf({ answers }: Draft, part: string): Pick<DraftAnswer, 'note' | 'photos'> {
  const { note = '', photos = [] } = answers[part] ?? {};
  return { note, photos };
}
