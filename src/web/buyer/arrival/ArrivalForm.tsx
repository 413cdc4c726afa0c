import { useState } from 'react';
import { occasions, occasionWords } from '#core/arrival';
import { type FaceId, faceName } from '#core/car';
import type { ReportDocument } from '#core/report';
import { sentence } from '#core/wording';
import { Button } from '../../components/Button';
import { Choice } from '../../components/Choice';
import { Field, inputLook } from '../../components/Field';
import { Notice } from '../../components/Notice';
import type { Draft, DraftStore } from './draftStore';
import { FaceCheck } from './FaceCheck';
import { fillDraft, type Place, unsaid } from './fillDraft';
import { SignaturePad } from './SignaturePad';

interface ArrivalFormProps {
  store: DraftStore;
  draft: Draft;
  change: (more: Partial<Draft>) => void;
}

/** Who and where, part by part, the odometer, and the signature. Everything typed or tapped is kept at once. */
export function ArrivalForm({ store, draft, change }: ArrivalFormProps) {
  const [problems, setProblems] = useState<Partial<Record<Place, string>>>({});
  const { report, link } = draft;
  const text = (key: 'name' | 'role' | 'place' | 'odometer' | 'remarks') => ({
    id: key,
    value: draft[key],
    className: inputLook,
    'aria-invalid': problems[key as Place] !== undefined,
    'aria-describedby': `${key}-says`,
    onChange: (event: { target: { value: string } }) => {
      change({ [key]: event.target.value });
      setProblems({ ...problems, [key]: undefined });
    },
  });
  const nameless = unsaid(draft);
  const sign = () => {
    const signedAt = new Date().toISOString();
    const filled = fillDraft(draft, signedAt);
    if (filled.ok) change({ signedAt });
    else {
      setProblems(filled.problems);
      const [first] = (['name', 'place', 'answers', 'odometer', 'signature'] as const).filter(
        (place) => filled.problems[place],
      );
      const at = first === 'answers' ? `part-${nameless[0]}` : first;
      if (at) document.getElementById(at)?.scrollIntoView({ block: 'center' });
    }
  };
  return (
    <form
      noValidate
      className="mt-4 space-y-4"
      onSubmit={(event) => {
        event.preventDefault();
        sign();
      }}
    >
      <Choice
        legend="When is it looked at?"
        value={draft.occasion}
        options={occasions.map((value) => ({ value, label: occasionWords[value].name }))}
        onChange={(occasion) => change({ occasion })}
      />
      <div className="grid gap-3 sm:grid-cols-2">
        <Field id="name" label="Your name" error={problems.name}>
          <input {...text('name')} maxLength={80} autoComplete="name" />
        </Field>
        <Field id="role" label="Buyer, driver, or for whom">
          <input {...text('role')} maxLength={80} autoComplete="off" />
        </Field>
        <Field id="place" label="Where the car is" error={problems.place}>
          <input {...text('place')} maxLength={120} autoComplete="off" />
        </Field>
        <Field id="odometer" label={`Odometer now, ${draft.unit}`} error={problems.odometer}>
          <div className="flex gap-2">
            <input {...text('odometer')} inputMode="numeric" maxLength={12} autoComplete="off" />
            <Button className="shrink-0" onClick={() => change({ unit: draft.unit === 'mi' ? 'km' : 'mi' })}>
              {draft.unit === 'mi' ? 'in km' : 'in miles'}
            </Button>
          </div>
        </Field>
      </div>
      <section>
        <h2 className="text-2xl">Part by part</h2>
        <p className="text-soft">
          Open a side, look at what the report says, and answer. What you leave out is told as not looked at.
          Mind the traffic, and never go under a car on a jack.
        </p>
        {problems.answers && (
          <Notice look="warn" className="mt-2">
            {problems.answers}
          </Notice>
        )}
        <div className="mt-2 border-t border-ink">
          {bySide(report).map(({ face, parts }) => (
            <FaceCheck
              key={face ?? 'others'}
              title={face ? sentence(faceName(face, report.car)) : 'Everything else'}
              parts={parts}
              draft={draft}
              store={store}
              photoUrl={(sha256, width) => `${link}/photos/${sha256}/${width}`}
              onAnswers={(answers) => change({ answers: { ...draft.answers, ...answers } })}
            />
          ))}
        </div>
      </section>
      <Field id="remarks" label="Anything else, like keys or papers">
        <textarea {...text('remarks')} rows={3} maxLength={1000} className={`${inputLook} py-2`} />
      </Field>
      <div id="signature">
        <SignaturePad
          signature={draft.signature}
          error={problems.signature}
          onSigned={(signature) => {
            change({ signature });
            setProblems({ ...problems, signature: undefined });
          }}
        />
      </div>
      <Button type="submit" look="main" className="min-h-16 w-full text-lg">
        Sign and send
      </Button>
      <p className="text-sm text-soft">
        What you sign is frozen: the yard and you get the same words, and nobody can change them. Your name
        and signature go to the yard, not to other readers.
      </p>
    </form>
  );
}

/** Parts by side in the order of the report; what is on no map comes last. */
function bySide({ parts }: ReportDocument): { face: FaceId | undefined; parts: ReportDocument['parts'] }[] {
  const sides = new Map<FaceId | undefined, ReportDocument['parts']>();
  for (const part of parts) sides.set(part.face, [...(sides.get(part.face) ?? []), part]);
  const others = sides.get(undefined);
  sides.delete(undefined);
  return [
    ...[...sides].map(([face, here]) => ({ face, parts: here })),
    ...(others ? [{ face: undefined, parts: others }] : []),
  ];
}
