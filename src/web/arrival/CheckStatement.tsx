import { FileDown } from 'lucide-react';
import type { StoredCheckPage } from '#core/api';
import { type CheckedPart, checkSummary, occasionWords, verdictWords } from '#core/arrival';
import { fingerprintWords } from '#core/report';
import { Button, buttonLook } from '../components/Button';
import type { PhotoUrl } from '../report/photoUrl';
import { Section } from '../report/Section';
import { localMoment } from '../words/times';
import { PAD, SignatureStrokes } from './SignatureStrokes';

interface CheckStatementProps {
  stored: StoredCheckPage;
  photoUrl: PhotoUrl;
  /** Path of it as PDF. */
  pdf: string;
}

/** A signed check as both sides read it, the differences first. */
export function CheckStatement({ stored, photoUrl, pdf }: CheckStatementProps) {
  const { check, sha256 } = stored;
  const of = (verdict: CheckedPart['verdict']) => check.parts.filter((part) => part.verdict === verdict);
  return (
    <article aria-label={occasionWords[check.occasion].name}>
      <div className="mt-4 border-l-8 border-tape pl-3 text-lg">
        {checkSummary(check.parts).map((line) => (
          <p key={line}>{line}</p>
        ))}
        <p>{check.odometerSays}</p>
        {check.remarks && <p className="whitespace-pre-line">{check.remarks}</p>}
      </div>
      {of('different').length > 0 && (
        <Section title={verdictWords.different}>
          {of('different').map((part) => (
            <PartDifference key={part.part} part={part} photoUrl={photoUrl} />
          ))}
        </Section>
      )}
      {(['could-not-tell', 'not-looked-at', 'as-described'] as const).map((verdict) => {
        const here = of(verdict);
        return (
          here.length > 0 && (
            <Section key={verdict} title={verdictWords[verdict]}>
              <p>{here.map(({ name, note }) => (note ? `${name} (${note})` : name)).join('; ')}.</p>
            </Section>
          )
        );
      })}
      <Section title="Signed">
        <p>{check.statement}</p>
        <svg
          viewBox={`0 0 ${PAD.width} ${PAD.height}`}
          role="img"
          aria-label="Signature"
          className="my-2 w-64 border border-line"
        >
          <SignatureStrokes strokes={check.signature} />
        </svg>
        <p className="font-bold">
          {[check.name, check.role].filter(Boolean).join(', ')}, {localMoment(check.signedAt)}
        </p>
        <p className="mt-2 text-sm text-soft">
          Fingerprint (SHA-256): <span className="tabular-nums">{fingerprintWords(sha256)}</span>
        </p>
        <div className="mt-3 flex flex-wrap gap-2">
          <a className={buttonLook()} href={pdf} download>
            <FileDown aria-hidden size={20} /> PDF, A4
          </a>
          <a className={buttonLook()} href={`${pdf}?paper=letter`} download>
            <FileDown aria-hidden size={20} /> PDF, US Letter
          </a>
          <Button onClick={() => saveJson(stored)}>
            <FileDown aria-hidden size={20} /> JSON
          </Button>
        </div>
      </Section>
    </article>
  );
}

function PartDifference({ part, photoUrl }: { part: CheckedPart; photoUrl: PhotoUrl }) {
  return (
    <div className="border-b border-line py-3">
      <h3 className="text-lg leading-tight">{part.name}</h3>
      <p className="text-soft">The report says: {part.described}</p>
      {part.note && <p className="whitespace-pre-line">Found: {part.note}</p>}
      {part.photos.length > 0 && (
        <div className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-3">
          {part.photos.map((sha256, i) => (
            <a key={sha256} href={photoUrl(sha256, 1600)} target="_blank" rel="noreferrer">
              <img
                src={photoUrl(sha256, 320)}
                alt={`${part.name} as found, ${i + 1} of ${part.photos.length}`}
                loading="lazy"
                className="h-auto w-full bg-fill"
              />
            </a>
          ))}
        </div>
      )}
    </div>
  );
}

/** The document itself, as it was hashed: anybody can check it. */
function saveJson({ check }: StoredCheckPage): void {
  const url = URL.createObjectURL(new Blob([JSON.stringify(check, null, 2)], { type: 'application/json' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = `${check.stockNumber}-${check.occasion}-check.json`;
  link.click();
  URL.revokeObjectURL(url);
}
