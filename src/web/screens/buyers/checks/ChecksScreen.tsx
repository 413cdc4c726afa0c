import { useState } from 'react';
import { useParams } from 'react-router';
import type { ChecksPage } from '#core/api';
import { occasionWords } from '#core/arrival';
import { CheckStatement } from '../../../arrival/CheckStatement';
import { Notice } from '../../../components/Notice';
import { Bar } from '../../../shell/Bar';
import { localMoment } from '../../../words/times';
import { useWalkNews } from '../questions/useWalkNews';
import { Journey } from './Journey';
import { useChecks } from './useChecks';

type Check = ChecksPage['checks'][number];

/** What was signed for at collection and on arrival, and what happened in between. */
export function ChecksScreen() {
  const { id = '' } = useParams();
  const query = useChecks(id);
  useWalkNews(id);
  const checks = query.data?.checks ?? [];
  const [chosen, setChosen] = useState<string>();
  const shown = checks.find(({ check }) => check.id === chosen) ?? checks.at(-1);
  return (
    <>
      <Bar title="Collection and arrival" back={{ to: `/walks/${id}/report`, label: 'Back' }} />
      <main className="mx-auto max-w-3xl p-4">
        {query.error && <Notice look="warn">{query.error.message}</Notice>}
        {query.data && checks.length === 0 && (
          <p className="text-soft">
            Nobody has held this car against its report yet. Whoever has a link finds the check at the end of
            the report; a driver can be given a link of their own.
          </p>
        )}
        <ul className="border-t border-ink">
          {checks.map((stored) => (
            <CheckRow
              key={stored.check.id}
              stored={stored}
              isShown={stored === shown}
              onShow={() => setChosen(stored.check.id)}
            />
          ))}
        </ul>
        <Journey checks={checks} />
        {shown && (
          <CheckStatement
            stored={shown}
            photoUrl={(sha256, width) => `/api/photos/${sha256}/${width}`}
            pdf={`/api/checks/${shown.check.id}/pdf`}
          />
        )}
      </main>
    </>
  );
}

function CheckRow({ stored, isShown, onShow }: { stored: Check; isShown: boolean; onShow: () => void }) {
  const { check, from } = stored;
  const different = check.parts.filter(({ verdict }) => verdict === 'different').length;
  return (
    <li className="border-b border-line">
      <button
        type="button"
        aria-pressed={isShown}
        onClick={onShow}
        className="flex min-h-14 w-full items-center justify-between gap-3 px-2 text-left aria-pressed:bg-accent-fill"
      >
        <span>
          <span className="font-bold">{occasionWords[check.occasion].name}</span>, {check.name}
          {check.role && `, ${check.role}`}
          <span className="block text-sm text-soft">
            {[localMoment(check.signedAt), check.place, from && `link for ${from}`]
              .filter(Boolean)
              .join(' · ')}
          </span>
        </span>
        <span className={`shrink-0 ${different > 0 ? 'font-bold' : 'text-clear-ink'}`}>
          {different > 0 ? `${different} different` : '✓ none different'}
        </span>
      </button>
    </li>
  );
}
