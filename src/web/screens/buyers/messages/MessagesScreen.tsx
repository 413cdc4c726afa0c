import { useQuery } from '@tanstack/react-query';
import { FileDown } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Message, MessagesPage } from '#core/api';
import { getJson } from '../../../api/client';
import { buttonLook } from '../../../components/Button';
import { EraseForGood } from '../../../components/EraseForGood';
import { Notice } from '../../../components/Notice';
import { If } from '../../../people/If';
import { Bar } from '../../../shell/Bar';
import { localMoment } from '../../../words/times';

/** What went out to buyers, or would have, word for word. */
export function MessagesScreen() {
  const query = useQuery({
    queryKey: ['messages'],
    queryFn: () => getJson<MessagesPage>('/api/messages'),
  });
  const messages = query.data?.messages ?? [];
  const [chosen, setChosen] = useState<string>();
  const shown = messages.find(({ id }) => id === chosen) ?? messages[0];
  return (
    <>
      <Bar title="Messages" back={{ to: '/', label: 'Back to the stock list' }} />
      <main className="mx-auto max-w-5xl p-3 sm:p-4">
        {query.error && <Notice look="warn">{query.error.message}</Notice>}
        {query.data && !query.data.isDelivering && (
          <Notice className="mb-3">
            No mail server is set, so nothing leaves this Zelk by itself. Save a mail and open it in your mail
            program to send it; copy a text message to your phone.
          </Notice>
        )}
        {query.data && messages.length === 0 && (
          <p className="py-6">
            Nothing went out yet. Open a frozen report and fill in where its link is to go.
          </p>
        )}
        {shown && (
          <div className="grid items-start gap-4 lg:grid-cols-[22rem_1fr]">
            <ul className="border-t border-ink">
              {messages.map((message) => (
                <li key={message.id} className="border-b border-line">
                  <button
                    type="button"
                    aria-pressed={message === shown}
                    onClick={() => setChosen(message.id)}
                    className="min-h-14 w-full px-2 py-1 text-left aria-pressed:bg-accent-fill"
                  >
                    <span className="block truncate font-bold">{message.to}</span>
                    <span className="block text-sm text-soft">
                      {message.kind === 'mail' ? 'Mail' : 'Text message'}, {localMoment(message.createdAt)}
                      {message.problem && ', not taken'}
                    </span>
                  </button>
                </li>
              ))}
            </ul>
            <Shown message={shown} />
          </div>
        )}
      </main>
    </>
  );
}

function Shown({ message }: { message: Message }) {
  const { id, kind, to, subject, text, report, sentAt, problem } = message;
  return (
    <article aria-label="The message" className="min-w-0 border border-line bg-sheet p-4">
      <p className="text-soft">To {to}</p>
      {subject && <h2 className="text-xl leading-tight">{subject}</h2>}
      {problem && (
        <Notice look="warn" className="mt-2">
          The mail server did not take it: {problem}
        </Notice>
      )}
      {sentAt && (
        <p className="font-bold text-clear-ink">✓ Handed to the mail server, {localMoment(sentAt)}</p>
      )}
      <p className="my-4 break-words whitespace-pre-wrap">{text}</p>
      <div className="flex flex-wrap gap-2 border-t border-line pt-3">
        {kind === 'mail' && (
          <a className={buttonLook()} href={`/api/messages/${id}/eml`} download>
            <FileDown aria-hidden size={20} /> Save as mail (.eml)
          </a>
        )}
        <Link className={buttonLook()} to={`/reports/${report}`}>
          The report
        </Link>
      </div>
      <If may="people">
        <div className="mt-3">
          <EraseForGood title="Erase this message" path={`/api/messages/${id}/erasing`}>
            To whom it went and what it said go from here. Whoever got it has it still, and “Who did what”
            keeps the address.
          </EraseForGood>
        </div>
      </If>
    </article>
  );
}
