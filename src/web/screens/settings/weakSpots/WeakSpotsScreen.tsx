import { useState } from 'react';
import { readSpots, spotCells, spotsAsJson, type WeakSpot, type WeakSpotList } from '#core/weakSpots';
import { useKeep } from '../../../api/useKeep';
import { Notice } from '../../../components/Notice';
import { InAndOut } from '../../../csv/InAndOut';
import { RefusedFile } from '../../../csv/RefusedFile';
import { parseCsv } from '../../../csv/sheets';
import { useMay } from '../../../people/me';
import { Bar } from '../../../shell/Bar';
import { useWeakSpots, WEAK_SPOTS } from '../../../words/useWeakSpots';
import { SpotForm } from './SpotForm';
import { SpotList } from './SpotList';
import { TypicalFindings } from './TypicalFindings';

/** What such cars are known for: the yard's list, what it is asked of, and what its own findings add to it. */
export function WeakSpotsScreen() {
  const mayChange = useMay('manage');
  const list = useWeakSpots();
  const [refused, setRefused] = useState<readonly string[]>([]);
  const [draft, setDraft] = useState<WeakSpot>();
  const save = useKeep<WeakSpotList>(['weak-spots'], WEAK_SPOTS);
  const problem = list.error ?? save.error;
  const spots = list.data?.spots;
  const bring = (text: string) => {
    const read = readSpots(text, parseCsv);
    setRefused(read.ok ? [] : read.says);
    if (read.ok) save.mutate(read.list);
  };
  return (
    <>
      <Bar title="Weak spots of such cars" back={{ to: '/yard', label: 'Back to the yard' }} />
      <main className="mx-auto max-w-4xl space-y-6 p-4 pb-16">
        <p className="max-w-2xl">
          Seasoned people look first where a type fails. Each line here becomes a question at its stop;
          “looked for, and not there” is what a far buyer trusts most.
        </p>
        {problem && <Notice look="warn">{problem.message}</Notice>}
        <RefusedFile says={refused} />
        <TypicalFindings spots={spots ?? []} onSpot={setDraft} mayChange={mayChange} />
        {spots && (
          <>
            <InAndOut
              name="zelk-weak-spots"
              cells={() => spotCells({ spots })}
              json={() => spotsAsJson({ spots })}
              {...(mayChange && { onText: bring })}
            />
            {mayChange && (
              <SpotForm
                key={draft?.id ?? 'new'}
                {...(draft && { draft })}
                taken={spots.map(({ id }) => id)}
                isSaving={save.isPending}
                onSave={async (spot) => {
                  await save.mutateAsync({ spots: [spot, ...spots] });
                  setDraft(undefined);
                }}
              />
            )}
            <SpotList
              spots={spots}
              mayChange={mayChange}
              onChange={(next) => save.mutate({ spots: [...next] })}
            />
          </>
        )}
      </main>
    </>
  );
}
