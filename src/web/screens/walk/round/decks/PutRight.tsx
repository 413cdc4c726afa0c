import { CheckCheck } from 'lucide-react';
import { useState } from 'react';
import type { Vocabulary } from '#core/car';
import { type Fact, type Finding, type FindingChanges, workLine } from '#core/walk';
import { Button } from '../../../../components/Button';
import { TextField } from '../../../../components/fields';

interface PutRightProps {
  finding: Finding;
  vocabulary: Vocabulary;
  amend: (changes: FindingChanges) => void;
  say: (fact: Fact) => void;
}

/** A promise kept: what was done, then a photo of how it is now. */
export function PutRight({ finding, vocabulary, amend, say }: PutRightProps) {
  const { standing, details } = finding;
  const [says, setSays] = useState<string>();
  const [error, setError] = useState<string>();
  if (standing.status === 'put-right')
    return (
      <div className="flex items-center justify-between gap-2 border-l-8 border-clear pl-3">
        <p>
          Put right: <span className="font-bold">{standing.says}</span>. Take a photo of how it is now.
        </p>
        <Button onClick={() => amend({ suspected: false })}>It is not</Button>
      </div>
    );
  if (standing.status !== 'confirmed') return null;
  if (says === undefined)
    return (
      <Button className="w-full" onClick={() => setSays(workLine(details, vocabulary))}>
        <CheckCheck aria-hidden size={20} /> It was put right
      </Button>
    );
  const submit = () => {
    if (says.trim() === '') setError('Say in a few words what was done.');
    else say({ kind: 'put-right', body: { finding: finding.id, says: says.trim() } });
  };
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        submit();
      }}
    >
      <div className="min-w-48 flex-1">
        <TextField
          id="put-right"
          label="What was done?"
          error={error}
          maxLength={200}
          autoComplete="off"
          value={says}
          aria-invalid={error !== undefined}
          aria-describedby="put-right-says"
          onChange={(event) => {
            setSays(event.target.value);
            setError(undefined);
          }}
        />
      </div>
      <Button type="submit" look="tape">
        Put right
      </Button>
    </form>
  );
}
