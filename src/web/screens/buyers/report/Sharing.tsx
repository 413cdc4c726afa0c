import { useMutation, useQueryClient } from '@tanstack/react-query';
import { FileArchive, FileDown, Link2, Send } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { v4 as newId } from 'uuid';
import type { Message, NewMessage, NewShare, Share } from '#core/api';
import { ADDRESSEE_WANTED, addressee } from '#core/messages';
import { sendJson } from '../../../api/client';
import { Button } from '../../../components/Button';
import { EraseForGood } from '../../../components/EraseForGood';
import { SelectField, TextField } from '../../../components/fields';
import { MadeFile } from '../../../components/MadeFile';
import { Notice } from '../../../components/Notice';
import { If } from '../../../people/If';
import { localDay, localMoment } from '../../../words/times';
import { NewLink } from './NewLink';
import { OpenLink } from './OpenLink';

/** A link, and what it was sent with. */
interface Made {
  share: NewShare;
  message?: Message;
}

/** Links that open the report without signing in, and the PDF. */
export function Sharing({ report, shares }: { report: string; shares: readonly Share[] }) {
  const client = useQueryClient();
  const path = `/api/reports/${report}`;
  const [label, setLabel] = useState('');
  const [days, setDays] = useState('90');
  const [passphrase, setPassphrase] = useState('');
  const [to, setTo] = useState('');
  const [fresh, setFresh] = useState<NewShare>();
  const refresh = () => client.invalidateQueries({ queryKey: ['report', report] });
  const make = useMutation({
    mutationFn: async (): Promise<Made> => {
      const wish = {
        label,
        ...(days && { days: Number(days) }),
        ...(passphrase.trim() && { passphrase: passphrase.trim() }),
      };
      if (!to.trim()) return { share: await sendJson<NewShare>('POST', `${path}/shares`, wish) };
      if (!addressee(to)) throw new Error(ADDRESSEE_WANTED);
      return sendJson<NewMessage>('POST', `${path}/messages`, { ...wish, id: newId(), to });
    },
    onSuccess: ({ share }) => {
      setFresh(share);
      setLabel('');
      setPassphrase('');
      setTo('');
      return refresh();
    },
  });
  const again = useMutation({
    mutationFn: (id: string) => sendJson<NewShare>('POST', `/api/shares/${id}/again`, {}),
    onSuccess: (share) => {
      setFresh(share);
      return refresh();
    },
  });
  const revoke = useMutation({
    mutationFn: (id: string) => sendJson<Share>('DELETE', `/api/shares/${id}`, {}),
    onSuccess: refresh,
  });
  const problem = make.error ?? again.error ?? revoke.error;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    make.mutate();
  };
  return (
    <section aria-label="Hand it over" className="border-b border-ink bg-sheet">
      <div className="mx-auto max-w-3xl space-y-3 p-4">
        <form onSubmit={submit} className="flex flex-wrap items-end gap-2">
          <div className="min-w-48 flex-1">
            <TextField
              id="label"
              label="Link for"
              maxLength={80}
              autoComplete="off"
              value={label}
              onChange={(event) => setLabel(event.target.value)}
            />
          </div>
          <div className="w-36">
            <SelectField
              id="days"
              label="Opens for"
              value={days}
              onChange={(event) => setDays(event.target.value)}
            >
              <option value="7">a week</option>
              <option value="30">a month</option>
              <option value="90">three months</option>
              <option value="">no end</option>
            </SelectField>
          </div>
          <div className="min-w-44 flex-1">
            <TextField
              id="share-passphrase"
              label="Passphrase, if wanted"
              maxLength={200}
              autoComplete="off"
              value={passphrase}
              onChange={(event) => setPassphrase(event.target.value)}
            />
          </div>
          <div className="min-w-56 flex-1">
            <TextField
              id="send-to"
              label="Send it to, if wanted"
              maxLength={200}
              autoComplete="off"
              placeholder="Mail address or telephone"
              value={to}
              onChange={(event) => setTo(event.target.value)}
            />
          </div>
          <Button type="submit" look="main" disabled={make.isPending}>
            {to.trim() ? <Send aria-hidden size={20} /> : <Link2 aria-hidden size={20} />}
            {to.trim() ? 'Make and send a link' : 'Make a link'}
          </Button>
          <MadeFile href={`${path}/pdf?paper=a4`} state={`${path}/pdf/state?paper=a4`}>
            <FileDown aria-hidden size={20} /> PDF, A4
          </MadeFile>
          <MadeFile href={`${path}/pdf?paper=letter`} state={`${path}/pdf/state?paper=letter`}>
            <FileDown aria-hidden size={20} /> PDF, US Letter
          </MadeFile>
          <MadeFile href={`${path}/archive`} state={`${path}/pdf/state?paper=a4`}>
            <FileArchive aria-hidden size={20} /> All of it (ZIP)
          </MadeFile>
        </form>
        <p className="text-sm text-soft">Make each buyer a link of their own: then you know who asks.</p>
        {make.data?.message && (
          <Notice>
            {make.data.message.kind === 'mail' ? 'Mail' : 'Text message'} to {make.data.message.to} written.{' '}
            <Link to="/messages" className="font-bold underline underline-offset-4">
              Messages
            </Link>
          </Notice>
        )}
        {fresh && <NewLink key={fresh.id} share={fresh} />}
        {problem && <Notice look="warn">{problem.message}</Notice>}
        {shares.length > 0 && (
          <ul className="border-t border-line">
            {shares.map((share) => (
              <li
                key={share.id}
                className="flex flex-wrap items-center justify-between gap-x-2 gap-y-1 border-b border-line py-1"
              >
                <span className="min-w-48 flex-1">
                  {share.label || 'Link'}
                  <span className="block text-sm text-soft">{shareWords(share)}</span>
                </span>
                {share.revokedAt ? (
                  <div className="space-y-1">
                    <p className="text-soft">Withdrawn</p>
                    <If may="people">
                      <EraseForGood title="Erase what they sent" path={`/api/shares/${share.id}/erasing`}>
                        Their questions and choices, what they signed at collection and on arrival, their
                        pictures and whom the link was for go. The report stays as it was frozen, the yard’s
                        answers stay in the log, and “Who did what” keeps the address it was sent to.
                      </EraseForGood>
                    </If>
                  </div>
                ) : (
                  <OpenLink
                    label={share.label || 'this link'}
                    onAgain={() => again.mutate(share.id)}
                    onWithdraw={() => revoke.mutate(share.id)}
                  />
                )}
              </li>
            ))}
          </ul>
        )}
      </div>
    </section>
  );
}

/** "made 3 Mar, asks for a passphrase, until 1 Jun; opened 4 times, last 5 Mar". */
function shareWords({ createdAt, expiresAt, hasPassphrase, opened, lastOpenedAt }: Share): string {
  const made = [
    `made ${localMoment(createdAt)}`,
    ...(hasPassphrase ? ['asks for a passphrase'] : []),
    ...(expiresAt ? [`until ${localDay(expiresAt)}`] : []),
  ].join(', ');
  const seen = lastOpenedAt
    ? `opened ${opened === 1 ? 'once' : `${opened} times`}, last ${localMoment(lastOpenedAt)}`
    : 'not opened yet';
  return `${made}; ${seen}`;
}
