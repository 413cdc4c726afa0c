import { useEffect, useState } from 'react';
import { isOpen, type Question, waitedWords } from '#core/questions';
import type { ReportDocument } from '#core/report';
import { AskButton, useAsk } from './AskContext';
import type { PhotoUrl } from './photoUrl';
import { Section } from './Section';

interface QuestionsSectionProps {
  report: ReportDocument;
  questions: readonly Question[];
  photoUrl: PhotoUrl;
}

/** What was asked and answered, for all readers: worries of before the walk first, then what waits, then the rest. */
export function QuestionsSection({ report, questions, photoUrl }: QuestionsSectionProps) {
  const ask = useAsk();
  const rank = (question: Question) => (question.isWorry ? 0 : isOpen(question) ? 1 : 2);
  const sorted = questions.toSorted((a, b) => rank(a) - rank(b) || b.askedAt.localeCompare(a.askedAt));
  if (questions.length === 0 && !ask) return null;
  return (
    <Section title="Questions and answers">
      {sorted.map((question) => (
        <Thread key={question.id} report={report} question={question} photoUrl={photoUrl} />
      ))}
      {ask && (
        <p className="mt-2 flex items-center gap-2">
          Something not in the report?
          <AskButton about={{}} title="this car" />
        </p>
      )}
    </Section>
  );
}

function Thread({
  report,
  question,
  photoUrl,
}: {
  report: ReportDocument;
  question: Question;
  photoUrl: PhotoUrl;
}) {
  const { text, answers, isWorry, wantsLook, askedAt } = question;
  return (
    <article id={`question-${question.id}`} className="scroll-mt-4 border-b border-line py-3">
      <p className="text-sm text-soft">
        {isWorry ? 'Asked before the walk' : 'Asked'}
        {wantsLook && ', a closer look is wanted'}: <About report={report} question={question} />
      </p>
      <h3 className="text-lg leading-tight whitespace-pre-line">{text}</h3>
      {answers.map((answer) => (
        <div key={answer.at} className="mt-2 border-l-8 border-clear pl-3">
          <p className="whitespace-pre-line">{answer.says}</p>
          {answer.photos.length > 0 && (
            <div className="mt-2 flex snap-x gap-2 overflow-x-auto sm:grid sm:grid-cols-2">
              {answer.photos.map((sha256, i) => (
                <a
                  key={sha256}
                  href={photoUrl(sha256, 1600)}
                  target="_blank"
                  rel="noreferrer"
                  className={`shrink-0 snap-center sm:w-auto ${answer.photos.length > 1 ? 'w-[92%]' : 'w-full'}`}
                >
                  <img
                    src={photoUrl(sha256, 320)}
                    srcSet={`${photoUrl(sha256, 320)} 320w, ${photoUrl(sha256, 1600)} 1600w`}
                    sizes="(min-width: 640px) 360px, 92vw"
                    alt={`To answer, ${i + 1} of ${answer.photos.length}`}
                    loading="lazy"
                    className="h-auto w-full bg-fill"
                  />
                </a>
              ))}
            </div>
          )}
        </div>
      ))}
      {answers.length === 0 && <Waiting askedAt={askedAt} />}
    </article>
  );
}

function Waiting({ askedAt }: { askedAt: string }) {
  const [now, setNow] = useState(() => new Date());
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date()), 60_000);
    return () => clearInterval(timer);
  }, []);
  return <p className="mt-1 font-bold">Not answered yet: waiting {waitedWords(askedAt, now)}.</p>;
}

/** What it is about, as the report now stands; what a later revision took out is said so. */
function About({ report, question: { about } }: { report: ReportDocument; question: Question }) {
  const finding = report.findings.find(({ id }) => id !== undefined && id === about.finding);
  if (finding)
    return (
      <a className="underline underline-offset-4" href={`#finding-${finding.number}`}>
        finding {finding.number}, {finding.partName}
      </a>
    );
  if (about.finding) return <>a finding that was withdrawn since</>;
  const photo = report.photos.find(({ sha256 }) => sha256 === about.photo);
  if (photo)
    return (
      <>
        photo {photo.number}, {photo.caption}
      </>
    );
  if (about.photo) return <>a photo that was taken out since</>;
  const part = report.parts.find((each) => each.part === about.part);
  return <>{part ? part.name : 'the whole car'}</>;
}
