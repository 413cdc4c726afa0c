import { Camera, X } from 'lucide-react';
import { type ChangeEvent, useId, useState } from 'react';
import { MOST_PHOTOS_A_PART, verdicts, verdictWords } from '#core/arrival';
import type { ReportDocument } from '#core/report';
import { buttonLook } from '../../components/Button';
import { Choice } from '../../components/Choice';
import { inputLook } from '../../components/Field';
import { Strip } from '../../map/Strip';
import { PHOTO_ACCEPT, photoProblem } from '../../pictures/photoFiles';
import type { PhotoUrl } from '../../report/photoUrl';
import { hashPhoto } from '../../sync/hashPhoto';
import { DraftPhoto } from './DraftPhoto';
import type { DraftAnswer, DraftStore } from './draftStore';

interface PartCheckProps {
  part: ReportDocument['parts'][number];
  report: ReportDocument;
  link: string;
  store: DraftStore;
  answer: DraftAnswer | undefined;
  photoUrl: PhotoUrl;
  onAnswer: (answer: DraftAnswer) => void;
}

/** One part as the report tells it, and the answer of whoever stands before it. */
export function PartCheck({ part, report, link, store, answer, photoUrl, onAnswer }: PartCheckProps) {
  const id = useId();
  const { verdict, note, photos } = answer ?? { note: '', photos: [] };
  const [problem, setProblem] = useState<string>();
  const say = (more: Partial<DraftAnswer>) => onAnswer({ verdict, note, photos, ...more });
  const choose = async (event: ChangeEvent<HTMLInputElement>) => {
    const files = [...(event.target.files ?? [])];
    event.target.value = '';
    const added: string[] = [];
    setProblem(undefined);
    for (const file of files) {
      const why = await photoProblem(file, file.name);
      if (why) {
        setProblem(why);
        continue;
      }
      const sha256 = await hashPhoto(file);
      await store.putPhoto(link, sha256, file);
      added.push(sha256);
    }
    say({ photos: [...new Set([...photos, ...added])].slice(0, MOST_PHOTOS_A_PART) });
  };
  const findings = report.findings.filter(({ number }) => part.findings.includes(number));
  return (
    <li id={`part-${part.part}`} className="scroll-mt-28 border-b border-line py-3">
      <h4 className="text-lg leading-tight">{part.name}</h4>
      {findings.length === 0 && <p className="text-soft">The report says: {part.says}</p>}
      {findings.map((finding) => (
        <div key={finding.number} className="mt-1 flex items-start gap-2">
          <Strip
            number={finding.number}
            notice={finding.notice}
            standing={finding.suspected ? 'suspected' : 'confirmed'}
          />
          <span className="min-w-0 flex-1">{finding.line}</span>
          {finding.photos.slice(0, 2).map((number) => {
            const photo = report.photos.find((each) => each.number === number);
            return (
              photo && (
                <a key={number} href={photoUrl(photo.sha256, 1600)} target="_blank" rel="noreferrer">
                  <img
                    src={photoUrl(photo.sha256, 320)}
                    alt={photo.caption}
                    loading="lazy"
                    className="size-16 bg-fill object-cover"
                  />
                </a>
              )
            );
          })}
        </div>
      ))}
      <div className="mt-2">
        <Choice
          legend={`${part.name} now`}
          isLegendHidden
          value={verdict}
          options={verdicts.map((value) => ({ value, label: verdictWords[value] }))}
          onChange={(next) => say({ verdict: next })}
          onClear={() => say({ verdict: undefined })}
        />
      </div>
      {verdict && verdict !== 'as-described' && (
        <div className="mt-2 space-y-2">
          <label htmlFor={`${id}-note`} className="block text-sm font-bold text-soft">
            {verdict === 'different' ? 'What is new or different?' : 'Why not?'}
          </label>
          <textarea
            id={`${id}-note`}
            rows={2}
            maxLength={500}
            className={`${inputLook} py-2`}
            value={note}
            onChange={(event) => say({ note: event.target.value })}
          />
          <div className="flex flex-wrap items-center gap-2">
            {photos.map((sha256) => (
              <span key={sha256} className="relative">
                <DraftPhoto store={store} link={link} sha256={sha256} />
                <button
                  type="button"
                  aria-label="Take this photo out"
                  className="absolute top-0 right-0 grid size-11 place-items-center bg-night text-white"
                  onClick={() => say({ photos: photos.filter((photo) => photo !== sha256) })}
                >
                  <X aria-hidden size={18} />
                </button>
              </span>
            ))}
            {photos.length < MOST_PHOTOS_A_PART && (
              <label className={`${buttonLook('tape')} cursor-pointer focus-within:outline-3`}>
                <Camera aria-hidden size={20} /> Photo
                <input
                  className="sr-only"
                  type="file"
                  accept={PHOTO_ACCEPT}
                  capture="environment"
                  onChange={choose}
                />
              </label>
            )}
          </div>
          {problem && (
            <p role="alert" className="mt-1 font-bold text-warn">
              {problem}
            </p>
          )}
        </div>
      )}
    </li>
  );
}
