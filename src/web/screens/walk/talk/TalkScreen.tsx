import { useState } from 'react';
import { useParams } from 'react-router';
import { Notice } from '../../../components/Notice';
import { useStayAwake } from '../../../device/useStayAwake';
import { useWalker } from '../../../people/me';
import { Bar } from '../../../shell/Bar';
import { type OpenWalk, useWalk } from '../../../sync/useWalk';
import { ChooseHearing, type HearingBy } from './ChooseHearing';
import { TalkThrough } from './TalkThrough';

/** A walk that is talked through: nothing to tap while one looks at the car. */
export function TalkScreen() {
  const { id = '' } = useParams();
  const walker = useWalker();
  const load = useWalk(id, walker);
  if (load.status === 'open') return <Talk walk={load.walk} />;
  return (
    <>
      <Bar title="Talk it through" back={{ to: `/walks/${id}`, label: 'The walk' }} />
      <main className="mx-auto max-w-md p-4">
        {load.status === 'failed' ? (
          <Notice look="warn">{load.error.message}</Notice>
        ) : (
          <p>Opening the walk…</p>
        )}
      </main>
    </>
  );
}

function Talk({ walk }: { walk: OpenWalk }) {
  const [by, setBy] = useState<HearingBy>();
  useStayAwake();
  return (
    <div className="flex h-dvh flex-col">
      <Bar title="Talk it through" back={{ to: `/walks/${walk.page.walk}`, label: 'The walk' }} />
      {by ? (
        <TalkThrough walk={walk} by={by} onOther={() => setBy(undefined)} />
      ) : (
        <ChooseHearing onChoose={setBy} />
      )}
    </div>
  );
}
