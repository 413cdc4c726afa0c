import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { type PartId, partNameForAnyone } from '#core/car';
import { type AskedQuestion, isOpen, waitedWords } from '#core/questions';
import { sentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { RingOnPhoto } from '../../../components/RingOnPhoto';
import { usePhotoUrl } from '../../../components/usePhotoUrl';
import { PhotoInputs } from '../../../pictures/PhotoInputs';
import type { OpenWalk } from '../../../sync/useWalk';

interface AskedItemProps {
  walk: OpenWalk;
  question: AskedQuestion;
  part: PartId | undefined;
}

/** One question: what, where, from whom, since when; words and pictures answer it. */
export function AskedItem({ walk, question, part }: AskedItemProps) {
  const { state, style, page, record } = walk;
  const { id, text, about, wantsLook, askedAt, from, isWorry, answers } = question;
  const navigate = useNavigate();
  const [says, setSays] = useState('');
  const [error, setError] = useState<string>();
  const [since] = useState(() => new Date().toISOString());
  const [isAnswering, setAnswering] = useState(isOpen(question));
  const found = part === undefined ? undefined : style.parts.get(part);
  const finding = state.findings.find((each) => each.id === about.finding);
  // Pictures of the part taken since this was opened answer it; those taken before are another story.
  const fresh = state.photos.filter(
    (photo) => photo.at >= since && (part === undefined || photo.part === part),
  );
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (says.trim() === '') {
      setError('Say what you saw.');
      return;
    }
    const photos = [...new Set(fresh.map(({ sha256 }) => sha256))].slice(0, 12);
    record({
      kind: 'question-answered',
      body: { question: id, says: says.trim(), ...(photos.length > 0 && { photos }) },
    });
    setSays('');
    setAnswering(false);
  };
  return (
    <li className="space-y-2 border-b border-ink py-4">
      <p className="text-sm text-soft">
        {[
          isWorry ? 'Worry of before the walk' : 'Asked',
          from && `by ${from}`,
          isOpen(question) && `waiting ${waitedWords(askedAt, new Date())}`,
        ]
          .filter(Boolean)
          .join(', ')}
      </p>
      <h2 className="text-xl leading-tight">
        {found ? sentence(partNameForAnyone(found, page.car)) : 'The whole car'}
        {finding && `, finding ${finding.number}`}
      </h2>
      {about.photo && <AskedPhoto sha256={about.photo} at={about.at} />}
      <p className="text-lg whitespace-pre-line">{text}</p>
      {wantsLook && <p className="font-bold">A picture is wanted.</p>}
      {answers.map((answer) => (
        <p key={answer.at} className="border-l-8 border-clear pl-3 whitespace-pre-line">
          {answer.says}
          {answer.photos.length > 0 && (
            <span className="block text-soft">
              with {answer.photos.length === 1 ? 'one photo' : `${answer.photos.length} photos`}
            </span>
          )}
        </p>
      ))}
      {isAnswering ? (
        <form onSubmit={submit} className="space-y-2">
          <PhotoInputs
            walk={walk}
            say={record}
            shows="what"
            {...(part && { part })}
            {...(about.finding && { finding: about.finding })}
          />
          {fresh.length > 0 && (
            <p>{fresh.length === 1 ? 'One photo goes' : `${fresh.length} photos go`} with it.</p>
          )}
          <Field id={`answer-${id}`} label="Your answer, for all readers" error={error}>
            <textarea
              id={`answer-${id}`}
              rows={3}
              maxLength={1000}
              className={`${inputLook} py-2`}
              value={says}
              aria-invalid={error !== undefined}
              aria-describedby={`answer-${id}-says`}
              onChange={(event) => {
                setSays(event.target.value);
                setError(undefined);
              }}
            />
          </Field>
          <div className="grid grid-cols-2 gap-2">
            <Button type="submit" look="main">
              Answer
            </Button>
            <Button
              onClick={() => {
                if (part) record({ kind: 'stop-reached', body: { part } });
                navigate(`/walks/${page.walk}`);
              }}
            >
              Go to the part
            </Button>
          </div>
          <p className="text-sm text-soft">
            Log what you find there as usual; it comes with the next revision. The answer is there at once.
          </p>
        </form>
      ) : (
        <Button onClick={() => setAnswering(true)}>Say more</Button>
      )}
    </li>
  );
}

function AskedPhoto({ sha256, at }: { sha256: string; at: { x: number; y: number } | undefined }) {
  const url = usePhotoUrl(sha256, 1600);
  return url ? <RingOnPhoto url={url} at={at} /> : null;
}
