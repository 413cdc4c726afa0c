import { useState } from 'react';
import type { Fact, Finding, FindingChanges } from '#core/walk';
import { Button } from '../../../../components/Button';
import { Notice } from '../../../../components/Notice';

/** What half of first suspicions turn out to be. Common practice. */
const harmless = [
  'water',
  'dust or dirt',
  'polish residue',
  'a reflection',
  'a sticker mark',
  'meant to be so',
] as const;

interface DoubtProps {
  /** Shapes on this part that look like faults and are not. */
  shapes: readonly string[];
  finding: Finding;
  amend: (changes: FindingChanges) => void;
  say: (fact: Fact) => void;
}

/** Suspected, confirmed or dismissed: a suspicion stays open until someone has looked again. */
export function Doubt({ shapes, finding, amend, say }: DoubtProps) {
  const [asking, setAsking] = useState(false);
  const { standing } = finding;
  if (standing.status === 'dismissed') {
    return (
      <div className="flex items-center justify-between gap-2 rounded-md border border-dashed border-soft p-2">
        <p>Not a fault: {standing.why}</p>
        <Button onClick={() => amend({ suspected: false })}>It is one after all</Button>
      </div>
    );
  }
  if (asking) {
    return (
      <fieldset>
        <legend className="mb-1 text-sm font-bold text-soft">What did it turn out to be?</legend>
        <div className="flex flex-wrap gap-2">
          {harmless.map((why) => (
            <Button
              key={why}
              onClick={() => say({ kind: 'finding-dismissed', body: { finding: finding.id, why } })}
            >
              {why}
            </Button>
          ))}
        </div>
        {shapes.length > 0 && (
          <>
            <p className="mt-2 mb-1 text-sm font-bold text-soft">Meant to be so</p>
            <div className="grid gap-2">
              {shapes.map((shape) => (
                <Button
                  key={shape}
                  className="justify-start! text-left"
                  onClick={() =>
                    say({
                      kind: 'finding-dismissed',
                      body: { finding: finding.id, why: `meant to be so: ${shape}` },
                    })
                  }
                >
                  {shape}
                </Button>
              ))}
            </div>
          </>
        )}
      </fieldset>
    );
  }
  if (finding.details.wipe === 'gone') {
    return (
      <Notice>
        <p className="mb-2">What a wipe takes away is dirt, not damage.</p>
        <div className="flex flex-wrap gap-2">
          <Button
            look="tape"
            onClick={() =>
              say({ kind: 'finding-dismissed', body: { finding: finding.id, why: 'dust or dirt' } })
            }
          >
            It was dirt
          </Button>
          <Button onClick={() => amend({ wipe: null })}>It is still there</Button>
        </div>
      </Notice>
    );
  }
  return (
    <div className="grid grid-cols-2 gap-2">
      {standing.status === 'suspected' ? (
        <Button look="tape" onClick={() => amend({ suspected: false })}>
          Confirm it
        </Button>
      ) : (
        <Button onClick={() => amend({ suspected: true })}>Not sure yet</Button>
      )}
      <Button onClick={() => setAsking(true)}>It was nothing</Button>
    </div>
  );
}
