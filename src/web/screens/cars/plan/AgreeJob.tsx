import { useState } from 'react';
import { vocabularyOf } from '#core/car';
import type { Fault } from '#core/cures';
import { type Job, minorUnits, moneyWords } from '#core/plan';
import { decisionLine, type StoredDecision } from '#core/walk';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { TextField } from '../../../components/fields';
import type { OpenWalk } from '../../../sync/useWalk';
import { agreedFacts, askedFor } from './agreed';

interface AgreeJobProps {
  job: Job;
  faults: readonly Fault[];
  walk: OpenWalk;
  currency: string;
}

/** What was decided of a job, and to decide it: a promise with who and by when, or an offer to the buyer at a price. Only this puts it into the record. */
export function AgreeJob({ job, faults, walk, currency }: AgreeJobProps) {
  const vocabulary = vocabularyOf(walk.page.car);
  const [owner, setOwner] = useState('');
  const [by, setBy] = useState('');
  const [why, setWhy] = useState('');
  const [error, setError] = useState<string>();
  const decided = new Set(
    faults.map(({ decision }) => (decision ? decisionLine({ decision }, vocabulary) : 'nothing decided')),
  );
  const decide = (decision: StoredDecision) => walk.record(...agreedFacts(job, faults, decision));
  const isLater = faults.some(
    ({ decision }) => decision?.is === 'promised' && decision.by !== undefined && by > decision.by,
  );
  const price = askedFor(job, currency);
  const isRecordable = agreedFacts(job, faults, { is: 'promised' }).length > 0;
  const promise = () => {
    const today = new Date().toISOString().slice(0, 10);
    if (by && by < today) {
      setError('That day has passed. Choose today or a later one.');
      return;
    }
    setError(undefined);
    decide({
      is: 'promised',
      ...(owner.trim() && { owner: owner.trim() }),
      ...(by && { by }),
      ...(isLater && why.trim() && { why: why.trim() }),
    });
  };
  // A warning lamp is a fact of the engine running; what is done about it is told at what it comes from.
  if (!isRecordable)
    return (
      <p className="text-sm text-soft">
        Nothing is promised of a warning lamp itself: promise what it comes from, once that is known.
      </p>
    );
  return (
    <div className="space-y-2 border-l-4 border-line pl-3">
      <p className="text-sm">
        In the record: <span className="font-bold">{[...decided].join('; ')}</span>.
      </p>
      <div className="grid gap-2 sm:grid-cols-2">
        <TextField
          id={`owner-${job.id}`}
          label="Who sees to it, if known"
          maxLength={60}
          autoComplete="off"
          value={owner}
          onChange={(event) => setOwner(event.target.value)}
        />
        <Field id={`by-${job.id}`} label="By when, if known" {...(error && { error })}>
          <input
            id={`by-${job.id}`}
            type="date"
            className={inputLook}
            value={by}
            aria-invalid={error !== undefined}
            aria-describedby={`by-${job.id}-says`}
            onChange={(event) => {
              setBy(event.target.value);
              setError(undefined);
            }}
          />
        </Field>
      </div>
      {isLater && (
        <TextField
          id={`why-${job.id}`}
          label="Why later than was promised"
          hint="The report says so."
          maxLength={120}
          autoComplete="off"
          value={why}
          onChange={(event) => setWhy(event.target.value)}
        />
      )}
      <div className="flex flex-wrap gap-2">
        <Button look="tape" onClick={promise}>
          Promise it to the buyer
        </Button>
        {price !== undefined && (
          <Button onClick={() => decide({ is: 'buyer-chooses', price: { amount: price, currency } })}>
            Offer it for {moneyWords(price * minorUnits(currency), currency, vocabulary)}
          </Button>
        )}
      </div>
    </div>
  );
}
